package wildchalk.core.log;

import java.util.Objects;
import wildchalk.core.drill.Limits;

/**
 * What a side has got together in a block.
 *
 * @param group id of a group, or the name of a side
 * @param points may be less than nothing
 * @param what for: "goal"; nothing where nobody has said
 */
public record Score(String group, int points, String what) {

    public static final int MOST_POINTS = 100_000;

    public Score {
        Objects.requireNonNull(group, "group");
        Limits.text("group", group, Limits.WORD);
        Limits.text("what points are for", what, Limits.WORD);
        if (Math.abs(points) > MOST_POINTS) {
            throw new IllegalArgumentException("The points (%d) can be at most %d.".formatted(points, MOST_POINTS));
        }
    }
}
