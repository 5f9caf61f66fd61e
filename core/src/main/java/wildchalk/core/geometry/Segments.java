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
}
