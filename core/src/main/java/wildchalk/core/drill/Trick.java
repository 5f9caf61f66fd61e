package wildchalk.core.drill;

/** Skills that have a name in the field, with what they take and leave (estimates). */
public enum Trick {
    /** A false move of body or eyes. */
    FEINT(0.4, 0.85),
    /** A pass or shot that is only shown. */
    FAKE(0.4, 0.8),
    STEP_OVER(0.5, 0.8),
    /** The ball under the sole, or across the body. */
    ROLL(0.5, 0.7),
    DRAG_BACK(0.6, 0.2),
    LUNGE(0.4, 0.6),
    HOP_STEP(0.4, 0.6),
    /** Both feet at once, to a stand. */
    JUMP_STOP(0.4, 0),
    SPIN(0.6, 0.6),
    /** Short quick steps into a close-out. */
    STUTTER(0.7, 0.3),
    /** One's own, by its name. */
    OWN(0.6, 0.7);

    private final double seconds;
    private final double keeps;

    Trick(double seconds, double keeps) {
        this.seconds = seconds;
        this.keeps = keeps;
    }

    /** How long it takes. */
    public double seconds() {
        return seconds;
    }

    /** The share of the speed that is kept through it; 0 for to a stand. */
    public double keeps() {
        return keeps;
    }
}
