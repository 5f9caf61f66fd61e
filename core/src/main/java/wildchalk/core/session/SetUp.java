package wildchalk.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.arrange.ActionBox;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.geometry.Hull;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.Setting;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;

/**
 * A station with the drill that it is: what stands where, whom it takes, and what it needs.
 *
 * @param path the usual way of its version
 */
public record SetUp(StationPlan plan, Drill drill, Path path) {

    /** Empty where there is no such drill, or no such version of it. */
    public static Optional<SetUp> of(StationPlan plan, Library library) {
        return library.drill(plan.drill()).flatMap(d -> {
            Optional<Progression> version = plan.version().isEmpty()
                    ? Optional.of(d.base())
                    : d.progression(plan.version().get());
            return version.map(v -> new SetUp(plan, d, RunThrough.byClock(d, Path.usual(v))));
        });
    }

    private PlaneMap map() {
        return plan.place().map();
    }

    /** What stands there, its own further stations counted. */
    public List<Piece> pieces() {
        List<Piece> all = new ArrayList<>();
        for (Gear g : path.gear()) {
            all.add(piece(g, g.at()));
            path.layout().stations().forEach(s -> all.add(piece(g, s.map().apply(g.at()))));
        }
        return all;
    }

    private Piece piece(Gear gear, Point at) {
        return new Piece(gear.kind(), gear.colour(), map().apply(at));
    }

    /** Corners of the least convex part of the floor that holds all of it, counter-clockwise; empty where nothing is drawn. */
    public List<Point> corners() {
        List<Point> all = new ArrayList<>();
        for (Point p : ActionBox.points(path, drill.surface())) {
            all.add(map().apply(p));
            path.layout().stations().forEach(s -> all.add(map().apply(s.map().apply(p))));
        }
        return Hull.of(all);
    }

    /** Where a place of its drawing is on the floor. */
    Point there(Point drawn) {
        return map().apply(drawn);
    }

    /** The middle of that. */
    public Point middle() {
        List<Point> corners = corners();
        return corners.isEmpty()
                ? plan.place().at()
                : corners.stream().reduce(Point.ORIGIN, Point::plus).times(1.0 / corners.size());
    }

    /** Goals of the floor that are shot at, by where they stand. */
    public List<Point> goals() {
        return path.moves().stream()
                .filter(Shot.class::isInstance)
                .flatMap(m -> drill.surface().goal(((Shot) m).goal()).stream())
                .map(GoalMouth::centre)
                .distinct()
                .map(map()::apply)
                .toList();
    }

    /** Shots at a goal of the floor that is not where the station is put. */
    public boolean lacksGoal() {
        return path.moves().stream()
                .filter(Shot.class::isInstance)
                .anyMatch(m -> SecondStations.missingGoal((Shot) m, plan.place(), drill.surface())
                        .isPresent());
    }

    /** How many people a rep takes at least, coaches not counted. */
    public int fewest() {
        return Setting.count(path) * Filling.fewest(path);
    }

    public int keepers() {
        return Setting.count(path) * count(Side.KEEPER);
    }

    public int coaches() {
        return Setting.coachesOf(path);
    }

    private int count(Side side) {
        return (int) path.roles().stream().filter(r -> r.side() == side).count();
    }

    public Station place() {
        return plan.place();
    }
}
