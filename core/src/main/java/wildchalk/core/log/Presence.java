package wildchalk.core.log;

/** Whether somebody was there. Nobody's reasons. */
public enum Presence {
    THERE,
    LATE,
    /** Was there, and went before the end. */
    LEFT,
    ABSENT;

    /** Whether there was anything of the session for him. */
    public boolean came() {
        return this != ABSENT;
    }
}
