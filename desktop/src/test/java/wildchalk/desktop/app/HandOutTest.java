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
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.picture.handout.HandoutOptions.Names;

/** From the Session place into their hands. */
@ExtendWith(ApplicationExtension.class)
class HandOutTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    @Test
    void theHourIsLookedAtAndHandedOutWithFirstNamesUnlessSomebodyChoosesOtherwise(FxRobot robot) throws Exception {
        Window.press(robot, "#place-session");
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());

        Path first = made(robot, "#hand-out-pdf", "first", Names.FIRST);
        assertTrue(text(first).contains("Ada, Bo"), "first names");
        assertFalse(text(first).contains("Lind"), "and nothing else of them");

        Path whole = made(robot, "#hand-out-pdf", "whole", Names.WHOLE);
        assertTrue(text(whole).contains("Ada Lind"));

        // how it was handed out last is there the next time
        Path script = made(robot, "#hand-out-script", "script", null);
        assertTrue(text(script).contains("Sven Ekman"));
        assertTrue(text(script).contains("Just after LB sets off, CB runs 7 m up and to the left."));
    }

    /** Tables are looked at before they are saved, too. */
    @Test
    void theHourAsTables(FxRobot robot) throws Exception {
        Window.press(robot, "#place-session");
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());
        Path target = window.folder.resolve("tables.xlsx");
        window.saveAnswer = target;
        Window.press(robot, "#session-hand-out");
        Window.press(robot, "#hand-out-xlsx");
        Window.until(() -> !about(robot).isEmpty());
        Window.press(robot, "#share-save");
        Window.until(() -> !robot.lookup("Open it").queryAll().isEmpty());
        Window.press(robot, "OK");
        try (ReadableWorkbook book = new ReadableWorkbook(Files.newInputStream(target))) {
            assertEquals(5, book.getSheets().count());
        }
    }

    /** One picture of the drills that are found. */
    @Test
    void aContactSheetOfWhatWasLookedFor(FxRobot robot) throws Exception {
        Window.press(robot, "#place-binder");
        robot.clickOn("#binder-search").write("crossing");
        Window.until(() -> !robot.lookup("#binder-contact-sheet").queryAll().isEmpty());
        Path target = window.folder.resolve("drills.png");
        window.saveAnswer = target;
        Window.press(robot, "#binder-contact-sheet");
        Window.until(() -> about(robot).contains("2244"));
        Window.press(robot, "#share-save");
        Window.until(() -> !robot.lookup("Open it").queryAll().isEmpty());
        Window.press(robot, "OK");
        assertEquals(2244, ImageIO.read(target.toFile()).getWidth());
    }

    private Path made(FxRobot robot, String kind, String name, Names names) throws Exception {
        Path target = window.folder.resolve(name + ".pdf");
        window.saveAnswer = target;
        Window.press(robot, "#session-hand-out");
        Window.press(robot, kind);
        Window.until(() -> about(robot).endsWith("A4"));
        if (names != null) {
            Platform.runLater(() -> names(robot).setValue(names));
            Window.until(() -> about(robot).endsWith("A4"));
        } else {
            assertEquals(Names.WHOLE, names(robot).getValue());
        }
        Window.press(robot, "#share-save");
        Window.until(() -> Files.exists(target));
        Window.until(() -> !robot.lookup("Open it").queryAll().isEmpty());
        Window.press(robot, "OK");
        return target;
    }

    @SuppressWarnings("unchecked")
    private static ChoiceBox<Names> names(FxRobot robot) {
        return (ChoiceBox<Names>) robot.lookup("#share-names").queryAs(ChoiceBox.class);
    }

    private static String about(FxRobot robot) {
        return robot.lookup("#preview-about")
                .tryQueryAs(Label.class)
                .map(Label::getText)
                .orElse("");
    }

    private static String text(Path pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }
}
