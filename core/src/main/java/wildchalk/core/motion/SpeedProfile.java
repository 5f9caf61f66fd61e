package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The quickest way along a line under limits: speeding up, holding and braking, piece after piece.
 *
 * <p>The classical time-optimal profile along a fixed path (Bobrow, Dubowsky and Gibson, Time-optimal control of robotic
 * manipulators along specified paths, 1985) with limits that depend on the speed as a {@link Gait} has them: one forward pass
 * for speeding up, one backward pass for braking, and the closed form inside each piece, so that a straight line gives the
 * exact answer however few or many pieces it has.
 */
final class SpeedProfile {

    /** A gap below this is no gap: half a millimetre in a second's run. */
    private static final double TINY = 1e-9;

    private final Phase[] phases;
    private final double[] starts;
    private final double seconds;
    private final double metres;

    private SpeedProfile(Builder built) {
        this.phases = built.phases.toArray(new Phase[0]);
        this.starts = Arrays.stream(phases).mapToDouble(Phase::start).toArray();
        this.seconds = built.time;
        this.metres = built.place;
    }

    /**
     * Limits along a line cut into pieces.
     *
     * @param metresAt n + 1 distances at the ends of n pieces, rising, from where the mover is now
     * @param cap top speed inside each of n pieces where the line bends, m/s; infinite on a straight one
     * @param speedAt top speed at each of n + 1 ends
     * @param stopSeconds time spent standing at each of n + 1 ends
     * @param gaits how he speeds up and brakes in each piece
     */
    record Limits(double[] metresAt, double[] cap, double[] speedAt, double[] stopSeconds, Gait[] gaits) {

        double length(int piece) {
            return metresAt[piece + 1] - metresAt[piece];
        }

        /** No faster than this inside a piece, m/s. */
        double most(int piece) {
            return Math.min(cap[piece], gaits[piece].fastest());
        }

        /** The same with fewer pieces: ends at which nothing holds anybody back, since he is never so fast, are left out. */
        Limits binding() {
            int n = gaits.length;
            int[] kept = new int[n + 1];
            int count = 1;
            for (int i = 1; i < n; i++) {
                if (binds(i)) {
                    kept[count++] = i;
                }
            }
            if (count == n) {
                return this;
            }
            kept[count] = n;
            double[] metres = new double[count + 1];
            double[] caps = new double[count];
            double[] speeds = new double[count + 1];
            double[] stops = new double[count + 1];
            Gait[] ways = new Gait[count];
            for (int k = 0; k <= count; k++) {
                metres[k] = metresAt[kept[k]];
                speeds[k] = speedAt[kept[k]];
                stops[k] = stopSeconds[kept[k]];
                if (k < count) {
                    caps[k] = cap[kept[k]];
                    ways[k] = gaits[kept[k]];
                }
            }
            return new Limits(metres, caps, speeds, stops, ways);
        }

        /** Whether the end between two pieces may be felt. */
        private boolean binds(int end) {
            Gait gait = gaits[end];
            double fastest = gait.fastest();
            return gait != gaits[end - 1]
                    || stopSeconds[end] > 0
                    || Math.min(speedAt[end], Math.min(cap[end - 1], cap[end])) < fastest;
        }
    }

    /** The quickest profile from a speed at the start to rest at the end. */
    static SpeedProfile of(Limits limits, double startSpeed) {
        return of(limits, startSpeed, false);
    }

    /**
     * The quickest profile from a speed at the start.
     *
     * @param through whether the end is passed as fast as may be, and he brakes only beyond it; else he rests there
     */
    static SpeedProfile of(Limits all, double startSpeed, boolean through) {
        Limits limits = all.binding();
        int n = limits.gaits.length;
        boolean[] onlyRamps = new boolean[n];
        boolean[] onlyBrakes = new boolean[n];
        double[] v = speedsAtEnds(limits, startSpeed, through, onlyRamps, onlyBrakes);
        Builder built = new Builder(limits.metresAt[0]);
        for (int i = 0; i < n; i++) {
            built.stand(limits.stopSeconds[i]);
            if (onlyRamps[i]) {
                built.onlyRamp(limits.length(i), v[i], v[i + 1], limits.gaits[i]);
            } else if (onlyBrakes[i]) {
                built.onlyBrake(limits.length(i), v[i], v[i + 1], limits.gaits[i]);
            } else {
                built.piece(limits.length(i), v[i], v[i + 1], limits.most(i), limits.gaits[i]);
            }
        }
        if (v[n] > 0) {
            Gait last = limits.gaits[n - 1];
            built.onlyBrake(last.stopMetres(v[n]), v[n], 0, last);
        }
        built.stand(limits.stopSeconds[n]);
        return new SpeedProfile(built);
    }

