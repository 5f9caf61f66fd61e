package wildchalk.core.edit;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Stint;
import wildchalk.core.path.Path;

/** Rules, calls, and what comes after a rep. What points at something that is no longer there is left out. */
public final class Courses {

    private Courses() {}

    /** @param rule whose id does not count */
    public static Edit addRule(Rule rule) {
        return inVersion(EditKind.RULE_ADD, p -> p.course().with(rule.withId(p.nextRuleId())));
    }

    /** A rule says otherwise. */
    public static Edit rule(Rule rule) {
        return course(EditKind.RULE_CHANGE, c -> c.with(rule));
    }

    public static Edit removeRule(RuleId id) {
        return course(
                EditKind.RULE_REMOVE,
                c -> c.withRules(
                        c.rules().stream().filter(r -> !r.id().equals(id)).toList()));
    }

    /** Steps are done again. @param repeat whose id does not count */
    public static Edit addRepeat(Repeat repeat) {
        return inVersion(EditKind.REPEAT_ADD, p -> p.course().with(repeat.withId(p.nextRepeatId())));
    }

    /** They are done again elsewhere, or more often. */
    public static Edit repeat(Repeat repeat) {
        return course(
                EditKind.REPEAT_CHANGE,
                c -> c.repeats().stream().anyMatch(r -> r.id().equals(repeat.id())) ? c.with(repeat) : c);
    }

    /** What is done again becomes steps of its own, so that each can be changed by itself. */
    public static Edit writeOut(RepeatId id) {
        return Edit.inVersion(EditKind.REPEAT_WRITTEN, (drill, p) -> Edit.Change.of(Path.writtenOut(p, id)));
    }

    public static Edit removeRepeat(RepeatId id) {
        return course(
                EditKind.REPEAT_REMOVE,
                c -> c.withRepeats(
                        c.repeats().stream().filter(r -> !r.id().equals(id)).toList()));
    }

    /** @param set whose id does not count */
    public static Edit addCalls(CallSet set) {
        return inVersion(EditKind.CALLS_ADD, p -> p.course().with(set.withId(p.nextCallId())));
    }

    /** With the forks that go by it. */
    public static Edit removeCalls(CallId id) {
        return course(
                EditKind.CALLS_REMOVE,
                c -> c.withCalls(
                        c.calls().stream().filter(x -> !x.id().equals(id)).toList()));
    }

    public static Edit launch(Optional<Launch> launch) {
        return course(EditKind.LAUNCH, c -> c.withLaunch(launch));
    }

    public static Edit stint(Stint stint) {
        return course(EditKind.STINT, c -> c.withStint(stint));
    }

    public static Edit scoring(Scoring scoring) {
        return course(EditKind.SCORING, c -> c.withScoring(scoring));
    }

    public static Edit rotation(Rotation turn) {
        return course(EditKind.ROTATION_SET, c -> c.with(turn));
    }

    public static Edit removeRotation(RoleId role) {
        return course(
                EditKind.ROTATION_REMOVE,
                c -> c.withRotation(c.rotation().stream()
                        .filter(r -> !r.role().equals(role))
                        .toList()));
    }

    private static Edit course(EditKind kind, UnaryOperator<Course> change) {
        return inVersion(kind, p -> change.apply(p.course()));
    }

    private static Edit inVersion(EditKind kind, Function<Progression, Course> change) {
        return Edit.inVersion(kind, (drill, p) -> Edit.Change.of(Pruning.withSteps(p, p.steps(), change.apply(p))));
    }
}
