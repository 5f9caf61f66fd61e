package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.words.Words;
import wildchalk.picture.paint.Bodies;

/** A coach's first quarter of an hour, with the real mouse and the real keys. */
@ExtendWith(ApplicationExtension.class)
class DrawADrillTest {

    private static final RoleId A1 = new RoleId("a1");
    private static final RoleId A2 = new RoleId("a2");
    private static final BallId BALL = new BallId("b1");

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.open(stage, Files.createTempDirectory("wildchalk-binder"));
    }

    @Test
    void threePlayersFromAnEmptyBoardToAFileAndBack(FxRobot robot) throws Exception {
        startNew(robot);
        setOutByTray(robot);
        drawTheMoves(robot);
        Drill drawn = window.document().drill();
        assertMovesAreAsDrawn(drawn);
        playIt(robot, drawn);
        undoAllAndRedoAll(robot, drawn);
        saveAndReopen(robot, drawn);
    }

    private void startNew(FxRobot robot) {
        Window.press(robot, "#new-drill");
        robot.clickOn("#new-name").write("Three in a row");
        robot.type(KeyCode.ENTER);
        window.settled();
        assertTrue(window.document().path().isEmpty());
        assertFalse(window.document().isSaved());
    }

    private void setOutByTray(FxRobot robot) {
        putDown(robot, "#tray-attack", new Point(-10, 4));
        putDown(robot, "#tray-attack", new Point(-10, -4));
        putDown(robot, "#tray-defence", new Point(12, 3));
        putDown(robot, "#tray-keeper", new Point(18.5, 0));
        putDown(robot, "#tray-cone", new Point(2, 6));
        putDown(robot, "#tray-ball", new Point(-9.4, 4.3));
        var p = window.document().path();
        assertEquals(
                List.of("A1", "A2", "D1", "K1"),
                p.roles().stream().map(r -> r.label()).toList());
        assertEquals(A1, ballStart(), "a ball put down beside a player is in the player's hands");
        assertEquals(180, p.startFacingOf(new RoleId("k1")), "a keeper looks out of the goal");
    }

    private RoleId ballStart() {
        return window.document().path().balls().get(0).start().match(with -> with.role(), loose -> null);
    }

    private void putDown(FxRobot robot, String item, Point place) {
        robot.clickOn(item);
        Window.click(robot, window.screen(place));
        window.settled();
    }

    private void drawTheMoves(FxRobot robot) {
        // step 1: A2 runs, and A1 passes to where A2 will be
        window.pull(robot, body(A2), window.screen(new Point(-2, -4)), window.screen(new Point(4, -2)));
        window.pull(robot, ball(), body(A2));
        // step 2: A2 goes on with the ball and shoots
        robot.type(KeyCode.ENTER);
        window.settled();
        window.pull(robot, body(A2), window.screen(new Point(9, -1)));
        window.pull(robot, ball(), window.screen(new Point(20, 1)));
    }

    private Point2D body(RoleId role) {
        var p = Bodies.of(window.document().frame(), window.board().viewport(), role);
        return window.board().localToScreen(p.getX(), p.getY());
    }

    private Point2D ball() {
        var p = Bodies.of(window.document().frame(), window.board().viewport(), BALL);
        return window.board().localToScreen(p.getX(), p.getY());
    }

    private static void assertMovesAreAsDrawn(Drill drill) {
        List<Move> moves = drill.base().moves();
        assertEquals(4, moves.size());
        assertEquals(2, drill.base().steps().size());
        assertTrue(moves.get(0) instanceof Travel t && t.role().equals(A2));
        assertTrue(moves.get(1) instanceof Pass p && p.to().match(r -> r.role().equals(A2), x -> false));
        assertTrue(moves.get(2) instanceof Travel t && t.role().equals(A2));
        assertTrue(moves.get(3) instanceof Shot s && s.goal().equals("right"));
        Timeline timeline = Timeline.of(drill, wildchalk.core.path.Path.usual(drill.base()));
        assertEquals(List.of(), timeline.findings());
        assertTrue(timeline.move(moves.get(2).id()).carrying(), "with the ball, a run is a carry");
        double caught = timeline.move(moves.get(1).id()).end();
        assertTrue(caught < timeline.move(moves.get(0).id()).end(), "the pass is caught on the run");
        String words = Words.of(drill, wildchalk.core.path.Path.usual(drill.base()), timeline)
                .steps()
                .get(1)
                .sentences()
                .get(0)
                .text();
        assertTrue(words.startsWith("A2 dribbles"), words);
    }

    private void playIt(FxRobot robot, Drill drill) {
        Timeline timeline = Timeline.of(drill, wildchalk.core.path.Path.usual(drill.base()));
        WaitForAsyncUtils.waitForAsyncFx(
                5000, () -> window.document().speedProperty().set(2));
        robot.type(KeyCode.HOME);
        robot.type(KeyCode.SPACE);
        Window.until(() -> window.document().secondsProperty().get() > timeline.seconds() / 3);
        robot.type(KeyCode.SPACE);
        window.settled();
        assertFalse(window.document().playingProperty().get());
        double t = window.document().secondsProperty().get();
        assertTrue(t < timeline.seconds(), "space stopped it on the way");
        var expected = window.board().viewport().toPixels(timeline.poseAt(A2, t).at());
        assertEquals(
                0,
                Bodies.of(window.document().frame(), window.board().viewport(), A2)
                        .distance(expected),
                0.5);
        assertEquals(
                timeline.ballAt(BALL, t),
                window.document().timeline().ballAt(BALL, t),
                "the ball is where it should be");
        robot.type(KeyCode.SPACE);
        Window.until(() -> !window.document().playingProperty().get());
        assertEquals(timeline.seconds(), window.document().secondsProperty().get(), 1e-9);
    }

    private void undoAllAndRedoAll(FxRobot robot, Drill drawn) {
        int undone = 0;
        while (window.document().undoLabel().isPresent()) {
            robot.push(KeyCode.CONTROL, KeyCode.Z);
            window.settled();
            undone++;
        }
        assertTrue(window.document().path().isEmpty());
        assertEquals(11, undone, "six things put down, four moves, one new step");
        while (window.document().redoLabel().isPresent()) {
            robot.push(KeyCode.CONTROL, KeyCode.Y);
            window.settled();
        }
        assertEquals(drawn, window.document().drill());
    }

    private void saveAndReopen(FxRobot robot, Drill drawn) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.S);
        window.settled();
        assertTrue(window.document().isSaved());
        Path file = window.folder.resolve("drills/three-in-a-row.drill.json");
        assertEquals(drawn, DrillFile.read(file).value());
        Window.press(robot, "#place-binder");
        robot.clickOn(Window.card(robot, "three-in-a-row"));
        window.settled();
        assertEquals(drawn, window.document().drill());
        assertTrue(window.document().isSaved());
    }
}
