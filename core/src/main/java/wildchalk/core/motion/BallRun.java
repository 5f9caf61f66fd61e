package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.BallId;

/** One ball while a timeline is compiled. */
final class BallRun {

    final BallId id;
    final List<BallState> states = new ArrayList<>();
    /** Since when somebody holds it; before the whistle for a ball that starts in hand. */
    double heldSince = Double.NEGATIVE_INFINITY;
    /** The pass or shot that it is flying for. */
    Job flyingFor;
    /** Who is meant to catch it; null for a shot or a pass to a place. */
    Runner receiver;
    /** Whether its pass cannot be caught as things are planned now. */
    boolean lost;
    /** How its pass flies; null for a shot. */
    Lane lane;
    /** When its receiver meets it; not a number for one that comes down at a place. */
    double meets = Double.NaN;
    /** Whether it comes off a goal. */
    boolean rebounding;
    /** Goes up when its landing is planned anew, so that the old landing is passed over. */
    int version;

    BallRun(BallId id) {
        this.id = id;
    }

    BallState state() {
        return states.get(states.size() - 1);
    }

    Flight flight() {
        return ((BallState.InFlight) state()).flight();
    }

    boolean flies() {
        return state() instanceof BallState.InFlight;
    }

    void set(BallState next) {
        // a state that lasts no time is no state: the next one takes its place
        if (!states.isEmpty() && state().start() >= next.start()) {
            states.remove(states.size() - 1);
        }
        states.add(next);
    }
}
