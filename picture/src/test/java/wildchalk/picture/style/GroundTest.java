package wildchalk.picture.style;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Side;
import wildchalk.core.surface.Medium;

/** Marks can be read on both grounds: contrast of the Web Content Accessibility Guidelines 2.1, section 1.4.3. */
class GroundTest {

    private static final double LEAST = 4.5;

    @ParameterizedTest
    @EnumSource(Ground.class)
    void marksStandOutFromEveryFloor(Ground ground) {
        for (Medium medium : Medium.values()) {
            Color floor = ground.floor(medium);
            for (Side side : Side.values()) {
                check(ground + " " + side, ground.side(side), floor);
            }
            check(ground + " text", ground.text(), floor);
            check(ground + " ball", ground.ball(), floor);
            check(ground + " alert", ground.alert(), floor);
        }
        check(ground + " quiet text", ground.quiet(), ground.surround());
        for (Side side : Side.values()) {
            if (side != Side.DEFENCE && side != Side.NEUTRAL) {
                check(ground + " label on " + side, ground.onBody(), ground.side(side));
            }
        }
    }

    private static void check(String what, Color a, Color b) {
        double ratio = contrast(a, b);
        assertTrue(ratio >= LEAST, what + " has only " + ratio);
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
