package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Smooth curves through given points.
 *
 * <p>Centripetal Catmull-Rom (Catmull and Rom, A class of local interpolating splines, 1974; the centripetal knots, which
 * make neither cusps nor loops inside a piece, from Yuksel, Schaefer and Keyser, Parameterization and applications of
 * Catmull-Rom curves, 2011).
 */
public final class Splines {

    /** Knots closer than this are one knot: below a millimetre nobody placed two points. */
    private static final double SAME_PLACE_METRES = 1e-4;

    private static final int LEAST_PIECES = 6;
    private static final double PIECES_PER_DEGREE = 1.2;

    private Splines() {}

    /**
     * Points of the smooth curve through {@code through}, first and last included, at most about {@code spacingMetres}
     * apart where it bends; where it runs nearly straight they are fewer. Two points give just those two: a straight line needs no more.
     */
    public static List<Point> centripetal(List<Point> through, double spacingMetres) {
        List<Point> knots = distinct(through);
        if (knots.size() < 3) {
            return knots.size() == 2 ? knots : List.of(knots.get(0), knots.get(0));
        }
        List<Point> curve = new ArrayList<>();
        curve.add(knots.get(0));
        for (int i = 0; i + 1 < knots.size(); i++) {
            Point a = knots.get(i);
            Point b = knots.get(i + 1);
            Point before = i > 0 ? knots.get(i - 1) : mirrored(b, a);
            Point after = i + 2 < knots.size() ? knots.get(i + 2) : mirrored(a, b);
            addPiece(before, a, b, after, spacingMetres, curve);
        }
        return curve;
    }

    /** The neighbour beyond {@code end} that lets the curve run straight into its last point. */
    private static Point mirrored(Point inner, Point end) {
        return end.times(2).minus(inner);
    }

    private static void addPiece(Point p0, Point p1, Point p2, Point p3, double spacing, List<Point> into) {
        double t01 = Math.sqrt(p0.distanceTo(p1));
        double t12 = Math.sqrt(p1.distanceTo(p2));
        double t23 = Math.sqrt(p2.distanceTo(p3));
        // tangents of the non-uniform spline, scaled to the piece (t from 0 to 1)
        Point m1 = tangent(p0, p1, p2, t01, t12).times(t12);
        Point m2 = tangent(p1, p2, p3, t12, t23).times(t12);
        int pieces = pieces(p1, m1, p2, m2, spacing);
        for (int k = 1; k <= pieces; k++) {
            into.add(k == pieces ? p2 : hermite(p1, m1, p2, m2, (double) k / pieces));
        }
    }

    /** Enough that neither the spacing nor a degree of turn from piece to piece is exceeded by much; the less of the two. */
    private static int pieces(Point p1, Point m1, Point p2, Point m2, double spacing) {
        Point chord = p2.minus(p1);
        double bySpacing = chord.length() * 1.1 / spacing;
        double turn = Headings.between(m1.headingDegrees(), chord.headingDegrees())
                + Headings.between(chord.headingDegrees(), m2.headingDegrees());
        return Math.max(LEAST_PIECES, (int) Math.ceil(Math.min(bySpacing, turn * PIECES_PER_DEGREE)));
    }

    private static Point tangent(Point a, Point b, Point c, double ab, double bc) {
        Point first = b.minus(a).times(1 / ab);
        Point whole = c.minus(a).times(1 / (ab + bc));
        Point second = c.minus(b).times(1 / bc);
        return first.minus(whole).plus(second);
    }

    private static Point hermite(Point p, Point mp, Point q, Point mq, double t) {
        double t2 = t * t;
        double t3 = t2 * t;
        return p.times(2 * t3 - 3 * t2 + 1)
                .plus(mp.times(t3 - 2 * t2 + t))
                .plus(q.times(-2 * t3 + 3 * t2))
                .plus(mq.times(t3 - t2));
    }

    private static List<Point> distinct(List<Point> through) {
        List<Point> kept = new ArrayList<>();
        for (Point p : through) {
            if (kept.isEmpty() || !p.isWithin(SAME_PLACE_METRES, kept.get(kept.size() - 1))) {
                kept.add(p);
            }
        }
        if (kept.isEmpty()) {
            throw new IllegalArgumentException("The curve (0 points) needs at least one point.");
        }
        return kept;
    }
}
