package wildchalk.core.surface;

import java.util.List;
import java.util.function.Function;
import wildchalk.core.geometry.Point;

/** Something painted on the ground. */
public sealed interface Marking permits Marking.Line, Marking.Arc, Marking.Spot, Marking.Area {

    Ink ink();

    <T> T match(Function<Line, T> onLine, Function<Arc, T> onArc, Function<Spot, T> onSpot, Function<Area, T> onArea);

    /** A straight line; {@code widthMetres} is the painted width. */
    record Line(Point from, Point to, double widthMetres, boolean dashed, Ink ink) implements Marking {
        @Override
        public <T> T match(
                Function<Line, T> onLine, Function<Arc, T> onArc, Function<Spot, T> onSpot, Function<Area, T> onArea) {
            return onLine.apply(this);
        }
    }

    /** Part of a circle from {@code startDegrees} counter-clockwise over {@code sweepDegrees}. */
    record Arc(
            Point centre,
            double radiusMetres,
            double startDegrees,
            double sweepDegrees,
            double widthMetres,
            boolean dashed,
            Ink ink)
            implements Marking {
        @Override
        public <T> T match(
                Function<Line, T> onLine, Function<Arc, T> onArc, Function<Spot, T> onSpot, Function<Area, T> onArea) {
            return onArc.apply(this);
        }

        public Point start() {
            return centre.plus(Point.polar(radiusMetres, startDegrees));
        }

        public Point end() {
            return centre.plus(Point.polar(radiusMetres, startDegrees + sweepDegrees));
        }
    }

    /** A filled round spot. */
    record Spot(Point centre, double diameterMetres, Ink ink) implements Marking {
        @Override
        public <T> T match(
                Function<Line, T> onLine, Function<Arc, T> onArc, Function<Spot, T> onSpot, Function<Area, T> onArea) {
            return onSpot.apply(this);
        }
    }

    /** A tinted region without a border of its own. */
    record Area(List<Point> outline, Ink ink) implements Marking {
        public Area {
            outline = List.copyOf(outline);
        }

        @Override
        public <T> T match(
                Function<Line, T> onLine, Function<Arc, T> onArc, Function<Spot, T> onSpot, Function<Area, T> onArea) {
            return onArea.apply(this);
        }
    }
}
