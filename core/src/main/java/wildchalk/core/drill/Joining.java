package wildchalk.core.drill;

import java.util.Objects;

/**
 * Somebody who comes into open play.
 *
 * @param who comes in
 * @param at at whose first touch
 */
public record Joining(RoleId who, RoleId at) {
    public Joining {
        Objects.requireNonNull(who, "who");
        Objects.requireNonNull(at, "at");
        if (who.equals(at)) {
            throw new IllegalArgumentException("%s cannot join at his own touch.".formatted(who));
        }
    }
}
