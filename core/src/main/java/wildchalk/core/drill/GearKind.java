package wildchalk.core.drill;

/**
 * Things that are set out. Sizes are usual ones, for drawing and clearances; a piece that stands on the surface already
 * (a fixed goal) is part of the surface.
 */
public enum GearKind {
    CONE(0.3, 0.3),
    DISC(0.2, 0.2),
    POLE(0.1, 0.1),
    GOAL(3.0, 1.0),
    MINI_GOAL(1.2, 0.6);

    private final double widthMetres;
    private final double depthMetres;

    GearKind(double widthMetres, double depthMetres) {
        this.widthMetres = widthMetres;
        this.depthMetres = depthMetres;
    }

    public double widthMetres() {
        return widthMetres;
    }

    public double depthMetres() {
        return depthMetres;
    }

    /** Whether a shot can go to it. */
    public boolean isGoal() {
        return this == GOAL || this == MINI_GOAL;
    }
}
