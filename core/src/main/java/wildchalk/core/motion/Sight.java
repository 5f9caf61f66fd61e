package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import wildchalk.core.drill.Mark;
import wildchalk.core.geometry.Point;

/** A mark as somebody sees it at even times, each of them worked out once. */
final class Sight {

    private final Mark mark;
    private final Marks marks;
    private final double from;
    private final double late;
    private final double every;
    /** So many times back it is seen which way and how fast somebody goes. */
    private final int glance;

    private final List<Point> places = new ArrayList<>();

    /**
     * @param from second of the time of number 0
     * @param late seconds from what happens to when it is seen; 0 for whoever knows
     * @param every seconds between two times, a part of {@link Marks#GLANCE_SECONDS}
     */
    Sight(Mark mark, Marks marks, double from, double late, double every) {
        this.mark = mark;
        this.marks = marks;
        this.from = from;
        this.late = late;
        this.every = every;
        this.glance = (int) Math.round(Marks.GLANCE_SECONDS / every);
    }

    int glance() {
        return glance;
    }

    /** Where he takes it to be at a time by its number; from {@link #glance} before the first on. */
    Point at(int k) {
        if (late <= 0 || mark.role().isEmpty()) {
            return known(k, n -> marks.seen(mark, Math.max(0, from + n * every), late));
        }
        IntFunction<Point> was = n -> marks.at(mark, Math.max(0, from + n * every - late));
        Point before = known(k - glance, was);
        Point here = known(k, was);
        return here.plus(here.minus(before).times(late / Marks.GLANCE_SECONDS));
    }

    private Point known(int k, IntFunction<Point> look) {
        int first = -2 * glance;
        while (places.size() <= k - first) {
            places.add(look.apply(first + places.size()));
        }
        return places.get(k - first);
    }
}
