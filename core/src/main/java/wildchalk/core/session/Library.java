package wildchalk.core.session;

import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;

/** Where a session finds its drills. */
@FunctionalInterface
public interface Library {

    Optional<Drill> drill(DrillId id);
}
