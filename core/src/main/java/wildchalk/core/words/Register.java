package wildchalk.core.words;

/** How much is told, and to whom. */
public enum Register {
    /** As it is read to the players. */
    ALOUD,
    /** A few words for each step. */
    SHORT,
    /** What is at stake and what is allowed, not the answer. */
    PROBLEM
}
