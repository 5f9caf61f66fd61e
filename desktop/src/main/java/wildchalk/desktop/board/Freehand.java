package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;

/**
 * A clean path from a freehand pull: few points that the pull passes near. Ramer-Douglas-Peucker (Ramer 1972; Douglas and
 * Peucker 1973), between the hard cuts that were asked for on the way.
 */
final class Freehand {

    /** A hand that means a straight line strays about so far. */
    private static final double STRAY_METRES = 0.45;

    private final List<Point> section = new ArrayList<>();
    private final List<Waypoint> fixed = new ArrayList<>();

    Freehand(Point start) {
        section.add(start);
    }

    void add(Point p) {
        if (!p.isWithin(0.02, section.get(section.size() - 1))) {
            section.add(p);
        }
    }

    /** Plants a hard cut where the pull is now. */
    void cut(Point at) {
        add(at);
        if (section.size() > 1) {
            fixed.addAll(simplified(section));
            int last = fixed.size() - 1;
            fixed.set(last, fixed.get(last).withCut(true));
            Point here = section.get(section.size() - 1);
            section.clear();
            section.add(here);
        }
    }

    boolean hasCuts() {
        return !fixed.isEmpty();
    }

    /** The path without its start, ending at {@code end}. */
    List<Waypoint> pathTo(Point end) {
        List<Point> open = new ArrayList<>(section);
        if (open.size() > 1) {
            open.set(open.size() - 1, end);
        } else {
            open.add(end);
        }
        List<Waypoint> path = new ArrayList<>(fixed);
        if (fixed.isEmpty() || !end.isWithin(0.05, fixed.get(fixed.size() - 1).at())) {
            path.addAll(simplified(open));
        }
        return path;
    }

    /** The hard cuts so far and then straight to a place. */
    List<Waypoint> straightTo(Point end) {
        List<Waypoint> path = new ArrayList<>(fixed);
        path.add(new Waypoint(end, false));
        return path;
    }

    private static List<Waypoint> simplified(List<Point> points) {
        List<Waypoint> path = new ArrayList<>();
        divide(points, 0, points.size() - 1, path);
        path.add(new Waypoint(points.get(points.size() - 1).toMillimetres(), false));
        return path;
    }

    private static void divide(List<Point> points, int from, int to, List<Waypoint> into) {
        int far = -1;
        double most = STRAY_METRES;
        for (int i = from + 1; i < to; i++) {
            double away = awayFrom(points.get(from), points.get(to), points.get(i));
            if (away > most) {
                most = away;
                far = i;
            }
        }
        if (far >= 0) {
            divide(points, from, far, into);
            Point p = points.get(far);
            into.add(new Waypoint(new Point(tenth(p.x()), tenth(p.y())), false));
            divide(points, far, to, into);
        }
    }

    private static double tenth(double metres) {
        return Math.round(metres * 10) / 10.0 + 0.0;
    }

    private static double awayFrom(Point a, Point b, Point p) {
        Point along = b.minus(a);
        double length = along.length();
        return length < 1e-9 ? p.distanceTo(a) : Math.abs(along.cross(p.minus(a))) / length;
    }
}
