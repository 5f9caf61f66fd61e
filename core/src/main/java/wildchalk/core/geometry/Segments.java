package wildchalk.core.geometry;

/** Straight pieces between two places. */
public final class Segments {

    private Segments() {}

    /** How far (m) a place is from the piece between two others. */
    public static double distance(Point place, Point from, Point to) {
        Point along = to.minus(from);
        double square = along.dot(along);
        double share =
                square <= 0 ? 0 : Math.max(0, Math.min(1, place.minus(from).dot(along) / square));
        return place.distanceTo(from.plus(along.times(share)));
    }

    /** How near (m) two pieces come to each other; 0 where they cross. */
    public static double between(Point a, Point b, Point c, Point d) {
        if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0) {
            return 0;
        }
        return Math.min(Math.min(distance(a, c, d), distance(b, c, d)), Math.min(distance(c, a, b), distance(d, a, b)));
    }

    /** On which side of a line a place lies: 1 left, -1 right, 0 on it. */
    private static double side(Point from, Point to, Point place) {
        return Math.signum(to.minus(from).cross(place.minus(from)));
    }
}
