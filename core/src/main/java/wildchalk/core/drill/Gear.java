package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.Texts;

/**
 * A thing that is set out.
 *
 * @param facingDegrees out of the mouth for a goal; without meaning for a round thing
 */
public record Gear(GearId id, GearKind kind, Chalk colour, Point at, double facingDegrees) {

    public Gear {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(colour, "colour");
        facingDegrees = Headings.normalise(facingDegrees);
        Objects.requireNonNull(at, "at");
    }

    public Gear withAt(Point place) {
        return new Gear(id, kind, colour, place, facingDegrees);
    }

    public Gear withFacing(double degrees) {
        return new Gear(id, kind, colour, at, degrees);
    }

    /** The goal that this piece is; only for kinds that are goals. */
    public GoalMouth asGoal() {
        return new GoalMouth(
                id.text(),
                Texts.CORE.get("gear." + kind + ".the"),
                at,
                kind.widthMetres(),
                kind.depthMetres(),
                facingDegrees);
    }
}
