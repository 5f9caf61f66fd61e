package wildchalk.core.path;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.MoveId;

/**
 * One time at which something is called. Each move that calls from a set is a time of its own, so that a loop of calls is asked
 * as often as it comes.
 *
 * @param set of what may be called
 * @param by the move that calls; empty where places or a fork hang on a set that no move calls from
 */
public record Ask(CallId set, Optional<MoveId> by) {

    public Ask {
        Objects.requireNonNull(set, "set");
        Objects.requireNonNull(by, "by");
    }

    /** Of a set that no move calls from. */
    public static Ask of(CallId set) {
        return new Ask(set, Optional.empty());
    }

    /** The set, and the move behind an {@code @} where one calls. */
    public String text() {
        return by.map(m -> set + "@" + m).orElse(set.text());
    }
}