    /**
     * @param onlyRamps set for pieces in which he only speeds up, all the way
     * @param onlyBrakes likewise for braking
     */
    private static double[] speedsAtEnds(
            Limits limits, double startSpeed, boolean through, boolean[] onlyRamps, boolean[] onlyBrakes) {
        int n = limits.gaits.length;
        double[] v = limits.speedAt.clone();
        for (int i = 0; i < n; i++) {
            v[i] = Math.min(v[i], limits.most(i));
            v[i + 1] = Math.min(v[i + 1], limits.most(i));
        }
        v[0] = startSpeed;
        v[n] = through ? v[n] : 0;
        // metres from standing to the end of a piece, while one only speeds up
        double ramp = Double.NaN;
        // too fast already (the ball has just been caught): as slow as braking allows, not slower at once
        double left = startSpeed > 0 ? limits.gaits[0].stopMetres(startSpeed) : 0;
        for (int i = 0; i < n; i++) {
            Gait gait = limits.gaits[i];
            double length = limits.length(i);
            if (left > 0 && i > 0 && gait != limits.gaits[i - 1]) {
                left = gait.stopMetres(limits.gaits[i - 1].speedBefore(0, left, left, startSpeed));
            }
            left -= length;
            if (i + 1 < n || through) {
                double allowed = atLeast(gait, v[i + 1], left, startSpeed);
                boolean goesOn = i > 0 && onlyRamps[i - 1] && gait == limits.gaits[i - 1];
                ramp = (goesOn ? ramp : Double.NaN) + length;
                if (Double.isNaN(ramp) && mayNotReach(gait, v[i], length, allowed)) {
                    ramp = gait.rampMetres(v[i]) + length;
                }
                v[i + 1] = reachable(gait, v[i], length, allowed, ramp);
                onlyRamps[i] = v[i + 1] < allowed && v[i] < gait.fastest() && v[i + 1] < gait.fastest();
            }
        }
        for (int i = n - 1; i > 0; i--) {
            Gait gait = limits.gaits[i];
            double length = limits.length(i);
            double gain = v[i] * v[i] - v[i + 1] * v[i + 1];
            if (gain > 2 * gait.brakeAt(v[i]) * length) {
                double room = gait.stopMetres(v[i + 1]) + length;
                if (gait.stopMetres(v[i]) > room) {
                    v[i] = gait.speedBefore(v[i + 1], length, room, v[i]);
                    onlyBrakes[i] = true;
                    onlyRamps[i] = false;
                    onlyRamps[i - 1] = false;
                }
            }
        }
        return v;
    }

    /** What is allowed, or what is left of a speed with so many metres to go until standing, where that is more. */
    private static double atLeast(Gait gait, double allowed, double left, double startSpeed) {
        boolean slowEnough = left <= 0 || allowed >= startSpeed || allowed * allowed >= 2 * gait.brake() * left;
        if (slowEnough || gait.stopMetres(allowed) >= left) {
            return allowed;
        }
        return gait.speedBefore(0, left, left, startSpeed);
    }

    /** Whether a piece may be too short to reach what is allowed: it is not, if even the push that is left there would do. */
    private static boolean mayNotReach(Gait gait, double from, double length, double allowed) {
        double most = Math.min(allowed, gait.fastest());
        return most > from && most * most - from * from > 2 * gait.pushAt(most) * length;
    }

    /**
     * The speed at the end of a piece, if it may be so much.
     *
     * @param ramp metres from standing to the end of the piece; asked for only where the piece may be too short
     */
    private static double reachable(Gait gait, double from, double length, double allowed, double ramp) {
        if (allowed <= from) {
            return allowed;
        } else if (from >= gait.fastest()) {
            return from;
        }
        double most = Math.min(allowed, gait.fastest());
        boolean reached = !mayNotReach(gait, from, length, allowed) || gait.rampMetres(most) <= ramp;
        return reached ? most : Math.min(most, gait.speedAfter(from, length, ramp));
    }

    double seconds() {
        return seconds;
    }

    /** Distance along the line (m) at which he rests; beyond the line's end where he runs through it. */
    double metres() {
        return metres;
    }

    /** Distance along the line (m) after so many seconds; stays at the end. */
    double metresAt(double t) {
        return phases.length == 0 || t >= seconds
                ? metres
                : Math.min(metres, phaseAt(t).placeAt(t));
    }

    /** Speed (m/s) after so many seconds; 0 from the end on. */
    double speedAt(double t) {
        return phases.length == 0 || t >= seconds ? 0 : phaseAt(t).speedAt(t);
    }

    /** How much longer (s) he stands at a stop or a plant; 0 while he moves. */
    double standsFor(double t) {
        if (phases.length == 0 || t >= seconds) {
            return 0;
        }
        int i = indexAt(t);
        return phases[i].stands() ? end(i) - t : 0;
    }

    private double end(int phase) {
        return phase + 1 < phases.length ? starts[phase + 1] : seconds;
    }

    /** The first moment (s) at which a distance along the line has been reached. */
    double secondsAt(double distance) {
        if (phases.length == 0 || distance >= metres - TINY) {
            return seconds;
        }
        int low = 0;
        int high = phases.length - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (phases[middle].place() < distance) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return phases[low].secondsAt(distance, end(low));
    }

