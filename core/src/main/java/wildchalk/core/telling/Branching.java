package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.text.Slugs;
import wildchalk.core.text.Texts;

/** Lets a drill go several ways: new forks with branches that make sense, each with a step to draw on. */
public final class Branching {

    private Branching() {}

    /** Whether something in a step can decide: a contest for the ball, a shot; calls and chance always can. */
    public static boolean canDecide(Step step, Fork.By by) {
        return switch (by) {
            case BALL -> contest(step).isPresent();
            case SHOT -> shot(step).isPresent();
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
                    case CALL -> words(calls.orElseThrow());
                    case CHANCE -> chances();
                };
        Optional<Move> decider =
                by == Fork.By.BALL ? contest(step) : by == Fork.By.SHOT ? shot(step) : Optional.empty();
        Fork fork = new Fork(p.nextForkId(), after, by, decider.map(Move::id), calls.map(CallSet::id), branches);
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
        list.add(fork.by() == Fork.By.CALL ? added.withWord(label) : added);
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
