package wildchalk.core.path;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;

/**
 * Ways of a version to be looked at in place of all of them: every one where they are few; else every branch and everything that
 * may be called at least once, and together with every other one that the same role has to do with.
 *
 * @param choices of the ways, complete
 * @param of how many ways there are
 * @param orMore whether there are more than that: they were not counted to the end
 */
public record Coverage(List<Choices> choices, long of, boolean orMore) {

    /** So many ways are drawn at most. */
    private static final int DRAWS = 4000;

    /** When so many draws one after the other have brought nothing new, what is left cannot be, or is too rare to wait for. */
    private static final int IDLE_DRAWS = 300;

    /** A branch, or a word at its place in a call. */
    private sealed interface Turn {}

    private record Taken(ForkId fork, BranchId branch) implements Turn {}

    private record Called(Ask ask, int pick, String word) implements Turn {}

    public Coverage {
        choices = List.copyOf(choices);
    }

    /**
     * The likeliest way the other way round too, where reps change sides, and the first rep where some come in later.
     *
     * @param all where there are no more ways than these, each is looked at
     */
    public static Coverage of(Progression version, int all) {
        Coverage drawn = drawn(version, all);
        Coverage sides =
                version.course().alternation().isEmpty() ? drawn : drawn.with(Choices.USUAL.withOtherSide(true));
        return Path.hasLater(version) ? sides.with(Choices.USUAL.withRep(Choices.Rep.FIRST)) : sides;
    }

    private Coverage with(Choices one) {
        List<Choices> more = new ArrayList<>(choices);
        more.add(one);
        return new Coverage(more, of + 1, orMore);
    }

    private static Coverage drawn(Progression version, int all) {
        if (!Outcomes.areMany(version)) {
            return new Coverage(List.of(Choices.USUAL), 1, false);
        }
        List<Way> ways = Outcomes.ways(version);
        long called = mostCalls(version, ways);
        boolean whole = ways.size() < Outcomes.MOST_WAYS && called < Outcomes.MOST_WAYS;
        long of = Math.max(ways.size(), called);
        boolean exact = whole || version.course().forks().isEmpty();
        if (whole && ways.size() <= all) {
            return new Coverage(ways.stream().map(Way::choices).toList(), ways.size(), false);
        }
        return new Coverage(new Cover(version).choices(ways), whole ? ways.size() : of, !exact);
    }

    /** How often something else may be called on the way on which most may be. */
    private static long mostCalls(Progression version, List<Way> ways) {
        long most = 1;
        for (Set<Ask> asks :
                ways.stream().map(w -> w.choices().calls().keySet()).distinct().toList()) {
            long called = 1;
            for (Ask ask : asks) {
                long count = version.course().call(ask.set()).orElseThrow().count();
                called = Math.min(Long.MAX_VALUE / 1_000_000, called) * Math.min(1_000_000, count);
            }
            most = Math.max(most, called);
        }
        return most;
    }

    /** Picks ways until every turn and every pair of turns of one role is on one of them. */
    private static final class Cover {
        private final Progression version;
        private final Map<Turn, Set<RoleId>> roles = new LinkedHashMap<>();
        private final Set<Object> met = new HashSet<>();
        private final List<Choices> picked = new ArrayList<>();

        Cover(Progression version) {
            this.version = version;
        }

        List<Choices> choices(List<Way> ways) {
            ways.forEach(w -> offer(w.choices()));
            // a fixed seed: the same drill is looked at in the same ways
            Random random = new Random(1);
            int idle = 0;
            for (int i = 0; i < DRAWS && idle < IDLE_DRAWS; i++) {
                idle = offer(Outcomes.drawn(version, random).choices()) ? 0 : idle + 1;
            }
            return picked;
        }

        private boolean offer(Choices choices) {
            List<Turn> turns = turns(choices);
            boolean fresh = false;
            for (int i = 0; i < turns.size(); i++) {
                fresh |= met.add(turns.get(i));
                for (int j = 0; j < i; j++) {
                    fresh |= shareARole(turns.get(i), turns.get(j)) && met.add(Set.of(turns.get(i), turns.get(j)));
                }
            }
            if (fresh) {
                picked.add(choices);
            }
            return fresh;
        }

        private static List<Turn> turns(Choices choices) {
            List<Turn> turns = new ArrayList<>();
            choices.branches().forEach((f, b) -> turns.add(new Taken(f, b)));
            choices.calls().forEach((ask, words) -> {
                for (int i = 0; i < words.size(); i++) {
                    turns.add(new Called(ask, i + 1, words.get(i)));
                }
            });
            return turns;
        }

        private boolean shareARole(Turn a, Turn b) {
            Set<RoleId> mine = rolesOf(a);
            return rolesOf(b).stream().anyMatch(mine::contains);
        }

        private Set<RoleId> rolesOf(Turn turn) {
            return roles.computeIfAbsent(
                    turn, t -> t instanceof Taken taken ? onBranch(taken) : goingWhere((Called) t));
        }

        private Set<RoleId> onBranch(Taken taken) {
            Set<RoleId> all = new LinkedHashSet<>();
            OnBranch here = new OnBranch(taken.fork(), taken.branch());
            for (Step step : version.steps()) {
                if (step.on().equals(Optional.of(here))) {
                    step.moves().forEach(m -> all.add(m.role()));
                }
            }
            Optional<Fork> fork = version.course().fork(taken.fork());
            fork.flatMap(Fork::decider).flatMap(version::move).ifPresent(m -> all.add(m.role()));
            fork.flatMap(f -> f.branch(taken.branch())).flatMap(Branch::winner).ifPresent(all::add);
            return all;
        }

        /** Who goes where it is called, and who calls it. */
        private Set<RoleId> goingWhere(Called called) {
            Set<RoleId> all = new LinkedHashSet<>();
            for (Move move : version.moves()) {
                boolean goes = move instanceof Travel travel
                        && travel.path().stream()
                                .anyMatch(w -> w.called()
                                        .filter(c ->
                                                c.call().equals(called.ask().set()) && c.pick() == called.pick())
                                        .isPresent());
                boolean calls = called.ask().by().equals(Optional.of(move.id()));
                if (goes || calls) {
                    all.add(move.role());
                }
            }
            for (Fork fork : version.course().forks()) {
                if (fork.call().equals(Optional.of(called.ask().set()))) {
                    fork.branches().forEach(b -> all.addAll(onBranch(new Taken(fork.id(), b.id()))));
                }
            }
            return all;
        }
    }
}
