package wildchalk.core.surface;

import java.util.List;
import wildchalk.core.geometry.Point;

/**
 * A named region of a surface. Where zones overlap, the one that the surface lists first is meant.
 *
 * @param name as it stands in a sentence, with its article: "the goal area"
 * @param outline corners in order, at least three, closed by itself
 */
public record Zone(String id, String name, List<Point> outline) {

    public Zone {
        outline = List.copyOf(outline);
        if (outline.size() < 3) {
            throw new IllegalArgumentException(
                    "The zone %s (%d corners) needs at least three.".formatted(id, outline.size()));
        }
    }

    static Zone rectangle(String id, String name, double minX, double minY, double maxX, double maxY) {
        return new Zone(
                id,
                name,
                List.of(new Point(minX, minY), new Point(maxX, minY), new Point(maxX, maxY), new Point(minX, maxY)));
    }

    /** Whether it is but a part of the ground without marks round it: nobody is sent "into the middle lane". */
    public boolean isLane() {
        return id.endsWith("-lane");
    }

    /** Even-odd rule; a point on the border may fall either side. */
    public boolean contains(Point p) {
        boolean inside = false;
        for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
            Point a = outline.get(i);
            Point b = outline.get(j);
            boolean spans = (a.y() > p.y()) != (b.y() > p.y());
            if (spans && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }
}
