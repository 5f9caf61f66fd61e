package wildchalk.core.motion;

import java.util.Arrays;
import java.util.Optional;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.geometry.Point;

/**
 * A way that hangs on the ways of others, as it was worked out: knots at even times, between them a cubic curve through places and
 * speeds; after the last knot somebody stands there.
 */
final class Tracked implements Trajectory.Piece {

    /** Time between two knots, s. */
    static final double KNOT_SECONDS = 0.02;

    /** Who is slower (m/s) looks where he looked. */
    private static final double SLOW = 0.2;

    /** Who is slower (m/s) and nearer to his spot (m) is there as far as anybody can see. */
    private static final double NEARLY_STANDS = 0.5;

    private static final double NEARLY_THERE = 0.5;

    private final double start;
    private final double[] x;
    private final double[] y;
    private final double[] vx;
    private final double[] vy;
    private final double[] gap;
    private final double[] behind;
    private final double[] heading;
    private final Manner manner;
    private final Optional<Mark> faces;
    private final double sideDegrees;

    /**
     * @param knots place, speed, distance from the own spot and how far he runs behind it at each knot: {x, y, vx, vy, gap, behind}, in
     *     m and m/s; at least one
     * @param headingDegrees where he went, or looked, before
     */
    Tracked(
            double start,
            double[][] knots,
            double headingDegrees,
            Manner manner,
            Optional<Mark> faces,
            double sideDegrees) {
        this.start = start;
        this.manner = manner;
        this.faces = faces;
        this.sideDegrees = sideDegrees;
        x = column(knots, 0);
        y = column(knots, 1);
        vx = column(knots, 2);
        vy = column(knots, 3);
        gap = column(knots, 4);
        behind = column(knots, 5);
        heading = new double[knots.length];
        double last = headingDegrees;
        for (int i = 0; i < knots.length; i++) {
            last = speed(i) > SLOW ? new Point(vx[i], vy[i]).headingDegrees() : last;
            heading[i] = last;
        }
    }

    private static double[] column(double[][] knots, int c) {
        return Arrays.stream(knots).mapToDouble(k -> k[c]).toArray();
    }

    @Override
    public double start() {
        return start;
    }

    @Override
    public double restsAt() {
        return start + (x.length - 1) * KNOT_SECONDS;
    }

    /** The first second from one on at which he stands at his spot, or nearly. */
    double thereFrom(double t) {
        for (int i = knot(t); i < x.length; i++) {
            if (speed(i) <= NEARLY_STANDS && gap[i] <= NEARLY_THERE) {
                return Math.max(t, start + i * KNOT_SECONDS);
            }
        }
        return Math.max(t, restsAt());
    }

    /** How far (m) he is from his spot. */
    double gap(double t) {
        return at(gap, t);
    }

    /** How far (m) he runs behind his spot, as that goes; below zero where he is ahead of it. */
    double behind(double t) {
        return at(behind, t);
    }

    private double at(double[] figures, double t) {
        int i = knot(t);
        return i + 1 >= figures.length
                ? figures[figures.length - 1]
                : figures[i] + share(t) * (figures[i + 1] - figures[i]);
    }

    private double speed(int i) {
        return Math.sqrt(vx[i] * vx[i] + vy[i] * vy[i]);
    }

    private int knot(double t) {
        return (int) Math.max(0, Math.min(x.length - 1.0, Math.floor((t - start) / KNOT_SECONDS)));
    }

    private double share(double t) {
        return Math.max(0, Math.min(1, (t - start) / KNOT_SECONDS - knot(t)));
    }

    @Override
    public Point at(double t) {
        int i = knot(t);
        if (i + 1 >= x.length) {
            return new Point(x[i], y[i]);
        }
        double s = share(t);
        return new Point(between(x[i], vx[i], x[i + 1], vx[i + 1], s), between(y[i], vy[i], y[i + 1], vy[i + 1], s));
    }

    private static double between(double p, double v, double q, double w, double s) {
        double s2 = s * s;
        double s3 = s2 * s;
        return (2 * s3 - 3 * s2 + 1) * p
                + (s3 - 2 * s2 + s) * KNOT_SECONDS * v
                + (3 * s2 - 2 * s3) * q
                + (s3 - s2) * KNOT_SECONDS * w;
    }

    @Override
    public Point velocity(double t) {
        int i = knot(t);
        if (i + 1 >= x.length) {
            return Point.ORIGIN;
        }
        double s = share(t);
        return new Point(vx[i] + s * (vx[i + 1] - vx[i]), vy[i] + s * (vy[i + 1] - vy[i]));
    }

    @Override
    public double speed(double t) {
        return velocity(t).length();
    }

    @Override
    public double facing(double t) {
        return Trajectory.facing(manner, heading[knot(t)], sideDegrees);
    }

    @Override
    public Optional<Manner> manner() {
        return Optional.of(manner);
    }

    @Override
    public Optional<Mark> faces() {
        return faces;
    }
}
