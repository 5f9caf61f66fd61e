package wildchalk.core.path;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;

/**
 * The paths that a rep can take. Steps are told in one order; those of branches that are not taken are left out, and a
 * branch that ends the rep leaves out what follows it. Paths join again at the first step that is on no branch.
 */
public final class Outcomes {

    /** More paths than anybody can look at. */
    public static final int MOST_WAYS = 500;

    private Outcomes() {}

    public static boolean areMany(Progression version) {
        return !version.course().forks().isEmpty() || !callsInUse(version).isEmpty();
    }

    /** Sets of which something is called, or hangs on what is called: the others are only there to be chosen from. */
    public static List<CallSet> callsInUse(Progression version) {
        if (version.course().calls().isEmpty()) {
            return List.of();
        }
        Set<CallId> used = new HashSet<>();
        version.course().forks().forEach(f -> f.call().ifPresent(used::add));
        for (Move move : version.moves()) {
            if (move instanceof Act act && act.deed() instanceof Deed.Calling calling) {
                calling.set().ifPresent(used::add);
            } else if (move instanceof Travel travel) {
                travel.path().forEach(w -> w.called().ifPresent(c -> used.add(c.call())));
            }
        }
        return version.course().calls().stream()
                .filter(c -> used.contains(c.id()))
                .toList();
    }

    /** Forks that are met on a path, in order. */
    public static List<Fork> forksOn(Progression version, Choices choices) {
        return new Walk(version, choices).forks;
    }

    /** The branch that a path takes at a fork that it meets: what is chosen, what is called, else the likeliest. */
    public static Branch taken(Progression version, Fork fork, Choices choices) {
        if (fork.by() == Fork.By.CALL) {
            List<String> called = called(version, fork.call().orElseThrow(), choices);
            Optional<Branch> said = fork.branches().stream()
                    .filter(b -> called.contains(b.word().orElse("")))
                    .findFirst();
            if (said.isPresent()) {
                return said.get();
            }
        }
        return Optional.ofNullable(choices.branches().get(fork.id()))
                .flatMap(fork::branch)
                .orElseGet(() -> fork.branches().stream()
                        .max(Comparator.comparingDouble(Branch::weight)
                                .thenComparing(b -> -fork.branches().indexOf(b)))
                        .orElseThrow());
    }

    /** What is called on a path: what is chosen, else the first that may be. */
    public static List<String> called(Progression version, CallId set, Choices choices) {
        CallSet calls = version.course().call(set).orElseThrow();
        List<String> chosen = choices.calls().get(set);
        return chosen != null && calls.isLegal(chosen) ? chosen : calls.at(0);
    }

    /**
     * A version settled along one path: forks have one branch left, contests have a winner, shots their end, calls their
     * words, and places that a call decides lie where it says. What waits for a move of another path starts with its step.
     * Along a path that is settled it is the path itself.
     */
    static Progression settle(Progression version, Choices choices) {
        if (!areMany(version)) {
            return version;
        }
        Walk walk = new Walk(version, choices);
        Map<MoveId, Branch> decided = new HashMap<>();
        for (Fork fork : walk.forks) {
            fork.decider().ifPresent(m -> decided.put(m, taken(version, fork, choices)));
        }
        List<Step> steps = walk.steps.stream()
                .map(s -> s.withMoves(s.moves().stream()
                        .map(m -> decide(version, m, Optional.ofNullable(decided.get(m.id())), choices))
                        .toList()))
                .toList();
        Course course = version.course()
                .withForks(walk.forks.stream()
                        .map(f -> f.withBranches(List.of(taken(version, f, choices))))
                        .toList())
                .withCalls(version.course().calls().stream()
                        .map(c -> c.settledAt(called(version, c.id(), choices)))
                        .toList());
        return Pruning.withSteps(version, steps, course);
    }

    private static Move decide(Progression version, Move move, Optional<Branch> branch, Choices choices) {
        if (move instanceof Travel travel) {
            return travel.withPath(travel.path().stream()
                    .map(w -> w.called()
                            .flatMap(c -> place(version, c, w.at(), choices))
                            .map(w::withAt)
                            .orElse(w))
                    .toList());
        } else if (move instanceof Shot shot) {
            return branch.flatMap(Branch::result).map(shot::withEnd).orElse(shot);
        } else if (move instanceof Act act && act.deed() instanceof Deed.Contest contest) {
            return branch.flatMap(Branch::winner)
                    .map(w -> act.withDeed(contest.withWinner(Optional.of(w))))
                    .orElse(act);
        } else if (move instanceof Act act && act.deed() instanceof Deed.Calling call) {
            return call.set()
                    .map(s -> act.withDeed(
                            new Deed.Calling(String.join(", ", called(version, s, choices)), Optional.empty())))
                    .orElse(act);
        }
        return move;
    }

