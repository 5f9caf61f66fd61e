package wildchalk.core.drill;

/** Which way the body moves relative to where it faces. */
public enum Manner {
    FORWARD,
    BACKWARD,
    SHUFFLE
}
