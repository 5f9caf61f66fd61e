package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.text.Texts;

/**
 * A thing that is set out.
 *
 * @param facingDegrees out of the mouth for a goal; without meaning for a round thing
 * @param size what it covers
 * @param label what stands on it, perhaps nothing
 * @param count how many balls are in it, for a supply; 1 for anything else
 */
public record Gear(
        GearId id,
        GearKind kind,
        Chalk colour,
        Point at,
        double facingDegrees,
        Footprint size,
        String label,
        int count) {

    public static final int MAX_COUNT = 200;
    /** Balls in a supply until told otherwise. */
    public static final int USUAL_SUPPLY = 10;

    public Gear {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(colour, "colour");
        Objects.requireNonNull(size, "size");
        Objects.requireNonNull(label, "label");
        facingDegrees = Headings.normalise(facingDegrees);
        Objects.requireNonNull(at, "at");
        Limits.text("label", label, Limits.LABEL);
        Limits.place("piece of gear", at);
        facingDegrees = Limits.heading("piece of gear", facingDegrees);
        if (count < 1 || count > MAX_COUNT) {
            throw new IllegalArgumentException(
                    "The supply %s (%d balls) needs 1 to %d.".formatted(id, count, MAX_COUNT));
        }
    }

    /** A piece of the usual size. */
    public Gear(GearId id, GearKind kind, Chalk colour, Point at, double facingDegrees) {
        this(id, kind, colour, at, facingDegrees, kind.footprint(), "", kind.isSupply() ? USUAL_SUPPLY : 1);
    }

    /** Where a map carries it; what is round has no heading to turn. */
    public Gear carried(PlaneMap map) {
        Gear moved = withAt(map.apply(at));
        return kind.isRound() ? moved : moved.withFacing(map.applyToHeading(facingDegrees));
    }

    public Gear withId(GearId name) {
        return new Gear(name, kind, colour, at, facingDegrees, size, label, count);
    }

    public Gear withAt(Point place) {
        return new Gear(id, kind, colour, place, facingDegrees, size, label, count);
    }

    public Gear withFacing(double degrees) {
        return new Gear(id, kind, colour, at, degrees, size, label, count);
    }

    public Gear withColour(Chalk chalk) {
        return new Gear(id, kind, chalk, at, facingDegrees, size, label, count);
    }

    public Gear withSize(Footprint cover) {
        return new Gear(id, kind, colour, at, facingDegrees, cover, label, count);
    }

    public Gear withLabel(String text) {
        return new Gear(id, kind, colour, at, facingDegrees, size, text, count);
    }

    public Gear withCount(int balls) {
        return new Gear(id, kind, colour, at, facingDegrees, size, label, balls);
    }

    /** As something to be hit, whatever it is: no net, no posts. */
    public GoalMouth asTarget() {
        GoalMouth mouth = asGoal();
        return new GoalMouth(
                mouth.id(), mouth.name(), at, mouth.widthMetres(), mouth.depthMetres(), facingDegrees, GoalShape.RING);
    }

    /** The goal that this piece is; only for kinds that are goals. */
    public GoalMouth asGoal() {
        return new GoalMouth(
                id.text(),
                Texts.CORE.get("gear." + kind + ".the"),
                at,
                size.widthMetres(),
                size.depthMetres(),
                facingDegrees,
                GoalShape.NET);
    }
}
