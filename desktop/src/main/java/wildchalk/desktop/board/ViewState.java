package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.View;
import wildchalk.picture.paint.Viewport;

/** Which part of the surface the board shows now: what the drill has chosen, where the action is, or nearer and elsewhere. */
final class ViewState {

    /** Bodies are at least 22 points across, however small the board. */
    private static final double LEAST_UNIT = 22.0 / 24;

    /** An upright board shows a surface standing where that makes it larger by so much. */
    private static final double WORTH_TURNING = 1.15;

    /** A board as it usually is, in pixels. */
    private static final double USUAL_WIDTH = 860;

    private static final double USUAL_HEIGHT = 630;

    private Optional<Viewport> chosen = Optional.empty();
    private Optional<View> action = Optional.empty();
    private Optional<SurfaceUse> of = Optional.empty();

    Viewport viewport(SurfaceUse use, double width, double height) {
        double w = Math.max(1, width);
        double h = Math.max(1, height);
        if (!of.equals(Optional.of(use))) {
            fit();
            of = Optional.of(use);
        }
        Viewport fit = visible(fitting(action.orElse(use.view()), use.standing(), w, h));
        if (chosen.isPresent() && chosen.get().standing() != fit.standing()) {
            chosen = Optional.empty();
        }
        return chosen.map(v -> v.width() == w && v.height() == h ? v : visible(v.resized(w, h)))
                .orElse(fit);
    }

    /** What is seen of a drill when it is opened: its part, or where the action is if that is much smaller. */
    void open(SurfaceUse use, Optional<View> box) {
        of = Optional.of(use);
        View first = Viewport.first(use, box, USUAL_WIDTH, USUAL_HEIGHT);
        action = first.equals(use.view()) ? Optional.empty() : Optional.of(first);
    }

    private static Viewport fitting(View view, boolean standing, double w, double h) {
        Viewport asChosen = Viewport.fitting(view, standing, w, h);
        if (standing || h <= w) {
            return asChosen;
        }
        Viewport upright = Viewport.fitting(view, true, w, h);
        return upright.pixelsPerMetre() > WORTH_TURNING * asChosen.pixelsPerMetre() ? upright : asChosen;
    }

    private static Viewport visible(Viewport v) {
        return v.withUnit(Math.max(LEAST_UNIT, v.unit()));
    }

    /** Whether nobody has gone nearer or elsewhere. */
    boolean isFitted() {
        return chosen.isEmpty();
    }

    void set(Viewport viewport) {
        chosen = Optional.of(viewport);
    }

    /** The part that the drill has chosen. */
    void fit() {
        chosen = Optional.empty();
        action = Optional.empty();
    }

    /** A part in which everything happens. */
    void fit(View box) {
        chosen = Optional.empty();
        action = Optional.of(box.grown(Viewport.ACTION_MARGIN));
    }
}
