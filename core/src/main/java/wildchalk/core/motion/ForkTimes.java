package wildchalk.core.motion;

import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Step;
import wildchalk.core.path.Path;

/** When a path decides which way it goes: until then all ways are the same to the eye. */
public final class ForkTimes {

    /** A fork is met a little before its moment, so that nothing of one way is seen yet, s. */
    static final double BEFORE_SECONDS = 1e-3;

    private ForkTimes() {}

    /**
     * Seconds from the whistle: as the shot that decides is released, as the contest that decides ends, else as the next
     * step may begin; moves that run on into that one are not waited for.
     */
    public static double at(Path path, Timeline timeline, Fork fork) {
        Step step = path.step(fork.after()).orElseThrow();
        double end = closes(path, timeline, step) - BEFORE_SECONDS;
        double decided = fork.decider()
                .filter(m -> step.moves().stream().anyMatch(x -> x.id().equals(m)))
                .map(timeline::move)
                .filter(MoveSpan::happens)
                .map(m -> decided(timeline, fork, m))
                .orElse(end);
        return Math.max(0, decided);
    }

    private static double decided(Timeline timeline, Fork fork, MoveSpan by) {
        if (fork.by() == Fork.By.SHOT) {
            return by.start();
        }
        return timeline.metAt(by.move()).map(t -> t - BEFORE_SECONDS).orElseGet(() -> wonBy(timeline, by));
    }

    private static double closes(Path path, Timeline timeline, Step step) {
        StepSpan span = timeline.step(step.id());
        double done = step.moves().stream()
                .filter(m -> m.holdsStep())
                .map(m -> timeline.move(m.id()))
                .filter(MoveSpan::happens)
                .mapToDouble(MoveSpan::end)
                .max()
                .orElse(span.start());
        int next = path.steps().indexOf(step) + 1;
        double begun = next < path.steps().size()
                ? timeline.step(path.steps().get(next).id()).start()
                : span.end();
        return Math.min(Math.min(done, begun), span.end());
    }

    /** The fight ends before the ball is on its way to the winner. */
    private static double wonBy(Timeline timeline, MoveSpan contest) {
        return Math.min(contest.roleFree(), contest.end()) - BEFORE_SECONDS;
    }
}
