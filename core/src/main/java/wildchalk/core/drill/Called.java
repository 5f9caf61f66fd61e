package wildchalk.core.drill;

import java.util.Objects;

/**
 * A place that a call decides: the gap whose number was called.
 *
 * @param call which set of calls
 * @param pick 1 for the first thing called, 2 for the second…
 */
public record Called(CallId call, int pick) {

    public Called {
        Objects.requireNonNull(call, "call");
        if (pick < 1 || pick > CallSet.MAX_PICKS) {
            throw new IllegalArgumentException(
                    "The pick (%d) must be from 1 to %d.".formatted(pick, CallSet.MAX_PICKS));
        }
    }
}
