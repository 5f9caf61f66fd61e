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

    private static final int MOST = 25;

    private Window window;
    private int gestures;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.open(stage, Files.createTempDirectory("wildchalk-binder"));
    }

    @Test
    void fourLinesFourConesAndEightMovesInAtMostTwentyFiveGestures(FxRobot robot) {
        WaitForAsyncUtils.asyncFx(() ->
                window.shell.startNew(Drill.blank("Quick", new SurfaceUse("ice-200x85", "whole"), Audience.USUAL)));
        WaitForAsyncUtils.waitForFxEvents();
        window.settled();

        // four lines: the key, and a click for each while Shift holds the tool
        key(robot, KeyCode.DIGIT5);
        clicks(robot, new Point(-24, 9), new Point(-24, -9), new Point(24, 9), new Point(24, -9));
        // four cones
        key(robot, KeyCode.DIGIT7);
        clicks(robot, new Point(-8, 7), new Point(-8, -7), new Point(8, 7), new Point(8, -7));
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

        Path p = window.document().path();
        assertEquals(4, p.lines().size());
        assertEquals(4, p.gear().size());
        assertEquals(8, p.moves().size());
        assertEquals(2, p.moves().stream().filter(m -> m instanceof Pass).count());
        assertEquals(2, p.moves().stream().filter(m -> m instanceof Shot).count());
        assertEquals(List.of(), window.document().timeline().findings());
        System.out.println("gestures for four lines, four cones, two pucks and eight moves: " + gestures);
        assertTrue(gestures <= MOST, gestures + " gestures");
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
