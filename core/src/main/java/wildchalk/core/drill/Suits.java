package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;

/**
 * Whom a version is for.
 *
 * @param ages empty for those of the drill
 * @param level in the coach's words: "once they catch on the run"; perhaps empty
 */
public record Suits(List<AgeBand> ages, String level) {

    public static final Suits EVERYBODY = new Suits(List.of(), "");

    public Suits {
        Objects.requireNonNull(level, "level");
        ages = List.copyOf(ages);
    }

    public boolean isEmpty() {
        return ages.isEmpty() && level.isEmpty();
    }
}
