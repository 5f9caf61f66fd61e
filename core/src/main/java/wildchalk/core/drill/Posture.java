package wildchalk.core.drill;

/** How somebody is at the whistle. */
public enum Posture {
    STANDING,
    KNEELING,
    SEATED,
    /** Lying on the front. */
    ON_FRONT,
    /** Lying on the back. */
    ON_BACK
}
