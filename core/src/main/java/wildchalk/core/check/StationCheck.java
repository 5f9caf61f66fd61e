package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Segments;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;

/**
 * Finds stations that are in each other's way. They do not wait for each other, so somebody may be anywhere that his way leads at
 * any time: only places count here, no moments.
 */
final class StationCheck {

    private static final Flaw SHOT = Flaw.warn("station-shot");
    private static final Flaw PATHS = Flaw.warn("station-paths");
    private static final Flaw OFF = Flaw.warn("station-off");
    private static final Flaw GOAL = Flaw.warn("station-goal");

    /** Runs of two stations are so far apart (m) at least: two bodies and a step. */
    private static final double PATHS_METRES = 1.2;

    /** A pass that is played hard and missed rolls on so far, m. */
    private static final double ROLLS_METRES = 5;

    /** Nobody minds a station that reaches so little (m) over the edge. */
    private static final double OFF_METRES = 0.05;

    private final RunThrough run;
    private final Surface surface;
    private final Clearances clear;
    private final List<Station> stations;
    /** Where the drill itself is, and then its stations. */
    private final List<PlaneMap> maps = new ArrayList<>();

    private final List<Track> tracks = new ArrayList<>();
    private final List<Finding> found = new ArrayList<>();

    /** Somewhere that people are: a place, or a way. */
    private record Track(Optional<Travel> move, List<Point> points) {
        Track carried(PlaneMap map) {
            return new Track(move, points.stream().map(map::apply).toList());
        }
    }

    private StationCheck(RunThrough run) {
        this.run = run;
        this.surface = run.drill().surface();
        this.clear = run.clearances();
        this.stations = run.path().layout().stations();
        maps.add(PlaneMap.shift(Point.ORIGIN));
        stations.forEach(s -> maps.add(s.map()));
    }

    static List<Finding> of(RunThrough run) {
        if (run.path().layout().stations().isEmpty()) {
            return List.of();
        }
        StationCheck check = new StationCheck(run);
        check.readTracks();
        check.off();
        check.goals();
        check.paths();
        check.shots();
        return check.found;
    }

    private void readTracks() {
        for (Role role : run.path().roles()) {
            tracks.add(new Track(Optional.empty(), List.of(run.path().startOf(role.id()))));
        }
        for (WaitingLine line : run.path().lines()) {
            Point last = line.at()
                    .plus(Point.polar(
                            Math.max(0, line.standing() - 1) * WaitingLine.SPACING_METRES, line.facingDegrees() + 180));
            tracks.add(new Track(Optional.empty(), List.of(line.at(), last)));
        }
        for (var move : run.path().moves()) {
            if (move instanceof Travel t) {
                run.timeline().pathOf(t.role(), t.id()).ifPresent(p -> tracks.add(new Track(Optional.of(t), p)));
            }
        }
    }

    // ---- where it stands ----

    private void off() {
        for (Station s : stations) {
            double worst = 0;
            Point where = s.at();
            for (Track track : tracks) {
                for (Point p : track.points()) {
                    Point there = s.map().apply(p);
                    double out = outside(there);
                    // what leaves the surface here leaves it there as well
                    if (out > worst + OFF_METRES && out > outside(p) + OFF_METRES) {
                        worst = out;
                        where = there;
                    }
                }
            }
            if (worst > 0) {
                found.add(Finding.of(OFF, s.id()).with(Quantity.METRES, worst).at(where, 0));
            }
        }
    }

    private double outside(Point p) {
        return Math.max(
                0, Math.max(Math.abs(p.x()) - surface.lengthMetres() / 2, Math.abs(p.y()) - surface.widthMetres() / 2));
    }

    private void goals() {
        for (Station s : stations) {
            for (var move : run.path().moves()) {
                if (move instanceof Shot shot) {
                    SecondStations.missingGoal(shot, s, surface)
                            .ifPresent(there -> found.add(Finding.of(GOAL, shot.id(), shot.role(), s.id())
                                    .at(there, 0)));
                }
            }
        }
    }

    // ---- people ----

    private void paths() {
        for (int a = 0; a < maps.size(); a++) {
            for (int b = a + 1; b < maps.size(); b++) {
                pathsOf(a, b);
            }
        }
    }

