package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.check.Encounters.Encounter;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Launches;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.RunThrough;

/** Finds people of one rep who are in the way of those of the next, where the next begins before the first is over. */
final class RepsCheck {

    private static final Flaw REPS_TRAFFIC = Flaw.warn("reps-traffic");
    private static final Flaw REPS_LANE = Flaw.warn("reps-lane");

    private RepsCheck() {}

    static List<Finding> of(RunThrough run) {
        Optional<Double> period = Launches.period(run.path(), run.timeline());
        if (period.isEmpty() || period.get() >= run.timeline().seconds()) {
            return List.of();
        }
        // who stays in a part can only play one rep at a time
        List<Role> others = run.path().roles().stream()
                .filter(r -> run.path().lineFeeding(r.id()).isPresent())
                .toList();
        NextRep next = NextRep.after(run);
        Clearances clear = run.clearances();
        List<Finding> found = new ArrayList<>();
        for (Encounter e : Encounters.ofReps(run, next, period.get(), others)) {
            if (clear.areTooNear(e.metres(), e.closing())) {
                found.add(Finding.of(
                                REPS_TRAFFIC,
                                e.first(),
                                e.second(),
                                e.moves().get(0).orElseThrow(),
                                e.moves().get(1).orElseThrow())
                        .with(Quantity.NEARNESS, e.metres())
                        .with(Quantity.SPEED, e.closing())
                        .at(e.at(), e.seconds()));
            }
        }
        for (Way way : BallWays.of(run)) {
            if (way.isShot() && !BallWays.goesOverHeads(run, way)) {
                lane(run, next, way, period.get(), others, clear).ifPresent(found::add);
                lane(run, next, way, -period.get(), others, clear).ifPresent(found::add);
            }
        }
        return found;
    }

    /** Somebody of a rep that began so much later in the line of a shot. */
    private static Optional<Finding> lane(
            RunThrough run, NextRep next, Way way, double later, List<Role> others, Clearances clear) {
        Finding worst = null;
        double least = clear.laneMetres();
        for (Role role : others) {
            for (double t = way.from(); t <= way.to() && role.side() != Side.KEEPER; t += BallWays.LOOK_SECONDS) {
                double into = t - later;
                Point ball = run.timeline().ballAt(way.ball(), t);
                boolean plays = into > 0 && into < next.timeline().seconds();
                if (plays && ball.distanceTo(way.start()) > BallWays.AT_HAND_METRES) {
                    Point body = next.timeline().poseAt(role.id(), into).at();
                    if (ball.distanceTo(body) < least) {
                        least = ball.distanceTo(body);
                        worst = Finding.of(
                                        REPS_LANE, way.move().id(), way.move().role(), role.id())
                                .with(Quantity.NEARNESS, least)
                                .at(body, t);
                    }
                }
            }
        }
        return Optional.ofNullable(worst);
    }
}
