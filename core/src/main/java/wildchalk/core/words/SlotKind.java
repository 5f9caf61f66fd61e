package wildchalk.core.words;

/** Which part of a move a slot sets. */
public enum SlotKind {
    WHO,
    MANNER,
    EFFORT,
    WHERE,
    KIND,
    RECEIVER,
    AIM,
    SECONDS,
    WHEN
}
