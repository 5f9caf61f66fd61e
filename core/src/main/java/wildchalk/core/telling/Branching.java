package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Verdict;
import wildchalk.core.text.Slugs;
import wildchalk.core.text.Texts;

/** Lets a drill go several ways: new forks with branches that make sense, each with a step to draw on. */
public final class Branching {

    private Branching() {}

    /** Whether something in a step can decide: a contest for the ball, a shot; calls and chance always can. */
    public static boolean canDecide(Scene scene, Step step, Fork.By by) {
        return switch (by) {
            case BALL -> contest(step).isPresent();
            case SHOT -> shot(step).isPresent();
            case CHALLENGE -> challenge(step).isPresent();
            case PLAY -> openPlay(step).isPresent();
            case FIRST -> runners(step).size() > 1;
            case PLACE -> !scene.balls().isEmpty() && !scene.layout().zones().isEmpty();
            case CALL, CHANCE -> true;
        };
    }

    /** With a fork after a step of it. */
    public static Progression fork(Progression whole, StepId after, Fork.By by) {
        Step step = whole.step(after).orElseThrow();
        Progression p = by == Fork.By.CALL && whole.course().calls().isEmpty()
                ? whole.withCourse(whole.course().with(usualCalls(whole)))
                : whole;
        Optional<CallSet> calls =
                by == Fork.By.CALL ? Optional.of(p.course().calls().get(0)) : Optional.empty();
        List<Branch> branches =
                switch (by) {
                    case BALL -> winners(p, contest(step).orElseThrow());
                    case SHOT -> ends();
                    case CHALLENGE -> verdicts(challenge(step).orElseThrow());
                    case PLAY -> endings(openPlay(step).orElseThrow());
                    case FIRST -> firsts(p, runners(step));
                    case PLACE -> places(p);
                    case CALL -> words(calls.orElseThrow());
                    case CHANCE -> chances();
                };
        Optional<Move> decider =
                switch (by) {
                    case BALL -> contest(step);
                    case SHOT -> shot(step);
                    case CHALLENGE -> challenge(step);
                    case PLAY -> openPlay(step);
                    case PLACE -> contest(step).or(() -> challenge(step));
                    case FIRST, CALL, CHANCE -> Optional.empty();
                };
        Optional<Race> race = by == Fork.By.FIRST ? Optional.of(race(p, step)) : Optional.empty();
        Fork fork = new Fork(p.nextForkId(), after, by, decider.map(Move::id), calls.map(CallSet::id), race, branches);
        Progression forked = p.withCourse(p.course().with(fork));
        for (Branch branch : branches) {
            forked = withStep(forked, fork.id(), branch.id());
        }
        return forked;
    }

    /** With one more branch, and a step on it. */
    public static Progression branch(Progression whole, ForkId id, String label) {
        Fork fork = whole.course().fork(id).orElseThrow();
        Set<String> taken = fork.branches().stream().map(b -> b.id().text()).collect(Collectors.toSet());
        String slug = Slugs.of(label);
        BranchId branch = new BranchId(
                taken.contains(slug) ? Slugs.next(slug.substring(0, Math.min(50, slug.length())), taken) : slug);
        List<Branch> list = new ArrayList<>(fork.branches());
        Branch added = new Branch(branch, label, 1);
        list.add(
                switch (fork.by()) {
                    case CALL -> added.withWord(label);
                    case CHALLENGE -> withVerdict(whole, fork, added);
                    case SHOT -> withEnd(added);
                    case BALL, PLAY, FIRST, PLACE, CHANCE -> added;
                });
        return withStep(whole.withCourse(whole.course().with(fork.withBranches(list))), id, branch);
    }

    /** With one branch other than it was. */
    public static Progression with(Progression whole, ForkId id, Branch changed) {
        Fork fork = whole.course().fork(id).orElseThrow();
        return whole.withCourse(whole.course()
                .with(fork.withBranches(fork.branches().stream()
                        .map(b -> b.id().equals(changed.id()) ? changed : b)
                        .toList())));
    }

    private static Progression withStep(Progression p, ForkId fork, BranchId branch) {
        StepId id = p.nextStepId();
        Step step = new Step(id, List.of(), List.of()).withOn(Optional.of(new OnBranch(fork, branch)));
        List<Step> steps = new ArrayList<>(p.steps());
        steps.add(place(p, fork), step);
        return p.withSteps(steps);
    }

    /** Behind the step of the fork and what hangs on it already, before the steps that all paths join in. */
    private static int place(Progression p, ForkId fork) {
        StepId after = p.course().fork(fork).orElseThrow().after();
        Optional<OnBranch> on = p.step(after).orElseThrow().on();
        int at = p.steps().indexOf(p.step(after).orElseThrow()) + 1;
        while (at < p.steps().size() && !p.steps().get(at).on().equals(on)) {
            at++;
        }
        return at;
    }

    private static Optional<Move> contest(Step step) {
        return last(step, m -> m instanceof Act a && a.deed() instanceof Deed.Contest);
    }

    private static Optional<Move> challenge(Step step) {
        return last(step, m -> m instanceof Act a && a.deed() instanceof Challenge);
    }

    private static List<Branch> verdicts(Move challenge) {
        Bid bid = ((Challenge) ((Act) challenge).deed()).bid();
        return bid.verdicts().stream()
                .filter(v -> v == bid.verdicts().get(0) || v == Verdict.MISSED)
                .map(v -> new Branch(new BranchId(Slugs.of(v.name().toLowerCase(Locale.ROOT))), verdict(bid, v), 1)
                        .withVerdict(v))
                .toList();
    }

    private static String verdict(Bid bid, Verdict verdict) {
        return text("verdict." + bid + "." + verdict);
    }

