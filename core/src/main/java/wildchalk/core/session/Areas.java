package wildchalk.core.session;

import java.util.List;
import wildchalk.core.geometry.Point;

/** Parts of the floor that stations take: corners of convex figures, in order. */
final class Areas {

    /** Neighbours need so much room (m) between the middles of what they do; corners that only touch are beside each other. */
    private static final double TOUCH_METRES = 0.25;

    private Areas() {}

    static boolean contains(List<Point> corners, Point at) {
        int side = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            double cross = corners.get((i + 1) % corners.size()).minus(a).cross(at.minus(a));
            int here = cross > 1e-9 ? 1 : cross < -1e-9 ? -1 : 0;
            if (here != 0 && side != 0 && here != side) {
                return false;
            }
            side = here == 0 ? side : here;
        }
        return !corners.isEmpty();
    }

    /** Whether two parts lie over each other: no line parts them. */
    static boolean overlap(List<Point> a, List<Point> b) {
        return !a.isEmpty() && !b.isEmpty() && !isParted(a, b) && !isParted(b, a);
    }

    /** Whether an edge of the one has all of the other behind it. */
    private static boolean isParted(List<Point> a, List<Point> b) {
        for (int i = 0; i < a.size(); i++) {
            Point edge = a.get((i + 1) % a.size()).minus(a.get(i));
            Point out = new Point(edge.y(), -edge.x());
            double length = Math.max(1e-9, out.length());
            double[] own = range(a, out.times(1 / length));
            double[] other = range(b, out.times(1 / length));
            if (own[1] <= other[0] + TOUCH_METRES || other[1] <= own[0] + TOUCH_METRES) {
                return true;
            }
        }
        return false;
    }

    /** A strip round a line, so wide to both sides of it. */
    static List<Point> strip(Point from, Point to, double half) {
        Point along = to.minus(from);
        double length = Math.max(1e-9, along.length());
        Point aside = new Point(-along.y(), along.x()).times(half / length);
        return List.of(from.minus(aside), to.minus(aside), to.plus(aside), from.plus(aside));
    }

    private static double[] range(List<Point> corners, Point along) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Point p : corners) {
            double at = p.dot(along);
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        return new double[] {least, most};
    }
}
