package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.HouseFile;

@ExtendWith(ApplicationExtension.class)
class HouseDeskTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private String first() {
        return window.shell
                .document()
                .orElseThrow()
                .told()
                .talk()
                .steps()
                .get(0)
                .lines()
                .get(0)
                .text();
    }

    @Test
    void ownWordsAreUsedAtOnceAndKeptWithTheBinder(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Window.until(() -> first().contains("passes"));
        Platform.runLater(window.shell.house()::ask);
        Window.until(() -> !robot.lookup("#house-words").queryAll().isEmpty());
        TextArea text = robot.lookup("#house-words").queryAs(TextArea.class);
        robot.clickOn(text).write("passes");
        Label told = robot.lookup("#house-told").queryAs(Label.class);
        Window.until(() -> told.getText().startsWith("Line 1"));
        Node ok = robot.lookup("OK").query();
        assertTrue(ok.isDisabled() || ok.getParent().isDisabled(), "what cannot be used is not kept");
        robot.write(" = feeds");
        Window.until(() -> told.getText().contains("feeds"));
        Window.press(robot, "OK");
        Window.until(() -> first().contains("feeds"));
        assertEquals("feeds", HouseFile.read(new Binder(window.folder)).ours().get("passes"));
        assertTrue(Files.exists(HouseFile.of(new Binder(window.folder))));
    }

    /** A file that somebody has broken by hand is shown as it is, and not emptied by looking at it. */
    @Test
    void whatCannotBeUsedIsThereToBeMended(FxRobot robot) throws Exception {
        Binder binder = new Binder(window.folder);
        Files.writeString(HouseFile.of(binder), "# ours\nthe slot the kitchen\n");
        Platform.runLater(window.shell.house()::ask);
        Window.until(() -> !robot.lookup("#house-words").queryAll().isEmpty());
        assertEquals(
                "# ours\nthe slot the kitchen\n",
                robot.lookup("#house-words").queryAs(TextArea.class).getText());
        Label told = robot.lookup("#house-told").queryAs(Label.class);
        Window.until(() -> told.getText().startsWith("Line 2"));
        Window.press(robot, "Cancel");
        Window.until(() -> robot.lookup("#house-words").queryAll().isEmpty());
        assertEquals("# ours\nthe slot the kitchen\n", HouseFile.text(binder));
    }
}
