package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.RunJournal;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.log.Log;
import wildchalk.core.log.Presence;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.whistle.Run;

/** A session that is run in the real window, by keys and by mouse; then its log, and the week after. */
@ExtendWith(ApplicationExtension.class)
class WhistleTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    @AfterEach
    void nothingRunsOn() throws Exception {
        Window.fx(() -> window.shell.hour().close());
    }

    private Path session() {
        return window.folder.resolve("sessions/2026-12-03-before-the-weekend").resolve(SessionFile.NAME);
    }

    private static <T> T onFx(Callable<T> what) throws Exception {
        AtomicReference<T> got = new AtomicReference<>();
        Window.fx(() -> {
            try {
                got.set(what.call());
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        return got.get();
    }

    private Run run() throws Exception {
        return onFx(() ->
                window.shell.hour().whistle().window().orElseThrow().document().now());
    }

    private String block() throws Exception {
        Run run = run();
        return run.part()
                .map(p -> (p.isChange() ? "to " : "") + p.block().id().text())
                .orElse("over");
    }

    private static void key(FxRobot robot, KeyCode... keys) {
        robot.press(keys).release(keys);
    }

    private static String text(FxRobot robot, String query) {
        Node node = robot.lookup(query).query();
        return ((Labeled) node).getText();
    }

    private void begin(FxRobot robot) throws Exception {
        Window.press(robot, "#place-session");
        Window.until(() -> window.shell.session().isPresent());
        Window.until(() -> !robot.lookup("#session-run").queryAll().isEmpty());
        Window.press(robot, "#session-run");
        Window.until(() -> !robot.lookup("#whistle-clock").queryAll().isEmpty());
        Window.until(() -> text(robot, "#whistle-standing").contains("Space"));
        key(robot, KeyCode.SPACE);
        Window.until(() -> Files.exists(RunJournal.beside(session())));
    }

    /** Twelve minutes and two players are lost, one key plans anew, a game is scored, it goes to the log, next week has it. */
    @Test
    void anHourIsRunScoredLoggedAndPlannedOn(FxRobot robot) throws Exception {
        begin(robot);
        assertEquals("b1", block());
        key(robot, KeyCode.N);
        key(robot, KeyCode.N);
        key(robot, KeyCode.N);
        Window.until(() -> block().equals("b3"));
        assertEquals("Crossing and finishing", text(robot, "#whistle-part"));

        // two players go, by mouse
        key(robot, KeyCode.W);
        Window.press(robot, "#whistle-there-p2");
        Window.until(() -> run().plan().present().size() == 15);
        Window.press(robot, "#whistle-there-p3");
        Window.until(() -> run().plan().present().size() == 14);
        key(robot, KeyCode.ESCAPE);

        // what was saved by skipping, and twelve minutes that the slack and the game have to give
        key(robot, KeyCode.L);
        robot.write("26").type(KeyCode.ENTER);
        Window.until(() -> robot.lookup("#whistle-rescue").query().isVisible());
        double over = run().over();
        assertTrue(over > 60, "too late by " + over);
        List<String> water = waters(run().session());
        key(robot, KeyCode.P);
        Window.until(() -> run().over() <= 30);
        assertEquals(water, waters(run().session()), "nobody goes without a drink");
        assertTrue(
                run().later().stream().anyMatch(p -> p.block().id().text().equals("b5") && p.seconds() == 16 * 60),
                "what must stay stays");
        key(robot, KeyCode.U);
        Window.until(() -> run().over() > 60);
        Window.until(() -> robot.lookup("#whistle-rescue").query().isVisible());
        key(robot, KeyCode.P);
        Window.until(() -> run().over() <= 30);

        // reps, a talk, a note that is typed and no command
        key(robot, KeyCode.R);
        key(robot, KeyCode.R);
        key(robot, KeyCode.F);
        Window.until(() -> robot.lookup("#whistle-ask").query().isVisible());
        key(robot, KeyCode.Q);
        assertEquals("Where is the space?", text(robot, "#whistle-question"));
        key(robot, KeyCode.F);
        key(robot, KeyCode.T);
        robot.write("fern plays now").type(KeyCode.ENTER);
        Window.until(() -> run().counted().get(new BlockId("b3")).notes().equals(List.of("fern plays now")));
        assertEquals("b3", block(), "typing is no command");

        // the game
        for (int i = 0; i < 8 && !block().equals("b6"); i++) {
            key(robot, KeyCode.N);
        }
        assertEquals("b6", block());
        key(robot, KeyCode.DIGIT1);
        key(robot, KeyCode.DIGIT1);
        key(robot, KeyCode.DIGIT2);
        Window.press(robot, "#whistle-point-g2-0");
        Window.press(robot, "#whistle-point-g2-0");
        Window.until(() -> text(robot, "#whistle-total-g2").equals("3"));
        assertEquals("2", text(robot, "#whistle-total-g1"));

        // over, and logged
        key(robot, KeyCode.E);
        key(robot, KeyCode.ENTER);
        Window.until(() -> Files.exists(LogFile.beside(session())));
        Window.until(() -> window.shell.isInLog());
        Log log = LogFile.of(session()).orElseThrow();
        assertEquals(3, log.of(new BlockId("b6")).get(0).points("g2"));
        assertEquals(1, log.of(new BlockId("b3")).get(0).stops());
        assertEquals(2, log.of(new BlockId("b3")).get(0).reps());
        assertEquals(Presence.ABSENT, log.attendance().get(new PlayerId("p2")));
        assertFalse(Files.exists(RunJournal.beside(session())), "nothing is left to go on with");

        // next week proposes what was missed
        Window.until(() -> !robot.lookup("#log-weeks .label").queryAll().isEmpty());
        Window.until(() -> robot.lookup("#log-weeks .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("early and stay")));
        Window.press(robot, "#log-next");
        Window.until(() -> window.shell
                .session()
                .filter(d -> d.session().date().toString().equals("2026-12-10"))
                .isPresent());
        Session next = window.shell.session().orElseThrow().session();
        assertEquals(
                List.of("b1", "b2", "w1", "b3", "b5", "b6"),
                next.blocks().stream().limit(6).map(b -> b.id().text()).toList(),
                "what was cut comes early");
        assertTrue(next.blocks().get(3).must());
    }

    private static List<String> waters(Session session) {
        return session.blocks().stream()
                .filter(b -> b.isWater())
                .map(b -> b.id() + " " + b.minutes())
                .toList();
    }

    /** Leaving the window stops nothing; closing the program neither: the next one goes on with it, and the clock is right. */
    @Test
    void itGoesOnWhateverIsClosed(FxRobot robot) throws Exception {
        begin(robot);
        key(robot, KeyCode.N);
        key(robot, KeyCode.R);
        Window.until(() -> block().equals("b2"));
        key(robot, KeyCode.ESCAPE);
        Window.until(() -> onFx(() ->
                !window.shell.hour().whistle().window().orElseThrow().stage().isShowing()));
        double then = run().now();
        Window.press(robot, "#place-whistle");
        Window.until(() -> onFx(() ->
                window.shell.hour().whistle().window().orElseThrow().stage().isShowing()));
        assertTrue(run().now() >= then);
        // the program ends, as after a crash: nobody has said that it is over
        Window.fx(() -> window.shell.hour().whistle().close());
        assertTrue(Files.exists(RunJournal.beside(session())));
        double before = run(session()).now();
        Window.fx(() -> window.shell.hour().whistle().recover(window.shell.binder()));
        Window.until(() -> onFx(() -> window.shell.hour().whistle().window().isPresent()));
        assertEquals("b2", block());
        assertEquals(1, run().counted().get(new BlockId("b2")).reps());
        assertTrue(run().now() >= before, "the clock has gone on");
    }

    private Run run(Path file) throws Exception {
        RunJournal.Left left = RunJournal.left(file).orElseThrow();
        return wildchalk.core.whistle.Running.at(
                left.head().session(),
                left.head().lateSeconds(),
                left.pressed(),
                s -> wildchalk.core.session.SessionPlan.of(s, id -> Optional.empty(), Optional.empty()),
                left.at());
    }

    /** Pressed twice it opens once; where its log cannot be written nothing is lost, and it can be ended later. */
    @Test
    void whatCannotBeLoggedRunsOn(FxRobot robot) throws Exception {
        Window.press(robot, "#place-session");
        Window.until(() -> window.shell.session().isPresent());
        Window.fx(() -> {
            window.shell.hour().showWhistle();
            window.shell.hour().showWhistle();
        });
        Window.until(() -> !robot.lookup("#whistle-clock").queryAll().isEmpty());
        key(robot, KeyCode.SPACE);
        key(robot, KeyCode.R);
        Files.createDirectories(LogFile.beside(session()).resolve("in-the-way"));
        key(robot, KeyCode.E);
        key(robot, KeyCode.ENTER);
        Window.until(() -> robot.lookup("#whistle-end-card .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("Nothing is lost")));
        key(robot, KeyCode.ESCAPE);
        key(robot, KeyCode.R);
        Window.until(() -> RunJournal.left(session()).orElseThrow().pressed().size() == 2);
        Files.delete(LogFile.beside(session()).resolve("in-the-way"));
        Files.delete(LogFile.beside(session()));
        key(robot, KeyCode.E);
        key(robot, KeyCode.ENTER);
        Window.until(() -> Files.isRegularFile(LogFile.beside(session())));
        assertEquals(2, LogFile.of(session()).orElseThrow().blocks().get(0).reps());
    }

    /** At the least size, and at half as large again, every button of the clock can be pressed. */
    @Test
    void atArmsLengthAndInASmallWindow(FxRobot robot) throws Exception {
        begin(robot);
        Window.fx(() -> {
            Stage stage = window.shell.hour().whistle().window().orElseThrow().stage();
            stage.setFullScreen(false);
            stage.setWidth(900);
            stage.setHeight(600);
            window.shell.setTextPercent(150);
        });
        for (String id : List.of(
                "#whistle-start", "#whistle-next", "#whistle-who", "#whistle-undo", "#whistle-end", "#whistle-leave")) {
            Node node = robot.lookup(id).query();
            Window.until(() ->
                    onFx(() -> node.localToScene(node.getBoundsInLocal()).getMaxX() <= 900
                            && node.localToScene(node.getBoundsInLocal()).getMaxY() <= 600));
            assertTrue(node.getBoundsInLocal().getHeight() >= 60, id + " is large enough for a cold finger");
            Labeled button = (Labeled) node;
            assertEquals(
                    button.getText(),
                    ((javafx.scene.text.Text) button.lookup(".text")).getText(),
                    id + " can be read whole");
        }
        TextField note = robot.lookup("#whistle-note").query();
        key(robot, KeyCode.T);
        Window.until(() -> onFx(note::isFocused));
        assertEquals("", note.getText(), "the key that led there is not written");
    }
}
