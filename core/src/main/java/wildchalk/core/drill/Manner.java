package wildchalk.core.drill;

/** Which way the body moves relative to where it faces. */
public enum Manner {
    FORWARD,
    BACKWARD,
    SHUFFLE,
    /** Feet crossing, hips turned: on a circle of ice, or a crossover run. */
    CROSSOVER
}
