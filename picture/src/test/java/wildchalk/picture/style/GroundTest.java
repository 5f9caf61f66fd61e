package wildchalk.picture.style;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Side;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Medium;

/** Marks can be read on both grounds: contrast of the Web Content Accessibility Guidelines 2.1, section 1.4.3. */
class GroundTest {

    /** For text, and for bodies, whose shapes carry a letter. */
    private static final double TEXT = 4.5;

    /** For lines, gear and balls. */
    private static final double MARK = 3;

    private static List<Color> under(Ground ground) {
        List<Color> all = new ArrayList<>(List.of(ground.surround(), ground.runOff(), ground.tint()));
        for (Medium medium : Medium.values()) {
            all.add(ground.floor(medium));
        }
        return all;
    }

    @ParameterizedTest
    @EnumSource(Ground.class)
    void everythingStandsOutFromWhateverItMayLieOn(Ground ground) {
        for (Color under : under(ground)) {
            for (Side side : Side.values()) {
                check(side, ground.side(side), under, TEXT);
            }
            check("text", ground.text(), under, TEXT);
            check("quiet text", ground.quiet(), under, TEXT);
            check("alert", ground.alert(), under, TEXT);
            check("ball", ground.ball(), under, MARK);
            for (Chalk chalk : Chalk.values()) {
                check(chalk, ground.chalk(chalk), under, MARK);
            }
            for (Ink ink : Ink.values()) {
                check(ink, ground.ink(ink), under, MARK);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Ground.class)
    void lettersOnBodiesCanBeReadWhateverTheirColour(Ground ground) {
        for (Side side : Side.values()) {
            check(side, ground.onBody(), ground.side(side), TEXT);
        }
        for (Chalk chalk : Chalk.values()) {
            check(chalk, ground.onBody(), ground.chalk(chalk), TEXT);
        }
    }

    private static void check(Object what, Color a, Color b, double least) {
        double ratio = contrast(a, b);
        assertTrue(ratio >= least, "%s (#%06x on #%06x) has only %.2f".formatted(what, rgb(a), rgb(b), ratio));
    }

    private static int rgb(Color colour) {
        return colour.getRGB() & 0xFFFFFF;
    }

    private static double contrast(Color a, Color b) {
        double la = luminance(a);
        double lb = luminance(b);
        return (Math.max(la, lb) + 0.05) / (Math.min(la, lb) + 0.05);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(int channel) {
        double v = channel / 255.0;
        return v <= 0.03928 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }
}