    private static Optional<Move> openPlay(Step step) {
        return last(step, m -> m instanceof Act a && a.deed() instanceof OpenPlay);
    }

    /** A way for each ending; a second one where there is but one. */
    private static List<Branch> endings(Move play) {
        OpenPlay open = (OpenPlay) ((Act) play).deed();
        List<Branch> all = new ArrayList<>();
        for (PlayEnd end : open.endings()) {
            String id = end.name().toLowerCase(Locale.ROOT);
            all.add(new Branch(new BranchId(id), text("ending." + end), 1).withEnding(end));
        }
        if (all.size() == 1) {
            all.add(new Branch(new BranchId("else"), text("second"), 1));
        }
        return all;
    }

    /** Those who run in a step. */
    private static List<RoleId> runners(Step step) {
        return step.moves().stream()
                .filter(m -> m instanceof Travel)
                .map(Move::role)
                .distinct()
                .toList();
    }

    /** Who is first, each, and nobody. */
    private static List<Branch> firsts(Progression p, List<RoleId> runners) {
        List<Branch> all = new ArrayList<>();
        for (RoleId r : runners) {
            all.add(new Branch(
                            new BranchId(Slugs.of("first " + r.text())),
                            text("is-first", p.role(r).orElseThrow().label()),
                            1)
                    .withWinner(r));
        }
        all.add(new Branch(new BranchId("close"), text("close"), 1));
        return all;
    }

    /** In each zone that was drawn, and anywhere else. */
    private static List<Branch> places(Progression p) {
        List<Branch> all = new ArrayList<>();
        p.layout().zones().stream()
                .limit(MOST_PLACES)
                .forEach(z ->
                        all.add(new Branch(new BranchId(Slugs.of("in " + z.id().text())), text("in-zone", z.name()), 1)
                                .withZone(Optional.of(z.id().text()))));
        all.add(new Branch(new BranchId("else"), text("elsewhere"), 1));
        return all;
    }

    private static final int MOST_PLACES = 3;

    /** To the ball that lies free where they go for it, else to where the first of them ends. */
    private static Race race(Progression p, Step step) {
        List<RoleId> runners = runners(step);
        List<Travel> runs = step.moves().stream()
                .filter(m -> m instanceof Travel)
                .map(Travel.class::cast)
                .toList();
        Optional<BallId> loose = p.balls().stream()
                .filter(b -> b.start().match(with -> false, lies -> true))
                .map(Ball::id)
                .findFirst();
        boolean forBall = runs.stream().anyMatch(t -> t.seeks().isPresent());
        if (forBall && (loose.isPresent() || !p.balls().isEmpty())) {
            return Race.forBall(loose.orElseGet(() -> p.balls().get(0).id()), runners);
        }
        Travel first = runs.get(0);
        return Race.to(
                new Region.NearPlace(first.path().get(first.path().size() - 1).at(), SPOT_METRES), runners);
    }

    /** Who comes so near (m) to a spot is there. */
    private static final double SPOT_METRES = 1;

    /** Whether a label is one of the words for what may become of something: "save", "held up". */
    private static boolean isCalled(String label, Enum<?> what) {
        return label.toLowerCase(Locale.ROOT)
                .contains(what.name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    /** With what its label says of a shot; nothing is guessed. */
    private static Branch withEnd(Branch added) {
        return Stream.of(ShotEnd.values())
                .filter(e -> isCalled(added.label(), e))
                .findFirst()
                .map(added::withResult)
                .orElse(added);
    }

    /** With what its label says of the challenge that decides. */
    private static Branch withVerdict(Progression p, Fork fork, Branch added) {
        return fork.decider().flatMap(p::move).stream()
                .flatMap(m -> m instanceof Act a && a.deed() instanceof Challenge c
                        ? c.bid().verdicts().stream()
                                .filter(v -> isCalled(added.label(), v)
                                        || added.label().equalsIgnoreCase(verdict(c.bid(), v)))
                        : Stream.<Verdict>empty())
                .findFirst()
                .map(added::withVerdict)
                .orElse(added);
    }

    private static Optional<Move> shot(Step step) {
        return last(step, m -> m instanceof Shot);
    }

    private static Optional<Move> last(Step step, Predicate<Move> wanted) {
        return step.moves().stream().filter(wanted).reduce((a, b) -> b);
    }

    private static List<Branch> winners(Progression p, Move contest) {
        List<RoleId> all = new ArrayList<>(List.of(contest.role()));
        all.addAll(contest.others());
        return all.stream()
                .distinct()
                .map(r -> new Branch(
                                new BranchId(Slugs.of("wins " + r.text())),
                                text("wins", p.role(r).orElseThrow().label()),
                                1)
                        .withWinner(r))
                .toList();
    }

    private static List<Branch> ends() {
        return List.of(
                new Branch(new BranchId("goal"), text("goal"), 1)
                        .withResult(ShotEnd.GOAL)
                        .withEnds(true),
                new Branch(new BranchId("save"), text("save"), 1).withResult(ShotEnd.SAVE),
                new Branch(new BranchId("rebound"), text("rebound"), 1).withResult(ShotEnd.REBOUND));
    }

    private static List<Branch> words(CallSet calls) {
        return calls.options().stream()
                .map(o -> new Branch(new BranchId(Slugs.of(o)), o, 1).withWord(o))
                .toList();
    }

    private static List<Branch> chances() {
        return List.of(
                new Branch(new BranchId("a"), text("first"), 1), new Branch(new BranchId("b"), text("second"), 1));
    }

    /** Left and right, until the coach says otherwise. */
    public static CallSet usualCalls(Progression p) {
        return new CallSet(p.nextCallId(), List.of(text("left"), text("right")), 1, false, 0);
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get("branch." + key, arguments);
    }
}
