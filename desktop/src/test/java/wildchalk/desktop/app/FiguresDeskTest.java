package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import javafx.application.Platform;
import javafx.scene.control.ButtonType;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.FiguresFile;
import wildchalk.core.check.CheckPairsFolder;
import wildchalk.core.runthrough.OwnFigures.Figure;

/** The club's own figures of the second look: typed, refused where they cannot be, kept, and used at once. */
@ExtendWith(ApplicationExtension.class)
class FiguresDeskTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    @Test
    void aWiderLaneIsLookedAtAtOnce(FxRobot robot) throws Exception {
        Path file = window.folder.resolve("drills/near.drill.json");
        Files.writeString(file, CheckPairsFolder.near("shot-lane-line"));
        window.open(file);
        Window.until(() -> head(robot).endsWith("Nothing to look at"));
        Platform.runLater(() -> window.shell.figures().ask());
        Window.until(() -> !robot.lookup("#figure-lane").queryAll().isEmpty());
        TextField lane = robot.lookup("#figure-lane").query();
        Window.fx(() -> lane.setText("100"));
        Window.until(
                () -> ((Label) robot.lookup("#figures-told").query()).getText().contains("0.3 to 10"));
        DialogPane pane = robot.lookup(".dialog-pane").query();
        assertTrue(pane.lookupButton(ButtonType.OK).isDisabled());
        Window.fx(() -> lane.setText("4"));
        Window.until(() -> !pane.lookupButton(ButtonType.OK).isDisabled());
        Window.fx(() -> ((javafx.scene.control.Button) pane.lookupButton(ButtonType.OK)).fire());
        window.settled();
        Window.until(() -> head(robot).contains("to look at") && !head(robot).contains("Nothing"));
        assertEquals(
                OptionalDouble.of(4),
                FiguresFile.read(new Binder(window.folder)).of(Figure.LANE));
    }

    private static String head(FxRobot robot) {
        return robot.lookup("#look").query().getAccessibleText();
    }
}
