package wildchalk.core.geometry;

/**
 * The three ways in which a drill can be carried to another part of the same surface. Each undoes itself.
 */
public enum Symmetry implements PlaneMap {
    /** (x, y) to (-x, y): the other end, left and right swapped. */
    ACROSS_LENGTH(-1, 1),
    /** (x, y) to (x, -y): the other side, left and right swapped. */
    ACROSS_WIDTH(1, -1),
    /** (x, y) to (-x, -y): the other end as its attackers see it; hands stay as they are. */
    HALF_TURN(-1, -1);

    private final int alongX;
    private final int alongY;

    Symmetry(int alongX, int alongY) {
        this.alongX = alongX;
        this.alongY = alongY;
    }

    @Override
    public Point apply(Point p) {
        return new Point(p.x() * alongX + 0.0, p.y() * alongY + 0.0);
    }

    @Override
    public double applyToHeading(double degrees) {
        return switch (this) {
            case ACROSS_LENGTH -> Headings.normalise(180 - degrees);
            case ACROSS_WIDTH -> Headings.normalise(-degrees);
            case HALF_TURN -> Headings.normalise(degrees + 180);
        };
    }

    @Override
    public boolean swapsHands() {
        return alongX * alongY < 0;
    }
}
