package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Shot;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalShape;

/** Passes and shots of a run-through with the ways of their balls. */
final class BallWays {

    /** A ball is followed so finely (s): at 30 m/s a third of a metre. */
    static final double LOOK_SECONDS = 0.01;

    /**
     * A ball from its release to its catch or its target.
     *
     * @param move a pass or a shot
     */
    record Way(Move move, BallId ball, Flight flight, double from, double to) {

        Point start() {
            return flight.from();
        }

        Point end() {
            return flight.to();
        }

        boolean isShot() {
            return move instanceof Shot;
        }

        Optional<Pass> pass() {
            return move instanceof Pass p ? Optional.of(p) : Optional.empty();
        }

        /** Whether it goes over everybody's head. */
        boolean isHigh() {
            return flight.high();
        }
    }

    /** The ball has to be out of the hand that sends it, and not yet in the one that gets it: so far (m) it is at hand. */
    static final double AT_HAND_METRES = 1;

    private BallWays() {}

    /** Whether a shot goes over everybody: at a ring; or at no goal that is there, of which something else is said. */
    static boolean goesOverHeads(RunThrough run, Way shot) {
        return Goals.find(run.path(), run.drill().surface(), ((Shot) shot.move()).goal())
                .filter(g -> g.shape() != GoalShape.RING)
                .isEmpty();
    }

    /** Those that happen, in the order in which they are told. */
    static List<Way> of(RunThrough run) {
        Timeline timeline = run.timeline();
        Map<MoveId, BallId> released = new HashMap<>();
        for (Happening h : timeline.happenings()) {
            if (h.kind() == Happening.Kind.RELEASED) {
                h.move().ifPresent(m -> released.putIfAbsent(m, h.ball()));
            }
        }
        List<Way> all = new ArrayList<>();
        for (Move move : run.path().moves()) {
            BallId ball = released.get(move.id());
            if (ball != null) {
                double from = timeline.move(move.id()).start();
                if (timeline.ballStateAt(ball, from) instanceof BallState.InFlight f) {
                    double to = Math.max(from, timeline.move(move.id()).end());
                    all.add(new Way(move, ball, f.flight(), from, to));
                }
            }
        }
        return all;
    }
}
