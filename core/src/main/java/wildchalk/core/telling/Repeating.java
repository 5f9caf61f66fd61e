package wildchalk.core.telling;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MovesMap;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Stint;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;

/** Repeats as a coach would mean them: about the middle of what stands there, by whoever stands where it is done again. */
public final class Repeating {

    /** Who stands so near (m) to where somebody would be does it in his place. */
    private static final double SAME_PLACE_METRES = 1.5;

    private Repeating() {}

    /**
     * Steps done again.
     *
     * @param times how often in all; along a row it is done at each piece of it, whatever this says
     */
    public static Repeat of(Progression version, Surface surface, StepId from, StepId to, Repeat.How how, int times) {
        if (how == Repeat.How.ALONG) {
            return Rows.along(version, from, to);
        }
        Repeat plain = new Repeat(
                new RepeatId("new"),
                from,
                to,
                how,
                times,
                how == Repeat.How.TURNED ? Hand.LEFT : Hand.NONE,
                how == Repeat.How.TURNED ? middle(version) : Point.ORIGIN,
                Map.of(),
                Map.of(),
                Optional.empty());
        if (how == Repeat.How.SAME) {
            return plain;
        }
        PlaneMap map = plain.map(1);
        return plain.withInstead(instead(version, map)).withGoals(goals(surface, map));
    }

    /** Who may come in later: those who act in the steps, as long as one is there from the start. */
    public static List<Role> whoMayJoin(Progression version, Repeat repeat) {
        List<StepId> order = version.steps().stream().map(Step::id).toList();
        int from = order.indexOf(repeat.from());
        int to = order.indexOf(repeat.to());
        Set<RoleId> acting = version.steps().subList(from, to + 1).stream()
                .flatMap(s -> s.moves().stream())
                .map(Move::role)
                .collect(Collectors.toSet());
        List<RoleId> joining = repeat.growth().joining();
        boolean last = acting.stream().filter(r -> !joining.contains(r)).count() < 2;
        return version.roles().stream()
                .filter(r -> acting.contains(r.id()) && (!last || joining.contains(r.id())))
                .filter(r -> joining.contains(r.id()) || joining.size() + 1 < repeat.times())
                .toList();
    }

    /** Whether anybody's touches are limited. */
    public static boolean limitsTouches(Progression version) {
        return version.course().limits().stream().anyMatch(l -> l.kind() == Rule.Kind.TOUCHES);
    }

    /** That every other rep is on the other side, or at the other end. */
    public static Alternation alternation(Progression version, Surface surface, Repeat.How how) {
        Alternation plain = new Alternation(how, Stint.ONE_REP, Map.of(), Map.of());
        StepId first = version.steps().get(0).id();
        PlaneMap map = plain.once(first, first).map(1);
        return plain.withInstead(instead(version, map)).withGoals(goals(surface, map));
    }

    private static Map<String, String> goals(Surface surface, PlaneMap map) {
        Map<String, String> goals = new HashMap<>();
        for (GoalMouth goal : surface.goals()) {
            String there = MovesMap.goal(surface, map, goal.id());
            if (!there.equals(goal.id())) {
                goals.put(goal.id(), there);
            }
        }
        return goals;
    }

    /** The middle of the gear where some is set out, else of the people. */
    private static Point middle(Progression version) {
        List<Point> places = version.gear().size() > 2
                ? version.gear().stream().map(Gear::at).toList()
                : version.roles().stream().map(r -> version.startOf(r.id())).toList();
        if (places.isEmpty()) {
            return Point.ORIGIN;
        }
        return places.stream()
                .reduce(Point.ORIGIN, Point::plus)
                .times(1.0 / places.size())
                .toMillimetres();
    }

    /** Those who change places: everybody whose place somebody has who is carried there. */
    private static Map<RoleId, RoleId> instead(Progression version, PlaneMap map) {
        Map<RoleId, RoleId> all = new HashMap<>();
        Set<RoleId> used = new HashSet<>();
        for (Role role : version.roles()) {
            Point there = map.apply(version.startOf(role.id()));
            Optional<Role> other = version.roles().stream()
                    .filter(r -> r.side() == role.side() && !used.contains(r.id()))
                    .filter(r -> version.startOf(r.id()).isWithin(SAME_PLACE_METRES, there))
                    .findFirst();
            other.filter(o -> !o.id().equals(role.id())).ifPresent(o -> {
                all.put(role.id(), o.id());
                used.add(o.id());
            });
        }
        return Repeat.rounds(all);
    }
}
