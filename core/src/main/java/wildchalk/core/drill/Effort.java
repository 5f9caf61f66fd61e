package wildchalk.core.drill;

/** How hard somebody moves; {@code motion} knows the speed of each for an age. */
public enum Effort {
    WALK,
    EASY,
    STEADY,
    HARD,
    FLAT_OUT
}
