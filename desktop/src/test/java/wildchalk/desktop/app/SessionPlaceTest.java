package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.desktop.ui.Ui;

/** An hour put together by hand in the real window; every edit is in its file. */
@ExtendWith(ApplicationExtension.class)
class SessionPlaceTest {

    private Window window;
    private int gestures;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private Session session() {
        return window.shell.session().orElseThrow().session();
    }

    private List<String> titles() {
        return session().blocks().stream().map(SessionBlock::title).toList();
    }

    private SessionBlock block(String id) {
        return session().blocks().stream()
                .filter(b -> b.id().text().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** What the file of the open session holds, once it is what is shown. */
    private void untilWritten() {
        Window.until(() -> {
            Path folder = window.folder.resolve("sessions");
            try (var all = Files.list(folder)) {
                for (Path f : all.toList()) {
                    if (SessionFile.read(f.resolve(SessionFile.NAME)).value().equals(session())) {
                        return true;
                    }
                }
            }
            return false;
        });
    }

    private void press(FxRobot robot, String query) {
        Window.press(robot, query);
        gestures++;
    }

    private void type(FxRobot robot, String query, String text) throws Exception {
        Window.until(() -> !robot.lookup(query).queryAll().isEmpty());
        TextField field = robot.lookup(query).query();
        Window.fx(() -> {
            field.requestFocus();
            field.selectAll();
        });
        robot.write(text).type(KeyCode.ENTER);
        gestures += 3; // a click, a typed run, a key
    }

    private void open(FxRobot robot) {
        Window.press(robot, "#place-session");
        Window.until(() -> window.shell.session().isPresent());
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());
    }

    /** From nothing: groups, a warm-up, water, two stations that go round, a drill for all and a game; no template. */
    @Test
    void aSessionIsPlannedFromNothing(FxRobot robot) throws Exception {
        open(robot);
        gestures = 0;
        press(robot, "#session-new");
        Window.until(() -> session().blocks().isEmpty());
        type(robot, "#session-title", "Thursday");
        type(robot, "#session-minutes", "75");
        press(robot, "#session-groups");
        press(robot, "2 groups");
        press(robot, "#add-warm-up");
        press(robot, "#add-water");
        press(robot, "#add-drill");
        drill(robot, "Crossing backs");
        Window.until(() -> titles().contains("Crossing backs"));
        type(robot, "#block-minutes", "20");
        press(robot, "#station-more");
        drill(robot, "Lantern ladder");
        Window.until(() -> !robot.lookup("#station-end-s2").queryAll().isEmpty());
        Window.fx(() -> robot.lookup("#station-end-s2").query().requestFocus());
        robot.type(KeyCode.SPACE);
        gestures += 2;
        press(robot, "#add-water");
        press(robot, "#add-game");
        assertTrue(gestures <= 40, gestures + " gestures");
        assertEquals(List.of("", "", "Crossing backs", "", ""), titles());
        What.Drilling two = (What.Drilling) session().blocks().get(2).what();
        assertEquals(What.Turning.GROUPS, two.turning());
        assertEquals(2, two.stations().size());
        assertEquals(20, session().blocks().get(2).minutes());
        assertEquals(2, session().groups().size());
        Window.until(() -> robot.lookup("#sums-card .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().equals("It goes together.")));
        untilWritten();
    }

    /** From the menu of drills, with keys: its surface, then the drill by its title. */
    private void drill(FxRobot robot, String title) {
        Window.press(robot, "Handball court");
        Window.press(robot, title);
        gestures += 2;
    }

    @Test
    void twelveMinutesAreLostAndComeBack(FxRobot robot) throws Exception {
        open(robot);
        Session before = session();
        type(robot, "#session-lost", "12");
        press(robot, "#replan-LEAVE_OUT");
        Window.until(() -> !titles().contains("Six against six"));
        assertEquals(63, session().minutes());
        untilWritten();
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        Window.press(robot, "#undo");
        Window.until(() -> session().equals(before));
        untilWritten();
    }

    /** Pulled by its edge it gets longer, with keys shorter; pulled at its middle it goes elsewhere. */
    @Test
    void blocksArePulledAndPushed(FxRobot robot) throws Exception {
        open(robot);
        double was = block("b2").minutes();
        Bounds at = bounds(robot, "#block-b2");
        robot.moveTo(new Point2D(at.getMaxX() - 4, at.getCenterY())).press(MouseButton.PRIMARY);
        robot.moveBy(40, 0).release(MouseButton.PRIMARY);
        Window.until(() -> block("b2").minutes() > was);
        Window.fx(() -> robot.lookup("#block-b2").query().requestFocus());
        double longer = block("b2").minutes();
        robot.type(KeyCode.MINUS);
        Window.until(() -> block("b2").minutes() == longer - 1);
        List<String> order = titles();
        Bounds game = bounds(robot, "#block-b6");
        Bounds wave = bounds(robot, "#block-b5");
        robot.moveTo(new Point2D(game.getCenterX(), game.getCenterY())).press(MouseButton.PRIMARY);
        robot.moveBy(-20, 0)
                .moveTo(new Point2D(wave.getMinX() + 4, wave.getCenterY()))
                .release(MouseButton.PRIMARY);
        Window.until(() -> titles().indexOf("Six against six") < titles().indexOf("Second wave"));
        Window.fx(() -> window.shell.undo());
        Window.until(() -> titles().equals(order));
        untilWritten();
    }

    private static Bounds bounds(FxRobot robot, String query) {
        Node node = robot.lookup(query).query();
        return node.localToScreen(node.getBoundsInLocal());
    }

    /** A coach for two stations is found, and the press that mends it mends it. */
    @Test
    void aCoachWhoLeadsTwoIsFoundAndReplaced(FxRobot robot) throws Exception {
        open(robot);
        press(robot, "#block-b3");
        Window.until(() -> !robot.lookup("#station-coach-s2").queryAll().isEmpty());
        press(robot, "#station-coach-s2");
        robot.type(KeyCode.ENTER);
        Window.until(() -> !robot.lookup("#mend-0-OTHER_COACH").queryAll().isEmpty());
        press(robot, "#mend-0-OTHER_COACH");
        Window.until(() -> robot.lookup("#mend-0-OTHER_COACH").queryAll().isEmpty());
        What.Drilling d = (What.Drilling) block("b3").what();
        assertFalse(d.stations().get(0).coach().equals(d.stations().get(1).coach()));
        untilWritten();
    }

    /** Two who do not come are typed, one who does after all is pressed; a time that is none is told and changes nothing. */
    @Test
    void whoComesAndWhenIsTyped(FxRobot robot) throws Exception {
        open(robot);
        type(robot, "#session-away", "Ada Lind, Bo, Nobody");
        Window.until(() -> session().absent().size() == 3);
        assertTrue(robot.lookup("#people-card .alert").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("Nobody")));
        press(robot, "#there-p1");
        Window.until(() -> !session().absent().contains(new PlayerId("p1")));
        Session before = session();
        type(robot, "#session-start", "six");
        assertEquals(
                "A time like 18:05.", ((Labeled) robot.lookup("#session-wrong").query()).getText());
        assertEquals(before, session());
        type(robot, "#session-start", "18:15");
        Window.until(() -> session().start().getMinute() == 15);
        untilWritten();
    }

    /** Somebody else writes the file: it is told, and each may be taken; nothing is written over unasked. */
    @Test
    void whatSomebodyElseWroteIsNotWrittenOver(FxRobot robot) throws Exception {
        open(robot);
        Path file = window.shell.session().orElseThrow().sessionProperty().get() == null
                ? null
                : window.folder.resolve("sessions/2026-12-03-before-the-weekend/session.json");
        Session theirs = session().withTitle("Theirs");
        SessionFile.ofNew(theirs).save(file);
        press(robot, "#add-talk");
        Window.until(() -> robot.lookup("#session-theirs").queryAll().stream().anyMatch(Node::isVisible)
                || session().title().equals("Theirs"));
        assertEquals("Theirs", SessionFile.read(file).value().title());
        if (!session().title().equals("Theirs")) {
            press(robot, "#session-theirs");
        }
        Window.until(() -> session().title().equals("Theirs"));
        assertEquals(Optional.of(theirs), Optional.of(session()));
    }

    /** Names that are pasted in become a squad of which groups can be made at once. */
    @Test
    void aSquadIsMadeOfNames(FxRobot robot) throws Exception {
        open(robot);
        press(robot, "#session-squad");
        press(robot, Ui.text("squad.new"));
        Window.until(() -> !robot.lookup("#squad-names").queryAll().isEmpty());
        robot.clickOn("#squad-title").write("Under 12");
        TextArea names = robot.lookup("#squad-names").query();
        Window.fx(() -> names.setText("Ada\nBo\n\nCleo\nDag\nBo\n"));
        robot.clickOn("#squad-title").type(KeyCode.ENTER);
        Window.until(
                () -> session().squad().map(s -> s.text().equals("under-12")).orElse(false));
        Window.until(() -> robot.lookup("#there-p4").queryAll().size() == 1
                && robot.lookup("#there-p5").queryAll().isEmpty());
        press(robot, "#session-groups");
        press(robot, "2 groups");
        Window.until(() -> session().groups().size() == 2);
        untilWritten();
    }

    /** A file that cannot be written is told in the bar and beside the title; when it can be again, the next edit is in it. */
    @Test
    void whatCannotBeWrittenIsTold(FxRobot robot) throws Exception {
        open(robot);
        Path folder = window.folder.resolve("sessions/2026-12-03-before-the-weekend");
        Path away = window.folder.resolve("away");
        Files.move(folder, away);
        Files.writeString(folder, "in the way");
        press(robot, "#add-talk");
        Window.until(() ->
                ((Labeled) robot.lookup("#session-state").query()).getText().equals(Ui.text("session.failed")));
        Window.until(() -> robot.lookup(".fault-bar .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("The session is not saved")));
        Files.delete(folder);
        Files.move(away, folder);
        press(robot, "#add-water");
        Window.until(() ->
                ((Labeled) robot.lookup("#session-state").query()).getText().equals(Ui.text("session.saved")));
        untilWritten();
    }

    /** Another ground, larger texts: it is still the session that is seen, and undo is its own. */
    @Test
    void anotherGroundStaysInTheSession(FxRobot robot) throws Exception {
        open(robot);
        Session before = session();
        press(robot, "#add-talk");
        Window.until(() -> !session().equals(before));
        press(robot, "#ground");
        Window.fx(() -> window.shell.setTextPercent(125));
        Window.until(() -> window.shell.isInSession());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        Window.until(() -> session().equals(before));
    }

    /** A drill that was changed on the Board meanwhile is the one that is planned with. */
    @Test
    void aDrillThatWasChangedIsPlannedAnew(FxRobot robot) throws Exception {
        open(robot);
        Path file = window.folder.resolve("drills/crossing-backs.drill.json");
        var stored = DrillFile.read(file);
        stored.with(stored.value().withTitle("Crossing, faster")).save(file);
        Window.press(robot, "#place-binder");
        Window.press(robot, "#place-session");
        press(robot, "#block-b3");
        Window.until(() -> robot.lookup("#block-card .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("Crossing, faster")));
    }

    /** Somebody else has the file, and another session is opened without choosing: both are kept. */
    @Test
    void whatIsOnlyHereIsKeptBeside(FxRobot robot) throws Exception {
        open(robot);
        Path file = window.folder.resolve("sessions/2026-12-03-before-the-weekend/session.json");
        SessionFile.ofNew(session().withTitle("Theirs")).save(file);
        press(robot, "#add-talk");
        Window.until(() -> robot.lookup("#session-theirs").queryAll().stream().anyMatch(Node::isVisible));
        Session mine = session();
        press(robot, "#session-new");
        Window.until(() -> !session().equals(mine));
        assertEquals("Theirs", SessionFile.read(file).value().title());
        Path beside = window.folder.resolve("sessions/2026-12-03-before-the-weekend-2/session.json");
        assertEquals(mine, SessionFile.read(beside).value());
    }

    @Test
    void aCopyForNextWeekHasItsDay(FxRobot robot) throws Exception {
        open(robot);
        Session before = session();
        press(robot, "#session-copy");
        Window.until(() -> !session().equals(before));
        assertEquals(before.date().plusWeeks(1), session().date());
        assertEquals(before.blocks(), session().blocks());
        assertTrue(Files.exists(window.folder.resolve("sessions/2026-12-10-before-the-weekend/session.json")));
    }
}
