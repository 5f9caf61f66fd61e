package wildchalk.picture.style;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** Atkinson Hyperlegible, which ships with the application (SIL Open Font License). */
public final class Fonts {

    public static final String FAMILY = "Atkinson Hyperlegible";

    /** File names of the cuts, for whoever needs the bytes. */
    public static final String REGULAR_FILE = "AtkinsonHyperlegible_400Regular.ttf";

    public static final String BOLD_FILE = "AtkinsonHyperlegible_700Bold.ttf";
    public static final String ITALIC_FILE = "AtkinsonHyperlegible_400Regular_Italic.ttf";

    /** Read when something is first painted: whoever only needs the bytes does not wait for it. */
    private static final class Cuts {
        static final Font REGULAR = load(REGULAR_FILE);
        static final Font BOLD = load(BOLD_FILE);

        private Cuts() {}
    }

    private Fonts() {}

    public static Font regular(double size) {
        return Cuts.REGULAR.deriveFont((float) size);
    }

    public static Font bold(double size) {
        return Cuts.BOLD.deriveFont((float) size);
    }

    /**
     * A text in lines, broken between words; a word that is longer than the room is broken wherever the room ends.
     *
     * @param room pixels
     */
    public static List<String> wrapped(String text, Font font, double room) {
        FontRenderContext context = new FontRenderContext(null, true, true);
        List<String> lines = new ArrayList<>();
        String now = "";
        for (String word : words(text, font, room, context)) {
            String longer = now.isEmpty() ? word : now + " " + word;
            if (!now.isEmpty() && font.getStringBounds(longer, context).getWidth() > room) {
                lines.add(now);
                now = word;
            } else {
                now = longer;
            }
        }
        lines.add(now);
        return lines;
    }

    private static List<String> words(String text, Font font, double room, FontRenderContext context) {
        List<String> words = new ArrayList<>();
        for (String word : text.split(" ")) {
            String left = word;
            while (left.codePointCount(0, left.length()) > 1
                    && font.getStringBounds(left, context).getWidth() > room) {
                int fits = fitting(left, font, room, context);
                words.add(left.substring(0, fits));
                left = left.substring(fits);
            }
            words.add(left);
        }
        return words;
    }

    /** How many chars of a word go into the room; one letter at least. */
    private static int fitting(String word, Font font, double room, FontRenderContext context) {
        int least = word.offsetByCodePoints(0, 1);
        int low = least;
        int high = word.length();
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (font.getStringBounds(word, 0, middle, context).getWidth() <= room) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        boolean halved = low > least && Character.isLowSurrogate(word.charAt(Math.min(low, word.length() - 1)));
        return halved ? low - 1 : low;
    }

    /** The bytes of a font file. */
    public static InputStream open(String file) {
        return Fonts.class.getResourceAsStream("/wildchalk/picture/fonts/" + file);
    }

    private static Font load(String file) {
        try (InputStream in = open(file)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (FontFormatException e) {
            throw new IllegalStateException("The font " + file + " that ships with the application is broken.", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
