package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.Point;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.BlockId;
import wildchalk.core.squad.PlayerId;
import wildchalk.desktop.board.BoardView;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Folding;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** The board has its room, and every control can be reached in a small window and with large texts. */
@ExtendWith(ApplicationExtension.class)
class RoomTest {

    private Stage stage;
    private Window window;

    @Start
    void start(Stage made) throws Exception {
        stage = made;
        window = Window.openDemo(made);
    }

    private void size(double wide, double high, int percent) throws Exception {
        Window.fx(() -> {
            stage.setX(0);
            stage.setY(0);
            stage.setWidth(wide);
            stage.setHeight(high);
            window.shell.setTextPercent(percent);
        });
        Window.until(
                () -> stage.getScene().getWidth() == wide && stage.getScene().getHeight() == high);
        Window.frames(3);
    }

    private void on(SurfaceUse use) throws Exception {
        Window.fx(() -> window.document().edit("Surface", Wholes.surface(use)));
        window.settled();
    }

    @Test
    void theBoardIsMostlyBoard() throws Exception {
        window.openDrill("ebb-or-flow");
        size(1280, 800, 100);
        BoardView board = window.board();
        assertTrue(
                board.getWidth() * board.getHeight() >= 0.5 * 1280 * 800, board.getWidth() + " x " + board.getHeight());
        Viewport whole = board.viewport();
        assertTrue(60 * whole.pixelsPerMetre() >= 800, "a rink of 60 m is drawn " + 60 * whole.pixelsPerMetre());
        on(new SurfaceUse("ice-60x30", "half-right"));
        Viewport half = board.viewport();
        assertTrue(30 * half.pixelsPerMetre() >= 560, "half of it is drawn " + 30 * half.pixelsPerMetre());
        // the part in use lies in the middle, whole
        for (Point corner : List.of(new Point(0, 15), new Point(30, -15))) {
            var p = half.toPixels(corner);
            assertTrue(p.getX() >= 0 && p.getX() <= board.getWidth() && p.getY() >= 0 && p.getY() <= board.getHeight());
        }
        Window.fx(() -> {
            window.shell.sizes().trayProperty().set(false);
            window.shell.sizes().panelProperty().set(false);
        });
        Window.frames(3);
        assertTrue(board.getWidth() > 1200, "all of the window's width without tray and panel");
    }

    @Test
    void bodiesAndBallsAreLargeEnoughToBeHit(FxRobot robot) throws Exception {
        window.openDrill("ebb-or-flow");
        size(900, 600, 100);
        BoardView board = window.board();
        Viewport v = board.viewport();
        assertTrue(24 * v.unit() >= 22, "a body is 24 units across");
        Frame frame = window.document().frame();
        BallId ball = frame.path().balls().get(0).id();
        Point2D middle = new Point2D(
                Bodies.of(frame, v, ball).getX(), Bodies.of(frame, v, ball).getY());
        RoleId holder = frame.timeline().ballStateAt(ball, 0).holder().orElseThrow();
        for (int degrees = 0; degrees < 360; degrees += 15) {
            Point2D at = middle.add(11 * Math.cos(Math.toRadians(degrees)), 11 * Math.sin(Math.toRadians(degrees)));
            Window.fx(() -> window.document().selectionProperty().set(Selection.NONE));
            Window.click(robot, board.localToScreen(at));
            assertEquals(
                    Selection.of(ball), window.document().selectionProperty().get(), "at " + degrees);
        }
        var body = Bodies.of(frame, v, holder);
        Window.click(robot, board.localToScreen(body.getX(), body.getY()));
        assertEquals(Selection.of(holder), window.document().selectionProperty().get());
    }

    @Test
    void anUprightWindowStandsTheSurfaceUp() throws Exception {
        window.openDrill("ebb-or-flow");
        size(900, 800, 100);
        Window.fx(() -> window.shell.sizes().lanesProperty().set(false));
        Window.frames(3);
        BoardView board = window.board();
        assertTrue(board.getHeight() > board.getWidth());
        assertTrue(board.viewport().standing());
        size(1280, 800, 100);
        assertFalse(board.viewport().standing(), "it lies again");
    }

