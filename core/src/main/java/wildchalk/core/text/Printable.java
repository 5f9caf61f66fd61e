package wildchalk.core.text;

/**
 * Texts as they may leave the tool: on a terminal, in XML, on a page. What no format can hold or what would steer a terminal
 * is replaced by a sign that says so.
 */
public final class Printable {

    /** U+FFFD, the sign for what could not be shown. */
    private static final char REPLACEMENT = '\uFFFD';

    private static final int DELETE = 0x7F;
    private static final int LAST_CONTROL = 0x9F;

    private Printable() {}

    /** The text itself where all of it can be shown. */
    public static String of(String text) {
        if (isPrintable(text)) {
            return text;
        }
        StringBuilder shown = new StringBuilder();
        text.codePoints().forEach(c -> shown.appendCodePoint(isPrintable(c) ? c : REPLACEMENT));
        return shown.toString();
    }

    public static boolean isPrintable(String text) {
        return text.codePoints().allMatch(Printable::isPrintable);
    }

    /** Line feeds and tabs are; other controls, halves of characters and what is no character are not. */
    private static boolean isPrintable(int c) {
        boolean control = c < ' ' && c != '\n' && c != '\t' && c != '\r' || c >= DELETE && c <= LAST_CONTROL;
        boolean half = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
        boolean none = (c & 0xFFFE) == 0xFFFE || c >= 0xFDD0 && c <= 0xFDEF;
        return !control && !half && !none;
    }
}
