package wildchalk.core.drill;

/** How hard a ball is sent. */
public enum Weight {
    SOFT,
    FIRM,
    HARD
}
