package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Straight pieces through at least two points, measured along their length. A polyline whose points all coincide has
 * length zero and stays at that place. Lookups cost O(log n).
 */
public final class Polyline {

    private final Point[] points;
    private final double[] metresAt;

    public Polyline(List<Point> points) {
        if (points.size() < 2) {
            throw new IllegalArgumentException(
                    "The polyline (%d points) needs at least two points.".formatted(points.size()));
        }
        this.points = points.toArray(Point[]::new);
        this.metresAt = new double[points.size()];
        for (int i = 1; i < this.points.length; i++) {
            metresAt[i] = metresAt[i - 1] + this.points[i - 1].distanceTo(this.points[i]);
        }
    }

    public double length() {
        return metresAt[metresAt.length - 1];
    }

    public int size() {
        return points.length;
    }

    public Point point(int index) {
        return points[index];
    }

    /** Distance (m) along the line from its start to point number {@code index}. */
    public double metresAt(int index) {
        return metresAt[index];
    }

    public List<Point> points() {
        return List.of(points);
    }

    /** The place at a distance along the line; before the start and past the end it stays at the ends. */
    public Point at(double metres) {
        int i = pieceAt(metres);
        double piece = metresAt[i + 1] - metresAt[i];
        double t = piece > 0 ? (metres - metresAt[i]) / piece : 0;
        return points[i].towards(points[i + 1], Math.max(0, Math.min(1, t)));
    }

    /** Heading (degrees) of the piece at a distance along the line; at a corner, of the piece that follows it. */
    public double headingAt(double metres) {
        int i = pieceAt(metres);
        return points[i + 1].minus(points[i]).headingDegrees();
    }

    /** The shortest distance (m) from a place to the line. */
    public double distanceTo(Point place) {
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < points.length; i++) {
            best = Math.min(best, place.distanceTo(nearestOnPiece(points[i], points[i + 1], place)));
        }
        return best;
    }

    /** What is left of the line from the point of it that is nearest to a place. */
    public List<Point> from(Point place) {
        int piece = 0;
        Point start = points[0];
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < points.length; i++) {
            Point nearest = nearestOnPiece(points[i], points[i + 1], place);
            if (place.distanceTo(nearest) < best) {
                best = place.distanceTo(nearest);
                piece = i;
                start = nearest;
            }
        }
        List<Point> left = new ArrayList<>(List.of(start));
        left.addAll(List.of(points).subList(piece + 1, points.length));
        return left;
    }

    private static Point nearestOnPiece(Point a, Point b, Point place) {
        Point along = b.minus(a);
        double squared = along.dot(along);
        double t = squared > 0 ? place.minus(a).dot(along) / squared : 0;
        return a.towards(b, Math.max(0, Math.min(1, t)));
    }

    /** The last piece of length above zero that starts at or before a distance. */
    private int pieceAt(double metres) {
        int found = Arrays.binarySearch(metresAt, metres);
        int i = found >= 0 ? found : -found - 2;
        i = Math.max(0, Math.min(points.length - 2, i));
        while (i + 2 < points.length && metresAt[i + 1] <= metres) {
            i++;
        }
        while (i > 0 && metresAt[i + 1] - metresAt[i] <= 0) {
            i--;
        }
        return i;
    }
}
