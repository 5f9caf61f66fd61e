package wildchalk.core.surface;

import java.util.Objects;
import wildchalk.core.geometry.Point;

/**
 * The lines of another sport on the same floor.
 *
 * @param surfaceId a surface that comes with the tool
 * @param at where its middle lies on the floor
 * @param crosswise whether its length lies along the floor's width
 * @param strong whether its lines are drawn as plainly as the floor's own
 * @param ink the colour of its lines where they are strong
 */
public record Overlay(String surfaceId, Point at, boolean crosswise, boolean strong, Ink ink) {

    public Overlay {
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(ink, "ink");
        if (Surfaces.find(surfaceId).isEmpty()) {
            throw new IllegalArgumentException("There is no surface \"%s\" to lay over.".formatted(surfaceId));
        }
    }

    public Overlay withStrong(boolean plain) {
        return new Overlay(surfaceId, at, crosswise, plain, ink);
    }

    public Overlay withCrosswise(boolean turned) {
        return new Overlay(surfaceId, at, turned, strong, ink);
    }

    public Overlay withAt(Point middle) {
        return new Overlay(surfaceId, middle, crosswise, strong, ink);
    }

    public Surface surface() {
        return Surfaces.find(surfaceId).orElseThrow();
    }

    /** A place of the laid surface, on the floor. */
    Point apply(Point p) {
        return (crosswise ? new Point(-p.y(), p.x()) : p).plus(at);
    }

    double applyToHeading(double degrees) {
        return crosswise ? degrees + 90 : degrees;
    }
}
