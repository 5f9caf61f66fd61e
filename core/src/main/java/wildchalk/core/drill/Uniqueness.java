package wildchalk.core.drill;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.text.Misplaced;

/** Refuses a second element of the same id. */
final class Uniqueness {

    private Uniqueness() {}

    static void check(String what, Stream<?> ids) {
        Set<Object> seen = new HashSet<>();
        ids.forEach(id -> {
            if (!seen.add(id)) {
                throw new Misplaced(
                        "The id \"%s\" stands for two %ss; each needs its own.".formatted(id, what),
                        id.toString(),
                        id.toString());
            }
        });
    }
}
