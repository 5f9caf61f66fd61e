package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.telling.Branching;

/** What is told: moves, steps, and the ways a rep can go. */
public final class Tellings {

    private Tellings() {}

    /** New moves behind those of a step. @param moves whose ids do not count */
    public static Edit tell(StepId id, List<Move> moves) {
        return Edit.inVersion(EditKind.TELL, (drill, p) -> {
            Progression now = p;
            Set<ElementId> made = new LinkedHashSet<>();
            for (Move move : moves) {
                Optional<Step> step =
                        now.step(id).filter(s -> p.role(move.role()).isPresent());
                if (step.isEmpty()) {
                    return Edit.Change.of(p);
                }
                Move fresh = move.withId(now.nextMoveId());
                now = Pruning.withSteps(now, replaced(now, step.get().withMoveAdded(fresh)), now.course());
                made.add(fresh.id());
            }
            return new Edit.Change(now, made);
        });
    }

    private static List<Step> replaced(Progression p, Step changed) {
        return p.steps().stream()
                .map(s -> s.id().equals(changed.id()) ? changed : s)
                .toList();
    }

    /** A move told otherwise; what it points at has to be there. */
    public static Edit retell(MoveId id, UnaryOperator<Move> change) {
        return Edit.inVersion(
                EditKind.RETELL,
                (drill, p) -> Edit.Change.of(
                        p.stepOf(id).map(step -> retold(p, step, id, change)).orElse(p)));
    }

    private static Progression retold(Progression p, Step step, MoveId id, UnaryOperator<Move> change) {
        Step changed = step.withMoves(step.moves().stream()
                .map(m -> m.id().equals(id) ? change.apply(m).withId(id) : m)
                .toList());
        Progression after = Pruning.withSteps(p, replaced(p, changed), p.course());
        return after.move(id).isPresent() ? after : p;
    }

    /** A step behind a step, on the branch that it is on. */
    public static Edit newStep(StepId behind) {
        return Edit.inVersion(EditKind.NEW_STEP, (drill, p) -> {
            Optional<Step> last = p.step(behind);
            if (last.isEmpty()) {
                return Edit.Change.of(p);
            }
            List<Step> steps = new ArrayList<>(p.steps());
            steps.add(
                    steps.indexOf(last.get()) + 1,
                    new Step(p.nextStepId(), List.of(), List.of())
                            .withOn(last.get().on()));
            return Edit.Change.of(p.withSteps(steps));
        });
    }

    public static Edit deleteStep(StepId id) {
        return inVersion(EditKind.DELETE_STEP, p -> p.step(id).isPresent() ? Removals.step(p, id) : p);
    }

    /** On a branch, or on every way. */
    public static Edit stepOn(StepId id, Optional<OnBranch> on) {
        return inVersion(EditKind.STEP_ON, p -> {
            boolean there = on.map(o -> p.course()
                            .fork(o.fork())
                            .flatMap(f -> f.branch(o.branch()))
                            .isPresent())
                    .orElse(true);
            return there ? step(p, id, s -> s.withOn(on)) : p;
        });
    }

    /**
     * Writes a coaching point; without words it goes.
     *
     * @param index which of the step; -1 for a new one
     */
    public static Edit coachingPoint(StepId id, int index, String text) {
        return inVersion(
                EditKind.COACHING_POINT, p -> step(p, id, s -> s.withPoints(written(s.points(), index, text))));
    }

    private static List<String> written(List<String> before, int index, String text) {
        List<String> points = new ArrayList<>(before);
        boolean there = index >= 0 && index < points.size();
        if (there) {
            points.remove(index);
        }
        if (!text.isEmpty()) {
            points.add(there ? index : points.size(), text);
        }
        return points;
    }

    /** Asks something at a step, at the moment at which it was asked before; without words it is not asked. */
    public static Edit question(StepId id, String ask, String answer) {
        return inVersion(
                EditKind.QUESTION,
                p -> step(
                        p,
                        id,
                        s -> s.withQuestion(
                                ask.isEmpty()
                                        ? Optional.empty()
                                        : Optional.of(new Question(s.question().flatMap(Question::at), ask, answer)))));
    }

    private static Progression step(Progression p, StepId id, UnaryOperator<Step> change) {
        return p.step(id)
                .map(s -> Pruning.withSteps(p, replaced(p, change.apply(s)), p.course()))
                .orElse(p);
    }

    // ---- ways ----

    public static Edit fork(StepId after, Fork.By by) {
        return inVersion(
                EditKind.FORK,
                p -> p.step(after)
                        .filter(s -> Branching.canDecide(p, s, by))
                        .map(s -> Branching.fork(p, after, by))
                        .orElse(p));
    }

    public static Edit removeFork(ForkId id) {
        return inVersion(EditKind.FORK_REMOVE, p -> Removals.fork(p, id));
    }

    public static Edit addBranch(ForkId id, String label) {
        return inFork(EditKind.BRANCH_ADD, id, (p, fork) -> Branching.branch(p, id, label));
    }

    public static Edit branch(ForkId id, BranchId branch, UnaryOperator<Branch> change) {
        return inFork(
                EditKind.BRANCH_CHANGE,
                id,
                (p, fork) -> fork.branch(branch)
                        .map(b -> Branching.with(p, id, change.apply(b)))
                        .orElse(p));
    }

    /** Those who race race to something else; nothing where it is no race. */
    public static Edit race(ForkId id, Race race) {
        return inFork(
                EditKind.RACE,
                id,
                (p, fork) -> fork.race().isEmpty()
                        ? p
                        : Pruning.withSteps(p, p.steps(), p.course().with(fork.withRace(race))));
    }

    public static Edit removeBranch(ForkId id, BranchId branch) {
        return inFork(EditKind.BRANCH_REMOVE, id, (p, fork) -> Removals.branch(p, id, branch));
    }

    /** What is done to a fork, if the newest version still has it. */
    private static Edit inFork(EditKind kind, ForkId id, BiFunction<Progression, Fork, Progression> change) {
        return inVersion(
                kind, p -> p.course().fork(id).map(f -> change.apply(p, f)).orElse(p));
    }

    private static Edit inVersion(EditKind kind, UnaryOperator<Progression> change) {
        return Edit.inVersion(kind, (drill, p) -> Edit.Change.of(change.apply(p)));
    }
}
