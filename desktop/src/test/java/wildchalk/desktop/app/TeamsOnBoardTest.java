package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.robot.Motion;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;

/** A team is made, moved, told and changed as one; reps change sides. */
@ExtendWith(ApplicationExtension.class)
class TeamsOnBoardTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private void lasso(FxRobot robot, Point... round) {
        Point2D[] pixels = Stream.concat(Stream.of(round), Stream.of(round[0]))
                .map(window::screen)
                .toArray(Point2D[]::new);
        window.pull(robot, pixels[0], pixels);
    }

    /** Opens a menu of the row of the board, then one that hangs in it. */
    private void choose(FxRobot robot, String menu, String item) {
        robot.clickOn(menu, Motion.HORIZONTAL_FIRST);
        Window.until(() -> robot.lookup(item).queryAll().stream()
                .anyMatch(n -> n.getScene() != null && n.localToScreen(0, 0) != null));
        robot.clickOn(item, Motion.HORIZONTAL_FIRST);
        window.settled();
    }

    private List<Team> teams() {
        return window.document().version().course().teams();
    }

    private void blueFive(FxRobot robot) throws Exception {
        window.placed(
                "handball",
                "attack at -12,4; attack at -12,2; attack at -12,0; attack at -12,-2; attack at -12,-4;"
                        + " defence at 6,2; defence at 6,-2");
        lasso(robot, new Point(-14, 6), new Point(-10, 6), new Point(-10, -6), new Point(-14, -6));
        Window.press(robot, "#arrange-menu");
        choose(robot, "#arrange-team", "#arrange-team-BLUE");
    }

    /** A loop, the menu, the colour; then one pull for all. */
    @Test
    void fiveAreATeamAreMovedAndRunAsOne(FxRobot robot) throws Exception {
        blueFive(robot);
        List<RoleId> five =
                IntStream.rangeClosed(1, 5).mapToObj(i -> new RoleId("a" + i)).toList();
        assertEquals(List.of(new Team(teams().get(0).id(), "Blue", five)), teams());
        five.forEach(r -> assertEquals(
                Optional.of(Chalk.BLUE),
                window.document().path().role(r).orElseThrow().team()));
        // moved as one, with the arranging key
        robot.press(KeyCode.ALT);
        window.pull(robot, window.body("a3"), window.screen(new Point(-9, 1)));
        robot.release(KeyCode.ALT);
        window.settled();
        for (RoleId r : five) {
            assertEquals(-9, window.document().path().startOf(r).x(), 0.3, r + " went along");
        }
        // and told as one: A while pulling
        Window.moveTo(robot, window.body("a3"));
        robot.press(MouseButton.PRIMARY);
        Window.moveTo(robot, window.screen(new Point(-4, 1)));
        robot.type(KeyCode.A);
        Window.moveTo(robot, window.screen(new Point(0, 1)));
        robot.release(MouseButton.PRIMARY);
        window.settled();
        List<Travel> runs = window.document().path().moves().stream()
                .map(Travel.class::cast)
                .toList();
        assertEquals(5, runs.size());
        runs.forEach(t -> {
            Point from = window.document().path().startOf(t.role());
            Point to = t.path().get(t.path().size() - 1).at();
            assertTrue(to.minus(from).isWithin(0.4, new Point(9, 0)), t.role() + " runs beside the others");
        });
        assertTrue(
                window.document().told().talk().steps().get(0).lines().stream()
                        .anyMatch(l -> l.text().startsWith("All of Blue run")),
                "it is told of the team");
        // undone as one
        Window.fx(() -> window.document().undo());
        window.settled();
        assertEquals(0, window.document().path().moves().size());
    }

    @Test
    void twoTeamsChangeTasksAndAreTakenApart(FxRobot robot) throws Exception {
        blueFive(robot);
        lasso(robot, new Point(4, 4), new Point(8, 4), new Point(8, -4), new Point(4, -4));
        Window.press(robot, "#arrange-menu");
        choose(robot, "#arrange-team", "#arrange-team-WHITE");
        assertEquals(List.of("Blue", "White"), teams().stream().map(Team::name).toList());
        Window.press(robot, "#rotation-add");
        String both = "#teams-" + teams().get(0).id() + "-" + teams().get(1).id();
        choose(robot, both, both + "-LOSER_DEFENDS");
        assertEquals(
                TeamTurn.How.LOSER_DEFENDS,
                window.document().version().course().teamTurns().get(0).how());
        Window.press(robot, "#team-gone-" + teams().get(1).id());
        window.settled();
        assertEquals(List.of("Blue"), teams().stream().map(Team::name).toList());
        assertEquals(List.of(), window.document().version().course().teamTurns(), "nobody is left to change with");
    }

    @Test
    void repsChangeSidesAndTheOtherWayRoundIsOnlyLookedAt(FxRobot robot) throws Exception {
        window.placed("handball", "attack at 0,8; attack at 0,-8; A1 runs to 9,6");
        Window.press(robot, "#rotation-add");
        choose(robot, "#sides", "#sides-0");
        Alternation sides = window.document().version().course().alternation().orElseThrow();
        assertEquals(Repeat.How.OTHER_SIDE, sides.how());
        assertEquals(new RoleId("a2"), sides.instead().get(new RoleId("a1")));
        Window.press(robot, "#way");
        Window.press(robot, "#way-other-side");
        window.settled();
        Travel mirrored = (Travel) window.document().path().moves().get(0);
        assertEquals(new RoleId("a2"), mirrored.role());
        assertTrue(mirrored.path().get(0).at().isWithin(1e-6, new Point(9, -6)));
        // a press on the board goes back to what is drawn, and draws nothing
        Window.click(robot, window.screen(new Point(-5, 0)));
        window.settled();
        assertEquals(false, window.document().choicesProperty().get().otherSide());
        assertEquals(1, window.document().version().moves().size());
    }
}
