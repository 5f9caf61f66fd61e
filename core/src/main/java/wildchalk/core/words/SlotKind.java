package wildchalk.core.words;

/** Which part of a move a slot sets. */
public enum SlotKind {
    WHO,
    MANNER,
    /** What ends a travel before its path does. */
    UNTIL,
    /** What happens on the way: cuts, stops, touches, circles. */
    VIA,
    WHERE,
    /** To a stop, with a touch, or through the place at speed. */
    ENDING,
    KIND,
    RECEIVER,
    AIM,
    /** Touch, board, what becomes of a shot. */
    HOW,
    OTHER,
    HAND,
    DEGREES,
    LEVEL,
    WORDS,
    SECONDS,
    WHEN
}
