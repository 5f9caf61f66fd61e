package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import wildchalk.core.geometry.Point;

/** Turns a motion into few points in time between which straight lines stay within millimetres of it. */
final class Tracks {

    /** Well inside the centimetre that a page promises. */
    private static final double TOLERANCE_METRES = 0.002;

    private static final double COARSE_SECONDS = 0.25;
    /** Nothing a player does is briefer. */
    private static final double FINE_SECONDS = 0.002;

    /** One point in time. */
    record Key(double seconds, Point at) {}

    private Tracks() {}

    static List<Key> of(DoubleFunction<Point> motion, double seconds) {
        List<Key> keys = new ArrayList<>();
        keys.add(new Key(0, motion.apply(0)));
        int pieces = Math.max(1, (int) Math.ceil(seconds / COARSE_SECONDS));
        for (int i = 0; i < pieces; i++) {
            divide(motion, seconds * i / pieces, seconds * (i + 1) / pieces, keys);
        }
        return thinned(keys);
    }

    private static void divide(DoubleFunction<Point> motion, double from, double to, List<Key> keys) {
        Point a = motion.apply(from);
        Point b = motion.apply(to);
        boolean straight = true;
        for (int q = 1; q <= 3 && straight; q++) {
            Point on = motion.apply(from + (to - from) * q / 4);
            straight = on.isWithin(TOLERANCE_METRES, a.towards(b, q / 4.0));
        }
        if (straight || to - from < FINE_SECONDS) {
            keys.add(new Key(to, b));
        } else {
            double middle = (from + to) / 2;
            divide(motion, from, middle, keys);
            divide(motion, middle, to, keys);
        }
    }

    /** Somebody who stands needs only the ends of his standing. */
    private static List<Key> thinned(List<Key> keys) {
        List<Key> kept = new ArrayList<>();
        for (int i = 0; i < keys.size(); i++) {
            boolean inner = i > 0 && i + 1 < keys.size();
            if (!inner
                    || !keys.get(i).at().equals(keys.get(i - 1).at())
                    || !keys.get(i).at().equals(keys.get(i + 1).at())) {
                kept.add(keys.get(i));
            }
        }
        return kept;
    }
}
