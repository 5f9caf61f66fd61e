package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wildchalk.core.drill.Gear;
import wildchalk.core.geometry.Point;

/** What pieces of gear make together, so that somebody is told of a square and not of four cones. */
public sealed interface Formation {

    /** All pieces, each in one formation only. */
    List<Gear> pieces();

    /** One piece that belongs to no other. */
    record Alone(Gear piece) implements Formation {
        @Override
        public List<Gear> pieces() {
            return List.of(piece);
        }
    }

    /** Two alike. */
    record Pair(Gear one, Gear other) implements Formation {
        @Override
        public List<Gear> pieces() {
            return List.of(one, other);
        }

        public double metres() {
            return one.at().distanceTo(other.at());
        }
    }

    /** At least three alike on a line, at one step. */
    record Row(List<Gear> pieces) implements Formation {
        public double stepMetres() {
            return pieces.get(0).at().distanceTo(pieces.get(1).at());
        }
    }

    /** Rows alike, one behind the other, at one step. */
    record Rows(List<Row> rows) implements Formation {
        @Override
        public List<Gear> pieces() {
            return rows.stream().flatMap(r -> r.pieces().stream()).toList();
        }

        /** From the first piece of a row to that of the next. */
        public Point step() {
            return between(rows.get(0), rows.get(1));
        }
    }

    /**
     * Four of a kind at the corners of a rectangle that lies along the surface.
     *
     * @param pieces near right, near left, far left, far right
     */
    record Box(List<Gear> pieces) implements Formation {
        public double lengthMetres() {
            return pieces.get(2).at().x() - pieces.get(1).at().x();
        }

        public double widthMetres() {
            return pieces.get(1).at().y() - pieces.get(0).at().y();
        }

        public Point middle() {
            return pieces.get(0).at().towards(pieces.get(2).at(), 0.5);
        }
    }

    /** At least five alike on a circle, at one step. */
    record Ring(List<Gear> pieces, Point middle) implements Formation {
        public double radiusMetres() {
            return middle.distanceTo(pieces.get(0).at());
        }
    }

    /** A hand's breadth: nobody puts cones down more exactly, m. */
    double SAME_METRES = 0.15;

    int FEWEST_OF_A_RING = 5;

    /** In the order of their first pieces. */
    static List<Formation> of(List<Gear> gear) {
        List<Formation> all = new ArrayList<>();
        List<Gear> single = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        for (List<Gear> row : GearRows.of(gear)) {
            if (row.size() > 1) {
                rows.add(new Row(row));
            } else if (row.get(0).kind().isSupply() || row.get(0).kind().isGoal()) {
                all.add(new Alone(row.get(0)));
            } else {
                single.add(row.get(0));
            }
        }
        all.addAll(stacked(rows));
        while (!single.isEmpty()) {
            Formation next = next(single);
            all.add(next);
            single.removeIf(g -> next.pieces().stream().anyMatch(p -> p == g));
        }
        all.sort(Comparator.comparingInt(f -> gear.indexOf(f.pieces().get(0))));
        return all;
    }

    /** What the first piece is part of. */
    private static Formation next(List<Gear> single) {
        Gear first = single.get(0);
        List<Gear> kind = only(single, g -> g.kind() == first.kind());
        List<Gear> alike =
                only(kind, g -> g.colour() == first.colour() && g.label().equals(first.label()));
        Optional<Formation> found = ring(alike)
                .or(() -> box(alike))
                .or(() -> box(kind))
                .or(() -> alike.size() == 2 ? Optional.of(new Pair(alike.get(0), alike.get(1))) : Optional.empty());
        return found.orElseGet(() -> new Alone(first));
    }

    private static List<Gear> only(List<Gear> gear, Predicate<Gear> which) {
        return gear.stream().filter(which).toList();
    }

    private static Optional<Formation> box(List<Gear> four) {
        if (four.size() != 4) {
            return Optional.empty();
        }
        Comparator<Gear> near = Comparator.comparingDouble(g -> g.at().x());
        List<Gear> up = four.stream().sorted(near).toList();
        Comparator<Gear> left = Comparator.comparingDouble(g -> g.at().y());
        List<Gear> low = up.subList(0, 2).stream().sorted(left).toList();
        List<Gear> high = up.subList(2, 4).stream().sorted(left).toList();
        Box box = new Box(List.of(low.get(0), low.get(1), high.get(1), high.get(0)));
        boolean square = same(low.get(0).at().x(), low.get(1).at().x())
                && same(high.get(0).at().x(), high.get(1).at().x())
                && same(low.get(0).at().y(), high.get(0).at().y())
                && same(low.get(1).at().y(), high.get(1).at().y());
        return square && box.lengthMetres() > SAME_METRES && box.widthMetres() > SAME_METRES
                ? Optional.of(box)
                : Optional.empty();
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < SAME_METRES;
    }

    private static Optional<Formation> ring(List<Gear> alike) {
        int n = alike.size();
        if (n < FEWEST_OF_A_RING) {
            return Optional.empty();
        }
        Point sum = new Point(0, 0);
        for (Gear g : alike) {
            sum = sum.plus(g.at());
        }
        Point middle = sum.times(1.0 / n);
        double radius = middle.distanceTo(alike.get(0).at());
        double chord = 2 * radius * StrictMath.sin(Math.PI / n);
        List<Gear> round = alike.stream()
                .sorted(Comparator.comparingDouble(
                        g -> StrictMath.atan2(g.at().y() - middle.y(), g.at().x() - middle.x())))
                .toList();
        for (int i = 0; i < n; i++) {
            Gear g = round.get(i);
            Gear next = round.get((i + 1) % n);
            if (!same(middle.distanceTo(g.at()), radius) || !same(g.at().distanceTo(next.at()), chord)) {
                return Optional.empty();
            }
        }
        return radius > SAME_METRES ? Optional.of(new Ring(round, middle)) : Optional.empty();
    }

    /** Rows that follow each other alike become one. */
    private static List<Formation> stacked(List<Row> rows) {
        List<Formation> all = new ArrayList<>();
        int i = 0;
        while (i < rows.size()) {
            int end = i + 1;
            while (end < rows.size()
                    && alike(rows.get(i), rows.get(end))
                    && between(rows.get(end - 1), rows.get(end))
                            .isWithin(SAME_METRES, between(rows.get(i), rows.get(i + 1)))) {
                end++;
            }
            all.add(end - i > 1 ? new Rows(List.copyOf(rows.subList(i, end))) : rows.get(i));
            i = end;
        }
        return all;
    }

    private static boolean alike(Row a, Row b) {
        Gear one = a.pieces().get(0);
        Gear other = b.pieces().get(0);
        Point along = a.pieces().get(1).at().minus(one.at());
        return a.pieces().size() == b.pieces().size()
                && one.kind() == other.kind()
                && one.colour() == other.colour()
                && b.pieces().get(1).at().minus(other.at()).isWithin(SAME_METRES, along)
                && Math.abs(along.dot(between(a, b))) < SAME_METRES * along.length();
    }

    private static Point between(Row a, Row b) {
        return b.pieces().get(0).at().minus(a.pieces().get(0).at());
    }
}
