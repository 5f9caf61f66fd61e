package wildchalk.core.drill;

/** How a loose ball is taken. */
public enum PickUpKind {
    /** Bending down for it. */
    GROUND,
    /** With the stick, running through it. */
    SCOOP,
    /** In the air as it comes off a board or out of the net, before it bounces. */
    REBOUND
}
