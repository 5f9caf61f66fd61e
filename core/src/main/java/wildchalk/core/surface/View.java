package wildchalk.core.surface;

import java.util.List;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.SportTexts;

/** The part of a surface that is shown or used: a rectangle of the playing area, without its run-off. */
public record View(String id, String name, double minX, double minY, double maxX, double maxY) {

    /** The id of a part that was chosen freely. */
    public static final String CUSTOM = "custom";

    private static final double LEAST_METRES = 1;

    public View {
        if (!(maxX - minX >= LEAST_METRES && maxY - minY >= LEAST_METRES)) {
            throw new IllegalArgumentException("The part (%s to %s m by %s to %s m) needs at least 1 m each way."
                    .formatted(minX, maxX, minY, maxY));
        }
    }

    /** Counter-clockwise from the one with the least x and y. */
    public List<Point> corners() {
        return List.of(new Point(minX, minY), new Point(maxX, minY), new Point(maxX, maxY), new Point(minX, maxY));
    }

    /** Any rectangle of a surface, corners in any order. */
    public static View of(Point corner, Point opposite) {
        return new View(
                CUSTOM,
                SportTexts.get("view", "any", CUSTOM),
                Math.min(corner.x(), opposite.x()),
                Math.min(corner.y(), opposite.y()),
                Math.max(corner.x(), opposite.x()),
                Math.max(corner.y(), opposite.y()));
    }

    /** Whether two parts are the same rectangle, whatever they are called. */
    public boolean isWithin(double metres, View other) {
        return Math.abs(minX - other.minX) <= metres
                && Math.abs(minY - other.minY) <= metres
                && Math.abs(maxX - other.maxX) <= metres
                && Math.abs(maxY - other.maxY) <= metres;
    }

    public double width() {
        return maxX - minX;
    }

    public double height() {
        return maxY - minY;
    }

    public boolean contains(Point p) {
        return p.x() >= minX && p.x() <= maxX && p.y() >= minY && p.y() <= maxY;
    }

    /** The same view with a margin (m) all round. */
    public View grown(double metres) {
        return new View(id, name, minX - metres, minY - metres, maxX + metres, maxY + metres);
    }
}
