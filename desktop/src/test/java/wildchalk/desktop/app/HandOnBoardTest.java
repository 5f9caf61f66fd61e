package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Tellings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Waits;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Saying;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Bodies;

/** What a hand does on the board, and that the tool answers where the hand is. */
@ExtendWith(ApplicationExtension.class)
class HandOnBoardTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private void said(String text) throws Exception {
        Window.fx(
                () -> window.shell.startNew(Drill.blank("Hand", new SurfaceUse("ice-60x30", "whole"), Audience.USUAL)));
        window.settled();
        Path path = window.document().path();
        Window.fx(() -> window.document()
                .edit(
                        "said",
                        Saying.edit(
                                window.document().drill(),
                                path,
                                path.steps().get(0).id(),
                                LengthUnit.METRES,
                                text)));
        window.settled();
    }

    private void choose(RoleId role) throws Exception {
        Window.fx(() -> {
            window.document().selectionProperty().set(Selection.of(role));
            window.board().requestFocus();
        });
    }

    private Move last() {
        List<Move> moves = window.document().path().moves();
        return moves.get(moves.size() - 1);
    }

    @Test
    void aMeasureIsTypedFromTheFirstKey(FxRobot robot) throws Exception {
        said("attack at -10,0");
        choose(new RoleId("a1"));
        robot.type(KeyCode.T);
        robot.write("5@90", 0);
        robot.type(KeyCode.ENTER);
        window.settled();
        assertEquals(new Point(-10, 5), ((Travel) last()).path().get(0).at());
        assertEquals(1, window.document().path().steps().size(), "and no empty step");
    }

    @Test
    void theKeysAreTheBoardsAgainAfterAMenu(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        Window.press(robot, "#part-menu");
        Window.press(robot, "#view-action");
        Window.until(() -> window.board().isFocused());
        Window.press(robot, "#view-menu");
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> window.board().isFocused());
        robot.type(KeyCode.SPACE);
        Window.until(() -> window.document().playingProperty().get());
        robot.type(KeyCode.SPACE);
        Window.until(() -> !window.document().playingProperty().get());
    }

    @Test
    void whatWasJustMadeIsInView(FxRobot robot) throws Exception {
        window.openDrill("ebb-or-flow");
        var steps = window.document().path().steps();
        Travel like = (Travel) window.document().path().moves().stream()
                .filter(m -> m instanceof Travel)
                .findFirst()
                .orElseThrow();
        for (int step : new int[] {steps.size() - 1, 0}) {
            Window.fx(() -> {
                window.document().goToStep(step);
                window.document().edit("tell", Tellings.tell(steps.get(step).id(), List.of(like)));
            });
            window.settled();
            var made = window.document().selectionProperty().get().move().orElseThrow();
            Window.until(() -> isSeen(robot, made));
        }
    }

    private static boolean isSeen(FxRobot robot, Object move) {
        Optional<Node> row = robot.lookup(".sentence").queryAll().stream()
                .filter(n -> move.equals(n.getUserData()))
                .findFirst();
        Node scroll = robot.lookup(".talk-scroll").query();
        Bounds room = ((ScrollPane) scroll).localToScene(scroll.getLayoutBounds());
        return row.map(r -> r.localToScene(r.getLayoutBounds()))
                .filter(b -> b.getMinY() >= room.getMinY() - 1 && b.getMaxY() <= room.getMaxY() + 1)
                .isPresent();
    }

    @Test
    void nothingLandsOnTopOfSomething(FxRobot robot) throws Exception {
        said("cone at 9,9");
        Window.fx(() -> window.board().requestFocus());
        Window.moveTo(robot, window.screen(new Point(3, 3)));
        robot.type(KeyCode.DIGIT1, 2).type(KeyCode.DIGIT1, 2).type(KeyCode.DIGIT5, 2);
        window.settled();
        List<Point> places = window.document().path().roles().stream()
                .map(r -> window.document().path().startOf(r.id()))
                .toList();
        assertEquals(3, places.size());
        for (int i = 0; i < places.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertTrue(places.get(i).distanceTo(places.get(j)) >= 0.8, places.toString());
            }
        }
    }

    @Test
    void aClickOnABallMovesNothing(FxRobot robot) throws Exception {
        said("attack at 0,0; puck at A1");
        Drill before = window.document().drill();
        var ball = window.document().path().balls().get(0).id();
        var p = Bodies.of(window.document().frame(), window.board().viewport(), ball);
        Window.click(robot, window.board().localToScreen(new Point2D(p.getX() + 6, p.getY() + 6)));
        window.settled();
        assertEquals(before, window.document().drill());
        assertEquals(Selection.of(ball), window.document().selectionProperty().get());
    }

    @Test
    void aCarryBecomesAShotByItsWord(FxRobot robot) throws Exception {
        said("attack at 10,0; puck at A1; A1 carries to 18,2");
        var move = last().id();
        Window.pressSlot(robot, move + "-MANNER");
        Window.press(robot, "turn it into");
        Window.press(robot, "shoots");
        window.settled();
        assertTrue(last() instanceof Shot && last().id().equals(move), last().toString());
    }

    @Test
    void aPassGoesToTheNextInALineByItsWords(FxRobot robot) throws Exception {
        said("lines at -8,6 and -8,-6; puck at A1; A1 passes to A2");
        Window.pressSlot(robot, last().id() + "-RECEIVER");
        Window.press(robot, "to the next in line Q");
        window.settled();
        Pass pass = (Pass) last();
        assertEquals(new Target.ToPlace(new Point(-8, -6)), pass.to());
        String text = window.document()
                .told()
                .talk()
                .sentence(pass.id())
                .orElseThrow()
                .text();
        assertTrue(text.contains("to the next in line Q"), text);
    }

    @Test
    void theTraySaysWhatTheSportSays(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        assertEquals("ball", ((Labeled) robot.lookup("#tray-ball").query()).getText());
        said("attack at 0,0");
        assertEquals("puck", ((Labeled) robot.lookup("#tray-ball").query()).getText());
    }

    @Test
    void anEmptiedTitleIsSaidToStay(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        robot.clickOn("#title").push(KeyCode.CONTROL, KeyCode.A);
        robot.type(KeyCode.DELETE).type(KeyCode.ENTER);
        window.settled();
        assertEquals("Second wave from the left", window.document().drill().title());
        Window.until(() -> window.board().told().isPresent());
        assertTrue(window.board().told().get().contains("needs a title"));
    }

    @Test
    void enterTakesTheSurfaceThatWasSearchedFor(FxRobot robot) {
        Window.press(robot, "#new-drill");
        robot.clickOn("#surface-search").write("ice", 0);
        robot.type(KeyCode.ENTER);
        window.settled();
        assertEquals("ice", window.document().drill().surface().sport());
    }

    @Test
    void bothPickersShowTheWayThatIsTaken(FxRobot robot) throws Exception {
        window.openDrill("ebb-or-flow");
        for (var way : Outcomes.ways(window.document().version())) {
            Window.fx(() -> window.document().choose(way.choices()));
            window.settled();
            Window.until(
                    () -> ((Labeled) robot.lookup("#way").query()).getText().contains(way.label()));
        }
    }

    @Test
    void whoWaitsForAStepIsToldAndTheOtherLetRunOn(FxRobot robot) throws Exception {
        said("attackers at 0,0 and 0,8; A1 skates to 4,0; A2 skates to 22,8; next; A1 skates to 8,0");
        var waits = Waits.of(window.document().path(), window.document().timeline());
        assertEquals(1, waits.size());
        Window.press(robot, "#look");
        Window.until(() -> !robot.lookup("#wait-" + last().id()).queryAll().isEmpty());
        String text = ((Labeled) robot.lookup("#wait-" + last().id()).query()).getText();
        assertTrue(text.matches("A1 waits \\d\\.\\d s until A2 \\(b\\) is done"), text);
        Window.press(robot, "#run-on-" + last().id());
        window.settled();
        assertEquals(
                List.of(), Waits.of(window.document().path(), window.document().timeline()));
    }

    @Test
    void theTourAsksForSixPullsAndCanBeLeft(FxRobot robot) throws Exception {
        Window.fx(() -> window.shell.demo().startTour());
        window.settled();
        RoleId second = new RoleId("a2");
        asks(robot, "1 of 6");
        window.pull(robot, body(new RoleId("a2")), window.screen(new Point(10, -4)));
        asks(robot, "2 of 6");
        window.pull(robot, ball(), body(second));
        asks(robot, "3 of 6");
        robot.type(KeyCode.ENTER);
        window.settled();
        asks(robot, "4 of 6");
        window.pull(robot, ball(), window.screen(new Point(20, 1)));
        asks(robot, "5 of 6");
        Window.pressSlot(robot, "m1-MANNER");
        Window.press(robot, "sprints");
        window.settled();
        asks(robot, "6 of 6");
        Window.fx(() -> window.board().requestFocus());
        robot.type(KeyCode.SPACE);
        asks(robot, "That is all");
        Window.press(robot, "#tour-away");
        Window.until(() -> robot.lookup("#tour").queryAll().isEmpty());
    }

    @Test
    void aStepIsPlayedOverAndOver(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        Window.fx(() -> {
            window.document().goToStartOf(1);
            window.document().speedProperty().set(8);
        });
        var span = window.document().timeline().steps().get(1);
        Window.press(robot, "#loop");
        Window.fx(() -> window.document().playingProperty().set(true));
        Window.until(() -> window.document().secondsProperty().get() > span.end() - 1);
        Window.until(() -> window.document().secondsProperty().get() < span.start() + 2);
        assertTrue(window.document().playingProperty().get());
        assertTrue(window.document().secondsProperty().get() >= span.start() - 1e-9);
        Window.fx(() -> window.document().playingProperty().set(false));
    }

    @Test
    void theCameraGoesAlong(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        double whole = window.board().viewport().pixelsPerMetre();
        RoleId rb = new RoleId("rb");
        Window.fx(() -> {
            window.board().followedProperty().set(Optional.of(rb));
            window.board().cameraProperty().set(true);
            window.document().speedProperty().set(4);
            window.document().playingProperty().set(true);
        });
        Window.until(() -> !window.document().playingProperty().get());
        window.settled();
        var v = window.board().viewport();
        assertTrue(v.pixelsPerMetre() > 1.5 * whole);
        var at = Bodies.of(window.document().frame(), v, rb);
        assertTrue(Math.hypot(at.getX() - v.width() / 2, at.getY() - v.height() / 2) < v.width() / 3, at.toString());
        Window.fx(() -> window.board().cameraProperty().set(false));
        assertEquals(whole, window.board().viewport().pixelsPerMetre(), 1e-9);
    }

    private void asks(FxRobot robot, String what) {
        Window.until(
                () -> ((Labeled) robot.lookup("#tour-asks").query()).getText().contains(what));
    }

    private Point2D body(RoleId role) {
        var p = Bodies.of(window.document().frame(), window.board().viewport(), role);
        return window.board().localToScreen(p.getX(), p.getY());
    }

    private Point2D ball() {
        var id = window.document().path().balls().get(0).id();
        var p = Bodies.of(window.document().frame(), window.board().viewport(), id);
        return window.board().localToScreen(p.getX(), p.getY());
    }
}
