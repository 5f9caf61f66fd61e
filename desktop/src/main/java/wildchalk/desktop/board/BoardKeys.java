package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.desktop.app.Dialogs;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** What keys do while the board has the focus. Everything that the pointer can do can be done with them. */
final class BoardKeys {

    private static final double FINE_METRES = 0.1;
    private static final double STEP_METRES = 0.5;
    private static final double SCRUB_SECONDS = 0.1;

    private final BoardView board;
    private final DrillDocument document;

    BoardKeys(BoardView board, DrillDocument document) {
        this.board = board;
        this.document = document;
    }

    /** Returns whether the key meant something here. */
    boolean handle(KeyEvent e) {
        if (e.isShortcutDown()) {
            return false;
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
        if (gesture instanceof PullGesture pull) {
            if (e.getCode() == KeyCode.ENTER) {
                board.finishGesture();
                return true;
            }
            if (e.getCode() == KeyCode.TAB) {
                nextTarget(pull, e.isShiftDown() ? -1 : 1);
                return true;
            }
            if (e.getCode().isArrowKey()) {
                double d = (e.isShiftDown() ? FINE_METRES : STEP_METRES)
                        * board.viewport().pixelsPerMetre();
                Point by = direction(e.getCode());
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
        frame.progression()
                .roles()
                .forEach(r -> targets.add(
                        frame.timeline().poseAt(r.id(), frame.seconds()).at()));
        Goals.all(frame.progression(), frame.drill().surface()).forEach(g -> targets.add(g.centre()));
        int nearest = 0;
        for (int i = 0; i < targets.size(); i++) {
            if (v.toPixels(targets.get(i)).distance(pull.x(), pull.y())
                    < v.toPixels(targets.get(nearest)).distance(pull.x(), pull.y())) {
                nearest = i;
            }
        }
        Point next = targets.get(Math.floorMod(nearest + by, targets.size()));
        pull.jumpTo(v.x(next.x()), v.y(next.y()));
    }

    // ---- otherwise ----

    private boolean tray(KeyEvent e) {
        if (!e.getCode().isDigitKey()) {
            return false;
        }
        String digit = e.getCode().getName().replaceAll("\\D", "");
        for (TrayItem item : TrayItem.values()) {
            if (digit.equals(String.valueOf(item.key()))) {
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

    private boolean arrows(KeyEvent e) {
        if (!e.getCode().isArrowKey()) {
            return false;
        }
        Selection chosen = document.selectionProperty().get();
        Optional<Point> start = Things.startOf(document.progression(), chosen);
        if (start.isPresent()) {
            double d = e.isShiftDown() ? FINE_METRES : STEP_METRES;
            Point to = start.get().plus(direction(e.getCode()).times(d)).toMillimetres();
            document.change(Ui.text("edit.move"), p -> Things.movedTo(p, chosen, to));
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

    private static Point direction(KeyCode code) {
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
            case R -> turn(e.isShiftDown() ? -45 : 45);
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
        Progression drill = document.progression();
        if (drill.steps().get(drill.steps().size() - 1).moves().isEmpty()) {
            document.goToStep(drill.steps().size() - 1);
            return;
        }
        document.change(Ui.text("edit.step"), p -> p.with(new Step(p.nextStepId(), List.of(), List.of())));
        document.goToStep(document.progression().steps().size() - 1);
    }

    /** Chooses the next thing; past the last one the focus leaves the board. */
    private boolean visit(int by) {
        List<Selection> all = Things.all(document.progression());
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

    private void turn(double degrees) {
        Selection s = document.selectionProperty().get();
        document.change(Ui.text("edit.turn"), p -> {
            if (s.role().isPresent()) {
                Role role = p.role(s.role().get()).orElseThrow();
                return role.at().isPresent()
                        ? p.with(role.withFacing(wrap(role.facingDegrees() + degrees)))
                        : p.lineFeeding(role.id())
                                .map(l -> p.with(l.withFacing(wrap(l.facingDegrees() + degrees))))
                                .orElse(p);
            }
            if (s.line().isPresent()) {
                return p.lines().stream()
                        .filter(l -> l.id().equals(s.line().get()))
                        .findFirst()
                        .map(l -> p.with(l.withFacing(wrap(l.facingDegrees() + degrees))))
                        .orElse(p);
            }
            return s.gear()
                    .flatMap(
                            g -> p.gear().stream().filter(o -> o.id().equals(g)).findFirst())
                    .map(g -> p.with(g.withFacing(wrap(g.facingDegrees() + degrees))))
                    .orElse(p);
        });
    }

    private static double wrap(double degrees) {
        return Headings.normalise(degrees);
    }

    private void delete() {
        Selection s = document.selectionProperty().get();
        if (s.role().isPresent()) {
            RoleId role = s.role().get();
            int moves = Removals.movesWith(document.progression(), role);
            String label = document.progression().role(role).orElseThrow().label();
            if (moves == 0 || confirmed(label, moves)) {
                document.change(Ui.text("edit.delete", label), p -> Removals.role(p, role));
            }
        } else {
            document.change(Ui.text("edit.delete", Ui.text("edit.mark")), p -> without(p, s));
        }
    }

    private static Progression without(Progression p, Selection s) {
        Progression result = p;
        result = s.move().isPresent() ? Removals.move(result, s.move().get()) : result;
        result = s.gear().isPresent() ? Removals.gear(result, s.gear().get()) : result;
        result = s.line().isPresent() ? Removals.line(result, s.line().get()) : result;
        return s.ball().isPresent() ? Removals.ball(result, s.ball().get()) : result;
    }

    private boolean confirmed(String label, int moves) {
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, Ui.text("board.delete.detail", label, moves));
        alert.setHeaderText(Ui.text("board.delete.title", label));
        Dialogs.dress(alert, board.getScene().getWindow());
        return alert.showAndWait().filter(b -> b == ButtonType.OK).isPresent();
    }
}
