package wildchalk.core.drill;

/** How somebody passes through a point of a path. */
public enum Passing {
    /** Curving through at speed. */
    CURVE,
    /** Planting a foot and turning hard. */
    CUT,
    /** Coming to a stop, then going on. */
    STOP,
    /** Coming to a stop, touching a line, a wall or the ground there, then going on. */
    TOUCH
}
