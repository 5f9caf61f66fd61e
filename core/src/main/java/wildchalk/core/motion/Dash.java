package wildchalk.core.motion;

import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.geometry.Point;

/**
 * How soon somebody is somewhere who goes there at once, straight and flat out, and how soon he stands. What he has of speed towards
 * the place he keeps, what he has across it he loses; whoever goes the other way brakes first.
 */
public final class Dash {

    private static final double SAME_SECONDS = 1e-9;
    private static final int MOST_STEPS = 40;

    private final Gait gait;

    private Dash(Gait gait) {
        this.gait = gait;
    }

    /** @param own the role's own pace against its age's */
    public static Dash of(Pace pace, double own) {
        return new Dash(pace.gait(Manner.FORWARD, Effort.FLAT_OUT, false, own));
    }

    /**
     * Seconds until he is there, running on through it.
     *
     * @param velocity with which he starts, m/s
     */
    public double seconds(Point from, Point velocity, Point to) {
        double metres = from.distanceTo(to);
        if (metres < 1e-9) {
            return 0;
        }
        double along = velocity.dot(to.minus(from)) / metres;
        if (along >= 0) {
            return seconds(metres, Math.min(along, gait.fastest()));
        }
        double back = Math.min(-along, gait.fastest());
        return gait.stopSeconds(back) + seconds(metres + gait.stopMetres(back), 0);
    }

    /** Over so many metres from a speed, by Newton from above: the way grows ever faster with time. */
    private double seconds(double metres, double speed) {
        double settle = gait.top() / gait.push();
        double t = (metres + (gait.top() - speed) * settle) / gait.top();
        for (int i = 0; i < MOST_STEPS; i++) {
            double slow = (gait.top() - speed) * StrictMath.exp(-t / settle);
            double way = gait.top() * t - settle * ((gait.top() - speed) - slow);
            double step = (way - metres) / (gait.top() - slow);
            t -= step;
            if (!(step > SAME_SECONDS)) {
                break;
            }
        }
        return Math.max(0, t);
    }

    /** Metres from a speed until he stands, braking as hard as he can. */
    public double stopMetres(double speed) {
        return gait.stopMetres(Math.min(speed, gait.fastest()));
    }

    /** m/s that he reaches with endless room. */
    public double topSpeed() {
        return gait.top();
    }
}
