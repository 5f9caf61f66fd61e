package wildchalk.core.drill;

/** What a travel goes for where its goal is not drawn but worked out. */
public enum Seeks {
    /** A ball that lies free, or will, wherever that is. */
    BALL,
    /** The ball that comes back from a goal, to where it comes down. */
    REBOUND
}
