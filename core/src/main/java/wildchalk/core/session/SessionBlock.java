package wildchalk.core.session;

import java.util.Objects;
import wildchalk.core.drill.Limits;

/**
 * Minutes of a session.
 *
 * @param minutes above 0, at most 240
 * @param must whether it stays when time is short
 * @param aim what it is for, perhaps nothing
 */
public record SessionBlock(BlockId id, String title, double minutes, boolean must, String aim, What what) {

    public static final double MOST_MINUTES = 240;

    public SessionBlock {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(what, "what");
        Limits.text("title", title, Limits.LINE);
        Limits.text("aim", aim, Limits.LINE);
        if (!(minutes > 0 && minutes <= MOST_MINUTES)) {
            throw new IllegalArgumentException(
                    "The block %s (%s minutes) must be above 0 and at most %s.".formatted(id, minutes, MOST_MINUTES));
        }
    }

    public SessionBlock withMinutes(double length) {
        return new SessionBlock(id, title, length, must, aim, what);
    }

    public boolean isWater() {
        return what instanceof What.Plain p && p.kind() == What.Kind.WATER;
    }
}
