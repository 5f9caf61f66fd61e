package wildchalk.core.drill;

/** How a pass travels. */
public enum PassKind {
    /** Along the ground or the ice, slowing down. */
    GROUND,
    /** Through the air, hand to hand or stick to stick. */
    AIR
}
