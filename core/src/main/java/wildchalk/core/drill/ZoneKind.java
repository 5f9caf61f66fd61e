package wildchalk.core.drill;

/** What a zone that was drawn is for. */
public enum ZoneKind {
    /** A lane to move along. */
    CHANNEL,
    /** A space to play in. */
    BOX,
    /** A space to stay out of. */
    NO_GO
}
