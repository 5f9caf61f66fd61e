package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Platform;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.Exports;
import wildchalk.picture.export.Paper;
import wildchalk.picture.style.Ground;

@ExtendWith(ApplicationExtension.class)
class ExportDialogTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    @Test
    void aSheetIsLookedAtBeforeAndTheChoiceIsRemembered(FxRobot robot) throws Exception {
        window.openDrill("lantern-ladder");
        window.saveAnswer = window.folder.resolve("for-the-wall");
        ask(Exports.SHEET);
        Window.until(() -> about(robot).endsWith("pages, A4"));
        int pages = Integer.parseInt(about(robot).split(" ")[0]);
        assertEquals("1 of " + pages, which(robot));
        Window.press(robot, "#preview-on");
        Window.until(() -> which(robot).equals("2 of " + pages));

        this.<Paper>choose(robot, "#share-paper", Paper.LETTER);
        Window.until(() -> about(robot).endsWith("Letter"));
        Window.press(robot, "#share-save");
        Path written = window.folder.resolve("for-the-wall.pdf");
        Window.until(() -> Files.exists(written));
        assertFalse(Files.exists(window.saveAnswer), "the ending is given");
        Window.press(robot, "Open it");
        Window.until(() -> written.equals(window.openedOutside));
        try (PDDocument pdf = Loader.loadPDF(written.toFile())) {
            assertEquals(612, pdf.getPage(0).getMediaBox().getWidth(), 0.5, "8.5 inches are 612 points");
            assertTrue(pdf.getNumberOfPages() >= 1);
        }

        ask(Exports.SHEET);
        Window.until(() -> !robot.lookup("#share-paper").queryAll().isEmpty());
        assertEquals(
                Paper.LETTER,
                robot.lookup("#share-paper").queryAs(ChoiceBox.class).getValue());
        assertTrue(new Settings(window.home)
                .habits()
                .options(Exports.SHEET, Exports.SHEET.usual(window.shell.ground(), 0))
                .paper()
                .equals(Paper.LETTER));
        assertEquals(window.folder, new Settings(window.home).habits().folder());
        Window.press(robot, "Cancel");
    }

    /** One step of it upright at half the speed: looked at first, then made beside the window. */
    @Test
    void aFilmIsOfTheSizeAndSpeedThatWasAskedFor(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        window.saveAnswer = window.folder.resolve("clip");
        ask(Exports.MP4);
        Window.until(() -> about(robot).endsWith("1280 × 720 pixels"));
        double whole = seconds(robot);
        this.<Integer>choose(robot, "#share-part", 0);
        Window.until(() -> !about(robot).isEmpty() && seconds(robot) < whole);
        double step = seconds(robot);
        this.<ExportOptions.Shown>choose(robot, "#share-shown", ExportOptions.Shown.SLOWLY);
        Window.until(() -> seconds(robot) > step + 1);
        this.<Integer>choose(robot, "#share-width", 1080);
        Window.until(() -> about(robot).endsWith("1080 × 1920 pixels"));
        Window.press(robot, "#share-save");
        Path written = window.folder.resolve("clip.mp4");
        Window.until(() -> Files.exists(written));
        Window.until(() -> !robot.lookup("Open it").queryAll().isEmpty());
        Window.press(robot, "OK");
        assertTrue(Files.size(written) > 10_000);
    }

    private static double seconds(FxRobot robot) {
        return Double.parseDouble(about(robot).split(" ")[0]);
    }

    @Test
    void nobodysFileIsWrittenOverBecauseOfAnEnding(FxRobot robot) throws Exception {
        window.openDrill("ebb-or-flow");
        Path there = window.folder.resolve("clip.gif");
        Files.writeString(there, "mine");
        window.saveAnswer = window.folder.resolve("clip");
        ask(Exports.GIF);
        Window.until(() -> about(robot).contains("then again"));
        String one = about(robot);
        this.<Reach>choose(robot, "#share-ways", Reach.ALL);
        Window.until(() -> about(robot).startsWith("4 reps"));
        assertFalse(about(robot).equals(one));
        Window.press(robot, "#share-save");
        Window.until(() -> !robot.lookup("Another name").queryAll().isEmpty());
        window.saveAnswer = window.folder.resolve("clip-2.GIF");
        Window.press(robot, "Another name");
        Window.until(() -> Files.exists(window.saveAnswer));
        Window.press(robot, "OK");
        assertEquals("mine", Files.readString(there));
        assertEquals("ebb-or-flow.gif", window.saveOffered.getFileName().toString());
    }

    @Test
    void whoCancelsIsAskedForNoFile(FxRobot robot) throws Exception {
        window.openDrill("signal-flags");
        ask(Exports.GIF);
        Window.press(robot, "Cancel");
        Window.until(() -> robot.lookup("#share-save").queryAll().isEmpty());
        assertEquals(null, window.saveOffered);
        assertEquals(
                Exports.GIF.usual(Ground.PAPER, 0),
                new Settings(window.home).habits().options(Exports.GIF, Exports.GIF.usual(Ground.PAPER, 0)));
    }

    private void ask(Export kind) {
        Platform.runLater(() -> window.shell.share(kind));
    }

    @SuppressWarnings("unchecked")
    private <T> void choose(FxRobot robot, String id, T value) throws Exception {
        ChoiceBox<T> box = robot.lookup(id).queryAs(ChoiceBox.class);
        Window.fx(() -> box.setValue(value));
    }

    private static String about(FxRobot robot) {
        return robot.lookup("#preview-about")
                .tryQueryAs(Label.class)
                .map(Label::getText)
                .orElse("");
    }

    private static String which(FxRobot robot) {
        return robot.lookup("#preview-which").queryAs(Label.class).getText();
    }
}
