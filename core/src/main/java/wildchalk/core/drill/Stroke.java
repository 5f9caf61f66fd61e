package wildchalk.core.drill;

import java.util.Optional;

/** How a ball is struck or thrown, where a sport has a word for it. How a pass flies comes of it. */
public enum Stroke {
    FOREARM(PassKind.LOFTED),
    DIG(PassKind.LOFTED),
    FREE_BALL(PassKind.LOFTED),
    /** Down over the net. */
    HIT(PassKind.AIR),
    FOREHAND,
    BACKHAND,
    CHEST(PassKind.AIR),
    OVERHEAD(PassKind.AIR),
    SHOULDER(PassKind.AIR),
    /** From out of bounds. */
    INBOUND(PassKind.AIR),
    /** Against the backboard, to catch it again. */
    BACKBOARD(PassKind.LOFTED),
    /** In the jump. */
    JUMP(PassKind.AIR),
    CHIP(PassKind.LOFTED),
    HEADER(PassKind.AIR),
    VOLLEY(PassKind.AIR),
    CROSS(PassKind.LOFTED),
    THROW_IN(PassKind.AIR),
    /** Between somebody's legs. */
    BETWEEN_LEGS(PassKind.GROUND),
    /** Out of a tackle. */
    OFFLOAD(PassKind.AIR),
    LINEOUT(PassKind.LOFTED),
    POP(PassKind.AIR),
    KICK(PassKind.LOFTED),
    GRUBBER(PassKind.GROUND),
    SNAP(PassKind.AIR),
    PITCH(PassKind.AIR),
    PUSH(PassKind.GROUND),
    SLAP(PassKind.GROUND),
    /** With the flat side turned over. */
    REVERSE(PassKind.GROUND),
    SCOOP(PassKind.LOFTED),
    CLEAR(PassKind.LOFTED),
    HOOK,
    STANDING,
    DIVE,
    WRIST,
    FLICK,
    OVERARM,
    SIDEARM,
    UNDERARM;

    private final Optional<PassKind> flight;

    Stroke() {
        this.flight = Optional.empty();
    }

    Stroke(PassKind kind) {
        this.flight = Optional.of(kind);
    }

    /** How a pass flies that is played so; empty where it may be any way. */
    public Optional<PassKind> flight() {
        return flight;
    }
}
