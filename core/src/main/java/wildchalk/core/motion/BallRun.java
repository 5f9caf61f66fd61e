package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/** One ball while a timeline is compiled. */
final class BallRun {

    final BallId id;
    final BallKind kind;
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

    BallRun(Ball ball) {
        this.id = ball.id();
        this.kind = ball.kind();
    }

    /** Where it is, as things are planned now. */
    Point at(double t, Map<RoleId, Runner> runners) {
        return stateAt(t)
                .match(
                        h -> runners.get(h.role()).at(t),
                        BallState.Loose::at,
                        f -> f.flight().at(t),
                        BallState.Dead::at);
    }

    /** From when on it stays where it is, as things are planned now. */
    double restsAt(Map<RoleId, Runner> runners) {
        return state().match(
                        h -> runners.get(h.role()).restsAt(),
                        l -> 0.0,
                        f -> f.flight().end(),
                        d -> 0.0);
    }

    /** The state that it is in at a second. */
    BallState stateAt(double t) {
        int i = states.size() - 1;
        while (i > 0 && states.get(i).start() > t) {
            i--;
        }
        return states.get(i);
    }

    /** What is planned with it, as one number that changes when that does. */
    long plans(Map<RoleId, Runner> runners) {
        long holder = state().holder().map(r -> (long) runners.get(r).plans).orElse(0L);
        return states.size() * 10_007L + version * 101L + holder;
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
