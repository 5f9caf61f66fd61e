package wildchalk.core.drill;

/**
 * Things that are set out. Sizes are usual ones, for drawing and clearances, and can be changed piece by piece; a piece
 * that stands on the surface already (a fixed goal) is part of the surface.
 */
public enum GearKind {
    CONE(0.3, 0.3),
    DISC(0.2, 0.2),
    POLE(0.1, 0.1),
    GOAL(3.0, 1.0),
    MINI_GOAL(1.2, 0.6),
    HOOP(0.7, 0.7),
    HURDLE(0.6, 0.3),
    LADDER(0.5, 4.0),
    PAD(0.6, 0.25),
    BOX(0.6, 0.5),
    MANNEQUIN(0.6, 0.3),
    MAT(2.0, 1.0),
    ROPE(5.0, 0.04),
    SUPPLY(0.8, 0.8);

    private final Footprint footprint;

    GearKind(double widthMetres, double depthMetres) {
        this.footprint = new Footprint(widthMetres, depthMetres);
    }

    /** The usual size. */
    public Footprint footprint() {
        return footprint;
    }

    /** Whether a shot can go to it. */
    public boolean isGoal() {
        return this == GOAL || this == MINI_GOAL;
    }

    /** Whether it holds balls. */
    public boolean isSupply() {
        return this == SUPPLY;
    }

    /** Whether it looks the same from every side, so that turning it means nothing. */
    public boolean isRound() {
        return switch (this) {
            case CONE, DISC, POLE, HOOP, SUPPLY -> true;
            default -> false;
        };
    }
}
