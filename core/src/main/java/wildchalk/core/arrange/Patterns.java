package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/** Lays patterns out. Each is built about the origin, looking along +x, and then turned and carried to its place. */
public final class Patterns {

    private Patterns() {}

    /**
     * The progression with a pattern laid out in it.
     *
     * @param at the middle of the pattern; the corner of an angle
     * @param headingDegrees where it looks
     */
    public static Copies.Pasted lay(Progression version, Pattern pattern, Point at, double headingDegrees) {
        PlaneMap turn = PlaneMap.turn(Point.ORIGIN, headingDegrees);
        PlaneMap shift = PlaneMap.shift(at);
        List<Point> places = points(pattern).stream()
                .map(p -> shift.apply(turn.apply(p)).toMillimetres())
                .toList();
        if (pattern.kind() == PatternKind.LINES) {
            return lines(version, places, headingDegrees);
        }
        Set<ElementId> made = new LinkedHashSet<>();
        Progression after = version;
        for (Point p : places) {
            GearId id = after.next(Kinds.GEAR);
            after = after.with(new Gear(id, pattern.gear(), pattern.colour(), p, headingDegrees));
            made.add(id);
        }
        if (pattern.kind() == PatternKind.GAPS) {
            List<Gap> gaps = gaps(after, pattern, turn, shift);
            for (Gap gap : gaps) {
                after = after.withLayout(after.layout().with(gap));
                made.add(gap.id());
            }
        }
        return new Copies.Pasted(after, made);
    }

    /** Where the pieces of a pattern stand about the origin. */
    public static List<Point> points(Pattern p) {
        return switch (p.kind()) {
            case ROW, LINES, GATE -> row(p.count(), p.spacingMetres(), 0);
            case GRID -> grid(p);
            case SQUARE -> square(p.spacingMetres() / 2);
            case CIRCLE, STAR -> ring(p.count(), p.spacingMetres());
            case ZIGZAG -> zigzag(p);
            case ALLEY -> alley(p);
            case ANGLE ->
                List.of(
                        Point.polar(p.spacingMetres(), -p.second() / 2),
                        Point.ORIGIN,
                        Point.polar(p.spacingMetres(), p.second() / 2));
            case GAPS -> rows(p);
        };
    }

    /** From left to right as somebody sees it who looks along +x: y falls. */
    private static List<Point> row(int count, double spacing, double x) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            points.add(new Point(x, ((count - 1) / 2.0 - i) * spacing));
        }
        return points;
    }

    private static List<Point> grid(Pattern p) {
        int rows = (int) Math.max(1, Math.round(p.second()));
        List<Point> points = new ArrayList<>();
        for (int r = 0; r < Math.min(rows, PatternKind.GRID.most()); r++) {
            points.addAll(row(p.count(), p.spacingMetres(), (r - (rows - 1) / 2.0) * p.spacingMetres()));
        }
        return points;
    }

    private static List<Point> square(double half) {
        return List.of(new Point(-half, half), new Point(half, half), new Point(half, -half), new Point(-half, -half));
    }

    private static List<Point> ring(int count, double radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            points.add(Point.polar(radius, 360.0 * i / count));
        }
        return points;
    }

    private static List<Point> zigzag(Pattern p) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < p.count(); i++) {
            points.add(
                    new Point((i - (p.count() - 1) / 2.0) * p.spacingMetres(), (i % 2 == 0 ? 1 : -1) * p.second() / 2));
        }
        return points;
    }

    private static List<Point> alley(Pattern p) {
        List<Point> points = new ArrayList<>();
        for (int side : new int[] {1, -1}) {
            for (int i = 0; i < p.count(); i++) {
                points.add(new Point((i - (p.count() - 1) / 2.0) * p.spacingMetres(), side * p.second() / 2));
            }
        }
        return points;
    }

    private static List<Point> rows(Pattern p) {
        List<Point> points = new ArrayList<>(row(p.count(), p.spacingMetres(), -p.second() / 2));
        points.addAll(row(p.count(), p.spacingMetres(), p.second() / 2));
        return points;
    }

    // ---- gaps ----

    /** The ways between neighbours and past both ends, half-way between the rows. */
    private static List<Gap> gaps(Progression version, Pattern p, PlaneMap turn, PlaneMap shift) {
        List<Gap> gaps = new ArrayList<>();
        Progression with = version;
        for (int i = 0; i <= p.count(); i++) {
            double left = ((p.count() + 1) / 2.0 - i) * p.spacingMetres();
            Point a = shift.apply(turn.apply(new Point(0, left))).toMillimetres();
            Point b = shift.apply(turn.apply(new Point(0, left - p.spacingMetres())))
                    .toMillimetres();
            Gap gap = new Gap(with.next(Kinds.GAPS), number(i, p.count() + 1, p.oddLeft()), a, b);
            with = with.withLayout(with.layout().with(gap));
            gaps.add(gap);
        }
        return gaps;
    }

    /**
     * The number of gap {@code i} of {@code all}, counted from the left. With six gaps, odd ones left: 5 3 1 2 4 6; a gap
     * in the very middle counts to the left.
     */
    static int number(int i, int all, boolean oddLeft) {
        if (!oddLeft) {
            return i + 1;
        }
        int leftGaps = (all + 1) / 2;
        return i < leftGaps ? 2 * (leftGaps - i) - 1 : 2 * (i - leftGaps + 1);
    }

    // ---- lines ----

    private static Copies.Pasted lines(Progression version, List<Point> places, double heading) {
        List<WaitingLine> lines = new ArrayList<>(version.lines());
        List<Role> roles = new ArrayList<>(version.roles());
        Set<ElementId> made = new LinkedHashSet<>();
        Progression now = version;
        for (Point p : places) {
            Set<String> labels = new LinkedHashSet<>();
            roles.forEach(r -> labels.add(r.label()));
            String label = Slugs.next("A", labels);
            RoleId role = now.freeRoleId(label);
            Set<String> lineIds = new LinkedHashSet<>();
            lines.forEach(l -> lineIds.add(l.id().text()));
            LineId id = new LineId(Slugs.next(version.stem("line"), lineIds));
            String letter = String.valueOf((char) ('P' + lines.size() % 10));
            roles.add(new Role(role, label, Side.ATTACK, Optional.empty(), 0, 1));
            lines.add(new WaitingLine(id, letter, p, heading, List.of(role), 4));
            made.add(id);
            now = version.withPeople(lines, roles, version.balls(), version.steps());
        }
        return new Copies.Pasted(now, made);
    }
}
