package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/**
 * A numbered way through, between two places.
 *
 * @param number 1 to 99
 */
public record Gap(GapId id, int number, Point from, Point to) implements Laid {

    public Gap {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(from, "from");
        Objects.requireNonNull(to, "to");
        Limits.place("gap", from);
        Limits.place("gap", to);
        if (number < 1 || number > 99) {
            throw new IllegalArgumentException(
                    "The gap %s (number %d) needs a number of 1 to 99.".formatted(id, number));
        }
    }

    public Gap withPlaces(Point a, Point b) {
        return new Gap(id, number, a, b);
    }

    public Gap withNumber(int other) {
        return new Gap(id, other, from, to);
    }

    @Override
    public Gap withId(ElementId other) {
        return new Gap((GapId) other, number, from, to);
    }

    @Override
    public Gap carried(PlaneMap map) {
        return withPlaces(map.apply(from), map.apply(to));
    }

    @Override
    public Point middle() {
        return from.towards(to, 0.5);
    }

    public double widthMetres() {
        return from.distanceTo(to);
    }
}
