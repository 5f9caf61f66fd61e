package wildchalk.core.drill;

/** Whom a role plays for. */
public enum Side {
    ATTACK,
    DEFENCE,
    NEUTRAL,
    KEEPER,
    COACH
}
