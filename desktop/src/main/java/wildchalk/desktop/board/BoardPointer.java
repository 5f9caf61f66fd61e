package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.path.Choices;
import wildchalk.core.surface.GoalMouth;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.PlacedLabels;
import wildchalk.picture.paint.Viewport;

/** Turns what the pointer does over the board into gestures. */
final class BoardPointer {

    /** One notch of a wheel brings everything so much nearer. */
    private static final double WHEEL_STEP = 1.15;

    private static final double WHEEL_NOTCH = 40;

    private final BoardView board;
    private final DrillDocument document;
    private final ContextMenu menu = new ContextMenu();
    private Point2D panning;
    private double x;
    private double y;

    BoardPointer(BoardView board, DrillDocument document) {
        this.board = board;
        this.document = document;
    }

    /** Where the pointer was last, pixels of the board. */
    double x() {
        return x;
    }

    double y() {
        return y;
    }

    void listen() {
        board.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        board.addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (panning != null) {
                board.pan(panning.getX() - e.getX(), panning.getY() - e.getY());
                panning = new Point2D.Double(e.getX(), e.getY());
                return;
            }
            track(e);
            if (board.gestureOrNull() != null) {
                board.gestureOrNull().moveTo(e.getX(), e.getY());
            }
        });
        board.addEventHandler(MouseEvent.MOUSE_MOVED, e -> {
            track(e);
            if (board.gestureOrNull() != null && !board.gestureOrNull().endsOnRelease()) {
                board.gestureOrNull().moveTo(e.getX(), e.getY());
            }
        });
        board.addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            panning = null;
            if (board.gestureOrNull() != null && e.getButton() == MouseButton.PRIMARY) {
                board.gestureOrNull().moveTo(e.getX(), e.getY());
                if (board.gestureOrNull().endsOnRelease()) {
                    board.finishGesture();
                }
            }
        });
        board.addEventHandler(ScrollEvent.SCROLL, e -> {
            if (e.isDirect() || e.isShiftDown()) {
                board.pan(-e.getDeltaX(), -e.getDeltaY()); // fingers on the screen, or the wheel with shift
            } else if (e.getDeltaY() != 0) {
                board.zoom(Math.pow(WHEEL_STEP, e.getDeltaY() / WHEEL_NOTCH), e.getX(), e.getY());
            }
            e.consume();
        });
        board.addEventHandler(ZoomEvent.ZOOM, e -> {
            board.zoom(e.getZoomFactor(), e.getX(), e.getY());
            e.consume();
        });
    }

    private void track(MouseEvent e) {
        x = e.getX();
        y = e.getY();
        if (board.armedProperty().get() != null) {
            board.repaintSoon();
        }
    }

    private void press(MouseEvent e) {
        board.requestFocus();
        track(e);
        menu.hide();
        if (e.getButton() == MouseButton.SECONDARY) {
            other(e);
            return;
        }
        if (e.getButton() == MouseButton.MIDDLE) {
            panning = new Point2D.Double(e.getX(), e.getY());
            return;
        }
        document.playingProperty().set(false);
        if (!document.choicesProperty().get().isDrawn()) {
            // nothing is drawn on what is only to be looked at
            document.choose(document.choicesProperty().get().withRep(Choices.Rep.DRAWN));
            return;
        }
        if (board.gestureOrNull() != null && !board.gestureOrNull().endsOnRelease()) {
            board.gestureOrNull().press(e.getX(), e.getY());
            if (e.getClickCount() == 2) {
                board.finishGesture();
            }
            return;
        }
        if (board.armedProperty().get() != null) {
            useTool(board.armedProperty().get(), e);
            return;
        }
        begin(e);
        board.gesture().ifPresent(g -> g.takenAt(e.getX(), e.getY()));
    }

    /** The other button: a hard cut while pulling, else what can be done with what lies there. */
    private void other(MouseEvent e) {
        if (board.gestureOrNull() instanceof PullGesture pull) {
            pull.key(KeyCode.X);
            return;
        }
        Selection thing = Things.at(board.frame(), board.viewport(), e.getX(), e.getY());
        boolean among = thing.single()
                .map(id -> document.selectionProperty().get().has(id))
                .orElse(false);
        if (!among) {
            document.selectionProperty().set(thing);
        }
        ArrangeMenu.fill(menu.getItems(), board, document);
        menu.show(board, e.getScreenX(), e.getScreenY());
    }

    private void useTool(TrayItem item, MouseEvent e) {
        if (item.isDrawn()) {
            board.setGesture(
                    switch (item) {
                        case ZONE ->
                            new ZoneGesture(
                                    document, board.viewport(), board.frame(), e.getX(), e.getY(), board::repaintSoon);
                        case NOTE ->
                            new NoteGesture(
                                    document, board.viewport(), e.getX(), e.getY(), board::repaintSoon, board::details);
                        default ->
                            new TapeGesture(
                                    board.viewport(),
                                    board.frame(),
                                    document.reader().unit(),
                                    e.getX(),
                                    e.getY(),
                                    board::repaintSoon);
                    });
        } else if (item == TrayItem.PATTERN) {
            board.place(item, e.getX(), e.getY());
        } else {
            board.setGesture(new RowGesture(
                    document, board.viewport(), board.frame(), item, e.getX(), e.getY(), board::repaintSoon));
        }
        if (!e.isShiftDown()) {
            board.armedProperty().set(null);
        }
    }

    private void begin(MouseEvent e) {
        Frame frame = board.frame();
        Viewport v = board.viewport();
        Optional<Integer> handle =
                Things.handleAt(frame, document.selectionProperty().get(), v, e.getX(), e.getY());
        if (handle.isPresent()) {
            onHandle(frame, v, handle.get(), e);
            return;
        }
        Selection thing = Things.at(frame, v, e.getX(), e.getY());
        if (e.getClickCount() == 2 && onDoubleClick(frame, v, thing, e)) {
            return;
        }
        if (thing.isNone() && beside(frame, v, e)) {
            return;
        }
        if (thing.isNone()) {
            Selection stays = e.isShiftDown() ? document.selectionProperty().get() : Selection.NONE;
            document.selectionProperty().set(stays);
            board.setGesture(new LassoGesture(document, v, frame, stays));
            return;
        }
        ElementId id = thing.single().orElseThrow();
        if (e.isShiftDown()) {
            document.selectionProperty().set(document.selectionProperty().get().toggled(id));
            return;
        }
        if (!document.selectionProperty().get().has(id)) {
            document.selectionProperty().set(new Selection(Elements.withGroups(frame.path(), Set.of(id))));
        }
        take(frame, v, thing, e.isAltDown() || board.arrangingProperty().get());
    }

    /** Labels and goals of the surface are no elements; they can be dragged all the same. */
    private boolean beside(Frame frame, Viewport v, MouseEvent e) {
        Optional<PlacedLabels.Label> label = PlacedLabels.at(v, frame, e.getX(), e.getY());
        if (label.isPresent() && e.getClickCount() == 2) {
            document.edit(Ui.text("edit.label"), Arrangements.label(label.get().of(), Optional.empty()));
            return true;
        }
        if (label.isPresent()) {
            board.setGesture(DragGesture.ofLabel(document, v, frame, label.get(), board::repaintSoon));
            return true;
        }
        Optional<GoalMouth> goal = Aiming.at(frame, v, e.getX(), e.getY())
                .goal()
                .filter(g -> frame.drill().surface().goal(g.id()).isPresent());
        if (goal.isPresent() && (e.isAltDown() || board.arrangingProperty().get())) {
            board.setGesture(DragGesture.ofGoal(document, v, frame, goal.get(), board::repaintSoon));
            return true;
        }
        return false;
    }

    /** Pulls from a body or a ball, or drags what is chosen. */
    private void take(Frame frame, Viewport v, Selection thing, boolean setOut) {
        Optional<RoleId> holder = thing.ball().flatMap(b -> board.holderOf(frame, b));
        if (!setOut && thing.role().isPresent()) {
            Set<ElementId> chosen = document.selectionProperty().get().ids();
            document.selectionProperty().set(thing);
            board.setGesture(
                    board.pull(frame, v, Pull.fromBody(frame, thing.role().get(), chosen)));
        } else if (!setOut && holder.isPresent()) {
            document.selectionProperty().set(thing);
            board.setGesture(board.pull(frame, v, Pull.fromBall(frame, holder.get())));
        } else if (!Elements.isLocked(frame.path(), thing.single().orElseThrow())) {
            Elements.place(frame.path(), thing.single().orElseThrow())
                    .ifPresent(start -> board.setGesture(DragGesture.ofThings(
                            document, v, frame, board.arranging().movable(), start, board::repaintSoon)));
        }
    }

    /** On a stroke: another point of the path; on anything else that is set out: its sheet. */
    private boolean onDoubleClick(Frame frame, Viewport v, Selection thing, MouseEvent e) {
        Optional<Travel> travel = thing.move()
                .flatMap(m -> frame.path().move(m))
                .filter(m -> m instanceof Travel)
                .map(m -> (Travel) m);
        if (travel.isPresent()) {
            Waypoints.Added added = Waypoints.added(frame, travel.get(), v.toMetres(e.getX(), e.getY()));
            document.edit(
                    Ui.text("edit.add-point"), Tellings.retell(travel.get().id(), m -> Waypoints.with(m, added)));
            return true;
        }
        boolean hasSheet = thing.gear().isPresent()
                || thing.note().isPresent()
                || thing.zone().isPresent()
                || thing.line().isPresent();
        if (hasSheet) {
            board.details();
        }
        return hasSheet;
    }

    /** A point of the chosen path: dragged; twice makes it a hard cut or smooth; with Alt it goes. */
    private void onHandle(Frame frame, Viewport v, int index, MouseEvent e) {
        Travel travel = (Travel) frame.path()
                .move(document.selectionProperty().get().move().orElseThrow())
                .orElseThrow();
        if (e.isAltDown()) {
            document.edit(Ui.text("edit.remove-point"), Tellings.retell(travel.id(), m -> Waypoints.without(m, index)));
        } else if (e.getClickCount() == 2) {
            boolean cut = !travel.path().get(index).cut();
            document.edit(
                    Ui.text("edit.cut"),
                    Tellings.retell(travel.id(), m -> Waypoints.changed(m, index, w -> w.withCut(cut))));
        } else {
            board.setGesture(DragGesture.ofWaypoint(document, v, frame, travel, index, board::repaintSoon));
        }
    }
}
