package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Versions;

/** What the second look finds, in the real window: seen, led to, mended, left as it is. */
@ExtendWith(ApplicationExtension.class)
class FindingsTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    /** How many there are to look at, as a screen reader says it. */
    private static String head(FxRobot robot) {
        return robot.lookup("#look").query().getAccessibleText();
    }

    private static boolean isThere(FxRobot robot, String query) {
        return !robot.lookup(query).queryAll().isEmpty();
    }

    /** Takes the only ball of the drill away: its first pass cannot happen then. */
    private void takeTheBall() throws Exception {
        window.openDrill("second-wave-from-the-left");
        Set<ElementId> balls = Set.copyOf(window.document().version().balls().stream()
                .map(b -> (ElementId) b.id())
                .toList());
        Window.fx(() -> window.document().edit("Take the ball", Arrangements.delete(balls)));
        window.settled();
    }

    @Test
    void aFindingIsMendedByItsButtonAndLooksAsBefore(FxRobot robot) throws Exception {
        takeTheBall();
        Window.until(() -> head(robot).contains("to look at"));
        Window.press(robot, "#look");
        Window.press(robot, "#mend-give-ball");
        window.settled();
        Window.until(() -> head(robot).endsWith("Nothing to look at"));
        assertEquals(List.of(), window.document().told().findings());
        assertEquals(1, window.document().version().balls().size());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        Window.until(() -> head(robot).contains("to look at"));
    }

    @Test
    void aFindingIsLeftAsItIsWithAReasonThatStaysInTheFile(FxRobot robot) throws Exception {
        takeTheBall();
        int before = window.document().told().findings().size();
        Window.press(robot, "#look");
        Window.press(robot, "#leave-no-ball");
        Window.press(robot, "#reason");
        robot.write("I throw one in").type(KeyCode.ENTER);
        window.settled();
        Window.until(() -> window.document().told().findings().size() == before - 1);
        Drill again = DrillFile.parse(
                        java.nio.file.Path.of("x" + DrillFile.SUFFIX),
                        DrillFile.ofNew(window.document().drill()).toText())
                .value();
        assertEquals("I throw one in", again.accepted().get(0).reason());
        assertEquals("no-ball", again.accepted().get(0).rule());
    }

    /** What there is to see in a moment is said, with keys alone, and goes with the playhead. */
    @Test
    void aMomentIsLookedAt(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        Window.press(robot, "#look");
        Window.fx(() -> window.document().seek(4));
        Window.fx(() -> robot.lookup("#inspect").query().requestFocus());
        robot.type(KeyCode.SPACE);
        robot.type(KeyCode.DOWN, 3); // the open goal, whose space it is, outlets
        robot.type(KeyCode.ENTER);
        Window.until(() -> inspected(robot).contains("LB has"));
        String before = inspected(robot);
        Window.fx(() -> window.document().seek(0.2));
        Window.until(() -> !inspected(robot).equals(before));
        Window.fx(() ->
                window.shell.board().orElseThrow().view().inspectingProperty().set(java.util.Optional.empty()));
        Window.until(() -> !robot.lookup("#inspect-said").query().isVisible());
    }

    private static String inspected(FxRobot robot) {
        return robot.lookup("#inspect-said .label").queryAll().stream()
                .map(n -> ((javafx.scene.control.Label) n).getText())
                .collect(java.util.stream.Collectors.joining(" "));
    }

    @Test
    void whatIsFoundInAnotherVersionIsListedAndLedTo(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        ProgressionId base = window.document().versionProperty().get();
        Window.fx(() -> window.document().edit("Add", Versions.add("Without a ball")));
        window.settled();
        ProgressionId second = window.document().versionProperty().get();
        assertFalse(second.equals(base));
        BallId ball = window.document().version().balls().get(0).id();
        Window.fx(() -> window.document().edit("Take", Arrangements.delete(Set.of(ball))));
        window.settled();
        Window.fx(() -> window.document().show(base));
        window.settled();
        assertEquals(List.of(), window.document().told().findings(), "none on the open path");
        Window.until(() -> head(robot).contains("elsewhere"));
        Window.press(robot, "#look");
        Window.until(() -> isThere(robot, "#finding-no-ball"));
        Window.press(robot, "#finding-no-ball");
        window.settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertEquals(second, window.document().versionProperty().get());
        assertTrue(window.document().selectionProperty().get().move().isPresent(), "its move is chosen");
    }
}
