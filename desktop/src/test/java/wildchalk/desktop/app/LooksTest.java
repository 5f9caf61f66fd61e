package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.geometry.Point;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;
import wildchalk.picture.style.Ground;

/** Style sheets by size of text, colours by ground, and pictures made small enough to be kept. */
class LooksTest {

    private static String sheet(int percent) throws IOException {
        String address = TextSize.styleSheet(percent);
        if (address.startsWith("data:")) {
            byte[] bytes = Base64.getDecoder().decode(address.substring(address.indexOf(',') + 1));
            return new String(bytes, StandardCharsets.UTF_8);
        }
        return new String(URI.create(address).toURL().openStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    private static List<Double> sizes(String css, String property) {
        List<Double> all = new ArrayList<>();
        Matcher m = Pattern.compile(property + ":\\s*(\\d+(?:\\.\\d+)?)").matcher(css);
        while (m.find()) {
            all.add(Double.parseDouble(m.group(1)));
        }
        return all;
    }

    @Test
    void everyTextGrowsByTheSameShareAndBoxesByHalfOfIt() throws IOException {
        List<Double> usual = sizes(sheet(100), "-fx-font-size");
        List<Double> large = sizes(sheet(150), "-fx-font-size");
        assertTrue(usual.size() > 8);
        assertEquals(usual.size(), large.size());
        for (int i = 0; i < usual.size(); i++) {
            assertEquals(1.5 * usual.get(i), large.get(i), 0.01);
        }
        List<Double> boxes = sizes(sheet(100), "-fx-min-height");
        List<Double> larger = sizes(sheet(150), "-fx-min-height");
        for (int i = 0; i < boxes.size(); i++) {
            assertEquals(1.25 * boxes.get(i), larger.get(i), 0.01);
        }
    }

    @Test
    void bothGroundsGiveEveryColourThatTheSheetUses() throws IOException {
        Set<String> used = new TreeSet<>();
        Matcher m = Pattern.compile("-wc-[a-z-]+").matcher(sheet(100));
        while (m.find()) {
            used.add(m.group());
        }
        assertTrue(used.size() >= 8);
        for (Ground ground : Ground.ON_SCREEN) {
            String colours = new String(
                    URI.create(TextSize.colours(ground)).toURL().openStream().readAllBytes(), StandardCharsets.UTF_8);
            used.forEach(c -> assertTrue(colours.contains(c + ":"), ground + " lacks " + c));
        }
    }

    /** What anything may lie on, unless its own rule says otherwise. */
    private static final List<String> UNDER = List.of("-wc-ground", "-wc-panel", "-wc-raised", "-wc-board");

    /** What tells a control or a state from what lies round it. */
    private static final List<String> MARKS = List.of("-wc-accent", "-wc-alert", "-wc-edge", "-wc-quiet");

    @ParameterizedTest
    @EnumSource(
            value = Ground.class,
            names = {"SLATE", "PAPER"})
    void everyTextAndMarkOfTheStyleSheetHasContrast(Ground ground) throws IOException {
        String colours = new String(
                URI.create(TextSize.colours(ground)).toURL().openStream().readAllBytes(), StandardCharsets.UTF_8);
        int texts = 0;
        Matcher rules = Pattern.compile("(?m)^([^{}/]+)\\{([^}]*)\\}").matcher(sheet(100));
        while (rules.find()) {
            List<String> text = named(rules.group(2), "-fx-text-fill");
            List<String> own = named(rules.group(2), "-fx-background-color");
            for (String over : text) {
                texts++;
                List<String> under = own.isEmpty() ? UNDER : own;
                if (own.isEmpty() && over.equals("-wc-on-accent")) {
                    under = List.of("-wc-accent");
                }
                for (String below : under) {
                    check(ground, rules.group(1), colours, over, below, 4.5);
                }
            }
        }
        assertTrue(texts > 30);
        for (String mark : MARKS) {
            for (String below : UNDER) {
                check(ground, "marks", colours, mark, below, 3);
            }
        }
    }

    @Test
    void noControlIsToldByAFaintLineAlone() throws IOException {
        Matcher rules = Pattern.compile("(?m)^([^{}/]+)\\{([^}]*)\\}").matcher(sheet(100));
        Pattern control = Pattern.compile(
                "button|text-field|text-area|choice-box|check-box|combo-box(?!-popup)|spinner|grip|\\.card\\b");
        int controls = 0;
        while (rules.find()) {
            if (control.matcher(rules.group(1)).find()) {
                controls++;
                assertFalse(
                        named(rules.group(2), "-fx-border-color").contains("-wc-line"),
                        rules.group(1) + " has a border that cannot be seen");
            }
        }
        assertTrue(controls > 30);
    }

    private static List<String> named(String rule, String property) {
        List<String> all = new ArrayList<>();
        Matcher m = Pattern.compile(property + ":([^;]*)").matcher(rule);
        while (m.find()) {
            Matcher colour = Pattern.compile("-wc-[a-z-]+").matcher(m.group(1));
            while (colour.find()) {
                all.add(colour.group());
            }
        }
        return all;
    }

    private static void check(Ground ground, String where, String css, String over, String under, double least) {
        double contrast = contrast(colour(css, over), colour(css, under));
        assertTrue(
                contrast >= least,
                "%s: %s on %s has %.2f in %s".formatted(ground, over, under, contrast, where.strip()));
    }

    private static int colour(String css, String name) {
        Matcher m = Pattern.compile(Pattern.quote(name) + ":\\s*#([0-9a-f]{6})").matcher(css);
        assertTrue(m.find(), name);
        return Integer.parseInt(m.group(1), 16);
    }

    /** WCAG 2.1, contrast ratio. */
    private static double contrast(int a, int b) {
        double la = luminance(a);
        double lb = luminance(b);
        return (Math.max(la, lb) + 0.05) / (Math.min(la, lb) + 0.05);
    }

    private static double luminance(int rgb) {
        return 0.2126 * linear(rgb >> 16) + 0.7152 * linear(rgb >> 8) + 0.0722 * linear(rgb);
    }

    private static double linear(int channel) {
        double c = (channel & 0xFF) / 255.0;
        return c <= 0.03928 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    // ---- background pictures ----

    @TempDir
    Path folder;

    @Test
    void aLargePhotoIsMadeSmallEnoughForTheFileAndKeepsItsShape() throws IOException {
        BufferedImage photo = new BufferedImage(3000, 2000, BufferedImage.TYPE_INT_RGB);
        Path file = folder.resolve("old-sheet.png");
        ImageIO.write(photo, "png", file.toFile());
        View half = Surfaces.find("handball").orElseThrow().view("half-right").orElseThrow();
        Backdrop backdrop = BackdropFile.read(file, half, Progress.NONE);
        BufferedImage kept =
                ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(backdrop.picture())));
        assertTrue(Math.max(kept.getWidth(), kept.getHeight()) <= 1400);
        assertEquals(1.5, (double) kept.getWidth() / kept.getHeight(), 0.01);
        assertEquals(20, backdrop.widthMetres(), 1e-9, "as wide as the part that is shown");
        assertEquals(new Point(10, 0), backdrop.at());
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        Path file = Files.writeString(folder.resolve("words.png"), "not a picture");
        View whole = Surfaces.find("handball").orElseThrow().wholeView();
        assertThrows(IOException.class, () -> BackdropFile.read(file, whole, Progress.NONE));
    }
}
