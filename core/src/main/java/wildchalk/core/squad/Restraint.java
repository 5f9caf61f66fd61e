package wildchalk.core.squad;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * What a player is not to do for a while. Why is nobody's business but his and that of medical people: no reason is kept.
 *
 * @param until the last day on which it holds; empty until it is taken out
 */
public record Restraint(What from, Optional<LocalDate> until) {

    /** What is left out. */
    public enum What {
        JUMPS,
        THROWS,
        SPRINTS,
        CONTACT,
        KEEPING,
        /** Takes part in nothing. */
        ALL
    }

    public Restraint {
        Objects.requireNonNull(from, "from");
        Objects.requireNonNull(until, "until");
    }

    public boolean holdsOn(LocalDate day) {
        return until.isEmpty() || !day.isAfter(until.get());
    }
}
