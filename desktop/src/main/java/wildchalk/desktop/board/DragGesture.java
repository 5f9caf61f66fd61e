package wildchalk.desktop.board;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.scene.input.KeyCode;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Tellings;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Places;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.PlacedLabels;
import wildchalk.picture.paint.Viewport;

/** Drags things, or a point of a path, to another place; made when let go, shown at the pointer meanwhile. */
final class DragGesture implements Gesture {

    /** A shorter drag is a click, pixels. */
    private static final double LEAST_PIXELS = 3;

    private static final double TURN_DEGREES = 45;

    private final DrillDocument document;
    private final Viewport viewport;
    private final Frame frame;
    private final String label;
    private final Point start;
    private final Function<Point, Edit> change;
    /** What is to be known beforehand; empty for nothing. */
    private final String also;

    private final Runnable repaint;
    private final Snapping snapping;
    private final TypedMeasure typed;
    private final LengthUnit unit;
    private Point grabbed;
    private Point pointer;
    private Snapping.Snapped place;
    private boolean moved;
    private double turned;

    private DragGesture(
            DrillDocument document,
            Viewport viewport,
            Frame frame,
            String label,
            Point start,
            Set<ElementId> moving,
            Function<Point, Edit> change,
            String also,
            Runnable repaint) {
        this.document = document;
        this.viewport = viewport;
        this.frame = frame;
        this.label = label;
        this.start = start;
        this.pointer = start;
        this.grabbed = start;
        this.change = change;
        this.also = also;
        this.repaint = repaint;
        this.unit = document.reader().unit();
        this.typed = new TypedMeasure(unit);
        this.snapping = PullGesture.snapping(frame, viewport, moving);
        this.place = new Snapping.Snapped(start, Snapping.Reason.GRID, List.of());
    }

    /**
     * Moves elements together; several keep what they do.
     *
     * @param start where the one that was grabbed starts
     */
    static DragGesture ofThings(
            DrillDocument document, Viewport v, Frame frame, Set<ElementId> ids, Point start, Runnable repaint) {
        Set<ElementId> all = ids.size() > 1 ? Transforms.withTheirMoves(frame.path(), ids) : ids;
        return new DragGesture(
                document,
                v,
                frame,
                Ui.text(ids.size() > 1 ? "edit.move-several" : "edit.move", ids.size()),
                start,
                all,
                p -> Arrangements.carry(ids, PlaneMap.shift(p.minus(start))),
                "",
                repaint);
    }

    /** A point that lies where a call says cannot be dragged; it is told so. */
    static DragGesture ofWaypoint(
            DrillDocument document, Viewport v, Frame frame, Travel travel, int index, Runnable repaint) {
        Waypoint point = travel.path().get(index);
        boolean called = point.called().isPresent();
        return new DragGesture(
                document,
                v,
                frame,
                Ui.text("edit.path"),
                point.at(),
                Set.of(),
                p -> Tellings.retell(travel.id(), m -> called ? m : Waypoints.changed(m, index, w -> w.withAt(p))),
                called ? Ui.text("board.drag.called") : "",
                repaint);
    }

    /** Puts a label where the hand wants it; it keeps its way from what it names. */
    static DragGesture ofLabel(
            DrillDocument document, Viewport v, Frame frame, PlacedLabels.Label label, Runnable repaint) {
        Point start = v.toMetres(label.box().getCenterX(), label.box().getCenterY());
        Point anchor = PlacedLabels.anchor(v, frame, label.of());
        Set<ElementId> everything = new LinkedHashSet<>(Elements.all(frame.path()));
        return new DragGesture(
                document,
                v,
                frame,
                Ui.text("edit.label"),
                start,
                everything, // a label is drawn to nothing
                p -> Arrangements.label(label.of(), Optional.of(p.minus(anchor).toMillimetres())),
                "",
                repaint);
    }

    /** Puts a goal of the surface somewhere else; R turns it meanwhile. */
    static DragGesture ofGoal(DrillDocument document, Viewport v, Frame frame, GoalMouth goal, Runnable repaint) {
        DragGesture[] self = new DragGesture[1];
        self[0] = new DragGesture(
                document,
                v,
                frame,
                Ui.text("edit.goal"),
                goal.centre(),
                Set.of(),
                p -> Wholes.goal(new MovedGoal(goal.id(), p, goal.facingDegrees() + self[0].turned)),
                document.drill().progressions().size() > 1 ? Ui.text("board.drag.all-versions") : "",
                repaint);
        return self[0];
    }

    @Override
    public boolean key(KeyCode code) {
        if (code == KeyCode.R && typed.isEmpty()) {
            turned += TURN_DEGREES;
            repaint.run();
            return true;
        }
        return false;
    }

    @Override
    public void takenAt(double x, double y) {
        grabbed = viewport.toMetres(x, y);
    }

    @Override
    public void moveTo(double x, double y) {
        Point p = viewport.toMetres(x, y);
        // the thing keeps its distance to the pointer, so that it does not jump when taken at its edge
        pointer = start.plus(p.minus(grabbed));
        moved |= p.distanceTo(grabbed) * viewport.pixelsPerMetre() > LEAST_PIXELS;
        place = snapping.end(pointer, start);
        repaint.run();
    }

    @Override
    public boolean typed(String character) {
        boolean taken = typed.type(character);
        repaint.run();
        return taken;
    }

    private Point end() {
        return typed.end(start, pointer).orElse(place.at());
    }

    @Override
    public void finish() {
        if (moved || !typed.isEmpty() || turned != 0) {
            Point end = end();
            document.edit(label, change.apply(end));
        }
    }

    @Override
    public void paint(Overlay overlay) {
        if (!moved) {
            return;
        }
        Point end = end();
        if (typed.isEmpty()) {
            overlay.guides(place.guides(), unit);
        }
        overlay.line(List.of(start, end));
        String where = new Places(frame.path(), frame.drill().surface(), unit).standing(end);
        String far = unit.exact(start.distanceTo(end));
        String text = typed.isEmpty() ? far + "  ·  " + where : typed.text() + "  ·  " + far;
        overlay.bubble(also.isEmpty() ? text : text + "  ·  " + also, viewport.toPixels(end));
    }
}
