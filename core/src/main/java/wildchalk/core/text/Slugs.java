package wildchalk.core.text;

import java.text.Normalizer;
import java.util.Collection;
import java.util.Locale;
import java.util.regex.Pattern;

/** Short readable ids: letters, digits and single dashes, 1 to 60 characters. */
public final class Slugs {

    /** The pattern that ids in files follow; the JSON Schemas repeat it. */
    public static final String PATTERN = "[a-z0-9](?:[a-z0-9-]{0,58}[a-z0-9])?";

    private static final Pattern SLUG = Pattern.compile(PATTERN);

    private Slugs() {}

    public static boolean isSlug(String text) {
        return SLUG.matcher(text).matches();
    }

    public static void check(String what, String text) {
        if (text == null || !isSlug(text)) {
            throw new IllegalArgumentException(
                    "The %s \"%s\" needs 1 to 60 small letters, digits and dashes, with no dash at an end."
                            .formatted(what, text));
        }
    }

    /** A slug made from a title: "Far post!" gives "far-post"; nothing usable gives "drill". */
    public static String of(String title) {
        String plain = Normalizer.normalize(title, Normalizer.Form.NFKD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String cut = plain.length() > 50 ? plain.substring(0, 50).replaceAll("-$", "") : plain;
        return cut.isEmpty() ? "drill" : isReserved(cut) ? cut + "-drill" : cut;
    }

    /** Whether some system keeps the name for a device, so that no file can have it. */
    private static boolean isReserved(String name) {
        return name.matches("con|prn|aux|nul|(com|lpt)[0-9]");
    }

    /** The first of {@code stem1}, {@code stem2}… that is not taken. */
    public static String next(String stem, Collection<String> taken) {
        for (int n = 1; ; n++) {
            if (!taken.contains(stem + n)) {
                return stem + n;
            }
        }
    }
}
