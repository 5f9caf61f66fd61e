package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The least convex figure round places: Andrew's monotone chain. */
public final class Hull {

    private Hull() {}

    /** Its corners, counter-clockwise from the least x; the places themselves where there are fewer than three. */
    public static List<Point> of(List<Point> places) {
        List<Point> sorted = places.stream()
                .distinct()
                .sorted(Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y))
                .toList();
        if (sorted.size() < 3) {
            return sorted;
        }
        List<Point> corners = new ArrayList<>(half(sorted));
        List<Point> back = new ArrayList<>(sorted);
        java.util.Collections.reverse(back);
        corners.addAll(half(back));
        return List.copyOf(corners);
    }

    /** One side of it, without its last corner. */
    private static List<Point> half(List<Point> sorted) {
        List<Point> chain = new ArrayList<>();
        for (Point p : sorted) {
            while (chain.size() > 1 && !isLeft(chain.get(chain.size() - 2), chain.get(chain.size() - 1), p)) {
                chain.remove(chain.size() - 1);
            }
            chain.add(p);
        }
        chain.remove(chain.size() - 1);
        return chain;
    }

    private static boolean isLeft(Point a, Point b, Point c) {
        return b.minus(a).cross(c.minus(b)) > 1e-12;
    }
}
