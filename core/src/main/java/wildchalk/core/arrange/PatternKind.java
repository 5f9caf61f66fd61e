package wildchalk.core.arrange;

/** Arrangements that coaches ask for by name. */
public enum PatternKind {
    /** Side by side. */
    ROW(2, 40, false),
    /** Rows and columns. */
    GRID(2, 12, true),
    /** Four corners. */
    SQUARE(4, 4, false),
    CIRCLE(3, 40, false),
    /** The tips of a star. */
    STAR(3, 12, false),
    /** Left and right by turns. */
    ZIGZAG(2, 40, true),
    /** Two to go between. */
    GATE(2, 2, false),
    /** Two rows to go between. */
    ALLEY(2, 20, true),
    /** Three that open an angle, the corner in the middle. */
    ANGLE(3, 3, true),
    /** Two rows with numbered gaps between neighbours, the outsides included. */
    GAPS(2, 12, true),
    /** Waiting lines side by side. */
    LINES(2, 8, false);

    private final int fewest;
    private final int most;
    private final boolean second;

    PatternKind(int fewest, int most, boolean second) {
        this.fewest = fewest;
        this.most = most;
        this.second = second;
    }

    public int fewest() {
        return fewest;
    }

    public int most() {
        return most;
    }

    /** Whether the second measure means something: depth, width or degrees. */
    public boolean usesSecond() {
        return second;
    }
}
