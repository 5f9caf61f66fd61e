package wildchalk.core.drill;

/** The hand or foot, or the way of holding a stick, that a role prefers. */
public enum Hand {
    NONE,
    LEFT,
    RIGHT;

    public Hand swapped() {
        return switch (this) {
            case NONE -> NONE;
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
        };
    }
}
