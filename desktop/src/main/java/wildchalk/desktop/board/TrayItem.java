package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.drill.GearKind;

/** What lies in the tray under the board, in its order; the keys 1 to 9 and 0 take the first ten. */
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
    GOAL,
    NEUTRAL,
    DISC,
    HOOP,
    HURDLE,
    LADDER,
    PAD,
    BOX,
    MANNEQUIN,
    MAT,
    ROPE,
    SUPPLY,
    /** A region, drawn by pulling a rectangle or by its corners. */
    ZONE,
    /** Words, perhaps with an arrow. */
    NOTE,
    /** Measures; leaves nothing behind. */
    TAPE,
    /** An arrangement of gear or lines. */
    PATTERN;

    private static final int ON_KEYS = 10;

    /** Whether it lies open in the tray; the others are behind its last buttons. */
    public boolean isOpen() {
        return ordinal() < ON_KEYS;
    }

    /** The digit that takes it; empty for those without one. */
    public Optional<Integer> key() {
        return isOpen() ? Optional.of((ordinal() + 1) % ON_KEYS) : Optional.empty();
    }

    /** Whether it is drawn by a gesture instead of put down by a click. */
    boolean isDrawn() {
        return this == ZONE || this == NOTE || this == TAPE;
    }

    /** The kind of gear that it puts down; empty for people and tools. */
    Optional<GearKind> gear() {
        try {
            return Optional.of(GearKind.valueOf(name()));
        } catch (IllegalArgumentException noGear) {
            return Optional.empty();
        }
    }
}