    private void pathsOf(int a, int b) {
        double least = PATHS_METRES;
        Finding worst = null;
        for (Track first : tracks) {
            Track here = first.carried(maps.get(a));
            for (Track second : tracks) {
                Track there = second.carried(maps.get(b));
                boolean somebodyRuns = first.move().isPresent() || second.move().isPresent();
                double metres = somebodyRuns && isBoxNear(here, there, least) ? distance(here, there) : least;
                if (metres < least) {
                    least = metres;
                    Travel runs = first.move().or(second::move).orElseThrow();
                    Point where = first.move().isPresent() ? nearest(here, there) : nearest(there, here);
                    worst = Finding.of(PATHS, about(runs.id(), runs.role(), a, b))
                            .with(Quantity.NEARNESS, metres)
                            .at(where, run.timeline().move(runs.id()).start());
                }
            }
        }
        Optional.ofNullable(worst).ifPresent(found::add);
    }

    private ElementId[] about(ElementId move, ElementId role, int a, int b) {
        return new ElementId[] {move, role, stations.get(Math.max(a, b) - 1).id()};
    }

    private static boolean isBoxNear(Track a, Track b, double near) {
        return low(a, true) - high(b, true) < near
                && low(b, true) - high(a, true) < near
                && low(a, false) - high(b, false) < near
                && low(b, false) - high(a, false) < near;
    }

    private static double low(Track t, boolean x) {
        return t.points().stream().mapToDouble(p -> x ? p.x() : p.y()).min().orElseThrow();
    }

    private static double high(Track t, boolean x) {
        return t.points().stream().mapToDouble(p -> x ? p.x() : p.y()).max().orElseThrow();
    }

    private static double distance(Track a, Track b) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < Math.max(1, a.points().size() - 1); i++) {
            Point from = a.points().get(i);
            Point to = a.points().get(Math.min(i + 1, a.points().size() - 1));
            least = Math.min(least, distance(from, to, b));
        }
        return least;
    }

    private static double distance(Point from, Point to, Track track) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < Math.max(1, track.points().size() - 1); i++) {
            Point p = track.points().get(i);
            Point q = track.points().get(Math.min(i + 1, track.points().size() - 1));
            least = Math.min(least, Segments.between(from, to, p, q));
        }
        return least;
    }

    /** The corner of one that is nearest to another. */
    private static Point nearest(Track a, Track b) {
        Point best = a.points().get(0);
        double least = Double.POSITIVE_INFINITY;
        for (Point p : a.points()) {
            double metres = distance(p, p, b);
            if (metres < least) {
                least = metres;
                best = p;
            }
        }
        return best;
    }

    // ---- balls ----

    private void shots() {
        for (Way way : BallWays.of(run)) {
            boolean hard = way.pass().filter(p -> p.weight() == Weight.HARD).isPresent();
            if (!way.isHigh() && (way.isShot() || hard)) {
                shot(way, way.isShot() ? clear.behindMetres() : ROLLS_METRES);
            }
        }
    }

    private void shot(Way way, double beyond) {
        Point line = way.end().minus(way.start());
        Point far = line.length() < 1e-6 ? way.end() : way.end().plus(line.times(beyond / line.length()));
        double least = clear.laneMetres();
        Finding worst = null;
        for (int a = 0; a < maps.size(); a++) {
            for (int b = 0; b < maps.size(); b++) {
                for (Track track : a == b ? List.<Track>of() : tracks) {
                    Track there = track.carried(maps.get(b));
                    double metres =
                            distance(maps.get(a).apply(way.start()), maps.get(a).apply(far), there);
                    if (metres < least) {
                        least = metres;
                        worst = Finding.of(
                                        SHOT, about(way.move().id(), way.move().role(), a, b))
                                .with(Quantity.NEARNESS, metres)
                                .at(
                                        nearest(
                                                there,
                                                new Track(
                                                        Optional.empty(),
                                                        List.of(
                                                                maps.get(a).apply(way.start()),
                                                                maps.get(a).apply(far)))),
                                        way.from());
                    }
                }
            }
        }
        Optional.ofNullable(worst).ifPresent(found::add);
    }
}
