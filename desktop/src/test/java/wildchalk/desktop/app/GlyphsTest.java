package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Font;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.picture.style.Fonts;

/** What the tool writes is written in its own fonts: no letter is left to whatever a system happens to have. */
class GlyphsTest {

    /** The letter that stands for one that nobody can show, the sign of the order of bytes, and control characters in patterns. */
    private static final Set<Integer> NOT_SHOWN = Set.of(0xFFFD, 0xFEFF);

    private static final Pattern ESCAPE = Pattern.compile("\\\\u+([0-9a-fA-F]{4})");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)*)\"");

    @Test
    void everyLetterThatIsWrittenIsInTheFontsThatShip() throws Exception {
        List<Font> fonts = List.of(font(Fonts.REGULAR_FILE), font(Fonts.BOLD_FILE), font(Fonts.ITALIC_FILE));
        Set<String> missing = new TreeSet<>();
        int files = 0;
        for (String module : List.of("core", "picture", "desktop")) {
            try (Stream<Path> walk = Files.walk(Path.of("..", module, "src", "main"))) {
                for (Path file : walk.filter(Files::isRegularFile).toList()) {
                    for (String text : texts(file)) {
                        files++;
                        text.codePoints()
                                .filter(c -> c > ' ' && !NOT_SHOWN.contains(c) && !Character.isISOControl(c))
                                .filter(c -> fonts.stream().anyMatch(f -> !f.canDisplay(c)))
                                .forEach(c -> missing.add(file + ": " + Character.toString(c)));
                    }
                }
            }
        }
        assertTrue(files > 100);
        assertEquals(Set.of(), missing);
    }

    private static Font font(String file) throws Exception {
        try (InputStream in = Fonts.open(file)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        }
    }

    /** What a file may put before somebody's eyes: literals of sources, everything in bundles and pages. */
    private static List<String> texts(Path file) throws IOException {
        String name = file.getFileName().toString();
        if (name.endsWith(".java")) {
            return LITERAL.matcher(shown(Files.readString(file)))
                    .results()
                    .map(MatchResult::group)
                    .toList();
        }
        return name.matches(".*\\.(properties|txt|html|js|css)") ? List.of(shown(Files.readString(file))) : List.of();
    }

    private static String shown(String text) {
        return ESCAPE.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(Character.toString(Integer.parseInt(m.group(1), 16))));
    }
}
