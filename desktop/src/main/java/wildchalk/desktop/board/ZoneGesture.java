package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import wildchalk.core.arrange.Measures;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** A zone: pulled from corner to corner as a rectangle, or clicked corner by corner and closed with Enter. */
final class ZoneGesture implements Gesture {

    private static final double LEAST_METRES = 0.3;

    private final DrillDocument document;
    private final Viewport viewport;
    private final Runnable repaint;
    private final PointChain chain;
    private ZoneKind kind = ZoneKind.BOX;

    ZoneGesture(DrillDocument document, Viewport viewport, Frame frame, double x, double y, Runnable repaint) {
        this.document = document;
        this.viewport = viewport;
        this.repaint = repaint;
        Snapping snapping = PullGesture.snapping(frame, viewport);
        this.chain =
                new PointChain(viewport.toMetres(x, y), p -> snapping.place(p).at(), LEAST_METRES);
        repaint.run();
    }

    @Override
    public void press(double x, double y) {
        chain.add(viewport.toMetres(x, y));
        repaint.run();
    }

    @Override
    public void moveTo(double x, double y) {
        chain.moveTo(viewport.toMetres(x, y));
        repaint.run();
    }

    @Override
    public boolean key(KeyCode code) {
        if (code == KeyCode.K) {
            kind = ZoneKind.values()[(kind.ordinal() + 1) % ZoneKind.values().length];
            repaint.run();
            return true;
        }
        return false;
    }

    /** A pull from the first corner is a rectangle; a click there begins a chain of corners. */
    @Override
    public boolean endsOnRelease() {
        return chain.points().size() == 1 && chain.isAway();
    }

    private List<Point> outline() {
        List<Point> corners = chain.points();
        if (corners.size() == 1) {
            Point a = corners.get(0);
            Point pointer = chain.pointer();
            return List.of(a, new Point(pointer.x(), a.y()), pointer, new Point(a.x(), pointer.y()));
        }
        return corners;
    }

    @Override
    public void finish() {
        List<Point> outline = outline();
        if (outline.size() < 3 || Measures.area(outline) < LEAST_METRES * LEAST_METRES) {
            return;
        }
        document.edit(Ui.text("edit.zone"), Placements.zone(n -> Ui.text("zone.name", n), kind, outline));
    }

    @Override
    public void paint(Overlay overlay) {
        Point pointer = chain.pointer();
        boolean isRectangle = chain.points().size() == 1;
        List<Point> outline = new ArrayList<>(outline());
        if (!isRectangle) {
            outline.add(pointer);
        }
        overlay.lasso(outline);
        LengthUnit unit = document.reader().unit();
        Point last = chain.last();
        String size = isRectangle
                ? unit.exact(Math.abs(pointer.x() - last.x())) + " × " + unit.exact(Math.abs(pointer.y() - last.y()))
                : unit.exact(last.distanceTo(pointer));
        overlay.bubble(
                Ui.text("zone.drawing", Ui.text("zone.kind." + kind), size, Numbers.brief(Measures.area(outline), 1)),
                viewport.toPixels(pointer));
    }
}
