package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Scoring;

/** The Log place on the demo's four weeks, and what counts, set on the Board. */
@ExtendWith(ApplicationExtension.class)
class LogPlaceTest {

    private static final String LAST = "2026-11-26-speed-with-the-ball";

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
        Path from = Demo.folder().resolve("../sessions").normalize();
        try (Stream<Path> files = Files.walk(from)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Path to = window.folder
                        .resolve("sessions")
                        .resolve(from.relativize(file).toString());
                Files.createDirectories(to.getParent());
                if (!Files.exists(to)) {
                    Files.copy(file, to);
                }
            }
        }
    }

    private static List<String> said(FxRobot robot, String query) {
        return robot.lookup(query).queryAll().stream()
                .map(n -> ((Labeled) n).getText())
                .toList();
    }

    private void open(FxRobot robot) {
        Window.press(robot, "#place-log");
        Window.until(() -> !robot.lookup("#log-table").queryAll().isEmpty());
    }

    @Test
    void weeksAreReadAndAddedTo(FxRobot robot) throws Exception {
        open(robot);
        assertEquals(4, robot.lookup("#log-sessions .toggle-button").queryAll().size());
        assertTrue(said(robot, "#log-chosen .label").contains("Crossing backs: 5.2 min, planned 16"));
        Path log =
                LogFile.beside(window.folder.resolve("sessions").resolve(LAST).resolve(SessionFile.NAME));
        TextInputControl note = robot.lookup("#log-note").query();
        Window.fx(note::requestFocus);
        robot.write("ask again").type(KeyCode.ENTER);
        Window.until(() -> LogFile.read(log).value().notes().contains("ask again"));
        Window.until(() -> said(robot, "#log-chosen .label").contains("note: ask again"));
    }

    /** Whatever is read anew meanwhile, a note is written. */
    @Test
    void aNoteIsKeptWhateverElseIsAsked(FxRobot robot) throws Exception {
        open(robot);
        Path log =
                LogFile.beside(window.folder.resolve("sessions").resolve(LAST).resolve(SessionFile.NAME));
        TextInputControl note = robot.lookup("#log-note").query();
        for (int i = 0; i < 6; i++) {
            String text = "note " + i;
            Window.fx(() -> {
                note.setText(text);
                note.fireEvent(new javafx.event.ActionEvent());
                window.shell.hour().showLog();
                window.shell.hour().showLog();
            });
        }
        Window.until(() -> LogFile.read(log).value().notes().containsAll(List.of("note 0", "note 3", "note 5")));
        assertEquals(7, LogFile.read(log).value().notes().size());
    }

    /** Reps that took longer than drawn: a press draws the drill so, and the hint is gone. */
    @Test
    void stoppedRepsFeedThePace(FxRobot robot) throws Exception {
        open(robot);
        Path file = window.folder.resolve("drills/lantern-ladder" + DrillFile.SUFFIX);
        double before = DrillFile.read(file).value().base().roles().get(0).pace();
        Window.until(() -> !robot.lookup("#log-pace-lantern-ladder").queryAll().isEmpty());
        Window.fx(() -> robot.lookup("#log-pace-lantern-ladder").query().requestFocus());
        robot.type(KeyCode.ENTER);
        Window.until(() -> DrillFile.read(file).value().base().roles().get(0).pace() < before);
        Window.until(() -> robot.lookup("#log-pace-lantern-ladder").queryAll().isEmpty());
    }

    /** A log that cannot be read hides no other, and says what is wrong with it. */
    @Test
    void aBrokenLogIsSaidWhereItStands(FxRobot robot) throws Exception {
        Path session = window.folder.resolve("sessions").resolve(LAST).resolve(SessionFile.NAME);
        Files.writeString(LogFile.beside(session), "{\"format\": 3}");
        open(robot);
        assertEquals(4, robot.lookup("#log-sessions .toggle-button").queryAll().size());
        Window.press(robot, "#log-" + LAST);
        Window.until(() -> said(robot, "#log-chosen .label").stream().anyMatch(t -> t.contains("log.json")));
        assertFalse(robot.lookup("#log-note").query().isVisible());
    }

    @Test
    void whatCountsIsSetOnTheBoard(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Window.until(() -> !robot.lookup("#rule-add").queryAll().isEmpty());
        Window.fx(() -> robot.lookup("#rule-add").query().requestFocus());
        robot.type(KeyCode.SPACE);
        Window.press(robot, "#scoring-set");
        Window.until(() -> !robot.lookup("#scoring-points").queryAll().isEmpty());
        TextInputControl points = robot.lookup("#scoring-points").query();
        Button ok = (Button) robot.lookup("OK").query();
        Window.fx(() -> points.setText("goal 700"));
        assertTrue(ok.isDisabled(), "so much nobody counts");
        Window.fx(() -> points.setText("a goal 2, a goal off a cross 3"));
        Window.fx(() -> ((TextInputControl) robot.lookup("#scoring-target").query()).setText("5"));
        assertFalse(ok.isDisabled());
        javafx.application.Platform.runLater(ok::fire);
        Window.until(() -> window.document().version().course().scoring().isKept());
        Scoring scoring = window.document().version().course().scoring();
        assertEquals(
                List.of(new Scoring.Points("a goal", 2), new Scoring.Points("a goal off a cross", 3)),
                scoring.points());
        assertEquals(5, scoring.target());
        Window.until(() -> robot.lookup(".label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n)
                        .getText()
                        .equals("Points: 2 for a goal and 3 for a goal off a cross. The first with 5 wins.")));
    }
}
