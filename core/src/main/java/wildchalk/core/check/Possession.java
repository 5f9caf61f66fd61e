package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/**
 * A time for which somebody has a ball, and what he does with it meanwhile; how often he touches or bounces it is an estimate from
 * how far he goes.
 *
 * @param gets whether he got it during the rep, and did not start with it
 * @param releases whether he lets it go again
 * @param oneTouch whether he sends it on at the touch
 * @param metres how far he goes with it
 */
record Possession(
        RoleId role, double from, double to, boolean gets, boolean releases, boolean oneTouch, double metres) {

    /** A ball at the feet is touched about every so many metres (estimate). */
    private static final double FOOT_STRIDE_METRES = 2.5;

    private static final double STICK_STRIDE_METRES = 2;
    /** A ball is bounced about every so many metres (estimate: two steps of a run). */
    private static final double BOUNCE_METRES = 2.2;
    /** Who takes so short a way needs no bounce, m. */
    private static final double STEP_METRES = 1.2;
    /** Three steps without a bounce are allowed in handball, m. */
    private static final double THREE_STEPS_METRES = 3;

    /** All of a rep but those within open play, in the order of balls and time. */
    static List<Possession> of(RunThrough run) {
        Timeline timeline = run.timeline();
        Map<MoveId, Double> released = new HashMap<>();
        timeline.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.RELEASED && h.move().isPresent())
                .forEach(h -> released.put(h.move().get(), h.seconds()));
        List<Possession> all = new ArrayList<>();
        for (var ball : timeline.ballIds()) {
            List<BallState> states = timeline.ballStates(ball);
            for (int i = 0; i < states.size(); i++) {
                Optional<RoleId> holder = states.get(i).holder();
                if (holder.isEmpty()) {
                    continue;
                }
                double from = states.get(i).start();
                double to = i + 1 < states.size() ? states.get(i + 1).start() : timeline.seconds();
                Optional<Move> sent = run.path().moves().stream()
                        .filter(m -> m.role().equals(holder.get()) && m.isBallRelease())
                        .filter(m -> Math.abs(released.getOrDefault(m.id(), Double.NaN) - to) < 1e-6)
                        .findFirst();
                boolean touch = sent.filter(
                                m -> m instanceof Pass p && p.oneTouch() || m instanceof Shot s && s.oneTouch())
                        .isPresent();
                all.add(new Possession(
                        holder.get(),
                        from,
                        to,
                        i > 0,
                        sent.isPresent(),
                        touch,
                        timeline.metres(holder.get(), from, to)));
            }
        }
        return all;
    }

    /** About how often he touches it, its reception and its release counted. */
    int touches(String sport) {
        if (oneTouch) {
            return 1;
        }
        double stride = sport.equals("football") || sport.equals("futsal") ? FOOT_STRIDE_METRES : STICK_STRIDE_METRES;
        return Math.max(1, (gets ? 1 : 0) + (int) Math.floor(metres / stride) + (releases ? 1 : 0));
    }

    /** About how often he bounces it. */
    int dribbles(String sport) {
        double free = sport.equals("handball") ? THREE_STEPS_METRES : STEP_METRES;
        return metres <= free ? 0 : Math.max(1, (int) Math.round((metres - free) / BOUNCE_METRES));
    }
}
