package wildchalk.core.finding;

/** What a figure of a finding is a figure of, in SI units. */
public enum Quantity {
    /** How far, m: a gap, what is missing. */
    METRES,
    /** How long, s: late by, early by. */
    SECONDS,
    /** How fast, m/s. */
    SPEED,
    /** How wide, degrees. */
    DEGREES,
    /** How many there are. */
    COUNT,
    /** How many, or how many seconds, a rule allows or asks for. */
    LIMIT
}
