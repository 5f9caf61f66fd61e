package wildchalk.core.surface;

/** What a marking is painted with; the style of the picture decides the colour. */
public enum Ink {
    LINE,
    RED,
    BLUE,
    FAINT,
    GREEN,
    YELLOW,
    /** A net or a wall that stands on the ground. */
    NET
}
