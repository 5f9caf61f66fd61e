package wildchalk.desktop.board;

/** What lies in the tray under the board, in its order; the keys 1 to 9 and 0 take them. */
public enum TrayItem {
    ATTACK,
    DEFENCE,
    KEEPER,
    COACH,
    LINE,
    BALL,
    CONE,
    POLE,
    MINI_GOAL,
    GOAL;

    /** The digit that takes it. */
    public int key() {
        return (ordinal() + 1) % 10;
    }
}
