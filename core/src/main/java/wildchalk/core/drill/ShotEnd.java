package wildchalk.core.drill;

/** What becomes of a shot. */
public enum ShotEnd {
    /** In the goal; the ball is out of the rep until somebody takes it out. */
    GOAL,
    /** The keeper has it. */
    SAVE,
    /** The keeper has it and play stops. */
    COVER,
    /** The keeper beats it away, back into play. */
    PARRY,
    /** Past the post. */
    MISS,
    /** Off the keeper, the post or the board, back into play. */
    REBOUND
}
