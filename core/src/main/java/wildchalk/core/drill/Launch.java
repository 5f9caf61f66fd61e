package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;

/**
 * When the next rep starts.
 *
 * @param at what it waits for in the running rep; empty for the rep's end
 * @param seconds with a whistle: every so many; else so many after it; 0 to 600
 * @param goesOn whether it begins with the ball of the running rep, wherever that is then: nobody fetches one
 */
public record Launch(Optional<Event> at, double seconds, boolean goesOn) {

    public static final Launch WHEN_OVER = new Launch(Optional.empty(), 0);

    /** With a ball of its own. */
    public Launch(Optional<Event> at, double seconds) {
        this(at, seconds, false);
    }

    public Launch withGoesOn(boolean same) {
        return new Launch(at, seconds, same);
    }

    public Launch {
        seconds += 0.0; // never a minus before a nought
        Objects.requireNonNull(at, "at");
        if (!(seconds >= 0 && seconds <= Trigger.MAX_PLUS_SECONDS)) {
            throw new IllegalArgumentException(
                    "The launch (%s s) must be from 0 to %s s.".formatted(seconds, Trigger.MAX_PLUS_SECONDS));
        }
        if (at.isPresent() && at.get() instanceof Event.Whistle && seconds < 1) {
            throw new IllegalArgumentException(
                    "The whistle (every %s s) needs at least a second between reps.".formatted(seconds));
        }
    }
}
