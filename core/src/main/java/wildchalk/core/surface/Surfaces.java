package wildchalk.core.surface;

import java.util.List;
import java.util.Optional;

/** The surfaces that come with the tool, in the order in which they are offered. */
public final class Surfaces {

    private static final List<Surface> ALL =
            List.of(HandballCourt.build(), IceRink.international(), IceRink.northAmerican());

    private Surfaces() {}

    public static List<Surface> all() {
        return ALL;
    }

    public static Optional<Surface> find(String id) {
        return ALL.stream().filter(s -> s.id().equals(id)).findFirst();
    }
}
