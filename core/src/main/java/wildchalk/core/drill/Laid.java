package wildchalk.core.drill;

import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/**
 * What lies on the surface besides gear and people: zones, notes, gaps, stations. A new kind is a record of this and a line in {@link
 * Kinds}; what is done with all kinds alike (saving, comparing, copying, moving, taking out) then knows it.
 */
public interface Laid {

    ElementId id();

    /** @param other an id of this kind */
    Laid withId(ElementId other);

    /** At the place where a map carries it. */
    Laid carried(PlaneMap map);

    /** What is taken for its place. */
    Point middle();
}
