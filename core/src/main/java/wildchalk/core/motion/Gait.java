package wildchalk.core.motion;

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

    /** From an error so small (m/s) the next step of Newton leaves none: it goes with the square. */
    private static final double NEAR = 1e-7;

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
        return rampMetres(v, rampSeconds(v));
    }

    /** @param seconds that the ramp takes, which are known already */
    double rampMetres(double v, double seconds) {
        return top * seconds - top / push * v;
    }

    /** Seconds of speeding up over a length between two speeds that go together. */
    double rampSeconds(double length, double from, double to) {
        return (length + (to - from) * top / push) / top;
    }

    double stopSeconds(double length, double from, double to) {
        return fade * length + (from - to) / brake;
    }

    double rampSeconds(double v) {
        return -top / push * StrictMath.log1p(-v / top);
    }

    /** Metres from a speed to standing. */
    double stopMetres(double v) {
        return stopMetres(v, stopSeconds(v));
    }

    /** @param seconds that the stop takes, which are known already */
    double stopMetres(double v, double seconds) {
        return (seconds - v / brake) / fade;
    }

    double stopSeconds(double v) {
        return -StrictMath.log1p(-fade * v) / (brake * fade);
    }

    /**
     * The speed after so many metres of speeding up.
     *
     * @param from the speed before, m/s
     * @param ramp metres from standing to the answer
     */
    double speedAfter(double from, double length, double ramp) {
        if (length <= 0) {
            return from;
        }
        double half = Math.sqrt(from * from + pushAt(from) * length);
        double v = Math.min(fastest(), Math.sqrt(from * from + 2 * pushAt(half) * length));
        for (int i = 0; i < MOST_STEPS; i++) {
            double step = (rampMetres(v) - ramp) * pushAt(v) / v;
            v = Math.min(fastest(), Math.max(from, v - step));
            if (!(Math.abs(step) > NEAR)) {
                break;
            }
        }
        return v;
    }

    /**
     * The speed from which a stretch is needed to slow down.
     *
     * @param to the speed after it, m/s
     * @param room metres from the answer to standing
     * @param most no more than this, m/s
     */
    double speedBefore(double to, double length, double room, double most) {
        if (room <= 0) {
            return to;
        }
        double half = Math.min(most, Math.sqrt(to * to + brakeAt(to) * length));
        double v = Math.min(most, Math.sqrt(to * to + 2 * brakeAt(half) * length));
        for (int i = 0; i < MOST_STEPS; i++) {
            double step = (stopMetres(v) - room) * brakeAt(v) / v;
            v = Math.min(most, Math.max(to, v - step));
            if (!(Math.abs(step) > NEAR)) {
                break;
            }
        }
        return v;
    }

    /** No peak between two speeds over a length is higher than this, m/s: as if nothing faded. */
    double peakBound(double from, double to, double length) {
        double up = pushAt(Math.min(from, to));
        double down = brakeAt(Math.min(from, to));
        return Math.sqrt((2 * length * up * down + down * from * from + up * to * to) / (up + down));
    }

    /**
     * The peak of speeding up and braking at once.
     *
     * @param metres of the whole way from standing over the peak to standing
     * @param above a speed that it does not exceed, m/s
     */
    double peak(double metres, double above) {
        double v = Math.min(above, fastest());
        for (int i = 0; i < MOST_STEPS && v > 0; i++) {
            double steep = v / pushAt(v) + v / brakeAt(v);
            double step = (rampMetres(v) + stopMetres(v) - metres) / steep;
            if (!(step > SAME_SPEED)) {
                break;
            }
            v = Math.max(0, v - step);
        }
        return v;
    }
}
