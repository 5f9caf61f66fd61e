package wildchalk.core.drill;

/** What becomes of a try for the ball. */
public enum Verdict {
    /** It is made: the ball changes hands, or the carrier is brought down. */
    WON,
    /** The other goes on. */
    MISSED,
    /** The ball comes out and lies free. */
    OUT,
    /** Both stand, and the ball does not come out. */
    HELD_UP
}
