package wildchalk.core.motion;

import wildchalk.core.geometry.Point;

/**
 * A ball under way in a straight line.
 *
 * @param start seconds from the whistle at release
 * @param speed m/s at release, above zero
 * @param slowing m/s² that it loses; 0 in the air
 */
public record Flight(double start, Point from, Point to, double speed, double slowing, boolean inAir) {

    /** A ball that is sent just as far as it can go gets there, whatever the last digit says. */
    private static final double ROUNDING_METRES = 1e-6;

    /** How far (m) the ball has come so many seconds after release; it stays where it stops. */
    double metresAfter(double seconds) {
        double t = slowing > 0 ? Math.min(seconds, speed / slowing) : seconds;
        return speed * t - 0.5 * slowing * t * t;
    }

    /** How far it would come, m; infinite in the air. */
    double range() {
        return slowing > 0 ? speed * speed / (2 * slowing) : Double.POSITIVE_INFINITY;
    }

    /** Seconds from release until it has come so far; infinite if it never does. */
    double secondsFor(double metres) {
        if (metres > range() + ROUNDING_METRES) {
            return Double.POSITIVE_INFINITY;
        }
        return slowing > 0
                ? 2 * metres / (speed + Math.sqrt(Math.max(0, speed * speed - 2 * slowing * metres)))
                : metres / speed;
    }

    /** Seconds from the whistle at which it is at {@link #to}. */
    double end() {
        return start + secondsFor(from.distanceTo(to));
    }

    Point at(double t) {
        double whole = from.distanceTo(to);
        return whole > 0 ? from.towards(to, Math.min(1, metresAfter(Math.max(0, t - start)) / whole)) : to;
    }

    Flight withTo(Point target) {
        return new Flight(start, from, target, speed, slowing, inAir);
    }
}
