package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import wildchalk.core.geometry.Point;

/** Points that are clicked one after the other, and the pointer behind the last of them; metres. */
final class PointChain {

    private final UnaryOperator<Point> snap;
    private final double least;
    private final List<Point> points = new ArrayList<>();
    private Point pointer;

    /**
     * Begins at a place.
     *
     * @param snap what the pointer catches
     * @param least a click nearer to the last point than this, m, adds none
     */
    PointChain(Point start, UnaryOperator<Point> snap, double least) {
        this.snap = snap;
        this.least = least;
        add(start);
    }

    void add(Point place) {
        moveTo(place);
        if (points.isEmpty() || isAway()) {
            points.add(pointer);
        }
    }

    void moveTo(Point place) {
        pointer = snap.apply(place);
    }

    /** Whether the pointer has left the last point. */
    boolean isAway() {
        return last().distanceTo(pointer) >= least;
    }

    List<Point> points() {
        return List.copyOf(points);
    }

    Point last() {
        return points.get(points.size() - 1);
    }

    Point pointer() {
        return pointer;
    }

    /** With the pointer as the last point once it has left the one before. */
    List<Point> withPointer() {
        List<Point> all = new ArrayList<>(points);
        if (isAway()) {
            all.add(pointer);
        }
        return all;
    }
}
