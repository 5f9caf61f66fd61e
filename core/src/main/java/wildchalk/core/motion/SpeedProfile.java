package wildchalk.core.motion;

import java.util.Arrays;

/**
 * The quickest way along a line under limits: constant accelerations, piece after piece.
 *
 * <p>The classical time-optimal profile along a fixed path (Bobrow, Dubowsky and Gibson, Time-optimal control of robotic
 * manipulators along specified paths, 1985) with constant limits inside a piece: one forward pass for speeding up, one
 * backward pass for braking, and the closed form (speed up, hold, brake) inside each piece, so that a straight line gives
 * the exact trapezoid or triangle however few pieces it has.
 */
final class SpeedProfile {

    /** A gap below this is no gap: half a millimetre in a second's run. */
    private static final double TINY = 1e-9;

    private final double[] startSeconds;
    private final double[] startMetres;
    private final double[] startSpeed;
    private final double[] acceleration;
    private final double seconds;
    private final double metres;

    private SpeedProfile(Phases phases) {
        this.startSeconds = Arrays.copyOf(phases.t, phases.n);
        this.startMetres = Arrays.copyOf(phases.s, phases.n);
        this.startSpeed = Arrays.copyOf(phases.v, phases.n);
        this.acceleration = Arrays.copyOf(phases.a, phases.n);
        this.seconds = phases.time;
        this.metres = phases.place;
    }

    /**
     * Limits along a line cut into pieces.
     *
     * @param metresAt n + 1 distances at the ends of n pieces, rising, from where the mover is now
     * @param cap top speed inside each of n pieces, m/s
     * @param speedAt top speed at each of n + 1 ends
     * @param stopSeconds time spent standing at each of n + 1 ends
     * @param up acceleration in each piece, m/s²
     * @param down braking in each piece, m/s²
     */
    record Limits(
            double[] metresAt, double[] cap, double[] speedAt, double[] stopSeconds, double[] up, double[] down) {}

    /** The quickest profile from a speed at the start to rest at the end. */
    static SpeedProfile of(Limits limits, double startSpeed) {
        int n = limits.cap.length;
        double[] v = speedsAtEnds(limits, startSpeed);
        Phases phases = new Phases(limits.metresAt[0], 4 * n + 2);
        for (int i = 0; i < n; i++) {
            double length = limits.metresAt[i + 1] - limits.metresAt[i];
            phases.stand(limits.stopSeconds[i]);
            phases.piece(length, v[i], v[i + 1], Math.max(limits.cap[i], Math.max(v[i], v[i + 1])), limits, i);
        }
        phases.stand(limits.stopSeconds[n]);
        return new SpeedProfile(phases);
    }

    private static double[] speedsAtEnds(Limits limits, double startSpeed) {
        int n = limits.cap.length;
        double[] v = limits.speedAt.clone();
        for (int i = 0; i < n; i++) {
            v[i] = Math.min(v[i], limits.cap[i]);
            v[i + 1] = Math.min(v[i + 1], limits.cap[i]);
        }
        v[0] = startSpeed;
        v[n] = 0;
        // too fast already (the ball has just been caught): as slow as braking allows, not slower at once
        double tooFast = startSpeed;
        for (int i = 0; i < n; i++) {
            double length = limits.metresAt[i + 1] - limits.metresAt[i];
            double reachableSquared = v[i] * v[i] + 2 * limits.up[i] * length;
            tooFast = tooFast > 0 ? Math.sqrt(Math.max(0, tooFast * tooFast - 2 * limits.down[i] * length)) : 0;
            if (i + 1 < n) {
                double allowed = Math.max(v[i + 1], tooFast);
                v[i + 1] = allowed * allowed <= reachableSquared ? allowed : Math.sqrt(reachableSquared);
            }
        }
        for (int i = n - 1; i > 0; i--) {
            double length = limits.metresAt[i + 1] - limits.metresAt[i];
            double brakedSquared = v[i + 1] * v[i + 1] + 2 * limits.down[i] * length;
            if (v[i] * v[i] > brakedSquared) {
                v[i] = Math.sqrt(brakedSquared);
            }
        }
        return v;
    }

    double seconds() {
        return seconds;
    }

