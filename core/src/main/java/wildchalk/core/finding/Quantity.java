package wildchalk.core.finding;

/** What a figure of a finding is a figure of, in SI units. */
public enum Quantity {
    /** How far, m: a gap, what is missing. */
    METRES,
    /** How near, m: the less, the worse. */
    NEARNESS,
    /** How long, s: late by, early by. */
    SECONDS,
    /** How long there is between two, s: the less, the worse. */
    BETWEEN,
    /** How fast, m/s. */
    SPEED,
    /** How much room, m²: the less, the worse. */
    AREA,
    /** How wide, degrees. */
    DEGREES,
    /** How many there are. */
    COUNT,
    /** How many, or how many seconds, a rule allows or asks for. */
    LIMIT;

    /** Whether a smaller figure is the graver one. */
    public boolean isWorseWhenLess() {
        return this == NEARNESS || this == BETWEEN || this == AREA;
    }
}
