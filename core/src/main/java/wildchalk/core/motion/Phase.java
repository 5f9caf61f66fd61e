package wildchalk.core.motion;

/**
 * A stretch of a profile in which one thing is done: speeding up, holding, braking or standing. Speed is v(t) = P + Q e^(k t),
 * or straight in time where k is 0.
 *
 * @param start s on the profile's clock
 * @param place metres along the line at its start
 * @param speed m/s at its start
 * @param limit P: the speed that it tends to or comes from, m/s
 * @param rate k, 1/s; 0 for a constant acceleration
 * @param acceleration m/s², where the rate is 0
 */
record Phase(double start, double place, double speed, double limit, double rate, double acceleration) {

    private static final int MOST_STEPS = 60;
    /** Moments nearer than this (s) are one. */
    private static final double SAME_SECONDS = 1e-12;

    static Phase steady(double start, double place, double speed, double acceleration) {
        return new Phase(start, place, speed, 0, 0, acceleration);
    }

    static Phase speedingUp(double start, double place, double speed, Gait gait) {
        return new Phase(start, place, speed, gait.top(), -gait.push() / gait.top(), 0);
    }

    static Phase braking(double start, double place, double speed, Gait gait) {
        return new Phase(start, place, speed, 1 / gait.fade(), gait.brake() * gait.fade(), 0);
    }

    boolean stands() {
        return rate == 0 && speed == 0 && acceleration == 0;
    }

    double speedAt(double t) {
        double dt = Math.max(0, t - start);
        double v = rate == 0 ? speed + acceleration * dt : limit + (speed - limit) * StrictMath.exp(rate * dt);
        return Math.max(0, v);
    }

    double placeAt(double t) {
        double dt = Math.max(0, t - start);
        return place + gone(dt);
    }

    private double gone(double dt) {
        return rate == 0
                ? (speed + acceleration * dt / 2) * dt
                : limit * dt + (speed - limit) * StrictMath.expm1(rate * dt) / rate;
    }

    /**
     * When a place is reached.
     *
     * @param end when the phase is over, s: by then the place has been reached
     */
    double secondsAt(double metres, double end) {
        double gap = metres - place;
        if (gap <= 0) {
            return start;
        }
        if (rate == 0) {
            double root = Math.sqrt(Math.max(0, speed * speed + 2 * acceleration * gap));
            return Math.min(end, start + 2 * gap / (speed + root));
        }
        // who speeds up covers ever more ground, who brakes ever less: Newton comes from the side from which it cannot
        // overshoot
        boolean rising = speed < limit && rate < 0;
        double dt = rising ? end - start : 0;
        for (int i = 0; i < MOST_STEPS; i++) {
            double v = limit + (speed - limit) * StrictMath.exp(rate * dt);
            double step = (gap - gone(dt)) / v;
            if (!(Math.abs(step) > SAME_SECONDS) || Double.isInfinite(step)) {
                break;
            }
            dt = Math.max(0, Math.min(end - start, dt + step));
        }
        return start + dt;
    }
}
