package wildchalk.core.session;

import java.util.Objects;
import wildchalk.core.drill.Limits;

/** Somebody who leads a station, or the whole. @param name as it is called */
public record Coach(CoachId id, String name) {

    public Coach {
        Objects.requireNonNull(id, "id");
        Limits.text("name", name, Limits.WORD);
        if (name.isBlank()) {
            throw new IllegalArgumentException("The coach %s needs a name.".formatted(id));
        }
    }
}
