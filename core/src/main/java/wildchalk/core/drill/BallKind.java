package wildchalk.core.drill;

/**
 * What kind of ball it is. How much slower one flies than the usual one when it is thrown or hit as hard is an estimate.
 */
public enum BallKind {
    /** The one of the sport. */
    USUAL(1),
    /** Of foam: hurts nobody. */
    SOFT(0.75),
    /** As big as a tennis ball. */
    SMALL(1),
    /** A big light one. */
    BIG(0.7),
    /** A weighted one. */
    HEAVY(0.5);

    private final double share;

    BallKind(double share) {
        this.share = share;
    }

    /** How fast it flies, as a share of the usual ball's speed. */
    public double share() {
        return share;
    }
}
