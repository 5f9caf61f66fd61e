package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;

/**
 * A part that somebody plays in one rep.
 *
 * @param label what stands on the mark: "LB"
 * @param at where the role starts; empty when it starts at the head of the line that feeds it
 * @param facingDegrees where it looks at the start
 * @param pace factor on the speed of the age band, 0.3 to 2
 */
public record Role(RoleId id, String label, Side side, Optional<Point> at, double facingDegrees, double pace) {

    public static final double MIN_PACE = 0.3;
    public static final double MAX_PACE = 2;

    public Role {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(side, "side");
        Objects.requireNonNull(at, "at");
        facingDegrees = Headings.normalise(facingDegrees);
        if (!(pace >= MIN_PACE && pace <= MAX_PACE)) {
            throw new IllegalArgumentException(
                    "The pace (%s) must be from %s to %s.".formatted(pace, MIN_PACE, MAX_PACE));
        }
    }

    public Role withAt(Point place) {
        return new Role(id, label, side, Optional.of(place), facingDegrees, pace);
    }

    public Role withLabel(String text) {
        return new Role(id, text, side, at, facingDegrees, pace);
    }

    public Role withFacing(double degrees) {
        return new Role(id, label, side, at, degrees, pace);
    }
}
