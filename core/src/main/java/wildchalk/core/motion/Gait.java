package wildchalk.core.motion;

import java.util.function.DoubleUnaryOperator;

/**
 * How somebody speeds up and slows down in one way of moving. Speeding up the push fades towards the top speed, a(v) = A (1 − v
 * / V), so that v(t) = V (1 − e^(−t A / V)) from standing (Furusawa, Hill and Parkinson 1927; Samozino et al. 2016); slowing
 * down, the legs hold less the faster they go, b(v) = B (1 − c v). Both have closed forms, which are all that is used here.
 *
 * @param top V, m/s: what he would reach with endless room
 * @param push A, m/s² from standing
 * @param brake B, m/s² towards standing
 * @param fade c, s/m: by how much braking is weaker for every m/s
 */
record Gait(double top, double push, double brake, double fade) {

    /** Speeds that differ by less are one (m/s): a rounding. */
    private static final double SAME_SPEED = 1e-13;

    private static final int MOST_STEPS = 80;

    /** Nearer to the top speed than this share nobody comes: the last bit would take for ever. */
    private static final double NEVER_REACHED = 1e-6;

    Gait {
        if (!(top > 0 && push > 0 && brake > 0 && fade > 0) || top * fade >= 1) {
            throw new IllegalArgumentException(
                    "A gait (%s m/s, %s and %s m/s², %s s/m) needs figures above zero, and brakes at its top speed."
                            .formatted(top, push, brake, fade));
        }
    }

    /** As fast as he ever is, m/s; held from then on. */
    double fastest() {
        return top * (1 - NEVER_REACHED);
    }

    /** Acceleration at a speed, m/s²; none from the top speed on. */
    double pushAt(double v) {
        return Math.max(0, push * (1 - v / top));
    }

    double brakeAt(double v) {
        return brake * (1 - fade * v);
    }

    /** Metres from standing to a speed below the top. */
    double rampMetres(double v) {
        return top * rampSeconds(v) - top / push * v;
    }

    double rampSeconds(double v) {
        return -top / push * StrictMath.log1p(-v / top);
    }

    /** Metres from a speed to standing. */
    double stopMetres(double v) {
        return (stopSeconds(v) - v / brake) / fade;
    }

    double stopSeconds(double v) {
        return -StrictMath.log1p(-fade * v) / (brake * fade);
    }

    /** The speed after so many metres from standing. */
    double speedAfter(double metres) {
        double most =
                Math.min(Math.sqrt(2 * push * metres), -top * StrictMath.expm1(-(metres * push / (top * top) + 1)));
        return solve(most, metres, v -> rampMetres(v), v -> v / pushAt(v));
    }

    /** The speed from which so many metres are needed to stop. @param most no more than this, m/s */
    double speedToStopIn(double metres, double most) {
        double bound = Math.min(most, Math.sqrt(2 * brake * metres));
        return solve(bound, metres, v -> stopMetres(v), v -> v / brakeAt(v));
    }

    /**
     * The peak of speeding up and braking at once: the speed that takes so many metres from standing to standing.
     *
     * @param most no more than this, m/s
     */
    double peakWithin(double metres, double most) {
        double bound = Math.min(
                most,
                Math.min(
                        Math.sqrt(2 * metres * push * brake / (push + brake)),
                        -top * StrictMath.expm1(-(metres * push / (top * top) + 1))));
        return solve(bound, metres, v -> rampMetres(v) + stopMetres(v), v -> v / pushAt(v) + v / brakeAt(v));
    }

    /** Newton from above, where metres rise ever faster with speed: it falls on the answer and never past it. */
    private static double solve(double from, double metres, DoubleUnaryOperator metresOf, DoubleUnaryOperator slope) {
        double v = from;
        for (int i = 0; i < MOST_STEPS && v > 0; i++) {
            double steep = slope.applyAsDouble(v);
            double step = (metresOf.applyAsDouble(v) - metres) / steep;
            if (!(step > SAME_SPEED)) {
                break;
            }
            v = Math.max(0, v - step);
        }
        return v;
    }
}
