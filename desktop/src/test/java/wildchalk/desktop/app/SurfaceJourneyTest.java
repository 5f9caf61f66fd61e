package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.ui.Ui;

/** From choosing a hall with other lines on it to a surface of one's own, with the real mouse and keys. */
@ExtendWith(ApplicationExtension.class)
class SurfaceJourneyTest {

    private Window window;
    private Binder binder;

    @Start
    void start(Stage stage) throws Exception {
        binder = new Binder(Files.createTempDirectory("wildchalk-binder"));
        window = Window.open(stage, binder.folder());
    }

    private static void typeInto(FxRobot robot, String field, String text) {
        Window.press(robot, field);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
    }

    @Test
    void aHallOfTypedSizeWithBasketballLinesUnits(FxRobot robot) {
        Window.press(robot, "#new-drill");
        typeInto(robot, "#new-name", "In the hall");
        typeInto(robot, "#surface-search", "hall");
        Window.press(robot, "#surface-hall");
        typeInto(robot, "#surface-length", "100 ft");
        robot.type(KeyCode.TAB);
        Window.press(robot, "#overlay-basketball-international");
        Window.press(robot, Ui.text("new.create"));
        Window.until(() -> window.shell.document().isPresent());
        window.settled();
        Surface ground = window.document().drill().surface();
        assertEquals(30.48, ground.lengthMetres(), 0.001);
        assertTrue(ground.goal("basketball-right").isPresent(), "the ring can be shot at");
        assertTrue(ground.landmarks().stream().anyMatch(l -> l.id().equals("basketball-left-elbow")));
    }

    @Test
    void aYardIsLaidOutStoredAndDrawnOn(FxRobot robot) throws Exception {
        Window.press(robot, "#new-drill");
        Window.press(robot, "#surface-own");
        typeInto(robot, "#editor-title", "The yard");
        typeInto(robot, "#editor-length", "24 m");
        robot.type(KeyCode.ENTER);
        typeInto(robot, "#editor-width", "15 m");
        robot.type(KeyCode.TAB);
        Node canvas = robot.lookup("#surface-canvas").query();
        int before = parts(robot);
        pull(robot, canvas, 0.3, 0.3, 0.3, 0.7); // a line
        Window.press(robot, "#editor-circle");
        pull(robot, canvas, 0.6, 0.5, 0.7, 0.5);
        Window.press(robot, "#editor-landmark");
        typeInto(robot, "#editor-name", "the drain");
        pull(robot, canvas, 0.5, 0.4, 0.5, 0.4);
        assertEquals(before + 3, parts(robot));
        Window.press(robot, "#editor-undo");
        assertEquals(before + 2, parts(robot));
        pull(robot, canvas, 0.5, 0.4, 0.5, 0.4);
        Window.press(robot, "#editor-thirds");
        Window.press(robot, Ui.text("editor.save"));
        Window.until(() -> binder.surfaces().size() == 1);
        Surface yard = binder.surfaces().get(0).content().orElseThrow().value();
        assertEquals(24, yard.lengthMetres(), 1e-9);
        assertEquals(15, yard.widthMetres(), 1e-9);
        assertTrue(yard.landmarks().stream().anyMatch(l -> l.name().equals("the drain")));
        assertTrue(yard.zones().stream().anyMatch(z -> z.name().equals(Ui.text("editor.third.middle"))));

        Window.press(robot, Ui.text("new.create"));
        Window.until(() -> window.shell.document().isPresent());
        window.settled();
        assertEquals(yard, window.document().drill().surface());
        robot.push(KeyCode.CONTROL, KeyCode.S);
        window.settled();
        assertEquals(
                yard,
                DrillFile.read(window.document().file().orElseThrow()).value().surface(),
                "the drill carries it along");

        // the Binder keeps it, to be laid out further
        Window.press(robot, "#place-binder");
        Window.press(robot, "#shelf-surfaces");
        robot.clickOn(Window.card(robot, yard.id()));
        typeInto(robot, "#editor-title", "The old yard");
        Window.press(robot, Ui.text("editor.save"));
        Window.until(() ->
                binder.surfaces().get(0).content().orElseThrow().value().title().equals("The old yard"));
        assertEquals(1, binder.surfaces().size(), "in the same file");
    }

    private static int parts(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        ListView<?> list = robot.lookup("#editor-parts").query();
        return list.getItems().size();
    }

    private static void pull(FxRobot robot, Node canvas, double x1, double y1, double x2, double y2) {
        Bounds box = canvas.localToScreen(canvas.getBoundsInLocal());
        Point2D from = new Point2D(box.getMinX() + x1 * box.getWidth(), box.getMinY() + y1 * box.getHeight());
        Point2D to = new Point2D(box.getMinX() + x2 * box.getWidth(), box.getMinY() + y2 * box.getHeight());
        Window.moveTo(robot, from);
        robot.press(MouseButton.PRIMARY);
        Window.moveTo(robot, to);
        robot.release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void textGrowsToHalfAsMuchAgainAndNothingOnTheBoardIsCutOff(FxRobot robot) {
        WaitForAsyncUtils.asyncFx(() -> {
            window.shell.startNew(Demo.read("second-wave-from-the-left"));
            window.shell.setTextPercent(150);
        });
        WaitForAsyncUtils.waitForFxEvents(10);
        window.settled();
        for (Node n : robot.lookup(".tray .toggle-button, .transport .button, .top-bar .button")
                .queryAll()) {
            Labeled button = (Labeled) n;
            Bounds box = button.localToScene(button.getBoundsInLocal());
            assertTrue(
                    box.getMaxX() <= button.getScene().getWidth() + 1 && box.getMinX() >= -1,
                    button.getText() + " lies outside the window: " + box);
            assertFalse(
                    robot.from(button).lookup(".text").queryAll().stream()
                            .anyMatch(t -> ((Text) t).getText().endsWith("...")),
                    button.getText() + " is cut off");
        }
    }
}
