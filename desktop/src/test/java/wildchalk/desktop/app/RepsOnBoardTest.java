package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.check.CheckPairsFolder;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Setting;
import wildchalk.core.words.RepsWriter;

/** What minutes give, in the real window: tried, watched, kept, and a second station that is turned out of the way. */
@ExtendWith(ApplicationExtension.class)
class RepsOnBoardTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private static String said(FxRobot robot, String query) {
        return ((Labeled) robot.lookup(query).query()).getText();
    }

    private static boolean isThere(FxRobot robot, String query) {
        return !robot.lookup(query).queryAll().isEmpty();
    }

    private Outlook outlook(int people) {
        var told = window.document().told();
        return Outlook.of(
                told.drill(),
                told.path(),
                Setting.drawn(told.drill(), told.path()).withPeople(people));
    }

    private String turns(int people) {
        return new RepsWriter(
                        outlook(people),
                        window.document().drill().surface(),
                        window.document().reader().unit())
                .turns();
    }

    private void open(FxRobot robot, String drill) throws Exception {
        window.openDrill(drill);
        Window.press(robot, "#reps");
        Window.until(() ->
                isThere(robot, "#reps-turns") && !said(robot, "#reps-turns").isEmpty());
    }

    /** Rests take reps, a missing coach takes a player, and both are said. */
    @Test
    void restsAndCoachesAnswer(FxRobot robot) throws Exception {
        open(robot, "signal-flags");
        Slider rest = robot.lookup("#reps-rest").query();
        Window.fx(rest::requestFocus);
        robot.type(KeyCode.RIGHT);
        Window.until(() -> says("Rests of 30 s after every 2 min"));
        Slider coaches = robot.lookup("#reps-coaches").query();
        Window.fx(coaches::requestFocus);
        robot.type(KeyCode.HOME);
        Window.until(() -> says("One of the players stands in for a coach."));
        assertEquals("0", said(robot, "#reps-coaches-said"));
        Window.press(robot, "#reps-drawn");
        Window.until(() -> !says("stands in") && !says("Rests"));
    }

    /** How long everybody stays on is said in the words, chosen in a menu, and undone. */
    @Test
    void everybodyStaysOnForReps(FxRobot robot) throws Exception {
        window.openDrill("gull-wing-draw-and-pass");
        var before = window.document().drill();
        Window.fx(() -> robot.lookup("#rotation-add").query().requestFocus());
        robot.type(KeyCode.SPACE, KeyCode.DOWN, KeyCode.RIGHT);
        Window.press(robot, "Everybody plays 3 reps in a row, then all change.");
        Window.until(() -> window.document().version().course().stint().equals(Stint.ofReps(3)));
        Window.until(() -> isThere(robot, "#stint-gone"));
        Window.fx(() -> window.document().undo());
        Window.until(() -> window.document().drill().equals(before));
    }

    private boolean says(String words) {
        return window.shell.lookupAll(".reps-said Label").stream()
                .anyMatch(n -> ((Labeled) n).getText().contains(words));
    }

    /** Keys on the slider: it answers with what the engine says, and the drill stays as it is. */
    @Test
    void aSliderAnswersAndTheDrillStays(FxRobot robot) throws Exception {
        open(robot, "gull-wing-draw-and-pass");
        assertEquals(turns(10), said(robot, "#reps-turns"));
        var before = window.document().drill();
        Slider people = robot.lookup("#reps-people").query();
        Window.fx(people::requestFocus);
        for (int i = 0; i < 5; i++) {
            robot.type(KeyCode.RIGHT);
        }
        Window.until(() -> said(robot, "#reps-people-said").equals("15"));
        Window.until(() -> said(robot, "#reps-turns").equals(turns(15)));
        assertEquals(before, window.document().drill());
        // as drawn again
        Window.press(robot, "#reps-drawn");
        Window.until(() -> said(robot, "#reps-turns").equals(turns(10)));
    }

    /** What was tried is kept: the lines have those people; undone they have not. */
    @Test
    void whatWasTriedIsKeptAndUndone(FxRobot robot) throws Exception {
        open(robot, "gull-wing-draw-and-pass");
        List<Integer> drawn = standing();
        Window.press(robot, "#reps-fit-most");
        Window.until(() -> said(robot, "#reps-people-said").equals("22"));
        Window.press(robot, "#reps-keep");
        window.settled();
        assertEquals(List.of(7, 7, 7), standing());
        Window.until(() -> said(robot, "#reps-people-said").equals("22"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(drawn, standing());
        Window.until(() -> said(robot, "#reps-people-said").equals("10"));
    }

    private List<Integer> standing() {
        return window.document().version().lines().stream()
                .map(WaitingLine::standing)
                .toList();
    }

    /** The block plays on the board until it is over, with all its people, 32 times as fast. */
    @Test
    void theBlockIsWatched(FxRobot robot) throws Exception {
        open(robot, "lamplighter-give-and-go");
        Slider minutes = robot.lookup("#reps-minutes").query();
        Window.fx(() -> minutes.setValue(1));
        Window.until(() -> said(robot, "#reps-minutes-said").equals("1"));
        Window.fx(() -> window.document().speedProperty().set(32));
        Window.press(robot, "#reps-watch");
        var view = window.shell.board().orElseThrow().view();
        Window.until(() -> view.playback().blockSeconds() > 5);
        assertTrue(view.repsProperty().get());
        Window.until(() -> !window.document().playingProperty().get());
        assertEquals(60, view.playback().blockSeconds(), 1e-6);
    }

    /** Stopped times say a pace; a press takes it, and the drill takes as long as it was stopped. */
    @Test
    void stoppedTimesAreTaken(FxRobot robot) throws Exception {
        open(robot, "crossing-backs");
        double drawn = window.document().timeline().seconds();
        double stopped = Math.rint(11 * drawn) / 10;
        TextField times = robot.lookup("#stopwatch-times").query();
        Window.fx(() -> times.setText("12 x"));
        Window.until(() -> robot.lookup("#stopwatch-said .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("\"x\"")));
        Window.fx(() -> times.setText((stopped - 0.1) + " " + stopped + " " + (stopped + 0.1)));
        Window.until(() -> robot.lookup("#stopwatch-use").query().isVisible());
        Window.fx(() ->
                ((javafx.scene.control.Button) robot.lookup("#stopwatch-use").query()).fire());
        window.settled();
        assertEquals(stopped, window.document().timeline().seconds(), 0.15);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(drawn, window.document().timeline().seconds(), 1e-9);
    }

    /** What gives more turns is one press, and one undo takes it back. */
    @Test
    void moreTurnsAreOnePress(FxRobot robot) throws Exception {
        open(robot, "lamplighter-give-and-go");
        Slider people = robot.lookup("#reps-people").query();
        Window.fx(() -> people.setValue(15));
        Window.until(() -> said(robot, "#reps-people-said").equals("15"));
        // what is offered is tried anew; until then nobody can press it
        Window.until(() -> isThere(robot, "#reps-more-0")
                && !robot.lookup("#reps-more").query().isDisabled()
                && said(robot, "#reps-more-0").startsWith("Run it a second time"));
        int before = outlook(15).block().fewestTurns();
        Window.press(robot, "#reps-more-0");
        window.settled();
        assertEquals(1, window.document().version().layout().stations().size());
        assertTrue(outlook(15).block().fewestTurns() > before);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(0, window.document().version().layout().stations().size());
    }

    /** On an open rink a shot goes towards the queue of the next station: found, turned, undone. */
    @Test
    void aStationIsTurnedOutOfTheLineOfAShot(FxRobot robot) throws Exception {
        Path file = window.folder.resolve("drills/two-nets.drill.json");
        Files.writeString(file, CheckPairsFolder.fault("station-shot"));
        window.open(file);
        Window.until(() -> head(robot).contains("1 to look at"));
        Window.press(robot, "#look");
        Window.until(() -> isThere(robot, "#mend-station-turn"));
        Window.press(robot, "#mend-station-turn");
        window.settled();
        Window.until(() -> head(robot).endsWith("Nothing to look at"));
        assertEquals(
                180,
                Math.abs(window.document().version().layout().stations().get(0).turnDegrees()),
                1e-9);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        Window.until(() -> head(robot).contains("1 to look at"));
    }

    private static String head(FxRobot robot) {
        Node look = robot.lookup("#look").query();
        return look.getAccessibleText();
    }
}
