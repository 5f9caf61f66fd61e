package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.picture.paint.Viewport;

/** Which part of the surface the board shows now: what the drill has chosen, or nearer and elsewhere. */
final class ViewState {

    private Optional<Viewport> chosen = Optional.empty();
    private Optional<SurfaceUse> of = Optional.empty();

    Viewport viewport(SurfaceUse use, double width, double height) {
        Viewport fit = Viewport.fitting(use, Math.max(1, width), Math.max(1, height));
        if (!of.equals(Optional.of(use))) {
            chosen = Optional.empty();
            of = Optional.of(use);
        }
        return chosen.map(v -> v.width() == fit.width() && v.height() == fit.height()
                        ? v
                        : v.resized(fit.width(), fit.height()))
                .orElse(fit);
    }

    void set(Viewport viewport) {
        chosen = Optional.of(viewport);
    }

    void fit() {
        chosen = Optional.empty();
    }
}