    @Test
    void theActionIsShownAsNearAsItAllows(FxRobot robot) throws Exception {
        window.openDrill("buoy-square-passing");
        size(1280, 800, 100);
        double opened = window.board().viewport().pixelsPerMetre();
        window.board().fit();
        Window.frames(2);
        double before = window.board().viewport().pixelsPerMetre();
        Window.fx(() -> window.shell.board().orElseThrow().focusBoard());
        robot.type(KeyCode.F);
        Window.frames(2);
        Viewport near = window.board().viewport();
        assertTrue(near.pixelsPerMetre() > 1.5 * before, near.pixelsPerMetre() + " in place of " + before);
        for (RoleId role :
                window.document().path().roles().stream().map(r -> r.id()).toList()) {
            var p = near.toPixels(window.document().timeline().poseAt(role, 0).at());
            assertTrue(p.getX() > 0 && p.getX() < near.width() && p.getY() > 0 && p.getY() < near.height());
        }
        robot.push(KeyCode.CONTROL, KeyCode.DIGIT0);
        Window.frames(2);
        assertEquals(before, window.board().viewport().pixelsPerMetre(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"900, 600, 100", "900, 600, 150", "1280, 800, 150"})
    void everyControlCanBeReached(double wide, double high, int percent, FxRobot robot) throws Exception {
        window.openDrill("lantern-ladder");
        Window.fx(
                () -> window.document().edit("Title", Wholes.title("A title of forty-five letters, more or less ...")));
        window.settled();
        for (boolean lanes : new boolean[] {false, true}) {
            Window.fx(() -> window.shell.sizes().lanesProperty().set(lanes));
            size(wide, high, percent);
            List<Node> controls = controls();
            assertTrue(controls.size() > 20, "found " + controls.size());
            for (Node control : controls) {
                isInside(control, wide, high);
                isOnTop(robot, control);
            }
            nothingScrollsSideways();
        }
        everyFoldedControlIsInItsMenu(robot, List.of("#bar-more", "#head-more", "#transport-more", "#tray-more-menu"));
        everyControlIsVisitedByTab(robot);
    }

    @ParameterizedTest
    @CsvSource({"900, 600, 100", "900, 600, 150", "1280, 800, 150"})
    void everyControlOfTheSessionCanBeReached(double wide, double high, int percent, FxRobot robot) throws Exception {
        Window.press(robot, "#place-session");
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());
        size(wide, high, percent);
        List<Node> controls = controls();
        assertTrue(controls.size() > 20, "found " + controls.size());
        for (Node control : controls) {
            isInside(control, wide, high);
            isOnTop(robot, control);
        }
        nothingScrollsSideways();
        everyFoldedControlIsInItsMenu(robot, List.of("#bar-more"));
        everyControlIsVisitedByTab(robot);
    }

    @ParameterizedTest
    @CsvSource({"900, 600, 100", "900, 600, 150", "1280, 800, 150"})
    void everyControlOfTheLogCanBeReached(double wide, double high, int percent, FxRobot robot) throws Exception {
        Path session =
                window.folder.resolve("sessions/2026-12-03-before-the-weekend").resolve(SessionFile.NAME);
        Log log = new Log(
                SessionFile.read(session).value().id(),
                Map.of(new PlayerId("p1"), Presence.THERE),
                List.of(new LoggedBlock(
                        new BlockId("b3"), 9, 20, List.of(5.0), 1, 40, List.of(), Map.of(), List.of(), List.of())),
                List.of("A note of some length, so that there is something to be wrapped"));
        LogFile.ofNew(log).save(LogFile.beside(session));
        Window.press(robot, "#place-log");
        Window.until(() -> !robot.lookup("#log-table").queryAll().isEmpty());
        size(wide, high, percent);
        List<Node> controls = controls();
        assertTrue(controls.size() > 8, "found " + controls.size());
        for (Node control : controls) {
            isInside(control, wide, high);
            isOnTop(robot, control);
        }
        nothingScrollsSideways();
        everyFoldedControlIsInItsMenu(robot, List.of("#bar-more"));
    }

