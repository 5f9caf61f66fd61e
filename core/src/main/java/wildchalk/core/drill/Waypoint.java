package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Point;

/**
 * A point of a travelled path.
 *
 * @param cut whether the mover plants and turns hard here instead of curving through
 */
public record Waypoint(Point at, boolean cut) {

    public Waypoint {
        Objects.requireNonNull(at, "at");
    }

    public static Waypoint smooth(double x, double y) {
        return new Waypoint(new Point(x, y), false);
    }

    public static Waypoint cut(double x, double y) {
        return new Waypoint(new Point(x, y), true);
    }

    public Waypoint withAt(Point place) {
        return new Waypoint(place, cut);
    }

    public Waypoint withCut(boolean hard) {
        return new Waypoint(at, hard);
    }
}
