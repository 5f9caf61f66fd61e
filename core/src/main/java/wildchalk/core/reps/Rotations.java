package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.WaitingLine;

/**
 * Who plays what in rep after rep, without the clock: the heads of each line play the roles that it feeds, and after the rep
 * everybody goes where the rotation sends him, without one to the tail of his own line or back to his place. Those who come to
 * one line at once join it in the order of the roles.
 */
public final class Rotations {

    /** More reps than anybody runs: who has not come round by then does not. */
    public static final int MOST_REPS = 1000;

    private final Scene scene;
    private final Map<LineId, Integer> standing;
    private final Map<RoleId, LineId> fedBy = new LinkedHashMap<>();
    /** Where everybody goes after each stint, one after the other, until it begins anew. */
    private final List<List<Rotation>> turns = new ArrayList<>();
    /** Who only waits in the last rep of each of these stints. */
    private final List<Set<RoleId>> waits = new ArrayList<>();

    private Rotations(Scene scene, Map<LineId, Integer> standing) {
        this.scene = scene;
        this.standing = standing;
        for (WaitingLine line : scene.lines()) {
            line.feeds().forEach(r -> fedBy.putIfAbsent(r, line.id()));
        }
        int ways = AfterRep.ways(scene);
        int periods = scene.course().alternation().isPresent() ? PERIODS : 1;
        for (int n = 0; n < ways * periods; n++) {
            List<Rotation> as = AfterRep.rotation(scene, n % ways);
            turns.add(
                    turned(n)
                            ? AfterRep.otherWay(
                                    scene, scene.course().alternation().orElseThrow(), as)
                            : as);
        }
        for (int n = 0; n < turns.size(); n++) {
            waits.add(AfterRep.waiting(scene, turned(n)));
        }
        shorten();
    }

    /** Longer than any change of sides comes round in stints, for changes that a coach would count. */
    private static final int PERIODS = 2 * 12;

    /** Whether the last rep of a stint is the other way round; where sides change by minutes nobody can count reps. */
    private boolean turned(int stint) {
        Stint lasts = scene.course().stint();
        return scene.course()
                .alternation()
                .map(Alternation::after)
                .filter(a -> a.unit() == Stint.Unit.REPS && lasts.unit() == Stint.Unit.REPS)
                .filter(a -> a.stintOf((stint + 1) * (int) lasts.count() - 1, 0) % 2 == 1)
                .isPresent();
    }

    /** As few as repeat themselves. */
    private void shorten() {
        for (int length = 1; length < turns.size(); length++) {
            int each = length;
            boolean repeats = turns.size() % length == 0
                    && IntStream.range(length, turns.size())
                            .allMatch(i -> turns.get(i).equals(turns.get(i % each))
                                    && waits.get(i).equals(waits.get(i % each)));
            if (repeats) {
                turns.subList(length, turns.size()).clear();
                waits.subList(length, waits.size()).clear();
                return;
            }
        }
    }

    public static Rotations of(Scene scene) {
        return new Rotations(scene, Map.of());
    }

    /** @param standing how many stand in a line; one that is not named has those who are drawn */
    public static Rotations of(Scene scene, Map<LineId, Integer> standing) {
        return new Rotations(scene, Map.copyOf(standing));
    }

    /** Where everybody is between two reps; people are numbered from 0. @param rep counted up to when all begins anew */
    private record State(Map<LineId, List<Integer>> lines, Map<RoleId, Integer> places, int rep) {}

    /**
     * One rep.
     *
     * @param parts who plays which role; a role for which nobody is there is missing
     */
    public record Rep(Map<RoleId, Integer> parts) {
        public Rep {
            parts = Map.copyOf(parts);
        }
    }

    /**
     * So many reps, and what comes of them.
     *
     * @param people how many there are
     * @param round after how many reps everybody is where he began; empty where that takes more than {@link #MOST_REPS}, or never comes
     */
    public record Play(int people, List<Rep> reps, OptionalInt round) {
        public Play {
            reps = List.copyOf(reps);
        }

        /** The roles that somebody gets in these reps. */
        public Set<RoleId> rolesOf(int person) {
            Set<RoleId> roles = new TreeSet<>();
            reps.forEach(rep -> rep.parts().forEach((role, who) -> {
                if (who == person) {
                    roles.add(role);
                }
            }));
            return roles;
        }

        /** In how many of the reps somebody plays. */
        public long turnsOf(int person) {
            return reps.stream().filter(r -> r.parts().containsValue(person)).count();
        }
    }

    // ---- what flows ----

