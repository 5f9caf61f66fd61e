package wildchalk.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.text.Numbers;
import wildchalk.picture.style.Ground;

/** The style sheet with texts, and what must hold them, larger or smaller. */
final class TextSize {

    /** Lengths that have to grow with the text. */
    private static final Pattern SIZES = Pattern.compile(
            "(-fx-(?:font-size|min-height|pref-height|max-height|min-width|max-width|pref-width):\\s*)(\\d+(?:\\.\\d+)?)");

    private static final String SHEET = "/wildchalk/desktop/wildchalk.css";

    private TextSize() {}

    /** The address of the sheet with a ground's colours; menus and dialogs take it from the window as well. */
    static String colours(Ground ground) {
        return TextSize.class
                .getResource("/wildchalk/desktop/" + ground.name().toLowerCase(Locale.ROOT) + ".css")
                .toExternalForm();
    }

    /** The address of a style sheet for a size in per cent. */
    static String styleSheet(int percent) {
        if (percent == 100) {
            return TextSize.class.getResource(SHEET).toExternalForm();
        }
        Matcher sizes = SIZES.matcher(text());
        String scaled = sizes.replaceAll(m ->
                m.group(1) + Numbers.brief(Double.parseDouble(m.group(2)) * factor(m.group(1), percent), 2));
        return "data:text/css;base64," + Base64.getEncoder().encodeToString(scaled.getBytes(StandardCharsets.UTF_8));
    }

    /** Boxes grow half as much as what stands in them: the window stays as large as it is. */
    private static double factor(String property, int percent) {
        return property.contains("font-size") ? percent / 100.0 : (100 + (percent - 100) / 2.0) / 100;
    }

    private static String text() {
        try (InputStream in = TextSize.class.getResourceAsStream(SHEET)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
