package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Ui;

/** What a crash has left is offered with what would come back; nothing is lost for something else. */
@ExtendWith(ApplicationExtension.class)
class CrashRecoveryTest {

    private Window window;
    private Binder binder;
    private Path journals;

    @Start
    void start(Stage stage) throws Exception {
        binder = new Binder(Files.createTempDirectory("wildchalk-binder"));
        Path home = Files.createTempDirectory("wildchalk-home");
        journals = new Settings(home).journals();
        leave(journals, "Low tide", List.of("run of LB", "pass to CB"));
        leave(journals, "High tide", List.of("cone"));
        window = Window.open(stage, binder.folder(), home);
    }

    /** A journal whose window was killed: copied while it is held, since closing in order removes it. */
    private static void leave(Path journals, String title, List<String> edits) throws Exception {
        Path own = Files.createTempDirectory("wildchalk-killed");
        try (Journal<BinderFile<Drill>> journal = new Journal<>(own, DrillFile.KIND, new JournalWatch(new Faults()))) {
            journal.keep(DrillFile.ofNew(Demo.read("crossing-backs").withTitle(title)), Journal.Belongs.NOWHERE, edits);
            journal.flush();
            try (Stream<Path> all = Files.list(own)) {
                Files.createDirectories(journals);
                for (Path kept :
                        all.filter(f -> f.toString().endsWith(".journal")).toList()) {
                    Files.copy(kept, journals.resolve(kept.getFileName()));
                }
            }
        }
    }

    @Test
    void bothComeBackOneOpenedOneAsAFile(FxRobot robot) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> window.shell.offerJournals());
        Set<String> told = new HashSet<>();
        for (int i = 0; i < 2; i++) {
            Window.until(() -> robot.lookup(".dialog-pane .content").queryAll().size() == 1);
            String said = ((Labeled) robot.lookup(".dialog-pane .content").query()).getText();
            told.add(said.contains("Low tide") ? "low" : "high");
            assertTrue(
                    said.contains("Low tide") ? said.contains("pass to CB") : said.contains("cone"),
                    "it says what would come back: " + said);
            Window.press(robot, Ui.text("journal.bring"));
        }
        Window.until(() -> window.shell.document().isPresent());
        window.settled();
        assertEquals(Set.of("low", "high"), told);
        assertFalse(window.document().isSaved(), "what was brought back waits to be saved");
        Set<String> titles = new HashSet<>(Set.of(window.document().drill().title()));
        binder.drills()
                .forEach(e -> titles.add(e.content().orElseThrow().value().title()));
        assertEquals(Set.of("Low tide", "High tide"), titles);
    }

    @Test
    void aJournalIsKeptWhileThereIsSomethingToLose(FxRobot robot) throws Exception {
        int before = kept().size();
        WaitForAsyncUtils.asyncFx(
                () -> window.shell.startNew(Drill.blank("Ebb", new SurfaceUse("handball", "whole"), Audience.USUAL)));
        WaitForAsyncUtils.waitForFxEvents();
        window.settled();
        assertEquals(before, kept().size(), "an empty board is nothing to lose");
        robot.type(KeyCode.DIGIT7);
        Window.click(robot, window.screen(new Point(3, 3)));
        window.settled();
        Window.until(() -> kept().size() == before + 1);
        robot.push(KeyCode.CONTROL, KeyCode.S);
        window.settled();
        Window.until(() -> kept().size() == before);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        Window.until(() -> kept().size() == before + 1);
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        window.settled();
        Window.until(() -> kept().size() == before);
        assertTrue(window.document().isSaved(), "done again, it is as it was saved");
    }

    private List<Path> kept() throws IOException {
        try (Stream<Path> all = Files.list(journals)) {
            return all.filter(f -> f.toString().endsWith(".journal")).toList();
        }
    }
}
