package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Point;

/**
 * A circle that is run from a point of a path, back to it or part of the way.
 *
 * @param centre what is gone round
 * @param turns how often, above 0 and at most 20; 0.5 is a half circle
 * @param side LEFT goes counter-clockwise, with the centre on the left hand; RIGHT clockwise
 */
public record Round(Point centre, double turns, Hand side) {

    public static final double MAX_TURNS = 20;

    public Round {
        Objects.requireNonNull(centre, "centre");
        Limits.place("middle of the circle", centre);
        if (side != Hand.LEFT && side != Hand.RIGHT) {
            throw new IllegalArgumentException("The circle (side %s) must go LEFT or RIGHT.".formatted(side));
        }
        if (!(turns > 0 && turns <= MAX_TURNS)) {
            throw new IllegalArgumentException(
                    "The circle (%s turns) needs more than 0 and at most %s.".formatted(turns, MAX_TURNS));
        }
    }

    /** Degrees gone round, positive counter-clockwise. */
    public double sweepDegrees() {
        return 360 * turns * (side == Hand.LEFT ? 1 : -1);
    }

    /** Where somebody who starts at a place comes out. */
    public Point end(Point from) {
        Point spoke = from.minus(centre);
        return centre.plus(Point.polar(spoke.length(), spoke.headingDegrees() + sweepDegrees()));
    }
}
