package wildchalk.core.drill;

/** What ends open play. */
public enum PlayEnd {
    GOAL,
    OUT,
    /** The other side has the ball. */
    WON,
    SHOT,
    /** So many passes in a row. */
    PASSES,
    /** The time is up. */
    WHISTLE
}
