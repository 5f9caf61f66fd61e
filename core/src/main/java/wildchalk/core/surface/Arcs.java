package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;

/** Arcs as corner points, for regions whose border is partly round. */
final class Arcs {

    private static final double STEP_DEGREES = 6;

    private Arcs() {}

    /** From one angle to another, degrees counter-clockwise, ends included. */
    static List<Point> outline(double x, double y, double radius, double fromDegrees, double toDegrees) {
        List<Point> points = new ArrayList<>();
        int steps = Math.max(1, (int) Math.ceil((toDegrees - fromDegrees) / STEP_DEGREES));
        for (int i = 0; i <= steps; i++) {
            double d = fromDegrees + (toDegrees - fromDegrees) * i / steps;
            points.add(new Point(x, y).plus(Point.polar(radius, d)));
        }
        return points;
    }

    /** A quarter about {@code (x, y)} and a quarter about {@code (x, -y)}, joined: the circle of a wide goal. */
    static List<Point> aboutPosts(double x, double y, double radius) {
        List<Point> points = outline(x, y, radius, 90, 180);
        points.addAll(outline(x, -y, radius, 180, 270));
        return points;
    }
}
