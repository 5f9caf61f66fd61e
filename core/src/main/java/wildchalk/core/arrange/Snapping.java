package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;

/**
 * Draws a place to where a hand probably meant it: a piece of gear or a landmark; the same spacing as that of two others;
 * the line of another; an even angle; else whole decimetres. In this order, the first that is near enough.
 */
public final class Snapping {

    /** Angles offered from where a pull began. */
    private static final double ANGLE_STEP_DEGREES = 15;
    /** Even spacings are many where much stands: they draw from this share of the reach only. */
    private static final double SPACING_SHARE = 0.5;
    /** Pairs of more elements than this are not looked at for equal spacing. */
    private static final int MOST_FOR_SPACING = 40;
    /** Two spacings that differ by less are the same. */
    private static final double SAME_METRES = 1e-6;

    /** Why a place was chosen. */
    public enum Reason {
        NAMED,
        SPACING,
        LINE,
        ANGLE,
        GRID
    }

    /**
     * A line shown while the hand moves.
     *
     * @param metres its length
     */
    public record Guide(Point from, Point to, double metres) {
        static Guide of(Point from, Point to) {
            return new Guide(from, to, from.distanceTo(to));
        }
    }

    /** Where it goes and why. */
    public record Snapped(Point at, Reason reason, List<Guide> guides) {}

    private final List<Gear> gear;
    private final Surface surface;
    private final double reach;
    private final List<Point> others;

    private Snapping(Scene scene, Surface surface, Set<ElementId> moving, double reachMetres) {
        this.gear = scene.gear().stream().filter(g -> !moving.contains(g.id())).toList();
        this.surface = surface;
        this.reach = reachMetres;
        this.others = others(scene, moving);
    }

    /**
     * A rule for one gesture.
     *
     * @param moving elements that move with the hand and draw nothing
     * @param reachMetres how near is near
     */
    public static Snapping of(Scene scene, Surface surface, Set<ElementId> moving, double reachMetres) {
        return new Snapping(scene, surface, moving, reachMetres);
    }

    private static List<Point> others(Scene scene, Set<ElementId> moving) {
        List<Point> points = new ArrayList<>();
        for (ElementId id : Elements.all(scene)) {
            boolean stands = !(id instanceof NoteId || id instanceof ZoneId || id instanceof GapId);
            if (stands && !moving.contains(id)) {
                Elements.place(scene, id).ifPresent(points::add);
            }
        }
        for (MarkedZone zone : scene.layout().zones()) {
            if (!moving.contains(zone.id())) {
                points.addAll(zone.outline());
            }
        }
        return points;
    }

    /** Snaps a place that is set down. */
    public Snapped place(Point p) {
        return named(p).or(() -> spacing(p)).or(() -> aligned(p)).orElseGet(() -> grid(p));
    }

    /** Snaps an end of the tape: to anything that stands there, else as a place. */
    public Snapped onto(Point p) {
        return others.stream()
                .filter(o -> o.isWithin(reach, p))
                .min(Comparator.comparingDouble(o -> o.distanceTo(p)))
                .map(at -> new Snapped(at, Reason.NAMED, List.of()))
                .orElseGet(() -> place(p));
    }

    /** Snaps the end of a line that began somewhere: angles count too. */
    public Snapped end(Point p, Point start) {
        return named(p).or(() -> spacing(p))
                .or(() -> angled(p, start))
                .or(() -> aligned(p))
                .orElseGet(() -> grid(p));
    }

    /** Snaps the end of a run or a pass: to what has a name, or an even angle. */
    public Snapped pull(Point p, Point start) {
        return named(p).or(() -> angled(p, start)).orElseGet(() -> grid(p));
    }

    private Optional<Snapped> named(Point p) {
        Optional<Point> gear = this.gear.stream()
                .map(Gear::at)
                .filter(g -> g.isWithin(reach, p))
                .min(Comparator.comparingDouble(g -> g.distanceTo(p)));
        return gear.or(() -> surface.landmarkNear(p, reach).map(Landmark::at))
                .map(at -> new Snapped(at, Reason.NAMED, List.of()));
    }

    /** As far beyond one element as that lies from another, or half-way between the two. */
    private Optional<Snapped> spacing(Point p) {
        if (others.size() > MOST_FOR_SPACING) {
            return Optional.empty();
        }
        Snapped best = null;
        for (Point a : others) {
            for (Point b : others) {
                if (a.distanceTo(b) < SAME_METRES) {
                    continue;
                }
                Point beyond = b.plus(b.minus(a));
                Point middle = a.towards(b, 0.5);
                best = nearer(p, best, beyond, a, b);
                best = nearer(p, best, middle, a, b);
            }
        }
        return Optional.ofNullable(best);
    }

    private Snapped nearer(Point p, Snapped best, Point at, Point a, Point b) {
        double distance = at.distanceTo(p);
        if (distance > reach * SPACING_SHARE || best != null && best.at().distanceTo(p) <= distance) {
            return best;
        }
        boolean between = at.distanceTo(a) < a.distanceTo(b);
        List<Guide> guides =
                between ? List.of(Guide.of(a, at), Guide.of(at, b)) : List.of(Guide.of(a, b), Guide.of(b, at));
        return new Snapped(at.toMillimetres(), Reason.SPACING, guides);
    }

    private Optional<Snapped> angled(Point p, Point start) {
        Point way = p.minus(start);
        double length = way.length();
        if (length < reach) {
            return Optional.empty();
        }
        double even = Math.round(way.headingDegrees() / ANGLE_STEP_DEGREES) * ANGLE_STEP_DEGREES;
        double off = Math.abs(StrictMath.sin(Math.toRadians(Headings.between(even, way.headingDegrees())))) * length;
        if (off > reach / 3) {
            return Optional.empty();
        }
        double round = Math.max(0.1, Math.round(length * 10) / 10.0);
        Point at = start.plus(Point.polar(round, even)).toMillimetres();
        return Optional.of(new Snapped(at, Reason.ANGLE, List.of(Guide.of(start, at))));
    }

    /** On the line of the nearest other element along an axis, and perhaps of another one across it. */
    private Optional<Snapped> aligned(Point p) {
        Optional<Point> sameX = nearest(p, o -> Math.abs(o.x() - p.x()));
        Optional<Point> sameY = nearest(p, o -> Math.abs(o.y() - p.y()));
        if (sameX.isEmpty() && sameY.isEmpty()) {
            return Optional.empty();
        }
        Point free = grid(p).at();
        Point at = new Point(
                sameX.map(Point::x).orElse(free.x()), sameY.map(Point::y).orElse(free.y()));
        List<Guide> guides = new ArrayList<>();
        sameX.ifPresent(o -> guides.add(Guide.of(o, at)));
        sameY.ifPresent(o -> guides.add(Guide.of(o, at)));
        return Optional.of(new Snapped(at, Reason.LINE, guides));
    }

    private Optional<Point> nearest(Point p, ToDoubleFunction<Point> away) {
        return others.stream()
                .filter(o -> away.applyAsDouble(o) <= reach / 2 && o.distanceTo(p) > reach)
                .min(Comparator.comparingDouble(away).thenComparingDouble(o -> o.distanceTo(p)));
    }

    private static Snapped grid(Point p) {
        Point at = new Point(Math.round(p.x() * 10) / 10.0 + 0.0, Math.round(p.y() * 10) / 10.0 + 0.0);
        return new Snapped(at, Reason.GRID, List.of());
    }
}