    /** The gap whose number is called, of the row in which the path was drawn. */
    private static Optional<Point> place(Progression version, Called called, Point drawn, Choices choices) {
        List<String> said = called(version, called.call(), choices);
        if (called.pick() > said.size()) {
            return Optional.empty();
        }
        String wanted = said.get(called.pick() - 1);
        List<Gap> gaps = version.layout().gaps();
        int row = GapRows.rowAt(gaps, drawn);
        List<Gap> named = gaps.stream()
                .filter(g -> String.valueOf(g.number()).equals(wanted))
                .toList();
        return named.stream()
                .filter(g -> GapRows.rowOf(gaps, g) == row)
                .findFirst()
                .or(() -> named.stream().findFirst())
                .map(Gap::middle);
    }

    /**
     * The choices with one more: a call such as {@code 3+5} where a set of calls has it and is open, else the branch of that
     * id or label of the first fork on the path that is open and has it. Empty where nothing fits.
     */
    public static Optional<Choices> choosing(Progression version, Choices before, String wanted) {
        List<String> said = List.of(wanted.split("\\+"));
        for (CallSet set : callsInUse(version)) {
            if (!before.calls().containsKey(set.id()) && set.isLegal(said)) {
                return Optional.of(before.with(set.id(), said));
            }
        }
        for (Fork fork : forksOn(version, before)) {
            Optional<Branch> branch = fork.branches().stream()
                    .filter(b -> b.id().text().equals(wanted) || b.label().equalsIgnoreCase(wanted))
                    .findFirst();
            if (branch.isPresent() && !before.branches().containsKey(fork.id())) {
                return taking(version, fork, branch.get(), before);
            }
        }
        return Optional.empty();
    }

    /** With a branch, and with something called that leads to it where a call decides; empty where what is called forbids it. */
    private static Optional<Choices> taking(Progression version, Fork fork, Branch branch, Choices before) {
        Choices plain = before.with(fork.id(), branch.id());
        if (taken(version, fork, plain).equals(branch)) {
            return Optional.of(plain);
        }
        Optional<CallSet> open = fork.call()
                .flatMap(version.course()::call)
                .filter(s -> !before.calls().containsKey(s.id()));
        return open.flatMap(set -> set.some(MOST_WAYS).stream()
                .map(call -> plain.with(set.id(), call))
                .filter(c -> taken(version, fork, c).equals(branch))
                .findFirst());
    }

    /**
     * All paths, the calls varied first, then the forks in the order in which they are met. Where there are more than {@link
     * #MOST_WAYS}, so many of them, the calls spread evenly over all that may be called.
     */
    public static List<Way> ways(Progression version) {
        List<Way> called = List.of(new Way(Choices.USUAL, List.of(), 1));
        for (CallSet set : callsInUse(version)) {
            List<Way> more = new ArrayList<>();
            for (Way way : called) {
                for (List<String> call : set.some(Math.max(1, MOST_WAYS / called.size()))) {
                    more.add(longer(way, way.choices().with(set.id(), call), said(call), 1.0 / set.count()));
                }
            }
            called = more;
        }
        List<Way> all = new ArrayList<>();
        for (Way way : called) {
            fork(version, way, all);
        }
        return all;
    }

    private static String said(List<String> call) {
        return String.join(", ", call);
    }

    /** Goes on from a path that is settled up to some fork. */
    private static void fork(Progression version, Way way, List<Way> all) {
        Optional<Fork> open = open(version, way.choices());
        if (all.size() >= MOST_WAYS) {
            return;
        }
        if (open.isEmpty()) {
            all.add(way);
            return;
        }
        Fork fork = open.get();
        boolean forced = isForced(version, fork, way.choices());
        double sum = fork.branches().stream().mapToDouble(Branch::weight).sum();
        for (Branch branch : fork.branches()) {
            boolean here = taken(version, fork, way.choices()).equals(branch);
            if (!forced || here) {
                double share = forced ? 1 : branch.weight() / sum;
                fork(
                        version,
                        longer(way, way.choices().with(fork.id(), branch.id()), label(branch, forced), share),
                        all);
            }
        }
    }

    private static boolean isForced(Progression version, Fork fork, Choices choices) {
        if (fork.by() != Fork.By.CALL) {
            return false;
        }
        List<String> called = called(version, fork.call().orElseThrow(), choices);
        return fork.branches().stream().anyMatch(b -> called.contains(b.word().orElse("")));
    }

    /** A branch that is taken because its own word is called is said by the call. */
    private static String label(Branch branch, boolean forced) {
        boolean said =
                forced && branch.word().filter(branch.label()::equalsIgnoreCase).isPresent();
        return said ? "" : branch.label();
    }

    private static Way longer(Way way, Choices choices, String label, double share) {
        List<String> labels = new ArrayList<>(way.labels());
        if (!label.isEmpty()) {
            labels.add(label);
        }
        return new Way(choices, labels, way.chance() * share);
    }

    /** A path drawn by weight: each call as likely as any other, each branch as likely as its weight says. */
    public static Way drawn(Progression version, Random random) {
        Choices choices = Choices.USUAL;
        for (CallSet set : callsInUse(version)) {
            choices = choices.with(set.id(), set.drawn(random));
        }
        for (Optional<Fork> open = open(version, choices); open.isPresent(); open = open(version, choices)) {
            Fork fork = open.get();
            Branch branch =
                    isForced(version, fork, choices) ? taken(version, fork, choices) : drawn(fork.branches(), random);
            choices = choices.with(fork.id(), branch.id());
        }
        return way(version, choices);
    }

