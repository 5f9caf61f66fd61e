package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/** Which surface a drill stands on, and which part of it is shown. Both must exist. */
public record SurfaceUse(String surfaceId, String viewId) {

    public SurfaceUse {
        Objects.requireNonNull(surfaceId, "surfaceId");
        Objects.requireNonNull(viewId, "viewId");
        Surface found = Surfaces.find(surfaceId)
                .orElseThrow(() -> new IllegalArgumentException("There is no surface \"%s\".".formatted(surfaceId)));
        if (found.view(viewId).isEmpty()) {
            throw new IllegalArgumentException("The surface \"%s\" has no view \"%s\".".formatted(surfaceId, viewId));
        }
    }

    public Surface surface() {
        return Surfaces.find(surfaceId).orElseThrow();
    }

    public View view() {
        return surface().view(viewId).orElseThrow();
    }
}
