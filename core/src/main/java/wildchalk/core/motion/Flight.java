package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;

/**
 * A ball under way along straight pieces: one, or several where it bounces or follows a board.
 *
 * @param start seconds from the whistle at release
 * @param path from where it was released to where it is met or comes down; two places or more
 * @param speed m/s at release, above zero
 * @param slowing m/s² that it loses; 0 in the air
 * @param kept share of its speed that it keeps at each inner place of the path, above 0, at most 1
 * @param high whether it goes high: drawn larger, and met only where it comes down
 */
public record Flight(
        double start, List<Point> path, double speed, double slowing, double kept, boolean inAir, boolean high) {

    /** A ball that is sent just as far as it can go gets there, whatever the last digit says. */
    private static final double ROUNDING_METRES = 1e-6;

    public Flight {
        path = List.copyOf(path);
    }

    /** In one straight piece. */
    public Flight(double start, Point from, Point to, double speed, double slowing, boolean inAir) {
        this(start, List.of(from, to), speed, slowing, 1, inAir, false);
    }

    public Point from() {
        return path.get(0);
    }

    public Point to() {
        return path.get(path.size() - 1);
    }

    private boolean isPlain() {
        return path.size() == 2 || kept == 1;
    }

    /** How far (m) the ball has come so many seconds after release; it stays where it stops. */
    double metresAfter(double seconds) {
        if (isPlain()) {
            return metres(speed, Math.max(0, seconds));
        }
        double left = Math.max(0, seconds);
        double v = speed;
        double done = 0;
        for (int i = 0; i + 1 < path.size(); i++) {
            double leg = path.get(i).distanceTo(path.get(i + 1));
            double time = secondsFor(v, leg);
            boolean last = i + 2 == path.size();
            if (last || left < time) {
                return done + metres(v, left);
            }
            left -= time;
            done += leg;
            v = kept * speedAfter(v, leg);
        }
        return done;
    }

    /** How far it would come, m; infinite in the air. */
    double range() {
        if (slowing <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double v = speed;
        double done = 0;
        for (int i = 0; i + 2 < path.size(); i++) {
            double leg = path.get(i).distanceTo(path.get(i + 1));
            if (leg > v * v / (2 * slowing)) {
                return done + v * v / (2 * slowing);
            }
            done += leg;
            v = kept * speedAfter(v, leg);
        }
        return done + v * v / (2 * slowing);
    }

    /** Seconds from release until it has come so far along its path; infinite if it never does. */
    double secondsFor(double metres) {
        if (isPlain()) {
            return secondsFor(speed, metres);
        }
        double v = speed;
        double left = metres;
        double time = 0;
        for (int i = 0; i + 1 < path.size(); i++) {
            double leg = path.get(i).distanceTo(path.get(i + 1));
            boolean last = i + 2 == path.size();
            if (last || left <= leg) {
                return time + secondsFor(v, left);
            }
            time += secondsFor(v, leg);
            left -= leg;
            v = kept * speedAfter(v, leg);
        }
        return time;
    }

    private double metres(double v, double seconds) {
        double t = slowing > 0 ? Math.min(seconds, v / slowing) : seconds;
        return v * t - 0.5 * slowing * t * t;
    }

    private double secondsFor(double v, double metres) {
        if (slowing > 0 && metres > v * v / (2 * slowing) + ROUNDING_METRES || v <= 0 && metres > 0) {
            return Double.POSITIVE_INFINITY;
        }
        return slowing > 0 ? 2 * metres / (v + Math.sqrt(Math.max(0, v * v - 2 * slowing * metres))) : metres / v;
    }

    private double speedAfter(double v, double metres) {
        return Math.sqrt(Math.max(0, v * v - 2 * slowing * metres));
    }

    /** Length of the path, m. */
    public double length() {
        double sum = 0;
        for (int i = 0; i + 1 < path.size(); i++) {
            sum += path.get(i).distanceTo(path.get(i + 1));
        }
        return sum;
    }

    /** Seconds from the whistle at which it is at {@link #to}. */
    double end() {
        return start + secondsFor(length());
    }

    Point at(double t) {
        double left = metresAfter(t - start);
        for (int i = 0; i + 1 < path.size(); i++) {
            Point a = path.get(i);
            Point b = path.get(i + 1);
            double leg = a.distanceTo(b);
            if (left < leg) {
                return a.towards(b, left / leg);
            }
            left -= leg;
        }
        return to();
    }

    /** Which way it goes at a second, degrees. */
    double headingAt(double t) {
        double left = metresAfter(t - start);
        int i = 0;
        while (i + 2 < path.size() && left > path.get(i).distanceTo(path.get(i + 1))) {
            left -= path.get(i).distanceTo(path.get(i + 1));
            i++;
        }
        return path.get(i + 1).minus(path.get(i)).headingDegrees();
    }

    /** Its first part, up to where it is at a second. */
    Flight upTo(double t) {
        double left = metresAfter(t - start);
        List<Point> first = new ArrayList<>(List.of(from()));
        for (int i = 0; i + 1 < path.size() && left > path.get(i).distanceTo(path.get(i + 1)); i++) {
            left -= path.get(i).distanceTo(path.get(i + 1));
            first.add(path.get(i + 1));
        }
        Point end = at(t);
        if (first.size() == 1 || !first.get(first.size() - 1).equals(end)) {
            first.add(end);
        }
        return withPath(first);
    }

    /** In one piece to another place. */
    Flight withTo(Point target) {
        return new Flight(start, List.of(from(), target), speed, slowing, kept, inAir, high);
    }

    Flight withPath(List<Point> places) {
        return new Flight(start, places, speed, slowing, kept, inAir, high);
    }
}
