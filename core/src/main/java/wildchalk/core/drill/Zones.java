package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Regions by their ids, whoever drew them. */
public final class Zones {

    private Zones() {}

    /** A zone of the drill, else of its surface. */
    public static Optional<Zone> find(Scene scene, Surface surface, String id) {
        return scene.layout().zones().stream()
                .map(MarkedZone::asZone)
                .filter(z -> z.id().equals(id))
                .findFirst()
                .or(() ->
                        surface.zones().stream().filter(z -> z.id().equals(id)).findFirst());
    }
}
