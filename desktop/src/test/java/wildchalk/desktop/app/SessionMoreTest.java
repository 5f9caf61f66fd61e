package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.session.Beat;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Restraint;
import wildchalk.core.squad.Squad;

/** What more a hand does to an hour: the drawer, swaps, goes, shifts, proposals, groups by hand, the squad. */
@ExtendWith(ApplicationExtension.class)
class SessionMoreTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private Session session() {
        return window.shell.session().orElseThrow().session();
    }

    private List<String> ids() {
        return session().blocks().stream().map(b -> b.id().text()).toList();
    }

    private SessionBlock block(String id) {
        return session().blocks().stream()
                .filter(b -> b.id().text().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void open(FxRobot robot) {
        Window.press(robot, "#place-session");
        Window.until(() -> window.shell.session().isPresent());
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());
    }

    private static Point2D middle(FxRobot robot, String query) {
        Node node = robot.lookup(query).query();
        return node.localToScreen(
                node.getBoundsInLocal().getCenterX(), node.getBoundsInLocal().getCenterY());
    }

    private static void type(FxRobot robot, String query, String text) throws Exception {
        Window.until(() -> !robot.lookup(query).queryAll().isEmpty());
        TextInputControl field = robot.lookup(query).query();
        Window.fx(() -> {
            field.requestFocus();
            field.selectAll();
        });
        robot.write(text).type(KeyCode.ENTER);
    }

    /** A press puts a drill behind the chosen block, a pull drops it where it is let go; the pictures are of the binder. */
    @Test
    void drillsComeOutOfTheDrawer(FxRobot robot) throws Exception {
        open(robot);
        Window.press(robot, "#block-b2");
        Window.press(robot, "#open-drawer");
        type(robot, "#drawer-find", "ladder");
        Window.until(() -> robot.lookup("#drill-drawer .drawer-card").queryAll().size() == 1);
        Window.press(robot, "#drawer-lantern-ladder");
        Window.until(() -> ids().size() == 10);
        assertEquals("Lantern ladder", session().blocks().get(2).title(), "behind the warm-up");
        Point2D from = middle(robot, "#drawer-lantern-ladder");
        Point2D to = middle(robot, "#block-b5");
        robot.moveTo(from).press(MouseButton.PRIMARY);
        robot.moveTo(to);
        robot.release(MouseButton.PRIMARY);
        Window.until(() -> ids().size() == 11);
        assertEquals(ids().indexOf("b5") + 1, at("Lantern ladder"), "behind the block on which it was let go");
    }

    private int at(String title) {
        int last = -1;
        for (int i = 0; i < session().blocks().size(); i++) {
            last = session().blocks().get(i).title().equals(title) ? i : last;
        }
        return last;
    }

    @Test
    void pulledWithShiftTwoBlocksChangePlaces(FxRobot robot) {
        open(robot);
        robot.moveTo(middle(robot, "#block-b3")).press(MouseButton.PRIMARY);
        robot.press(KeyCode.SHIFT);
        robot.moveTo(middle(robot, "#block-b6"));
        robot.release(MouseButton.PRIMARY);
        robot.release(KeyCode.SHIFT);
        Window.until(() -> ids().equals(List.of("b1", "b2", "w1", "b6", "b4", "b5", "w2", "b3", "b7")));
    }

    /** Goes instead of minutes, shifts, the second half mirrored, a way of correcting: each typed or chosen, each undone. */
    @Test
    void aBlockIsRunInOtherWays(FxRobot robot) throws Exception {
        open(robot);
        Window.press(robot, "#block-b5");
        type(robot, "#block-minutes", "5 goes");
        Window.until(() -> block("b5").goes() == 5);
        assertTrue(
                block("b5").minutes() < 16,
                "as long as that takes: " + block("b5").minutes());
        type(robot, "#block-minutes", "16");
        Window.until(() -> block("b5").goes() == 0 && block("b5").minutes() == 16);
        type(robot, "#block-beat", "20-40/10");
        Window.until(() -> block("b5").beat().equals(Optional.of(new Beat(20, 40, 10))));
        Window.press(robot, "#block-turning");
        Window.press(robot, "second half the other way round");
        Window.until(() -> ((What.Drilling) block("b5").what()).turning() == What.Turning.SIDES);
        Window.until(() -> robot.lookup("#block-round-shown").query().isVisible());
        Window.press(robot, "#block-round-shown");
        Window.until(() ->
                ((Labeled) robot.lookup("#block-round-shown").query()).getText().contains("the other way round"));
        Window.press(robot, "#block-correcting");
        Window.press(robot, "freeze to correct");
        Window.until(() -> ((What.Drilling) block("b5").what()).correcting() == What.Correcting.FREEZE);
        Window.press(robot, "#undo");
        Window.until(() -> ((What.Drilling) block("b5").what()).correcting() == What.Correcting.LET_PLAY);
    }

    @Test
    void aProposalIsTaken(FxRobot robot) throws Exception {
        open(robot);
        Window.press(robot, "#session-from");
        Window.press(robot, "#session-propose");
        Window.until(() -> !robot.lookup("#propose-aims").queryAll().isEmpty());
        TextInputControl aims = robot.lookup("#propose-aims").query();
        Window.fx(() -> aims.setText("crossing, knitting"));
        Window.until(() -> robot.lookup("#propose-said .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("knitting")));
        Button ok = (Button) robot.lookup("OK").query();
        assertFalse(ok.isDisabled(), "there is something to take");
        Platform.runLater(ok::fire);
        Window.until(() -> !ids().contains("w2") && !session().blocks().isEmpty());
        assertTrue(session().blocks().stream().anyMatch(b -> b.aim().equals("crossing")));
        assertTrue(session().blocks().stream().anyMatch(SessionBlock::isWater));
    }

    /** Moved by hand, kept by hand: made anew, he is still there. */
    @Test
    void groupsAreMovedAndKeptByHand(FxRobot robot) {
        open(robot);
        PlayerId ada = new PlayerId("p1");
        assertFalse(session().group("g1").orElseThrow().players().contains(ada));
        Window.press(robot, "#in-group-p1");
        Window.press(robot, "To Red");
        Window.until(() -> session().group("g1").orElseThrow().players().contains(ada));
        Window.press(robot, "#in-group-p1");
        Window.press(robot, "Stays here when groups are made anew");
        for (int i = 0; i < 3; i++) {
            List<?> before = session().groups();
            Window.press(robot, "#session-groups");
            Window.press(robot, "#groups-2");
            Window.until(() -> !session().groups().equals(before));
            assertTrue(session().groups().get(0).players().contains(ada), "stays in the first group");
        }
    }

    /** A helper who does not come leads nothing any more, and what was written for that case is there to be read. */
    @Test
    void aHelperDoesNotCome(FxRobot robot) throws Exception {
        open(robot);
        Window.fx(() -> robot.lookup("#coach-c2").query().requestFocus());
        robot.type(KeyCode.SPACE);
        Window.press(robot, "#coach-gone-c2");
        Window.until(() -> session().coaches().size() == 2);
        assertTrue(((What.Drilling) block("b3").what())
                .stations().stream()
                        .noneMatch(s ->
                                s.coach().isPresent() && s.coach().get().text().equals("c2")));
        assertTrue(((TextInputControl) robot.lookup("#session-helper").query())
                .getText()
                .startsWith("Crossing and finishing becomes one station"));
    }

    @Test
    void theSquadIsChangedInItsOneFile(FxRobot robot) throws Exception {
        open(robot);
        Path file = window.folder.resolve("squads/tern-point-u16" + SquadFile.SUFFIX);
        Squad before = SquadFile.read(file).value();
        Window.press(robot, "#session-squad");
        Window.press(robot, "#squad-change");
        Window.until(() -> !robot.lookup("#squad-restraints").queryAll().isEmpty());
        TextInputControl restraints = robot.lookup("#squad-restraints").query();
        Window.fx(() -> restraints.setText("flying"));
        Button ok = (Button) robot.lookup("OK").query();
        assertTrue(ok.isDisabled(), "what cannot be is not taken");
        Window.fx(() -> restraints.setText("jumps until 2026-12-10"));
        TextInputControl apart = robot.lookup("#squad-apart").query();
        String two =
                before.players().get(0).name() + ", " + before.players().get(1).name();
        Window.fx(() -> apart.setText(two));
        assertFalse(ok.isDisabled());
        Platform.runLater(ok::fire);
        Window.until(() -> !SquadFile.read(file).value().equals(before));
        Squad after = SquadFile.read(file).value();
        assertEquals(
                Restraint.What.JUMPS, after.players().get(0).restraints().get(0).from());
        assertEquals(1, after.apart().size());
        assertEquals(before.players().size(), after.players().size());
    }
}
