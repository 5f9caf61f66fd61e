package wildchalk.core.geometry;

/** Carries places and headings to others without changing distances. */
public interface PlaneMap {

    Point apply(Point p);

    double applyToHeading(double degrees);

    /** Whether left becomes right. */
    boolean swapsHands();

    /** By a displacement. */
    static PlaneMap shift(Point by) {
        return new Isometry(Point.ORIGIN, 0, false, by);
    }

    /** Counter-clockwise about a place. */
    static PlaneMap turn(Point about, double degrees) {
        return new Isometry(about, degrees, false, Point.ORIGIN);
    }

    /** In the line along the length through a place: y becomes its opposite. */
    static PlaneMap mirrorAcrossWidth(Point through) {
        return new Isometry(through, 0, true, Point.ORIGIN);
    }

    /** In the line along the width through a place: x becomes its opposite. */
    static PlaneMap mirrorAcrossLength(Point through) {
        return new Isometry(through, 180, true, Point.ORIGIN);
    }

    /** First perhaps mirrored in the line along the length through {@code about}, then turned about it, then moved on. */
    record Isometry(Point about, double degrees, boolean swapsHands, Point by) implements PlaneMap {

        @Override
        public Point apply(Point p) {
            Point from = p.minus(about);
            Point flipped = swapsHands ? new Point(from.x(), -from.y()) : from;
            return turned(flipped).plus(about).plus(by);
        }

        private Point turned(Point p) {
            if (degrees == 0) {
                return p;
            }
            if (degrees == 180) {
                return new Point(-p.x() + 0.0, -p.y() + 0.0); // exact, as a half turn should be
            }
            double c = StrictMath.cos(Math.toRadians(degrees));
            double s = StrictMath.sin(Math.toRadians(degrees));
            return new Point(p.x() * c - p.y() * s, p.x() * s + p.y() * c);
        }

        @Override
        public double applyToHeading(double heading) {
            return Headings.normalise((swapsHands ? -heading : heading) + degrees);
        }
    }
}
