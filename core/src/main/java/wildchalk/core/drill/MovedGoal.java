package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/**
 * A goal of the surface that stands somewhere else in a drill: a net dragged to the wall.
 *
 * @param goal its id on the surface
 * @param at the middle of its mouth
 * @param facingDegrees out of its mouth
 */
public record MovedGoal(String goal, Point at, double facingDegrees) {

    public MovedGoal {
        Slugs.check("goal", goal);
        Objects.requireNonNull(at, "at");
        Limits.place("goal", at);
        facingDegrees = Limits.heading("goal", facingDegrees);
        facingDegrees = Headings.normalise(facingDegrees);
    }
}