    @ParameterizedTest
    @CsvSource({"900, 600, 100", "900, 600, 150", "1280, 800, 150"})
    void everyControlOfTheBinderCanBeReachedAndRead(double wide, double high, int percent, FxRobot robot)
            throws Exception {
        Window.fx(() -> window.shell.demo().isCopyProperty().set(true));
        Window.fx(() -> window.shell.showBinder());
        size(wide, high, percent);
        List<Node> controls = controls();
        assertTrue(controls.size() > 15, "found " + controls.size());
        for (Node control : controls) {
            isInside(control, wide, high);
            isOnTop(robot, control);
            if (control instanceof Labeled labeled && !labeled.getText().isEmpty()) {
                assertEquals(
                        labeled.getText(),
                        ((Text) labeled.lookup(".text")).getText(),
                        named(labeled) + " cannot be read whole");
            }
        }
        everyFoldedControlIsInItsMenu(robot, List.of("#bar-more", "#binder-more"));
    }

    /** All that can be pressed and is not in something that scrolls up and down. */
    private List<Node> controls() {
        List<Node> all = new ArrayList<>();
        collect(window.shell, all);
        return all;
    }

    private static void collect(Node node, List<Node> all) {
        if (!node.isVisible() || node instanceof ScrollPane) {
            return;
        }
        boolean control = node instanceof ButtonBase || node instanceof ChoiceBox || node instanceof TextField;
        if (control && !node.isDisabled()) {
            all.add(node);
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(n -> collect(n, all));
        }
    }

    private static String named(Node node) {
        return node.getId() + " " + node;
    }

    private static void isInside(Node node, double wide, double high) {
        Bounds b = node.localToScene(node.getLayoutBounds());
        assertTrue(
                b.getMinX() >= -0.5 && b.getMinY() >= -0.5 && b.getMaxX() <= wide + 0.5 && b.getMaxY() <= high + 0.5,
                named(node) + " lies outside: " + b);
        assertTrue(b.getWidth() >= 15 && b.getHeight() >= 22, named(node) + " is too small: " + b);
    }

    private static void isOnTop(FxRobot robot, Node node) {
        Bounds b = node.localToScreen(node.getLayoutBounds());
        Window.moveTo(robot, new Point2D((b.getMinX() + b.getMaxX()) / 2, (b.getMinY() + b.getMaxY()) / 2));
        try {
            Window.until(() -> {
                WaitForAsyncUtils.waitForFxEvents(1);
                return node.isHover();
            });
        } catch (AssertionError e) {
            throw new AssertionError(named(node) + " lies under something, at " + b, e);
        }
    }

    private void nothingScrollsSideways() {
        for (Node node : window.shell.lookupAll(".scroll-pane")) {
            ScrollPane pane = (ScrollPane) node;
            if (pane.isVisible() && pane.getScene() != null && pane.getContent() != null) {
                double content = pane.getContent().getLayoutBounds().getWidth();
                assertTrue(
                        content <= pane.getViewportBounds().getWidth() + 1,
                        named(pane) + " holds " + content + " in " + pane.getViewportBounds());
            }
        }
    }

    private void everyFoldedControlIsInItsMenu(FxRobot robot, List<String> menus) throws Exception {
        for (String menu : menus) {
            MenuButton more = (MenuButton) window.shell.lookup(menu);
            Folding row = (Folding) more.getParent();
            Set<String> wanted = new LinkedHashSet<>();
            row.folded().stream()
                    .filter(n -> n instanceof ButtonBase && n.isVisible())
                    .forEach(n -> wanted.add("folded-" + n.getId()));
            if (wanted.isEmpty()) {
                continue;
            }
            Window.press(robot, menu);
            Window.until(more::isShowing);
            Set<String> there = new HashSet<>();
            more.getItems().forEach(i -> there.add(i.getId()));
            assertTrue(there.containsAll(wanted), wanted + " in " + there);
            robot.type(KeyCode.ESCAPE);
            Window.until(() -> !more.isShowing());
        }
    }

    /** The board is left by Tab after its last thing. */
    private void everyControlIsVisitedByTab(FxRobot robot) throws Exception {
        Set<Node> visited = new HashSet<>();
        Window.fx(() -> window.shell.lookup("#place-binder").requestFocus());
        Set<Node> wanted = new HashSet<>(controls());
        wanted.removeIf(n -> !n.isFocusTraversable());
        for (int i = 0; i < 400 && !visited.containsAll(wanted); i++) {
            Node focused = stage.getScene().getFocusOwner();
            visited.add(focused);
            robot.push(KeyCode.TAB);
        }
        wanted.removeAll(visited);
        assertEquals(Set.of(), wanted);
    }
}
