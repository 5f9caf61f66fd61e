package wildchalk.core.geometry;

/**
 * A place on the surface, or a displacement between two.
 *
 * @param x metres along the length, finite
 * @param y metres across the width, finite
 */
public record Point(double x, double y) {

    public static final Point ORIGIN = new Point(0, 0);

    public Point {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("The point (%s, %s) needs two finite numbers.".formatted(x, y));
        }
        // a minus before a nought would make two equal places differ
        x += 0.0;
        y += 0.0;
    }

    /** The point at a distance (m) and heading (degrees) from the origin. */
    public static Point polar(double metres, double headingDegrees) {
        double radians = Math.toRadians(headingDegrees);
        return new Point(metres * StrictMath.cos(radians), metres * StrictMath.sin(radians));
    }

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    public double dot(Point other) {
        return x * other.x + y * other.y;
    }

    /** z of the cross product: positive when {@code other} lies to the left of this. */
    public double cross(Point other) {
        return x * other.y - y * other.x;
    }

    public double length() {
        return Math.sqrt(x * x + y * y);
    }

    public double distanceTo(Point other) {
        double dx = other.x - x;
        double dy = other.y - y;
        return Math.sqrt(dx * dx + dy * dy); // no overflow to fear on a playing surface, and much quicker than hypot
    }

    /** The point at fraction {@code t} of the way to {@code other}; 0 is here, 1 is there. */
    public Point towards(Point other, double t) {
        return new Point(x + (other.x - x) * t, y + (other.y - y) * t);
    }

    /** Direction of this displacement, degrees in (-180, 180]; 0 for a zero displacement. */
    public double headingDegrees() {
        return Math.toDegrees(StrictMath.atan2(y, x));
    }

    public boolean isWithin(double metres, Point other) {
        return distanceTo(other) <= metres;
    }

    /** Rounded to whole millimetres: what a hand can place and a file need hold. */
    public Point toMillimetres() {
        // adding 0.0 turns -0.0 into 0.0, so that equal places are equal records
        return new Point(Math.round(x * 1000) / 1000.0 + 0.0, Math.round(y * 1000) / 1000.0 + 0.0);
    }
}
