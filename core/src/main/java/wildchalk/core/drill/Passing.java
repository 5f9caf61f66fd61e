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
    TOUCH,
    /** Where a path ends: at speed, and slowing down beyond it. On the way the same as {@link #CURVE}. */
    THROUGH;

    /** Whether the path turns hard there. */
    boolean isHard() {
        return this == CUT || this == STOP || this == TOUCH;
    }
}
