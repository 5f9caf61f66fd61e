package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.robot.Motion;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Verdict;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;

/** What coaches say beyond runs and passes, by hand, in few gestures. */
@ExtendWith(ApplicationExtension.class)
class MissingMovesTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private Challenge challenge() {
        List<Move> moves = window.document().path().moves();
        return (Challenge) ((Act) moves.get(moves.size() - 1)).deed();
    }

    @Test
    void aDefenderIsPulledOntoTheCarrierAndStripsTheBall(FxRobot robot) throws Exception {
        window.placed("basketball-international", "attack at 0,0; defence at 4,0; ball with A1");
        window.pull(robot, window.body("d1"), window.body("a1"));
        window.settled();
        assertEquals(Bid.STRIP, challenge().bid());
        assertEquals(Optional.of(Verdict.WON), window.document().timeline().verdict(last().id()));
    }

    private Move last() {
        List<Move> moves = window.document().path().moves();
        return moves.get(moves.size() - 1);
    }

    @Test
    void aDefenderPulledOntoAnAttackerGoesWhereHeGoes(FxRobot robot) throws Exception {
        window.placed("handball", "attack at 0,4; defence at 6,2; A1 runs to 10,6");
        window.pull(robot, window.body("d1"), window.body("a1"));
        window.settled();
        Travel marks = (Travel) last();
        assertEquals(Optional.of(Following.marking(new RoleId("a1"), Optional.of("right"))), marks.follows());
        var timeline = window.document().timeline();
        double end = timeline.move(last().id()).end();
        assertTrue(timeline.placeAt(new RoleId("d1"), end).isWithin(2, timeline.placeAt(new RoleId("a1"), end)));
        // and typed
        robot.type(KeyCode.SLASH);
        Window.until(() -> robot.lookup("#say").query().isFocused());
        robot.write("d1 mirrors a1").type(KeyCode.ENTER);
        window.settled();
        assertEquals(Optional.of(Following.of(Following.How.MIRROR, new RoleId("a1"))), ((Travel) last()).follows());
    }

    /** Two gestures beyond the one run: the menu of the step, and how. */
    @Test
    void aRunIsDoneAgainAtFourCorners(FxRobot robot) throws Exception {
        window.placed("handball", "attack at -5,-5; attack at 5,-5; attack at 5,5; attack at -5,5; A1 runs to 4,-5");
        again(robot, "#talk-step-again", "TURNED-4");
        Path path = window.document().path();
        assertEquals(4, path.steps().size());
        assertEquals(
                List.of("a1", "a2", "a3", "a4"),
                path.moves().stream().map(m -> m.role().text()).toList());
        // a link: what is told more of the first is done at every corner
        window.pull(robot, window.screen(new Point(4, -5)), window.screen(new Point(2, -5)));
        window.settled();
        assertEquals(2, window.document().version().moves().size());
        assertEquals(8, window.document().path().moves().size());
        Travel last = (Travel) window.document().path().moves().get(7);
        assertTrue(
                last.path().get(0).at().isWithin(0.3, new Point(-5, -2)),
                last.path().toString());
        // and once more, and no more
        Window.press(robot, "#again-more-again1");
        window.settled();
        assertEquals(5, window.document().path().steps().size());
        // or until somebody calls
        Window.press(robot, "#again-ends-again1");
        Window.press(robot, "#again-until-change");
        window.settled();
        assertEquals(
                Optional.of("change"),
                window.document().version().course().repeats().get(0).until());
        Window.press(robot, "#again-gone-again1");
        window.settled();
        assertEquals(1, window.document().path().steps().size());
    }

    @Test
    void theOtherSideIsMirrored(FxRobot robot) throws Exception {
        window.placed(
                "handball",
                "attack at 0,8; attack at 0,-8; attack at -4,0; ball with A3; A3 passes to A1; next; A1 runs to 9,6");
        again(robot, "#talk-step-all-again", "OTHER_SIDE-2");
        Path path = window.document().path();
        assertEquals(
                List.of("a3", "a1", "a3", "a2"),
                path.moves().stream().map(m -> m.role().text()).toList());
        Travel other = (Travel) path.moves().get(3);
        assertTrue(other.path().get(0).at().isWithin(1e-6, new Point(9, -6)));
    }

    /** Of the last step that was told. */
    private void again(FxRobot robot, String menu, String how) throws Exception {
        Window.press(robot, "#step-menu-" + window.document().version().steps().size());
        Window.press(robot, menu);
        String item = menu + "-" + how;
        Window.until(() -> robot.lookup(item).queryAll().stream()
                .anyMatch(n -> n.getScene() != null && n.localToScreen(0, 0) != null));
        robot.clickOn(item, Motion.HORIZONTAL_FIRST);
        window.settled();
    }

    @Test
    void aTackleForksByWhatBecomesOfIt(FxRobot robot) throws Exception {
        window.placed("rugby-union", "attack at 0,0; defence at 8,0; ball with A1");
        window.pull(robot, window.body("d1"), window.body("a1"));
        window.settled();
        assertEquals(Bid.TACKLE, challenge().bid());
        Window.press(robot, "#step-menu-1");
        Window.press(robot, "#talk-step-fork");
        Window.until(() -> robot.lookup("#fork-by-CHALLENGE").queryAll().stream()
                .anyMatch(n -> n.getScene() != null && n.localToScreen(0, 0) != null));
        robot.clickOn("#fork-by-CHALLENGE", Motion.HORIZONTAL_FIRST);
        window.settled();
        Fork fork = window.document().version().course().forks().get(0);
        assertEquals(
                List.of(Optional.of(Verdict.WON), Optional.of(Verdict.MISSED)),
                fork.branches().stream().map(b -> b.verdict()).toList());
        assertEquals(2, Outcomes.ways(window.document().version()).size());
    }

    @Test
    void aDefenderIsPulledIntoTheLaneOfAPass(FxRobot robot) throws Exception {
        window.placed("handball", "attack at -6,0; attack at 6,0; defence at 2,5; ball with A1; A1 passes to A2");
        window.pull(robot, window.body("d1"), window.screen(new Point(2, 0)));
        window.settled();
        assertEquals(Bid.INTERCEPTION, challenge().bid());
        Move pass = window.document().path().moves().get(0);
        assertTrue(pass instanceof Pass);
        assertEquals(new Event.Starts(pass.id()), last().trigger().orElseThrow().event());
    }

    @Test
    void fourPlayFreelyAndThereIsAWayOut(FxRobot robot) throws Exception {
        window.placed(
                "handball",
                "attack at -3,2; attack at 3,2; defence at -3,-2; defence at 3,-2; keeper at 19,0; ball with A1");
        // those who are chosen play: a loop is pulled round them
        window.pull(
                robot,
                window.screen(new Point(-6, 5)),
                window.screen(new Point(6, 5)),
                window.screen(new Point(6, -5)),
                window.screen(new Point(-6, -5)),
                window.screen(new Point(-6, 4.6)));
        window.settled();
        Window.press(robot, "#step-menu-1");
        Window.press(robot, "#talk-step-play");
        window.settled();
        OpenPlay play = (OpenPlay) ((Act) last()).deed();
        assertEquals(new RoleId("a1"), last().role());
        assertEquals(List.of(new RoleId("a2"), new RoleId("d1"), new RoleId("d2")), play.with());
        Window.press(robot, "#step-menu-1");
        Window.press(robot, "#talk-step-fork");
        Window.until(() -> robot.lookup("#fork-by-PLAY").queryAll().stream()
                .anyMatch(n -> n.getScene() != null && n.localToScreen(0, 0) != null));
        robot.clickOn("#fork-by-PLAY", Motion.HORIZONTAL_FIRST);
        window.settled();
        assertEquals(3, Outcomes.ways(window.document().version()).size());
    }
}
