package wildchalk.core.whistle;

import java.util.Objects;

/** @param at seconds since the run began */
public record Stamped(double at, Signal signal) {
    public Stamped {
        Objects.requireNonNull(signal, "signal");
        if (!(at >= 0)) {
            throw new IllegalArgumentException("What is pressed (at %s s) cannot be before the run.".formatted(at));
        }
    }
}
