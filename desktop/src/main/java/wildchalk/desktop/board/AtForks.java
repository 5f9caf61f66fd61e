package wildchalk.desktop.board;

/** What playing does where a rep can go several ways. */
public enum AtForks {
    /** Stops and asks. */
    ASK,
    /** Goes the way that is chosen in the talk-through. */
    CHOSEN,
    /** Draws one by weight each time it plays from the whistle; the same draws in the same order every time. */
    CHANCE
}
