package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Zone;

/**
 * A region drawn by hand, with a name that sentences and rules can use.
 *
 * @param name without an article: "far channel"
 * @param outline corners in order, 3 to 200
 */
public record MarkedZone(ZoneId id, String name, ZoneKind kind, List<Point> outline) implements Laid {

    public static final int MAX_CORNERS = 200;

    public MarkedZone {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(kind, "kind");
        Limits.text("name", name, Limits.LINE);
        outline.forEach(p -> Limits.place("corner", p));
        outline = List.copyOf(outline);
        if (name.isBlank()) {
            throw new IllegalArgumentException("The zone %s needs a name; sentences use it.".formatted(id));
        }
        if (outline.size() < 3 || outline.size() > MAX_CORNERS) {
            throw new IllegalArgumentException(
                    "The zone %s (%d corners) needs 3 to %d.".formatted(id, outline.size(), MAX_CORNERS));
        }
    }

    @Override
    public MarkedZone withId(ElementId other) {
        return new MarkedZone((ZoneId) other, name, kind, outline);
    }

    @Override
    public MarkedZone carried(PlaneMap map) {
        return withOutline(outline.stream().map(map::apply).toList());
    }

    public MarkedZone withName(String text) {
        return new MarkedZone(id, text, kind, outline);
    }

    public MarkedZone withKind(ZoneKind other) {
        return new MarkedZone(id, name, other, outline);
    }

    public MarkedZone withOutline(List<Point> corners) {
        return new MarkedZone(id, name, kind, corners);
    }

    /** The mean of the corners. */
    @Override
    public Point middle() {
        Point sum = outline.stream().reduce(Point.ORIGIN, Point::plus);
        return sum.times(1.0 / outline.size());
    }

    /** As a region of the surface, named with its article. */
    public Zone asZone() {
        return new Zone(id.text(), "the " + name, outline);
    }
}
