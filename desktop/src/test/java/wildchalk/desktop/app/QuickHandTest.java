package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.picture.paint.Bodies;

/** A typical drill is drawn in few gestures: four lines, four pieces of gear, eight moves. */
@ExtendWith(ApplicationExtension.class)
class QuickHandTest {

    private static final int MOST = 20;
    private static final int MOST_FOR_TWO_LINES = 22;

    private Window window;
    private int gestures;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.open(stage, Files.createTempDirectory("wildchalk-binder"));
    }

    @Test
    void fourLinesFourConesAndEightMovesInAtMostTwentyGestures(FxRobot robot) {
        blank("ice-200x85");
        // four lines: the key, and a pull for each two while Shift holds the tool
        key(robot, KeyCode.DIGIT5);
        rows(robot, new Point(-24, 9), new Point(-24, -9), new Point(24, 9), new Point(24, -9));
        // four cones
        key(robot, KeyCode.DIGIT7);
        rows(robot, new Point(-8, 7), new Point(-8, -7), new Point(8, 7), new Point(8, -7));
        // a puck with the first of two lines
        key(robot, KeyCode.DIGIT6);
        clicks(robot, new Point(-23.4, 9.2), new Point(23.4, -9.2));
        List<RoleId> roles =
                window.document().path().roles().stream().map(r -> r.id()).toList();
        assertEquals(4, roles.size());

        // step 1: two skate, two passes find them on the way
        pull(robot, body(roles.get(1)), new Point(-8, -8), new Point(2, -4));
        pull(robot, body(roles.get(2)), new Point(8, 8), new Point(-2, 4));
        pullTo(robot, ball(0), body(roles.get(1)));
        pullTo(robot, ball(1), body(roles.get(2)));
        // step 2: both carry on and shoot
        key(robot, KeyCode.ENTER);
        pull(robot, body(roles.get(1)), new Point(16, -3));
        pull(robot, body(roles.get(2)), new Point(-16, 3));
        pullTo(robot, ball(0), window.screen(new Point(27.3, 0)));
        pullTo(robot, ball(1), window.screen(new Point(-27.3, 0)));

        fourLinesAreThere(MOST);
    }

    @Test
    void theSameByKeysAlone(FxRobot robot) {
        blank("ice-200x85");
        type(
                robot,
                "lines at -24,9 and -24,-9 and 24,9 and 24,-9; cones at -8,7 and -8,-7 and 8,7 and 8,-7;"
                        + " pucks at A1 and A4; A2 skates to -8,-8 and 2,-4; A3 skates to 8,8 and -2,4;"
                        + " A1 passes to A2; A4 passes to A3; next; A2 carries to 16,-3; A3 carries to -16,3;"
                        + " A2 shoots at right; A3 shoots at left");
        fourLinesAreThere(MOST);
    }

    private void fourLinesAreThere(int most) {
        Path p = window.document().path();
        assertEquals(4, p.lines().size());
        assertEquals(4, p.gear().size());
        assertEquals(8, p.moves().size());
        assertEquals(2, p.steps().size());
        assertEquals(2, p.moves().stream().filter(m -> m instanceof Pass).count());
        assertEquals(2, p.moves().stream().filter(m -> m instanceof Shot).count());
        assertEquals(List.of(), window.document().timeline().findings());
        System.out.println("gestures for four lines, four cones, two pucks and eight moves: " + gestures);
        assertTrue(gestures <= most, gestures + " gestures");
    }

    @Test
    void twoLinesWithShotRotationAndLaunchInAtMostTwentyTwoGestures(FxRobot robot) {
        blank("ice-60x30");
        key(robot, KeyCode.DIGIT5);
        row(robot, new Point(-2, 8), new Point(-2, -8));
        key(robot, KeyCode.DIGIT6);
        click(robot, new Point(-1.3, 8.2));
        key(robot, KeyCode.DIGIT3);
        click(robot, new Point(25.5, 0));
        List<RoleId> roles =
                window.document().path().roles().stream().map(r -> r.id()).toList();
        pull(robot, body(roles.get(1)), new Point(6, -8), new Point(12, -4));
        pullTo(robot, ball(0), body(roles.get(1)));
        key(robot, KeyCode.ENTER);
        pull(robot, body(roles.get(1)), new Point(18, -2));
        pullTo(robot, ball(0), window.screen(new Point(26.3, 0)));
        type(robot, "A1 joins line Q; A2 joins line P; next rep when A2 shoots");
        twoLinesAreThere();
    }

    @Test
    void twoLinesByKeysAlone(FxRobot robot) {
        blank("ice-60x30");
        type(
                robot,
                "lines at -2,8 and -2,-8; puck at A1; keeper at 25.5,0; A2 skates to 6,-8 and 12,-4;"
                        + " A1 passes to A2; next; A2 carries to 18,-2; A2 shoots at right;"
                        + " A1 joins line Q; A2 joins line P; next rep when A2 shoots");
        twoLinesAreThere();
    }

    private void twoLinesAreThere() {
        Path p = window.document().path();
        assertEquals(2, p.lines().size());
        assertEquals(4, p.moves().size());
        assertEquals(2, p.course().rotation().size());
        assertTrue(p.course().launch().isPresent());
        assertEquals(List.of(), window.document().timeline().findings());
        System.out.println("gestures for two lines, shot, rotation and launch: " + gestures);
        assertTrue(gestures <= MOST_FOR_TWO_LINES, gestures + " gestures");
    }

    private void blank(String surface) {
        WaitForAsyncUtils.asyncFx(
                () -> window.shell.startNew(Drill.blank("Quick", new SurfaceUse(surface, "whole"), Audience.USUAL)));
        WaitForAsyncUtils.waitForFxEvents();
        window.settled();
    }

    /** A key, a typed run, and a key. */
    private void type(FxRobot robot, String text) {
        robot.type(KeyCode.SLASH);
        Window.until(() -> robot.lookup("#say").query().isFocused());
        robot.write(text, 0);
        robot.type(KeyCode.ENTER);
        gestures += 3;
        window.settled();
        Window.until(() -> window.board().isFocused());
    }

    private void click(FxRobot robot, Point place) {
        Window.click(robot, window.screen(place));
        gestures++;
        window.settled();
    }

    private void row(FxRobot robot, Point from, Point to) {
        window.pull(robot, window.screen(from), window.screen(to));
        gestures++;
        window.settled();
    }

    /** Rows of two; the tool stays in the hand while Shift is down. */
    private void rows(FxRobot robot, Point... ends) {
        robot.press(KeyCode.SHIFT);
        for (int i = 0; i < ends.length; i += 2) {
            if (i + 2 == ends.length) {
                robot.release(KeyCode.SHIFT);
            }
            row(robot, ends[i], ends[i + 1]);
        }
    }

    private void key(FxRobot robot, KeyCode code) {
        robot.type(code);
        gestures++;
        window.settled();
    }

    /** The tool stays in the hand while Shift is down. */
    private void clicks(FxRobot robot, Point... places) {
        robot.press(KeyCode.SHIFT);
        for (int i = 0; i < places.length; i++) {
            if (i == places.length - 1) {
                robot.release(KeyCode.SHIFT);
            }
            Window.click(robot, window.screen(places[i]));
            gestures++;
            window.settled();
        }
    }

    private void pull(FxRobot robot, Point2D from, Point... through) {
        Point2D[] pixels = Stream.of(through).map(window::screen).toArray(Point2D[]::new);
        window.pull(robot, from, pixels);
        gestures++;
    }

    private void pullTo(FxRobot robot, Point2D from, Point2D to) {
        window.pull(robot, from, to);
        gestures++;
    }

    private Point2D body(RoleId role) {
        var p = Bodies.of(window.document().frame(), window.board().viewport(), role);
        return window.board().localToScreen(p.getX(), p.getY());
    }

    private Point2D ball(int index) {
        var id = window.document().path().balls().get(index).id();
        var p = Bodies.of(window.document().frame(), window.board().viewport(), id);
        return window.board().localToScreen(p.getX(), p.getY());
    }
}
