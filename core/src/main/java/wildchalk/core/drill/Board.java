package wildchalk.core.drill;

import wildchalk.core.geometry.Headings;

/** A board, wall or glass that a ball can be banked off. Left and right sides are meant looking along +x. */
public enum Board {
    /** At the end that is attacked, +x. */
    FAR_END(0),
    LEFT_SIDE(90),
    /** At the home end, -x. */
    HOME_END(180),
    RIGHT_SIDE(-90);

    private final double outwardDegrees;

    Board(double outwardDegrees) {
        this.outwardDegrees = outwardDegrees;
    }

    /** Where it looks from the middle of the surface. */
    public double outwardDegrees() {
        return outwardDegrees;
    }

    /** Whether it lies across the length of the surface. */
    public boolean isEnd() {
        return this == FAR_END || this == HOME_END;
    }

    /** The board that looks most nearly into a direction. */
    public static Board facing(double degrees) {
        Board best = FAR_END;
        for (Board board : values()) {
            if (Headings.between(board.outwardDegrees, degrees) < Headings.between(best.outwardDegrees, degrees)) {
                best = board;
            }
        }
        return best;
    }
}
