package wildchalk.core.drill;

import java.util.List;

/** How somebody tries for a ball that another has, or has sent. */
public enum Bid {
    /** Steps into the lane of a pass and has it. */
    INTERCEPTION,
    /** Gets a hand, foot or stick to a pass. */
    KNOCK_DOWN,
    /** Gets in the way of a shot. */
    BLOCK,
    /** At the ball with the stick, or the foot. */
    POKE,
    /** Out of the hands, from the side or from behind. */
    STRIP,
    /** Out of the arms, body to body. */
    RIP,
    TACKLE,
    /** Keeps somebody off the ball with the body. */
    BOX_OUT;

    /** What can become of it, the usual first. */
    public List<Verdict> verdicts() {
        return switch (this) {
            case INTERCEPTION -> List.of(Verdict.WON, Verdict.MISSED);
            case KNOCK_DOWN, BLOCK -> List.of(Verdict.OUT, Verdict.WON, Verdict.MISSED);
            case POKE, STRIP, RIP -> List.of(Verdict.WON, Verdict.OUT, Verdict.MISSED);
            case TACKLE -> List.of(Verdict.WON, Verdict.MISSED, Verdict.OUT, Verdict.HELD_UP);
            case BOX_OUT -> List.of(Verdict.WON, Verdict.MISSED);
        };
    }

    /** Whether it is for a ball under way, and not for one that somebody carries. */
    public boolean isForPass() {
        return this == INTERCEPTION || this == KNOCK_DOWN || this == BLOCK;
    }

    /** Whether bodies meet in it. */
    public boolean isBodily() {
        return this == RIP || this == TACKLE || this == BOX_OUT;
    }
}