    /** How many more people come to a line in a rep than leave it; negative where it loses people. */
    public Map<LineId, Integer> drift() {
        Map<LineId, Integer> drift = new LinkedHashMap<>();
        for (WaitingLine line : scene.lines()) {
            if (!line.feeds().isEmpty()
                    || scene.roles().stream()
                            .anyMatch(r -> IntStream.range(0, turns.size())
                                    .anyMatch(n ->
                                            line.id().equals(goesTo(r.id(), n).line())))) {
                drift.put(line.id(), 0);
            }
        }
        for (int n = 0; n < turns.size(); n++) {
            for (Role role : scene.roles()) {
                Goal goal = goesTo(role.id(), n);
                boolean waits = this.waits.get(n).contains(role.id());
                if (waits) {
                    continue;
                }
                // who stays was taken from his line once and for all
                Optional.ofNullable(fedBy.get(role.id()))
                        .filter(l -> !role.id().equals(goal.place()))
                        .ifPresent(l -> drift.merge(l, -1, Integer::sum));
                Optional.ofNullable(goal.line()).ifPresent(l -> drift.merge(l, 1, Integer::sum));
            }
        }
        drift.replaceAll((line, all) -> Integer.signum(all) * ((Math.abs(all) + turns.size() - 1) / turns.size()));
        return drift;
    }

    /** Where somebody goes: a line, a role's place, or nowhere. */
    private record Goal(LineId line, RoleId place) {}

    private Goal goesTo(RoleId role, int rep) {
        Optional<Rotation> turn = turns.get(rep % turns.size()).stream()
                .filter(r -> r.role().equals(role))
                .findFirst();
        if (turn.isPresent() && turn.get().how() == Rotation.How.REST) {
            return new Goal(null, null);
        } else if (turn.isPresent() && turn.get().how() == Rotation.How.LINE) {
            return new Goal(turn.get().line().orElseThrow(), null);
        }
        // who becomes a role that a line feeds waits there for it
        RoleId next = turn.flatMap(Rotation::next).orElse(role);
        boolean stays = turn.isPresent() && turn.get().how() == Rotation.How.STAY;
        return fedBy.containsKey(next) && !stays ? new Goal(fedBy.get(next), null) : new Goal(null, next);
    }

    // ---- playing ----

    /** As many reps as are asked for, with the people that stand in the lines and on the places. */
    public List<Rep> first(int reps) {
        List<Rep> list = new ArrayList<>();
        State now = start();
        while (list.size() < reps) {
            list.add(rep(now));
            now = after(now, list.get(list.size() - 1));
        }
        return list;
    }

    /** Until everybody is where he began. */
    public Play round() {
        return round(MOST_REPS);
    }

    /** Likewise, for whoever does not care for rounds of more reps than so many. */
    public Play round(int most) {
        return play(start(), most);
    }

    private State start() {
        Map<LineId, List<Integer>> lines = new LinkedHashMap<>();
        int people = 0;
        for (WaitingLine line : scene.lines()) {
            List<Integer> there = new ArrayList<>();
            for (int i = 0;
                    i
                            < Math.max(
                                    standing.getOrDefault(line.id(), line.standing()),
                                    line.feeds().size());
                    i++) {
                there.add(people++);
            }
            lines.put(line.id(), there);
        }
        Map<RoleId, Integer> places = new LinkedHashMap<>();
        for (Role role : scene.roles()) {
            if (!fedBy.containsKey(role.id())) {
                places.put(role.id(), people++);
            }
        }
        return new State(lines, places, 0);
    }

    private Play play(State start, int most) {
        int people = start.lines().values().stream().mapToInt(List::size).sum()
                + start.places().size();
        List<Rep> reps = new ArrayList<>();
        State now = start;
        while (reps.size() < most) {
            Rep rep = rep(now);
            reps.add(rep);
            now = after(now, rep);
            if (now.equals(start)) {
                return new Play(people, reps, OptionalInt.of(reps.size()));
            }
        }
        return new Play(people, reps, OptionalInt.empty());
    }

    private Rep rep(State now) {
        Set<RoleId> waiting = waits.get(now.rep() % waits.size());
        Map<RoleId, Integer> parts = new HashMap<>(now.places());
        parts.keySet().removeAll(waiting);
        for (WaitingLine line : scene.lines()) {
            List<Integer> there = now.lines().get(line.id());
            List<RoleId> own = line.feeds().stream()
                    .filter(r -> line.id().equals(fedBy.get(r)) && !now.places().containsKey(r) && !waiting.contains(r))
                    .toList();
            for (int i = 0; i < Math.min(own.size(), there.size()); i++) {
                parts.put(own.get(i), there.get(i));
            }
        }
        return new Rep(parts);
    }

    private State after(State now, Rep rep) {
        Map<LineId, List<Integer>> lines = new LinkedHashMap<>();
        now.lines()
                .forEach((id, there) -> lines.put(
                        id,
                        new ArrayList<>(there.stream()
                                .filter(p -> !rep.parts().containsValue(p))
                                .toList())));
        Map<RoleId, Integer> places = new LinkedHashMap<>();
        // who waits stays where he is
        now.places().forEach((role, person) -> {
            if (!rep.parts().containsValue(person)) {
                places.put(role, person);
            }
        });
        for (Role role : scene.roles()) {
            Integer who = rep.parts().get(role.id());
            if (who != null) {
                Goal goal = goesTo(role.id(), now.rep());
                if (goal.line() != null && lines.containsKey(goal.line())) {
                    lines.get(goal.line()).add(who);
                } else if (goal.place() != null) {
                    places.putIfAbsent(goal.place(), who);
                }
            }
        }
        return new State(lines, places, (now.rep() + 1) % turns.size());
    }
}
