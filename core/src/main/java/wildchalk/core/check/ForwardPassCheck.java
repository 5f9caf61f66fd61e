package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.runthrough.RunThrough;

/** Finds passes towards the other side's goal line where the sport allows none: in rugby. */
final class ForwardPassCheck {

    private static final Flaw FORWARD_PASS = Flaw.warn("forward-pass");

    /** Level is allowed, and nobody draws to the hand's breadth, m. */
    private static final double LEVEL_METRES = 0.3;

    /** Who carries it so far along the field (m) says which way his side plays. */
    private static final double SAYS_METRES = 3;

    private ForwardPassCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        if (!run.drill().surface().sport().startsWith("rugby")) {
            return found;
        }
        for (Way way : BallWays.of(run)) {
            double forward = (way.end().x() - way.start().x())
                    * direction(run, way.move().role());
            if (!way.isShot() && forward > LEVEL_METRES) {
                found.add(Finding.of(FORWARD_PASS, way.move().id(), way.move().role())
                        .with(Quantity.METRES, forward)
                        .at(way.start(), way.from()));
            }
        }
        return found;
    }

    /** 1 or -1 along the field, from where the side of a role carries the ball; 0 where that does not tell. */
    private static int direction(RunThrough run, RoleId passer) {
        Side side = run.path().role(passer).map(Role::side).orElse(Side.ATTACK);
        double along = 0;
        for (Move move : run.path().moves()) {
            MoveSpan span = run.timeline().move(move.id());
            boolean own =
                    run.path().role(move.role()).filter(r -> r.side() == side).isPresent();
            if (own && move instanceof Travel && span.happens() && span.carrying()) {
                along += run.timeline().poseAt(move.role(), span.end()).at().x()
                        - run.timeline().poseAt(move.role(), span.start()).at().x();
            }
        }
        return Math.abs(along) < SAYS_METRES ? 0 : along > 0 ? 1 : -1;
    }
}
