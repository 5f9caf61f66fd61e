package wildchalk.core.drill;

/** How a pass travels. */
public enum PassKind {
    /** Along the ground or the ice, slowing down. */
    GROUND,
    /** Through the air, hand to hand or stick to stick. */
    AIR,
    /** Once off the floor, two thirds of the way. */
    BOUNCE,
    /** High, to come down where somebody runs under it. */
    LOFTED,
    /** Given from hand to hand or stick to stick. */
    HAND_OFF,
    /** A soft high toss. */
    TOSS,
    /** A serve from standing. */
    SERVE,
    /** A serve at full strength. */
    FULL_SERVE,
    /** Hard along the boards, following their curve. */
    RIM,
    /** Sent deep for somebody to chase. */
    DUMP
}