    /** Distance along the line (m) after so many seconds; stays at the end. */
    double metresAt(double t) {
        if (startSeconds.length == 0 || t >= seconds) {
            return metres;
        }
        int i = phaseAt(t);
        double dt = Math.max(0, t - startSeconds[i]);
        return startMetres[i] + startSpeed[i] * dt + 0.5 * acceleration[i] * dt * dt;
    }

    /** Speed (m/s) after so many seconds; 0 from the end on. */
    double speedAt(double t) {
        if (startSeconds.length == 0 || t >= seconds) {
            return 0;
        }
        int i = phaseAt(t);
        return Math.max(0, startSpeed[i] + acceleration[i] * Math.max(0, t - startSeconds[i]));
    }

    /** How much longer (s) he stands at a stop or a plant; 0 while he moves. */
    double standsFor(double t) {
        if (startSeconds.length == 0 || t >= seconds) {
            return 0;
        }
        int i = phaseAt(t);
        boolean stands = startSpeed[i] == 0 && acceleration[i] == 0;
        return stands ? (i + 1 < startSeconds.length ? startSeconds[i + 1] : seconds) - t : 0;
    }

    /** The first moment (s) at which a distance along the line has been reached. */
    double secondsAt(double distance) {
        if (startSeconds.length == 0 || distance >= metres - TINY) {
            return seconds;
        }
        int found = Arrays.binarySearch(startMetres, distance);
        int i = Math.max(0, found >= 0 ? found : -found - 2);
        while (i > 0 && startMetres[i - 1] >= distance) {
            i--;
        }
        double gap = distance - startMetres[i];
        if (gap <= 0) {
            return startSeconds[i];
        }
        double v = startSpeed[i];
        double root = Math.sqrt(Math.max(0, v * v + 2 * acceleration[i] * gap));
        return startSeconds[i] + 2 * gap / (v + root);
    }

    /** The highest speed (m/s) between two moments. */
    double peakBetween(double from, double to) {
        double peak = Math.max(speedAt(from), speedAt(to));
        for (int i = startSeconds.length == 0 ? 0 : phaseAt(from) + 1; i < startSeconds.length; i++) {
            if (startSeconds[i] >= to) {
                break;
            }
            peak = Math.max(peak, startSpeed[i]);
        }
        return peak;
    }

    private int phaseAt(double t) {
        int found = Arrays.binarySearch(startSeconds, t);
        return Math.max(0, found >= 0 ? found : -found - 2);
    }

    /** Collects phases of constant acceleration. */
    private static final class Phases {
        private final double[] t;
        private final double[] s;
        private final double[] v;
        private final double[] a;
        private int n;
        private double time;
        private double place;

        Phases(double place, int room) {
            this.place = place;
            t = new double[room];
            s = new double[room];
            v = new double[room];
            a = new double[room];
        }

        void stand(double seconds) {
            add(seconds, 0, 0, 0);
        }

        /** Speed up, hold, brake: between two end speeds under a cap. */
        void piece(double length, double from, double to, double cap, Limits limits, int i) {
            if (length <= TINY) {
                return;
            }
            double up = limits.up[i];
            double down = limits.down[i];
            double peakSquared = (2 * up * down * length + down * from * from + up * to * to) / (up + down);
            double top = cap * cap <= peakSquared ? cap : Math.sqrt(peakSquared);
            if (top < from || top < to) {
                // end speeds that only a rounding, or a speed beyond the limit, makes unreachable: straight between
                // them
                add(2 * length / (from + to), length, from, (to * to - from * from) / (2 * length));
                return;
            }
            double rise = (top * top - from * from) / (2 * up);
            double fall = (top * top - to * to) / (2 * down);
            double hold = Math.max(0, length - rise - fall);
            add((top - from) / up, rise, from, up);
            add(hold / top, hold, top, 0);
            add((top - to) / down, fall, top, -down);
        }

        private void add(double duration, double length, double speed, double accel) {
            if (duration <= TINY) {
                place += length;
                return;
            }
            t[n] = time;
            s[n] = place;
            v[n] = speed;
            a[n] = accel;
            n++;
            time += duration;
            place += length;
        }
    }
}
