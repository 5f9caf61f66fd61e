package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** What keys do while the board has the focus. Everything that the pointer can do can be done with them. */
final class BoardKeys {

    private static final double FINE_METRES = 0.1;
    private static final double STEP_METRES = 0.5;
    private static final double SCRUB_SECONDS = 0.1;
    private static final double PAN_PIXELS = 60;

    private final BoardView board;
    private final DrillDocument document;

    BoardKeys(BoardView board, DrillDocument document) {
        this.board = board;
        this.document = document;
    }

    /** Returns whether the key meant something here. */
    boolean handle(KeyEvent e) {
        if (e.isShortcutDown()) {
            return shortcut(e);
        }
        if (board.gesture().isPresent()) {
            return during(board.gesture().get(), e);
        }
        return tray(e) || arrows(e) || command(e);
    }

    // ---- while something is pulled ----

    private boolean during(Gesture gesture, KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            board.setGesture(null);
            return true;
        }
        if (e.getCode() == KeyCode.ENTER) {
            board.finishGesture();
            return true;
        }
        if (gesture instanceof PullGesture pull) {
            if (e.getCode() == KeyCode.TAB) {
                nextTarget(pull, e.isShiftDown() ? -1 : 1);
                return true;
            }
            if (e.getCode().isArrowKey()) {
                double d = (e.isShiftDown() ? FINE_METRES : STEP_METRES)
                        * board.viewport().pixelsPerMetre();
                Point by = onScreen(e.getCode());
                pull.jumpTo(pull.x() + by.x() * d, pull.y() - by.y() * d);
                return true;
            }
        }
        return gesture.key(e.getCode());
    }

    /** Jumps to the next player or goal, from left to right as they stand. */
    private void nextTarget(PullGesture pull, int by) {
        Frame frame = board.frame();
        Viewport v = board.viewport();
        List<Point> targets = new ArrayList<>();
        frame.path()
                .roles()
                .forEach(r -> targets.add(
                        frame.timeline().poseAt(r.id(), frame.seconds()).at()));
        Goals.all(frame.path(), frame.drill().surface()).forEach(g -> targets.add(g.centre()));
        int nearest = 0;
        for (int i = 0; i < targets.size(); i++) {
            if (v.toPixels(targets.get(i)).distance(pull.x(), pull.y())
                    < v.toPixels(targets.get(nearest)).distance(pull.x(), pull.y())) {
                nearest = i;
            }
        }
        Point next = targets.get(Math.floorMod(nearest + by, targets.size()));
        var pixel = v.toPixels(next);
        pull.jumpTo(pixel.getX(), pixel.getY());
    }

    // ---- otherwise ----

    private boolean tray(KeyEvent e) {
        if (!e.getCode().isDigitKey()) {
            return false;
        }
        String digit = e.getCode().getName().replaceAll("\\D", "");
        for (TrayItem item : TrayItem.values()) {
            if (item.key().map(String::valueOf).filter(digit::equals).isPresent()) {
                if (item == board.armedProperty().get()) {
                    // pressed twice: put it down at the pointer, or in the middle
                    boolean there = board.isHover();
                    board.place(
                            item,
                            there ? board.pointerX() : board.getWidth() / 2,
                            there ? board.pointerY() : board.getHeight() / 2);
                    board.armedProperty().set(null);
                } else {
                    board.armedProperty().set(item);
                }
                return true;
            }
        }
        return false;
    }

    /** Half of the reader's unit, a whole foot; finely a tenth, three inches. */
    private double nudge(boolean finely) {
        LengthUnit unit = board.unit();
        boolean feet = unit == LengthUnit.FEET;
        return unit.metres() * (finely ? (feet ? 0.25 : 0.1) : (feet ? 1 : 0.5));
    }

    private boolean arrows(KeyEvent e) {
        if (!e.getCode().isArrowKey()) {
            return false;
        }
        boolean placed = board.arranging().movable().stream()
                .anyMatch(id -> Elements.place(document.path(), id).isPresent());
        if (placed) {
            double d = nudge(e.isShiftDown());
            board.arranging().nudge(direction(e.getCode()).times(d));
            return true;
        }
        switch (e.getCode()) {
            case LEFT -> document.goToStartOf(previousStart());
            case RIGHT -> next();
            default -> {
                return false;
            }
        }
        return true;
    }

    /** The step that starts before the playhead, or the one before that when the playhead is at its start. */
    private int previousStart() {
        int step = document.stepProperty().get();
        double start = document.timeline().steps().get(step).start();
        return document.secondsProperty().get() > start + 0.05 ? step : step - 1;
    }

    private void next() {
        int step = document.stepProperty().get();
        if (step + 1 < document.timeline().steps().size()) {
            document.goToStartOf(step + 1);
        } else {
            document.seek(document.timeline().seconds());
        }
    }

    /** Up, down, left and right as the picture lies or stands. */
    private Point direction(KeyCode code) {
        Point right = onScreen(code);
        return board.viewport().standing() ? new Point(right.y(), -right.x()) : right;
    }

    private static Point onScreen(KeyCode code) {
        return switch (code) {
            case LEFT, KP_LEFT -> new Point(-1, 0);
            case RIGHT, KP_RIGHT -> new Point(1, 0);
            case UP, KP_UP -> new Point(0, 1);
            default -> new Point(0, -1);
        };
    }

    private boolean command(KeyEvent e) {
        switch (e.getCode()) {
            case SPACE -> document.togglePlaying();
            case ENTER -> closeStep(document);
            case TAB -> {
                return visit(e.isShiftDown() ? -1 : 1);
            }
            case ESCAPE -> {
                board.armedProperty().set(null);
                document.selectionProperty().set(Selection.NONE);
            }
            case DELETE, BACK_SPACE -> delete();
            case A -> board.arrangingProperty().set(!board.arrangingProperty().get());
            case T -> pullFromKeys(false);
            case P -> pullFromKeys(true);
            case R -> board.arranging().turn(e.isShiftDown() ? -45 : 45);
            case C -> board.arranging().nextColour();
            case L -> board.legendProperty().set(!board.legendProperty().get());
            case O -> board.onionProperty().set(!board.onionProperty().get());
            case M -> board.armedProperty().set(TrayItem.TAPE);
            case Z -> board.armedProperty().set(TrayItem.ZONE);
            case N -> board.armedProperty().set(TrayItem.NOTE);
            case F -> board.fitAction();
            case F3 -> board.details();
            case OPEN_BRACKET -> board.arranging().order(false);
            case CLOSE_BRACKET -> board.arranging().order(true);
            case COMMA -> document.seek(document.secondsProperty().get() - SCRUB_SECONDS);
            case PERIOD -> document.seek(document.secondsProperty().get() + SCRUB_SECONDS);
            case HOME -> document.seek(0);
            case END -> document.seek(document.timeline().seconds());
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Closes the step that is drawn and starts the next, unless it is still empty. */
    static void closeStep(DrillDocument document) {
        List<Step> steps = document.path().steps();
        Step last = steps.get(steps.size() - 1);
        if (last.moves().isEmpty()) {
            document.goToStep(steps.size() - 1);
            return;
        }
        // what is told next belongs to the same branch
        document.edit(Ui.text("edit.step"), Tellings.newStep(document.path().told(last.id())));
        document.goToStep(document.path().steps().size() - 1);
    }

    /** Chooses the next thing; past the last one the focus leaves the board. */
    private boolean visit(int by) {
        List<Selection> all = Things.all(document.path());
        int next = all.indexOf(document.selectionProperty().get()) + by;
        boolean fromNone = document.selectionProperty().get().isNone();
        if (fromNone && by < 0 || next < 0 || next >= all.size()) {
            document.selectionProperty().set(Selection.NONE);
            return false;
        }
        document.selectionProperty().set(all.get(next));
        return true;
    }

    private void pullFromKeys(boolean fromBall) {
        Frame frame = board.frame();
        Optional<RoleId> role = document.selectionProperty().get().role();
        Optional<RoleId> from = fromBall
                ? document.selectionProperty()
                        .get()
                        .ball()
                        .flatMap(b -> BoardView.holderOf(frame, b))
                        .or(() -> role.filter(r -> holdsBall(frame, r)))
                : role;
        from.ifPresent(r -> board.setGesture(
                board.pull(frame, board.viewport(), fromBall ? Pull.fromBall(frame, r) : Pull.fromBody(frame, r))));
    }

    private static boolean holdsBall(Frame frame, RoleId role) {
        return frame.timeline().ballIds().stream()
                .anyMatch(b -> BoardView.holderOf(frame, b).equals(Optional.of(role)));
    }

    private boolean shortcut(KeyEvent e) {
        Arranging arrange = board.arranging();
        switch (e.getCode()) {
            case A -> arrange.selectAll();
            case C -> arrange.copy();
            case X -> {
                arrange.copy();
                delete();
            }
            case V -> arrange.paste();
            case D -> {
                if (e.isShiftDown()) {
                    arrange.duplicateAtOtherEnd();
                } else {
                    arrange.duplicate();
                }
            }
            case J -> {
                if (e.isShiftDown()) {
                    arrange.ungroup();
                } else {
                    arrange.group();
                }
            }
            case L -> arrange.lock();
            case DIGIT0, NUMPAD0 -> board.fit();
            case PLUS, EQUALS, ADD -> board.zoom(1.25, board.getWidth() / 2, board.getHeight() / 2);
            case MINUS, SUBTRACT -> board.zoom(0.8, board.getWidth() / 2, board.getHeight() / 2);
            case LEFT, RIGHT, UP, DOWN -> {
                Point by = onScreen(e.getCode());
                board.pan(by.x() * PAN_PIXELS, -by.y() * PAN_PIXELS);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Takes out what is chosen; asks first when moves of others, or of a chosen player, go with it. */
    private void delete() {
        Set<ElementId> ids =
                new LinkedHashSet<>(document.selectionProperty().get().ids());
        ids.removeAll(document.path().layout().locked());
        if (ids.isEmpty()) {
            return;
        }
        int moves = Removals.movesWith(document.version(), ids);
        String label = ids.size() == 1 && ids.iterator().next() instanceof RoleId role
                ? document.path().role(role).orElseThrow().label()
                : ids.size() == 1 ? Ui.text("edit.mark") : Ui.text("edit.things", ids.size());
        if (moves == 0 || confirmed(label, moves)) {
            document.edit(Ui.text("edit.delete", label), Arrangements.delete(ids));
        }
    }

    private boolean confirmed(String label, int moves) {
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, Ui.text("board.delete.detail", label, moves));
        alert.setHeaderText(Ui.text("board.delete.title", label));
        Dialogs.dress(alert, board.getScene().getWindow());
        return alert.showAndWait().filter(b -> b == ButtonType.OK).isPresent();
    }
}