    /** The highest speed (m/s) between two moments. */
    double peakBetween(double from, double to) {
        double peak = Math.max(speedAt(from), speedAt(to));
        for (int i = phases.length == 0 ? 0 : indexAt(from) + 1; i < phases.length && starts[i] < to; i++) {
            peak = Math.max(peak, phases[i].speed());
        }
        return peak;
    }

    private Phase phaseAt(double t) {
        return phases[indexAt(t)];
    }

    private int indexAt(double t) {
        int found = Arrays.binarySearch(starts, t);
        return Math.max(0, found >= 0 ? found : -found - 2);
    }

    /** Puts phases one behind the other. */
    private static final class Builder {
        private final List<Phase> phases = new ArrayList<>();
        private double time;
        private double place;
        /** What was done last: 1 for speeding up, -1 for braking; in which gait, and how many phases there were then. */
        private int lastSense;

        private Gait lastGait;
        private int lastCount = -1;

        Builder(double place) {
            this.place = place;
        }

        void stand(double forSeconds) {
            if (forSeconds > TINY) {
                phases.add(Phase.steady(time, place, 0, 0));
                time += forSeconds;
            }
        }

        /** Speed up, hold, brake: between two end speeds, under a top speed. */
        void piece(double length, double from, double to, double most, Gait gait) {
            if (length <= TINY) {
                place += length;
            } else if (from == most && to == most) {
                hold(length, most);
            } else if (from >= most) {
                slowingDown(length, from, to, most, gait);
            } else {
                speedingUp(length, from, to, most, gait);
            }
        }

        private void speedingUp(double length, double from, double to, double most, Gait gait) {
            double bound = gait.peakBound(from, to, length);
            double rampFrom = gait.rampSeconds(from);
            double stopTo = gait.stopSeconds(to);
            double known = gait.rampMetres(from, rampFrom) + gait.stopMetres(to, stopTo);
            boolean holds = bound > most && gait.rampMetres(most) + gait.stopMetres(most) - known <= length;
            double peak = Math.max(Math.max(from, to), holds ? most : gait.peak(length + known, Math.min(bound, most)));
            double rampPeak = gait.rampSeconds(peak);
            double stopPeak = gait.stopSeconds(peak);
            double rise = gait.rampMetres(peak, rampPeak) - gait.rampMetres(from, rampFrom);
            double fall = gait.stopMetres(peak, stopPeak) - gait.stopMetres(to, stopTo);
            if (rise + fall > length + 1e-6) {
                // end speeds that only a rounding makes unreachable
                straight(length, from, to);
                return;
            }
            double start = place;
            ramp(Math.min(rise, length), from, rampPeak - rampFrom, gait);
            hold(holds ? Math.max(0, length - rise - fall) : 0, peak);
            brake(length - (place - start), peak, stopPeak - stopTo, gait);
            place = start + length;
        }

        private void slowingDown(double length, double from, double to, double most, Gait gait) {
            double down = Math.max(to, most);
            double first = gait.stopMetres(from) - gait.stopMetres(down);
            double last = gait.stopMetres(down) - gait.stopMetres(to);
            if (first + last > length + 1e-6) {
                straight(length, from, to);
                return;
            }
            double start = place;
            brake(first, from, gait.stopSeconds(from) - gait.stopSeconds(down), gait);
            hold(Math.max(0, length - first - last), down);
            brake(length - (place - start), down, gait.stopSeconds(down) - gait.stopSeconds(to), gait);
            place = start + length;
        }

        void onlyRamp(double length, double from, double to, Gait gait) {
            ramp(length, from, gait.rampSeconds(length, from, to), gait);
        }

        void onlyBrake(double length, double from, double to, Gait gait) {
            brake(length, from, gait.stopSeconds(length, from, to), gait);
        }

        private void ramp(double length, double from, double took, Gait gait) {
            if (took > TINY) {
                if (!goesOn(1, gait)) {
                    phases.add(Phase.speedingUp(time, place, from, gait));
                }
                time += took;
                place += length;
            }
        }

        /** Whether the last phase is the same, and this only its continuation; one after the other is one. */
        private boolean goesOn(int sense, Gait gait) {
            boolean same = sense == lastSense && gait == lastGait && phases.size() == lastCount;
            lastSense = sense;
            lastGait = gait;
            lastCount = phases.size() + (same ? 0 : 1);
            return same;
        }

        private void hold(double length, double speed) {
            if (length > TINY) {
                phases.add(Phase.steady(time, place, speed, 0));
                time += length / speed;
                place += length;
            }
        }

        private void brake(double length, double from, double took, Gait gait) {
            if (took > TINY) {
                if (!goesOn(-1, gait)) {
                    phases.add(Phase.braking(time, place, from, gait));
                }
                time += took;
                place += length;
            }
        }

        /** From one speed to another at a constant rate. */
        private void straight(double length, double from, double to) {
            phases.add(Phase.steady(time, place, from, (to * to - from * from) / (2 * length)));
            time += 2 * length / (from + to);
            place += length;
        }
    }
}
