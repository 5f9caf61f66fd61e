package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Elements;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Zone;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** A loop around things chooses them. */
final class LassoGesture implements Gesture {

    private static final double STEP_PIXELS = 3;

    private final DrillDocument document;
    private final Viewport viewport;
    private final Frame frame;
    private final Selection before;
    private final List<Point> loop = new ArrayList<>();

    /** @param before what stays chosen; none unless the loop adds to it */
    LassoGesture(DrillDocument document, Viewport viewport, Frame frame, Selection before) {
        this.document = document;
        this.viewport = viewport;
        this.frame = frame;
        this.before = before;
    }

    @Override
    public void moveTo(double x, double y) {
        Point p = viewport.toMetres(x, y);
        if (loop.isEmpty() || loop.get(loop.size() - 1).distanceTo(p) * viewport.pixelsPerMetre() > STEP_PIXELS) {
            loop.add(p);
        }
        if (loop.size() > 2) {
            var inside = Things.inside(frame, new Zone("lasso", "", loop));
            document.selectionProperty().set(before.with(Elements.withGroups(frame.path(), inside)));
        }
    }

    @Override
    public void finish() {
        if (loop.size() <= 2) {
            document.selectionProperty().set(before);
        }
    }

    @Override
    public void paint(Overlay overlay) {
        overlay.lasso(loop);
    }
}
