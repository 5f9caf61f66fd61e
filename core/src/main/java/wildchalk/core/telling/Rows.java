package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;

/** What is done at one piece of a row, done at each of them: as often as the row is long. */
final class Rows {

    /** Whatever lies so near (m) to where a row goes on is of the row. */
    private static final double IN_THE_ROW_METRES = 0.3;

    /** Where nothing stands in a row. */
    private static final Point USUAL = new Point(2, 0);

    private static final int USUAL_TIMES = 3;

    private Rows() {}

    static Repeat along(Progression version, StepId from, StepId to) {
        List<Move> moves = moves(version, from, to);
        List<RoleId> people = peopleInARow(version, moves);
        if (people.size() > 1) {
            Point by = version.startOf(people.get(1)).minus(version.startOf(people.get(0)));
            Map<RoleId, RoleId> instead = new HashMap<>();
            for (int i = 0; i < people.size(); i++) {
                instead.put(people.get(i), people.get((i + 1) % people.size()));
            }
            return repeat(from, to, people.size(), by).withInstead(instead);
        }
        List<Gear> gear = gearInARow(version, moves);
        return gear.size() > 1
                ? repeat(
                        from,
                        to,
                        gear.size(),
                        gear.get(1).at().minus(gear.get(0).at()))
                : repeat(from, to, USUAL_TIMES, USUAL);
    }

    private static Repeat repeat(StepId from, StepId to, int times, Point by) {
        return new Repeat(
                new RepeatId("new"),
                from,
                to,
                Repeat.How.ALONG,
                Math.min(times, Repeat.MOST_TIMES),
                Hand.NONE,
                by.toMillimetres(),
                Map.of(),
                Map.of(),
                Optional.empty());
    }

    private static List<Move> moves(Progression version, StepId from, StepId to) {
        List<StepId> order = version.steps().stream().map(Step::id).toList();
        return version.steps().subList(order.indexOf(from), order.indexOf(to) + 1).stream()
                .flatMap(s -> s.moves().stream())
                .toList();
    }

    /** Whoever acts alone, and those who stand beside him at equal distances. */
    private static List<RoleId> peopleInARow(Progression version, List<Move> moves) {
        List<RoleId> acting = moves.stream().map(Move::role).distinct().toList();
        if (acting.size() != 1) {
            return List.of();
        }
        Role first = version.role(acting.get(0)).orElseThrow();
        List<RoleId> others = version.roles().stream()
                .filter(r -> r.side() == first.side())
                .map(Role::id)
                .toList();
        return row(first.id(), others, version::startOf);
    }

    /** The piece to which somebody goes first, and those behind it. */
    private static List<Gear> gearInARow(Progression version, List<Move> moves) {
        List<Point> places = moves.stream()
                .flatMap(m -> m instanceof Travel t ? t.path().stream().map(Waypoint::at) : Stream.of())
                .toList();
        Optional<Gear> first = places.stream()
                .flatMap(p -> version.gear().stream()
                        .filter(g -> !g.kind().isSupply())
                        .filter(g -> g.at().isWithin(1.5, p))
                        .min(Comparator.comparingDouble(g -> g.at().distanceTo(p)))
                        .stream())
                .findFirst();
        return first.map(f -> row(
                        f,
                        version.gear().stream()
                                .filter(g -> g.kind() == f.kind())
                                .toList(),
                        Gear::at))
                .orElse(List.of());
    }

    /** The longest row that begins with one of several: each as far from the last as the second from the first. */
    private static <T> List<T> row(T first, List<T> all, java.util.function.Function<T, Point> at) {
        List<T> longest = List.of(first);
        List<T> nearestFirst = all.stream()
                .filter(o -> !o.equals(first) && !at.apply(o).isWithin(IN_THE_ROW_METRES, at.apply(first)))
                .sorted(Comparator.comparingDouble(o -> at.apply(o).distanceTo(at.apply(first))))
                .toList();
        for (T second : nearestFirst) {
            Point by = at.apply(second).minus(at.apply(first));
            List<T> row = new ArrayList<>(List.of(first));
            Optional<T> next = Optional.of(second);
            while (next.isPresent()) {
                row.add(next.get());
                Point there = at.apply(next.get()).plus(by);
                next = all.stream()
                        .filter(o -> !row.contains(o) && at.apply(o).isWithin(IN_THE_ROW_METRES, there))
                        .findFirst();
            }
            if (row.size() > longest.size()) {
                longest = row;
            }
        }
        return longest;
    }
}
