package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.scene.input.KeyCode;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.words.Places;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** Drags a thing, or a point of a path, to another place; made when let go, shown at the pointer meanwhile. */
final class DragGesture implements Gesture {

    private final DrillDocument document;
    private final Viewport viewport;
    private final Frame frame;
    private final String label;
    private final Point start;
    private final Function<Point, Progression> change;
    private final Runnable repaint;
    private Point place;
    private boolean moved;

    private DragGesture(
            DrillDocument document,
            Viewport viewport,
            Frame frame,
            String label,
            Point start,
            Function<Point, Progression> change,
            Runnable repaint) {
        this.document = document;
        this.viewport = viewport;
        this.frame = frame;
        this.label = label;
        this.start = start;
        this.place = start;
        this.change = change;
        this.repaint = repaint;
    }

    static DragGesture ofThing(
            DrillDocument document, Viewport v, Frame frame, Selection thing, Point start, Runnable repaint) {
        return new DragGesture(
                document,
                v,
                frame,
                Ui.text("edit.move"),
                start,
                p -> Things.movedTo(frame.progression(), thing, p),
                repaint);
    }

    static DragGesture ofWaypoint(
            DrillDocument document, Viewport v, Frame frame, Travel travel, int index, Runnable repaint) {
        return new DragGesture(
                document,
                v,
                frame,
                Ui.text("edit.path"),
                travel.path().get(index).at(),
                p -> {
                    List<Waypoint> path = new ArrayList<>(travel.path());
                    path.set(index, path.get(index).withAt(p));
                    return frame.progression().withMove(travel.withPath(path));
                },
                repaint);
    }

    @Override
    public void moveTo(double x, double y) {
        Point p = viewport.toMetres(x, y);
        moved |= p.distanceTo(start) * viewport.pixelsPerMetre() > 3;
        place = Snap.to(
                p,
                frame.progression().withGear(List.of()),
                frame.drill().surface(),
                PullGesture.SNAP_PIXELS / viewport.pixelsPerMetre());
        repaint.run();
    }

    @Override
    public boolean key(KeyCode code) {
        return false;
    }

    @Override
    public void finish() {
        if (moved) {
            document.change(label, before -> change.apply(place));
        }
    }

    @Override
    public void paint(Overlay overlay) {
        if (moved) {
            overlay.line(List.of(start, place));
            String where = new Places(frame.progression(), frame.drill().surface()).standing(place);
            overlay.bubble(where, viewport.x(place.x()), viewport.y(place.y()));
        }
    }
}