    private static Branch drawn(List<Branch> branches, Random random) {
        double at = random.nextDouble()
                * branches.stream().mapToDouble(Branch::weight).sum();
        for (Branch branch : branches) {
            at -= branch.weight();
            if (at < 0) {
                return branch;
            }
        }
        return branches.get(branches.size() - 1);
    }

    /** The first fork on a path of which nobody has said which way to go. */
    private static Optional<Fork> open(Progression version, Choices choices) {
        return forksOn(version, choices).stream()
                .filter(f -> !choices.branches().containsKey(f.id()))
                .findFirst();
    }

    /** The path of some choices, with what is called and taken on it, its label and its chance. */
    public static Way way(Progression version, Choices choices) {
        Way way = new Way(choices, List.of(), 1);
        for (CallSet set : callsInUse(version)) {
            List<String> call = called(version, set.id(), choices);
            way = longer(way, way.choices().with(set.id(), call), said(call), 1.0 / set.count());
        }
        for (Fork fork : forksOn(version, choices)) {
            Branch branch = taken(version, fork, choices);
            double sum = fork.branches().stream().mapToDouble(Branch::weight).sum();
            boolean forced = isForced(version, fork, choices);
            double share = forced ? 1 : branch.weight() / sum;
            way = longer(way, way.choices().with(fork.id(), branch.id()), label(branch, forced), share);
        }
        return way;
    }

    /** Choices of a path on which a step is. */
    public static Choices leadingTo(Progression version, Step step, Choices otherwise) {
        Choices choices = otherwise;
        for (OnBranch on : chain(version, step)) {
            choices = choices.with(on.fork(), on.branch());
            Fork fork = version.course().fork(on.fork()).orElseThrow();
            Optional<String> word = fork.branch(on.branch()).flatMap(Branch::word);
            if (fork.call().isPresent() && word.isPresent()) {
                CallSet set = version.course().call(fork.call().get()).orElseThrow();
                Choices now = choices;
                choices = set.firstWith(word.get())
                        .map(c -> now.with(set.id(), c))
                        .orElse(choices);
            }
        }
        if (Path.of(version, choices).step(step.id()).isPresent()) {
            return choices;
        }
        return ways(version).stream()
                .map(Way::choices)
                .filter(c -> Path.of(version, c).step(step.id()).isPresent())
                .findFirst()
                .orElse(choices);
    }

    /** Moves that wait for a move that is on no path with them: it could never start them. */
    public static Map<MoveId, MoveId> waitingAcross(Progression version) {
        Map<MoveId, MoveId> found = new LinkedHashMap<>();
        if (!areMany(version)) {
            return found;
        }
        Map<MoveId, Set<OnBranch>> where = new HashMap<>();
        for (Step step : version.steps()) {
            Set<OnBranch> chain = chain(version, step);
            step.moves().forEach(m -> where.put(m.id(), chain));
        }
        for (Move move : version.moves()) {
            move.trigger().flatMap(Trigger::move).ifPresent(other -> {
                boolean apart = where.get(move.id()).stream()
                        .anyMatch(a -> where.get(other).stream()
                                .anyMatch(b ->
                                        a.fork().equals(b.fork()) && !a.branch().equals(b.branch())));
                if (apart) {
                    found.put(move.id(), other);
                }
            });
        }
        return found;
    }

    /** All branches that a step lies on, its own and those that its fork lies on. */
    private static Set<OnBranch> chain(Progression version, Step step) {
        Set<OnBranch> chain = new HashSet<>();
        Optional<OnBranch> on = step.on();
        while (on.isPresent() && chain.add(on.get())) {
            Fork fork = version.course().fork(on.get().fork()).orElseThrow();
            on = version.step(fork.after()).flatMap(Step::on);
        }
        return chain;
    }

    /** One pass over the steps in their order. */
    private static final class Walk {
        final List<Step> steps = new ArrayList<>();
        final List<Fork> forks = new ArrayList<>();

        Walk(Progression version, Choices choices) {
            Map<ForkId, BranchId> taken = new HashMap<>();
            Optional<OnBranch> ending = Optional.empty();
            for (Step step : version.steps()) {
                boolean reached = step.on().isEmpty()
                        || step.on()
                                .get()
                                .branch()
                                .equals(taken.get(step.on().get().fork()));
                boolean over = ending.isPresent() && !chain(version, step).contains(ending.get());
                if (!reached || over) {
                    continue;
                }
                steps.add(step);
                for (Fork fork : version.course().forks()) {
                    if (fork.after().equals(step.id())) {
                        Branch branch = taken(version, fork, choices);
                        forks.add(fork);
                        taken.put(fork.id(), branch.id());
                        if (branch.ends()) {
                            ending = Optional.of(new OnBranch(fork.id(), branch.id()));
                        }
                    }
                }
            }
        }
    }
}
