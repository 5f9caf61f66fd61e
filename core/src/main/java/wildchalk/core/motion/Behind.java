package wildchalk.core.motion;

import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Travel;

/**
 * Somebody who goes by others and cannot keep up with where he should be. Who runs on where the other one stops is not behind.
 *
 * @param metres by how much at most
 * @param seconds when that is, from the whistle
 */
public record Behind(double metres, double seconds) {

    /** A stride off nobody is beaten yet, m. */
    public static final double STRIDE_METRES = 1.5;

    /** So near (m) he has come to his spot once. */
    private static final double THERE_METRES = 0.75;
    /** Who is off for a shorter time (s) has made up for it at once. */
    private static final double LASTS_SECONDS = 0.5;

    private static final double LOOK_SECONDS = 0.05;

    /** How far a move's player falls behind, once he has been at his spot or if he never gets there; empty if he keeps up. */
    public static Optional<Behind> of(Timeline timeline, Move move) {
        MoveSpan span = timeline.move(move.id());
        if (!span.happens() || !(move instanceof Travel t) || t.follows().isEmpty()) {
            return Optional.empty();
        }
        boolean there = false;
        double since = Double.NaN;
        double longest = 0;
        Behind worst = new Behind(0, span.start());
        for (double at = span.start(); at < span.end(); at += LOOK_SECONDS) {
            double off = timeline.metresOff(move.role(), at).orElse(0.0);
            there |= off <= THERE_METRES;
            double lag = timeline.metresBehind(move.role(), at).orElse(0.0);
            boolean behind = there && lag > STRIDE_METRES;
            since = !behind ? Double.NaN : Double.isNaN(since) ? at : since;
            longest = behind ? Math.max(longest, at - since) : longest;
            worst = behind && lag > worst.metres ? new Behind(lag, at) : worst;
        }
        double end = timeline.metresOff(move.role(), span.end() - LOOK_SECONDS).orElse(0.0);
        if (!there && span.seconds() > LASTS_SECONDS && end > STRIDE_METRES) {
            return Optional.of(new Behind(end, span.end()));
        }
        return longest < LASTS_SECONDS ? Optional.empty() : Optional.of(worst);
    }
}
