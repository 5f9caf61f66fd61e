package wildchalk.core.arrange;

import java.util.List;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;

/** What a tape says along a chain of points. */
public final class Measures {

    private Measures() {}

    /** Metres from the first to the last along the chain. */
    public static double length(List<Point> points) {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += points.get(i - 1).distanceTo(points.get(i));
        }
        return sum;
    }

    /** Degrees between the two legs at a corner, 0 to 180. */
    public static double angle(Point before, Point corner, Point after) {
        return Headings.between(
                before.minus(corner).headingDegrees(), after.minus(corner).headingDegrees());
    }

    /** Square metres inside the closed chain, whichever way round it runs; meaningless where it crosses itself. */
    public static double area(List<Point> points) {
        double twice = 0;
        for (int i = 0; i < points.size(); i++) {
            twice += points.get(i).cross(points.get((i + 1) % points.size()));
        }
        return Math.abs(twice) / 2;
    }
}
