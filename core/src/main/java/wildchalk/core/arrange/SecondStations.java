package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.View;

/** Where else on its surface a drill can be run at the same time. */
public final class SecondStations {

    /** Neighbours leave so much room between them, m. */
    private static final double BETWEEN_METRES = 4;

    /** A goal within this (m) of where the drill shoots is the goal that it shoots at. */
    private static final double SAME_GOAL_METRES = 0.5;

    private static final StationId ANY = new StationId("station");

    private SecondStations() {}

    /**
     * At the other end, turned; there mirrored; on the other side, mirrored; beside: whatever lies on the surface, has a goal where
     * it shoots, and leaves the drill and its other stations room.
     */
    public static List<Station> of(Scene scene, Surface surface) {
        List<Station> fitting = new ArrayList<>();
        ActionBox.of(scene, surface).ifPresent(box -> {
            Point hub = new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2).toMillimetres();
            double along = box.maxX() - box.minX() + BETWEEN_METRES;
            double across = box.maxY() - box.minY() + BETWEEN_METRES;
            List<Station> ideas = new ArrayList<>();
            ideas.add(new Station(ANY, hub, new Point(-hub.x(), -hub.y()), 180, false));
            ideas.add(new Station(ANY, hub, new Point(-hub.x(), hub.y()), 180, true));
            ideas.add(new Station(ANY, hub, new Point(hub.x(), -hub.y()), 0, true));
            for (Point by :
                    List.of(new Point(0, across), new Point(0, -across), new Point(along, 0), new Point(-along, 0))) {
                ideas.add(new Station(ANY, hub, hub.plus(by).toMillimetres(), 0, false));
            }
            ideas.stream()
                    .filter(s -> isOn(box, s, surface)
                            && hasGoals(scene, s, surface)
                            && !isNear(box, s, new Station(ANY, hub, hub, 0, false))
                            && scene.layout().stations().stream().noneMatch(o -> isNear(box, s, o)))
                    .forEach(fitting::add);
        });
        return fitting;
    }

    /** With a station more. */
    public static Progression with(Progression version, Station station) {
        return version.withLayout(version.layout().with(station.withId(version.next(Kinds.STATIONS))));
    }

    private static List<Point> corners(View box, Station s) {
        return box.corners().stream().map(s.map()::apply).toList();
    }

    /** As much on the surface as the drill is: a drill that reaches over a line may do so elsewhere too. */
    private static boolean isOn(View box, Station s, Surface surface) {
        double over = Math.max(
                0,
                Math.max(
                        Math.max(box.maxX(), -box.minX()) - surface.lengthMetres() / 2,
                        Math.max(box.maxY(), -box.minY()) - surface.widthMetres() / 2));
        return corners(box, s).stream()
                .allMatch(p -> Math.abs(p.x()) <= surface.lengthMetres() / 2 + over + 1e-6
                        && Math.abs(p.y()) <= surface.widthMetres() / 2 + over + 1e-6);
    }

    private static boolean hasGoals(Scene scene, Station s, Surface surface) {
        return scene.moves().stream()
                .filter(Shot.class::isInstance)
                .allMatch(m -> missingGoal((Shot) m, s, surface).isEmpty());
    }

    /** Where a station shoots at a goal of the surface that is not there; empty where it is, or goes with the station. */
    public static Optional<Point> missingGoal(Shot shot, Station s, Surface surface) {
        return surface.goal(shot.goal())
                .map(g -> s.map().apply(g.centre()))
                .filter(there ->
                        surface.goals().stream().noneMatch(g -> g.centre().isWithin(SAME_GOAL_METRES, there)));
    }

    /** Whether the boxes of two stations come nearer than they should. */
    private static boolean isNear(View box, Station a, Station b) {
        List<Point> one = corners(box, a);
        List<Point> other = corners(box, b);
        double room = BETWEEN_METRES / 2;
        return low(one, true) < high(other, true) + room
                && low(other, true) < high(one, true) + room
                && low(one, false) < high(other, false) + room
                && low(other, false) < high(one, false) + room;
    }

    private static double low(List<Point> points, boolean x) {
        return points.stream().mapToDouble(p -> x ? p.x() : p.y()).min().orElseThrow();
    }

    private static double high(List<Point> points, boolean x) {
        return points.stream().mapToDouble(p -> x ? p.x() : p.y()).max().orElseThrow();
    }
}
