package wildchalk.core.surface;

import wildchalk.core.geometry.Point;

/**
 * A named point of a surface.
 *
 * @param id unique on its surface
 * @param name as it stands in a sentence, with its article: "the left corner"
 * @param foreign whether it belongs to another sport's lines, which nobody has picked to play with
 */
public record Landmark(String id, String name, Point at, boolean foreign) {

    /** One of the surface's own. */
    public Landmark(String id, String name, Point at) {
        this(id, name, at, false);
    }
}
