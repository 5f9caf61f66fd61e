package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Pace;
import wildchalk.core.reps.Conditions;
import wildchalk.core.reps.RepFlow;
import wildchalk.core.reps.RepScript;
import wildchalk.core.reps.Somebody;
import wildchalk.core.runthrough.RunThrough;

/** Finds those who walk back after their rep through the line of a shot of a rep after them. */
final class WalkersCheck {

    private static final Flaw WALK_LANE = Flaw.note("walk-lane");

    /** By then everybody walks, waits and plays. */
    private static final int FIRST_REP = 3;

    private static final int REPS = 4;

    /** A ball is followed so finely (s): nobody walks far meanwhile. */
    private static final double LOOK_SECONDS = 0.05;

    private WalkersCheck() {}

    static List<Finding> of(RunThrough run) {
        boolean anybodyWaits =
                run.path().lines().stream().anyMatch(l -> !l.feeds().isEmpty());
        List<Way> shots = run.path().course().launch().isEmpty() || !anybodyWaits
                ? List.of()
                : BallWays.of(run).stream()
                        .filter(w -> w.isShot() && !BallWays.goesOverHeads(run, w))
                        .toList();
        if (shots.isEmpty()) {
            return List.of();
        }
        RepScript script = RepScript.of(run.path(), run.timeline(), Pace.of(run.drill()));
        RepFlow flow = RepFlow.of(script, Conditions.AS_DRAWN);
        double lane = run.clearances().laneMetres();
        List<Finding> found = new ArrayList<>();
        shots.forEach(s -> nearest(run, flow, s, lane).ifPresent(found::add));
        return found;
    }

    private static Optional<Finding> nearest(RunThrough run, RepFlow flow, Way shot, double lane) {
        double least = lane;
        Finding worst = null;
        for (int rep = FIRST_REP; rep < FIRST_REP + REPS; rep++) {
            for (double t = shot.from(); t <= shot.to(); t += LOOK_SECONDS) {
                Point ball = run.timeline().ballAt(shot.ball(), t);
                if (ball.isWithin(BallWays.AT_HAND_METRES, shot.start())) {
                    continue;
                }
                for (Somebody one : flow.at(flow.startOf(rep) + t)) {
                    double metres = one.at().distanceTo(ball);
                    if (one.doing() == Somebody.Doing.WALKS && metres < least) {
                        least = metres;
                        worst = Finding.of(
                                        WALK_LANE, shot.move().id(), shot.move().role(), one.role())
                                .with(Quantity.NEARNESS, metres)
                                .at(one.at(), t);
                    }
                }
            }
        }
        return Optional.ofNullable(worst);
    }
}
