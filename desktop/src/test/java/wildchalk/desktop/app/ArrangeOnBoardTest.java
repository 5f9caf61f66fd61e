package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.arrange.Measures;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.PlacedLabels;
import wildchalk.picture.paint.Viewport;

/** Choosing, moving, copying, locking, deleting: with the real mouse and keys. */
@ExtendWith(ApplicationExtension.class)
class ArrangeOnBoardTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.open(stage, Files.createTempDirectory("wildchalk-binder"));
    }

    private void open(Drill drill) {
        WaitForAsyncUtils.asyncFx(() -> window.shell.startNew(drill));
        WaitForAsyncUtils.waitForFxEvents();
        window.settled();
    }

    private static Drill three() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -10, 4)
                .role("b", Side.ATTACK, -10, -4)
                .role("k", Side.KEEPER, 18.5, 0)
                .ballWith("a")
                .run("m1", "b", 2, -3)
                .pass("m2", "a", "b")
                .progression();
        p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.ORANGE, new Point(4, 6), 0));
        p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.ORANGE, new Point(7, 6.5), 0));
        p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.ORANGE, new Point(11, 5.5), 0));
        return Drill.blank("Three", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(p);
    }

    private List<Gear> cones() {
        return window.document().path().gear();
    }

    private void lasso(FxRobot robot, Point from, Point... round) {
        Point2D[] pixels = Stream.concat(Stream.of(round), Stream.of(from))
                .map(window::screen)
                .toArray(Point2D[]::new);
        window.pull(robot, window.screen(from), pixels);
    }

    private void cornersAroundCones(FxRobot robot) {
        lasso(robot, new Point(3, 7.5), new Point(12, 7.5), new Point(12, 4.5), new Point(3, 4.5));
    }

    @Test
    void aLoopChoosesAndWhatIsChosenIsLinedUpSpacedGroupedAndLocked(FxRobot robot) {
        open(three());
        cornersAroundCones(robot);
        assertEquals(3, window.document().selectionProperty().get().ids().size());

        menu(robot, "align-length");
        cones().forEach(c -> assertEquals(6, c.at().y(), 1e-9, "the mean of 6, 6.5 and 5.5"));
        menu(robot, "spread-length");
        assertEquals(
                List.of(4.0, 7.5, 11.0), cones().stream().map(c -> c.at().x()).toList());

        robot.push(KeyCode.CONTROL, KeyCode.J);
        robot.type(KeyCode.ESCAPE);
        Window.click(robot, window.screen(new Point(4, 6)));
        window.settled();
        assertEquals(3, window.document().selectionProperty().get().ids().size(), "one of a group chooses all");
        robot.type(KeyCode.UP);
        window.settled();
        cones().forEach(c -> assertEquals(6.5, c.at().y(), 1e-9));

        robot.push(KeyCode.CONTROL, KeyCode.L);
        robot.type(KeyCode.UP);
        robot.type(KeyCode.DELETE);
        window.settled();
        assertEquals(3, cones().size(), "what is locked is not deleted");
        cones().forEach(c -> assertEquals(6.5, c.at().y(), 1e-9, "nor moved"));
    }

    private void menu(FxRobot robot, String item) {
        Window.press(robot, "#arrange-menu");
        Window.press(robot, "#arrange-" + item);
        window.settled();
    }

    @Test
    void copiesBesideAndAtTheOtherEndAndUndoBringsTheValueBack(FxRobot robot) {
        Drill start = three();
        open(start);
        cornersAroundCones(robot);
        robot.push(KeyCode.CONTROL, KeyCode.C);
        robot.push(KeyCode.CONTROL, KeyCode.V);
        window.settled();
        assertEquals(6, cones().size());
        assertEquals(3, window.document().selectionProperty().get().ids().size(), "the copies are chosen");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(start, window.document().drill());

        robot.type(KeyCode.ESCAPE);
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.D);
        window.settled();
        Path both = window.document().path();
        assertEquals(6, both.roles().size());
        assertEquals(4, both.moves().size());
        assertTrue(both.startOf(both.roles().get(3).id()).isWithin(1e-9, new Point(10, -4)));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(start, window.document().drill());

        robot.push(KeyCode.CONTROL, KeyCode.M);
        window.settled();
        assertNotEquals(start, window.document().drill());
        robot.push(KeyCode.CONTROL, KeyCode.M);
        window.settled();
        assertEquals(start, window.document().drill(), "mirrored twice it is as before");
    }

    @Test
    void anExactLengthAndAngleAreTypedWhilePulling(FxRobot robot) {
        open(three());
        Point start = new Point(2, -3); // where the first run ends
        Point2D body = window.screen(start);
        Window.moveTo(robot, body);
        robot.press(MouseButton.PRIMARY);
        Window.moveTo(robot, window.screen(new Point(4, -5)));
        Window.moveTo(robot, window.screen(new Point(6, -6)));
        robot.write("10 yd@0");
        robot.release(MouseButton.PRIMARY);
        window.settled();
        Travel drawn = (Travel) window.document().path().moves().get(2);
        assertEquals(9.144, drawn.path().get(0).at().distanceTo(start), 0.001);
        assertEquals(start.y(), drawn.path().get(0).at().y(), 0.001, "along the length of the court");
    }

    @Test
    void zonesNotesLabelsAndGoalsFindTheirPlace(FxRobot robot) {
        open(three());
        robot.type(KeyCode.Z);
        window.pull(robot, window.screen(new Point(5.5, -2.5)), window.screen(new Point(9.5, -8.5)));
        MarkedZone zone = window.document().path().layout().zones().get(0);
        assertEquals(24, Measures.area(zone.outline()), 0.01);

        // its name is a label that can be put elsewhere
        Viewport v = window.board().viewport();
        var label = PlacedLabels.of(zone.id(), v, window.document().frame()).orElseThrow();
        Point2D from = window.board()
                .localToScreen(label.box().getCenterX(), label.box().getCenterY());
        robot.type(KeyCode.ESCAPE);
        window.pull(robot, from, window.screen(new Point(12, -8)));
        Point by = window.document().path().layout().labels().get(zone.id());
        assertTrue(new Point(7.4, -5.3).plus(by).isWithin(0.3, new Point(12, -8)), "label at " + by);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertTrue(window.document().path().layout().labels().isEmpty());

        // a goal is dragged while things are set out
        robot.type(KeyCode.A);
        window.settled();
        window.pull(robot, window.screen(new Point(20.3, 1)), window.screen(new Point(10.3, 9)));
        GoalMouth goal = window.document().drill().surface().goal("right").orElseThrow();
        assertTrue(goal.centre().isWithin(0.5, new Point(10, 8)), goal.toString());
        robot.type(KeyCode.A);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(
                new Point(20, 0),
                window.document().drill().surface().goal("right").orElseThrow().centre());

        // a note asks for its words
        robot.type(KeyCode.N);
        Window.click(robot, window.screen(new Point(-4, 8)));
        Window.until(() -> !robot.lookup("#details").queryAll().isEmpty());
        Window.press(robot, "#details-words");
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("Eyes up");
        Window.press(robot, "OK");
        window.settled();
        assertEquals("Eyes up", window.document().path().layout().notes().get(0).text());
    }

    @Test
    void deletingSaysWhatElseGoesAndAsks(FxRobot robot) {
        Drill start = three();
        open(start);
        robot.type(KeyCode.A); // everybody where they start
        window.settled();
        Window.click(robot, window.screen(new Point(-10, -4)));
        robot.type(KeyCode.DELETE);
        Window.until(() -> robot.lookup(".dialog-pane .content").queryAll().size() == 1);
        String asked = ((Labeled) robot.lookup(".dialog-pane .content").query()).getText();
        assertTrue(asked.contains("2"), "the run and the pass to the player: " + asked);
        Window.press(robot, "Cancel");
        assertEquals(start, window.document().drill());
        robot.type(KeyCode.DELETE);
        Window.press(robot, "OK");
        window.settled();
        assertEquals(0, window.document().path().moves().size());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(start, window.document().drill());
    }

    @Test
    void zoomingShowsNearerAndBackAndTheHistoryGoesAnywhere(FxRobot robot) {
        open(three());
        double before = window.board().viewport().pixelsPerMetre();
        Window.moveTo(robot, window.screen(new Point(4, 6)));
        robot.scroll(3, VerticalDirection.UP);
        WaitForAsyncUtils.waitForFxEvents();
        double nearer = window.board().viewport().pixelsPerMetre();
        assertNotEquals(before, nearer);
        robot.push(KeyCode.CONTROL, KeyCode.DIGIT0);
        WaitForAsyncUtils.waitForFxEvents();
        assertEquals(before, window.board().viewport().pixelsPerMetre(), 1e-9);

        Window.click(robot, window.screen(new Point(4, 6)));
        robot.type(KeyCode.RIGHT);
        robot.type(KeyCode.RIGHT);
        robot.type(KeyCode.UP);
        window.settled();
        assertEquals(new Point(5, 6.5), cones().get(0).at());
        robot.type(KeyCode.H);
        Window.until(() -> !robot.lookup("#history-list").queryAll().isEmpty());
        ListView<?> history = robot.lookup("#history-list").query();
        assertEquals(4, history.getItems().size(), "as opened and three edits");
        WaitForAsyncUtils.asyncFx(() -> history.getSelectionModel().select(1));
        WaitForAsyncUtils.waitForFxEvents();
        window.settled();
        assertEquals(new Point(4.5, 6), cones().get(0).at());
        assertEquals(4, history.getItems().size(), "what was taken back is still listed");
    }

    @Test
    void pathsAreBentByTheirPoints(FxRobot robot) {
        open(three());
        WaitForAsyncUtils.asyncFx(() -> window.document().selectionProperty().set(Selection.of(new MoveId("m1"))));
        WaitForAsyncUtils.waitForFxEvents();
        robot.doubleClickOn(window.screen(new Point(-4, -3.5)));
        window.settled();
        assertEquals(2, path().size(), "a double click on the stroke is one point more");
        window.pull(robot, window.screen(path().get(0).at()), window.screen(new Point(-4, -8)));
        assertTrue(path().get(0).at().isWithin(0.3, new Point(-4, -8)));
        robot.press(KeyCode.ALT);
        Window.click(robot, window.screen(path().get(0).at()));
        robot.release(KeyCode.ALT);
        window.settled();
        assertEquals(1, path().size());
    }

    private List<Waypoint> path() {
        return ((Travel) window.document().path().move(new MoveId("m1")).orElseThrow()).path();
    }
}
