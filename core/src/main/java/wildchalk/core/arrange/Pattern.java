package wildchalk.core.arrange;

import java.util.Objects;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.GearKind;

/**
 * An arrangement to lay out.
 *
 * @param count how many: in a row, tips, columns
 * @param spacingMetres between neighbours; the side of a square; the radius of a circle or star; the leg of an angle
 * @param second rows of a grid; m between the two sides of a zigzag, an alley or rows with gaps; degrees of an angle
 * @param oddLeft how gaps are numbered: odd ones to the left and even ones to the right, from the middle outwards; else
 *     from left to right
 * @param gear what is set out; without meaning for waiting lines
 */
public record Pattern(
        PatternKind kind,
        int count,
        double spacingMetres,
        double second,
        boolean oddLeft,
        GearKind gear,
        Chalk colour) {

    public Pattern {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(gear, "gear");
        Objects.requireNonNull(colour, "colour");
        if (count < kind.fewest() || count > kind.most()) {
            throw new IllegalArgumentException(
                    "The pattern %s (%d) needs %d to %d.".formatted(kind, count, kind.fewest(), kind.most()));
        }
        if (!(spacingMetres >= 0.1 && spacingMetres <= 150)) {
            throw new IllegalArgumentException(
                    "The spacing (%s m) of a pattern needs 0.1 to 150 m.".formatted(spacingMetres));
        }
        if (kind.usesSecond() && !(second > 0 && second <= 180)) {
            throw new IllegalArgumentException(
                    "The second measure (%s) of a pattern needs more than 0 and at most 180.".formatted(second));
        }
    }

    /** One of cones as it is usually laid. */
    public static Pattern usual(PatternKind kind) {
        return switch (kind) {
            case ROW -> of(kind, 5, 2, 0);
            case GRID -> of(kind, 3, 5, 3);
            case SQUARE -> of(kind, 4, 10, 0);
            case CIRCLE -> of(kind, 8, 5, 0);
            case STAR -> of(kind, 5, 5, 0);
            case ZIGZAG -> of(kind, 6, 2, 2);
            case GATE -> of(kind, 2, 2, 0);
            case ALLEY -> of(kind, 5, 2, 3);
            case ANGLE -> of(kind, 3, 5, 45);
            case GAPS -> of(kind, 5, 2, 3);
            case LINES -> of(kind, 2, 9, 0);
        };
    }

    private static Pattern of(PatternKind kind, int count, double spacing, double second) {
        return new Pattern(kind, count, spacing, second, true, GearKind.CONE, Chalk.ORANGE);
    }
}
