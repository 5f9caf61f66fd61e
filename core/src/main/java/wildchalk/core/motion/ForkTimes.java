package wildchalk.core.motion;

import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;

/** When a path decides which way it goes: until then all ways are the same to the eye. */
public final class ForkTimes {

    /** A fork is met a little before its moment, so that nothing of one way is seen yet, s. */
    private static final double BEFORE_SECONDS = 1e-3;

    private ForkTimes() {}

    /**
     * Seconds from the whistle: as the shot that decides is released, as the contest that decides ends, else as its step
     * ends.
     */
    public static double at(Progression path, Timeline timeline, Fork fork) {
        Step step = path.step(fork.after()).orElseThrow();
        double end = timeline.step(fork.after()).end() - BEFORE_SECONDS;
        double decided = fork.decider()
                .filter(m -> step.moves().stream().anyMatch(x -> x.id().equals(m)))
                .map(timeline::move)
                .filter(MoveSpan::happens)
                .map(m -> fork.by() == Fork.By.SHOT ? m.start() : wonBy(timeline, m))
                .orElse(end);
        return Math.max(0, decided);
    }

    /** The fight ends before the ball is on its way to the winner. */
    private static double wonBy(Timeline timeline, MoveSpan contest) {
        return Math.min(contest.roleFree(), contest.end()) - BEFORE_SECONDS;
    }
}
