package wildchalk.core.text;

/** "First", "second": where somebody or something is in a row. */
public final class Ordinals {

    private Ordinals() {}

    /** @param number from 1 */
    public static String of(int number) {
        String key = "ordinal." + number;
        return Texts.CORE.has(key) ? Texts.CORE.get(key) : Texts.CORE.get("ordinal.th", number);
    }
}
