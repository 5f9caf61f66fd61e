package wildchalk.core.path;

import java.util.ArrayList;
import java.util.Collections;
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
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;

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
        return new Walk(version, choices).forks();
    }

    /** Calls of a path, in the order in which they come, with what hangs on them. */
    public static List<Asked> callsOn(Progression version, Choices choices) {
        return areMany(version) ? new Walk(version, choices).asked() : List.of();
    }

    /** The branch that a path takes at a fork that it meets: what is called, what is chosen, else the likeliest. */
    public static Branch taken(Progression version, Fork fork, Choices choices) {
        // only what goes by a call has to know which call came last
        List<String> said = fork.by() == Fork.By.CALL ? new Walk(version, choices).said(fork) : List.of();
        return branch(fork, said, choices);
    }

    /** @param said what is called there */
    static Branch branch(Fork fork, List<String> said, Choices choices) {
        return calledFor(fork, said)
                .or(() -> choices.at(fork.id()).flatMap(fork::branch))
                .orElseGet(() -> fork.branches().stream()
                        .max(Comparator.comparingDouble(Branch::weight)
                                .thenComparing(b -> -fork.branches().indexOf(b)))
                        .orElseThrow());
    }

    /** The branch whose word is called. */
    private static Optional<Branch> calledFor(Fork fork, List<String> said) {
        return fork.branches().stream()
                .filter(b -> fork.by() == Fork.By.CALL && said.contains(b.word().orElse("")))
                .findFirst();
    }

    /** What is called at one time on a path: what is chosen, else the first that may be. */
    public static List<String> called(Progression version, Ask ask, Choices choices) {
        CallSet calls = set(version, ask);
        List<String> chosen = choices.calls().get(ask);
        return chosen != null && calls.isLegal(chosen) ? chosen : calls.at(0);
    }

    private static CallSet set(Progression version, Ask ask) {
        return version.course().call(ask.set()).orElseThrow();
    }

    /**
     * The choices with one more: a call such as {@code 3+5} where a set of calls has it and is open, else the branch of that
     * id or label of the first fork on the path that is open and has it. Empty where nothing fits.
     */
    public static Optional<Choices> choosing(Progression version, Choices before, String wanted) {
        if (wanted.equals(Choices.OTHER_SIDE) && version.course().alternation().isPresent()) {
            return Optional.of(before.withOtherSide(true));
        }
        if (wanted.equals(Choices.FIRST_REP) && Path.hasLater(version)) {
            return Optional.of(before.withRep(Choices.Rep.FIRST));
        }
        List<String> said = List.of(wanted.split("\\+"));
        Walk walk = new Walk(version, before);
        Optional<Ask> called = walk.asks()
                .filter(a -> !before.calls().containsKey(a) && set(version, a).isLegal(said))
                .findFirst();
        if (called.isPresent()) {
            return Optional.of(before.with(called.get(), said));
        }
        for (Fork fork : walk.forks()) {
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
        Optional<Ask> open =
                new Walk(version, plain).askOf(fork).filter(a -> !before.calls().containsKey(a));
        return open.flatMap(ask -> set(version, ask).some(MOST_WAYS).stream()
                .map(call -> plain.with(ask, call))
                .filter(c -> taken(version, fork, c).equals(branch))
                .findFirst());
    }

    /**
     * All paths, what comes last varied first. Where there are more than {@link #MOST_WAYS}, so many of them, the calls spread
     * evenly over all that may be called.
     */
    public static List<Way> ways(Progression version) {
        List<Way> all = new ArrayList<>();
        goOn(version, START, Integer.MAX_VALUE, MOST_WAYS, all);
        if (all.size() > MOST_WAYS) {
            all.clear();
            goOn(version, START, MOST_WAYS, MOST_WAYS, all);
        }
        return List.copyOf(all.subList(0, Math.min(MOST_WAYS, all.size())));
    }

    private static final Way START = new Way(Choices.USUAL, List.of(), 1);

    /** Whether a version can go more ways than so many; no more are looked for. */
    public static boolean areMoreThan(Progression version, int most) {
        List<Way> some = new ArrayList<>();
        goOn(version, START, Integer.MAX_VALUE, most, some);
        return some.size() > most;
    }

    /**
     * Goes on from a path that is settled up to some call or fork.
     *
     * @param share of all ways that may come of it
     * @param most with one more it ends
     */
    private static void goOn(Progression version, Way way, int share, int most, List<Way> all) {
        if (all.size() > most) {
            return;
        }
        Walk walk = new Walk(version, way.choices());
        Optional<Walk.Decision> open = walk.open();
        if (open.isEmpty()) {
            all.add(way);
        } else if (open.get() instanceof Walk.OfCall call) {
            CallSet set = set(version, call.ask());
            List<List<String>> some = set.some(Math.min(share, MOST_WAYS + 1));
            for (List<String> said : some) {
                Way longer = longer(way, way.choices().with(call.ask(), said), said(said), 1.0 / set.count());
                goOn(version, longer, Math.max(1, share / some.size()), most, all);
            }
        } else if (open.get() instanceof Walk.OfFork at) {
            Fork fork = at.fork();
            Optional<Branch> said = calledFor(fork, walk.said(fork));
            double sum = fork.branches().stream().mapToDouble(Branch::weight).sum();
            for (Branch branch : said.map(List::of).orElse(fork.branches())) {
                Way longer = longer(
                        way,
                        way.choices().with(fork.id(), branch.id()),
                        label(branch, said.isPresent()),
                        said.isPresent() ? 1 : branch.weight() / sum);
                int part = said.isPresent()
                        ? share
                        : Math.max(1, share / fork.branches().size());
                goOn(version, longer, part, most, all);
            }
        }
    }

    private static String said(List<String> call) {
        return String.join(", ", call);
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
        Walk walk = new Walk(version, choices);
        while (walk.open().isPresent()) {
            boolean atFork = false;
            for (Walk.Decision decision : walk.openOnes()) {
                // what comes behind a fork hangs on the way that is taken there
                if (atFork) {
                    break;
                } else if (decision instanceof Walk.OfCall call) {
                    choices = choices.with(call.ask(), set(version, call.ask()).drawn(random));
                } else if (decision instanceof Walk.OfFork at) {
                    Optional<Branch> said = calledFor(at.fork(), new Walk(version, choices).said(at.fork()));
                    Branch branch = said.orElseGet(() -> drawn(at.fork().branches(), random));
                    choices = choices.with(at.fork().id(), branch.id());
                    atFork = true;
                }
            }
            walk = new Walk(version, choices);
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

    /** The path of some choices, with what is called and taken on it, its label and its chance. */
    public static Way way(Progression version, Choices choices) {
        Way way = new Way(choices, List.of(), 1);
        Walk walk = new Walk(version, choices);
        for (Walk.Decision decision : walk.decisions()) {
            if (decision instanceof Walk.OfCall call) {
                List<String> said = called(version, call.ask(), choices);
                way = longer(
                        way,
                        way.choices().with(call.ask(), said),
                        said(said),
                        1.0 / set(version, call.ask()).count());
            } else if (decision instanceof Walk.OfFork at) {
                Fork fork = at.fork();
                Branch branch = walk.taken(fork);
                boolean forced = calledFor(fork, walk.said(fork)).isPresent();
                double sum =
                        fork.branches().stream().mapToDouble(Branch::weight).sum();
                double share = forced ? 1 : branch.weight() / sum;
                way = longer(way, way.choices().with(fork.id(), branch.id()), label(branch, forced), share);
            }
        }
        return way;
    }

    /** The choices with a branch, and where a call decides with one that leads to it, whatever was to be called before. */
    public static Choices towards(Progression version, Fork fork, Branch branch, Choices before) {
        Choices plain = before.with(fork.id(), branch.id());
        Optional<Ask> ask = new Walk(version, plain).askOf(fork);
        return branch.word()
                .flatMap(word ->
                        ask.flatMap(a -> set(version, a).firstWith(word).map(c -> plain.with(a, c))))
                .orElse(plain);
    }

    /** Whether a step is on the path of some choices. */
    public static boolean isOn(Progression version, Step step, Choices choices) {
        return new Walk(version, choices).steps().stream().anyMatch(s -> s.id().equals(step.id()));
    }

    /** Choices of a path on which a step is. */
    public static Choices leadingTo(Progression version, Step step, Choices otherwise) {
        Choices choices = otherwise;
        List<OnBranch> outermostFirst = chain(version, step);
        Collections.reverse(outermostFirst);
        for (OnBranch on : outermostFirst) {
            Fork fork = version.course().fork(on.fork()).orElseThrow();
            choices = towards(version, fork, fork.branch(on.branch()).orElseThrow(), choices);
        }
        if (isOn(version, step, choices)) {
            return choices;
        }
        return ways(version).stream()
                .map(Way::choices)
                .filter(c -> isOn(version, step, c))
                .findFirst()
                .orElse(choices);
    }

    /** Moves that wait for a move that is on no path with them: it could never start them. */
    public static Map<MoveId, MoveId> waitingAcross(Progression version) {
        Map<MoveId, MoveId> found = new LinkedHashMap<>();
        if (!areMany(version)) {
            return found;
        }
        Map<MoveId, List<OnBranch>> where = new HashMap<>();
        for (Step step : version.steps()) {
            List<OnBranch> chain = chain(version, step);
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

    /** All branches that a step lies on, its own first, then those that its fork lies on. */
    static List<OnBranch> chain(Progression version, Step step) {
        List<OnBranch> chain = new ArrayList<>();
        Optional<OnBranch> on = step.on();
        while (on.isPresent() && !chain.contains(on.get())) {
            chain.add(on.get());
            Fork fork = version.course().fork(on.get().fork()).orElseThrow();
            on = version.step(fork.after()).flatMap(Step::on);
        }
        return chain;
    }
}
