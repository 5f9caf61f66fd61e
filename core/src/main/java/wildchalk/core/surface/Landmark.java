package wildchalk.core.surface;

import wildchalk.core.geometry.Point;

/**
 * A named point of a surface.
 *
 * @param id unique on its surface
 * @param name as it stands in a sentence, with its article: "the left corner"
 */
public record Landmark(String id, String name, Point at) {}
