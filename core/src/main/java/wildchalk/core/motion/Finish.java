package wildchalk.core.motion;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * How a race ends, by the clock.
 *
 * @param seconds when each is there who gets there at all, in the order in which they come
 * @param marginSeconds by how much the first is ahead of the second; infinite where only one gets there
 * @param marginMetres how far the second still has to go when the first is there
 * @param isClose whether nobody could say who was first
 */
public record Finish(Map<RoleId, Double> seconds, double marginSeconds, double marginMetres, boolean isClose) {

    public Finish {
        seconds = new LinkedHashMap<>(seconds);
    }

    /** Who is first, if somebody is and it is not too close to call. */
    public Optional<RoleId> winner() {
        return isClose ? Optional.empty() : seconds.keySet().stream().findFirst();
    }

    /** The branch that this end leads to; empty where the fork has none for it. */
    public Optional<Branch> branchOf(Fork fork) {
        Optional<Branch> close =
                fork.branches().stream().filter(b -> b.winner().isEmpty()).findFirst();
        Optional<RoleId> first = seconds.keySet().stream().findFirst();
        Optional<Branch> wins = fork.branches().stream()
                .filter(b -> b.winner().isPresent() && b.winner().equals(first))
                .findFirst();
        return isClose ? close.or(() -> wins) : wins;
    }

    /** That of a fork that goes by who is first; empty for another, and where nobody gets there. */
    public static Optional<Finish> of(Path path, Surface surface, Timeline timeline, Fork fork) {
        if (fork.race().isEmpty()) {
            return Optional.empty();
        }
        Race race = fork.race().get();
        double from = timeline.step(fork.after()).start();
        Arrivals arrivals = new Arrivals(path, surface, r -> t -> timeline.placeAt(r, t), timeline::firstBallAt);
        Map<RoleId, Double> times = new LinkedHashMap<>();
        for (RoleId runner : race.runners()) {
            DoubleFunction<Point> way = t -> timeline.placeAt(runner, t);
            OptionalDouble there = race.where().isPresent()
                    ? arrivals.first(race.where().get(), way, from, timeline.seconds())
                    : Arrivals.first(t -> isAtBall(timeline, race, way.apply(t), t), from, timeline.seconds());
            there.ifPresent(t -> times.put(runner, t));
        }
        List<Map.Entry<RoleId, Double>> order = times.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.naturalOrder()))
                .toList();
        if (order.isEmpty()) {
            return Optional.empty();
        }
        Map<RoleId, Double> sorted = new LinkedHashMap<>();
        order.forEach(e -> sorted.put(e.getKey(), e.getValue()));
        double margin =
                order.size() > 1 ? order.get(1).getValue() - order.get(0).getValue() : Double.POSITIVE_INFINITY;
        return Optional.of(new Finish(
                sorted, margin, behind(timeline, race, order), order.size() > 1 && margin < race.closeSeconds()));
    }

    private static boolean isAtBall(Timeline timeline, Race race, Point own, double t) {
        return own.isWithin(Pace.REACH_METRES, timeline.ballAt(race.ball().orElseThrow(), t));
    }

    /** How far the second is from the goal of the race as the first is there. */
    private static double behind(Timeline timeline, Race race, List<Map.Entry<RoleId, Double>> order) {
        List<RoleId> others = race.runners().stream()
                .filter(r -> !r.equals(order.get(0).getKey()))
                .toList();
        double t = order.get(0).getValue();
        Point goal = goal(timeline, race, order.get(0).getKey(), t);
        RoleId second = order.size() > 1 ? order.get(1).getKey() : others.get(0);
        Point own = timeline.placeAt(second, t);
        return race.where()
                .filter(Region.Line.class::isInstance)
                .map(Region.Line.class::cast)
                .map(l -> fromLine(l, own))
                .orElseGet(() -> own.distanceTo(goal));
    }

    private static Point goal(Timeline timeline, Race race, RoleId first, double t) {
        return race.ball()
                .map(b -> timeline.ballAt(b, t))
                .or(() ->
                        race.where().filter(Region.NearPlace.class::isInstance).map(r -> ((Region.NearPlace) r).at()))
                .orElseGet(() -> timeline.placeAt(first, t));
    }

    private static double fromLine(Region.Line line, Point p) {
        Point along = line.to().minus(line.from());
        return Math.abs(along.cross(p.minus(line.from()))) / along.length();
    }
}
