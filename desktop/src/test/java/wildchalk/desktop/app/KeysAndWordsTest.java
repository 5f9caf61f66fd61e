package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.export.Exports;

/** The board without a mouse, the words as a form, files to hand out, and nothing lost by leaving. */
@ExtendWith(ApplicationExtension.class)
class KeysAndWordsTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    @Test
    void aRunAPassAndAShotByKeysAlone(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        int before = window.document().path().moves().size();
        robot.type(KeyCode.END).type(KeyCode.ENTER);
        window.settled();
        // a new step: RW runs backward, flat out, 1.5 m to the left
        choose(new RoleId("rw"));
        robot.type(KeyCode.T)
                .type(KeyCode.LEFT, 3)
                .type(KeyCode.B)
                .type(KeyCode.F)
                .type(KeyCode.ENTER);
        window.settled();
        Travel run = (Travel) last();
        assertEquals(Manner.BACKWARD, run.manner());
        assertEquals(Effort.FLAT_OUT, run.effort());
        assertEquals(4, window.document().path().steps().size());
        // take it back, and put a second ball into LB's hands: tab from target to target, and pass
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(before, window.document().path().moves().size());
        WaitForAsyncUtils.asyncFx(() ->
                        window.document().edit("ball", Placements.ball(Optional.of(new RoleId("rw")), Point.ORIGIN)))
                .get();
        window.settled();
        choose(new RoleId("rw"));
        robot.type(KeyCode.P).type(KeyCode.TAB, 2).type(KeyCode.ENTER);
        window.settled();
        assertTrue(last() instanceof Pass pass && pass.to() instanceof Target.ToRole, last().toString());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        choose(new RoleId("rw"));
        robot.type(KeyCode.P);
        // back from RW past GK's end of the list: the last targets are the goals
        robot.push(KeyCode.SHIFT, KeyCode.TAB);
        for (int i = 0; i < 12 && !wouldShoot(); i++) {
            robot.type(KeyCode.TAB);
        }
        robot.type(KeyCode.ENTER);
        window.settled();
        assertTrue(last() instanceof Shot, last().toString());
        // deleting a role with moves asks first
        choose(new RoleId("cb"));
        robot.type(KeyCode.DELETE);
        robot.type(KeyCode.ESCAPE);
        window.settled();
        assertTrue(window.document().path().role(new RoleId("cb")).isPresent(), "asked, and kept");
    }

    private boolean wouldShoot() {
        // the tab key has put the end of the pull on a goal when no role is there
        var v = window.board().viewport();
        return window.board()
                .pullEnd()
                .map(p -> v.toMetres(p.getX(), p.getY()).isWithin(0.5, new Point(20, 0)))
                .orElse(false);
    }

    private Move last() {
        var moves = window.document().path().moves();
        return moves.get(moves.size() - 1);
    }

    private void choose(RoleId role) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    window.document().selectionProperty().set(Selection.of(role));
                    window.board().requestFocus();
                })
                .get();
    }

    @Test
    void aWordIsChangedWhereItStands(FxRobot robot) throws Exception {
        window.openDrill("second-wave-from-the-left");
        Drill before = window.document().drill();
        double seconds = window.document().timeline().seconds();
        Button slot = (Button) Window.slot(robot, "m3-MANNER");
        assertEquals("dribbles", slot.getText());
        robot.clickOn(slot);
        Window.press(robot, "dribbles at a walk");
        window.settled();
        assertEquals(
                Effort.WALK,
                ((Travel) window.document().path().move(new MoveId("m3")).orElseThrow()).effort());
        assertTrue(window.document().timeline().seconds() > seconds, "and everything is worked out anew");
        assertEquals(
                Optional.of(new MoveId("m3")),
                window.document().selectionProperty().get().move());
        assertEquals(
                "Undo change to “dribbles at a walk”",
                robot.lookup("#undo").queryAs(Labeled.class).getText());
        Window.press(robot, "#undo");
        window.settled();
        assertEquals(before, window.document().drill());
        assertTrue(window.document().isSaved(), "back where the file is");
    }

    @Test
    void leavingAsksAndSharingWrites(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        window.saveAnswer = window.folder.resolve("page.html");
        WaitForAsyncUtils.asyncFx(() -> window.shell.share(Exports.PAGE));
        Window.press(robot, "#share-save");
        Window.until(() -> Files.exists(window.saveAnswer) && Files.size(window.saveAnswer) > 1000);
        Window.press(robot, "OK");

        robot.push(KeyCode.CONTROL, KeyCode.M);
        window.settled();
        assertFalse(window.document().isSaved());
        Drill mirrored = window.document().drill();
        WaitForAsyncUtils.asyncFx(
                () -> window.shell.openFile(window.folder.resolve("drills/breakwater-breakout.drill.json")));
        Window.press(robot, "Stay here");
        window.settled();
        assertEquals(mirrored, window.document().drill(), "nothing is lost");
        WaitForAsyncUtils.asyncFx(
                () -> window.shell.openFile(window.folder.resolve("drills/breakwater-breakout.drill.json")));
        Window.press(robot, "Save");
        Window.until(() -> window.document().drill().title().equals("Breakwater breakout"));
        assertEquals(
                mirrored,
                DrillFile.read(window.folder.resolve("drills/crossing-backs.drill.json"))
                        .value());
    }

    @Test
    void theKeysAreOnOneSheetAndTheGroundChanges(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        robot.push(KeyCode.F1);
        Window.until(() -> !robot.lookup("#keys").queryAll().isEmpty());
        Window.until(() -> robot.lookup("#keys").query().getScene().getWindow().isFocused());
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> robot.lookup("#keys").queryAll().isEmpty()
                && window.shell.stage().isFocused());
        robot.push(KeyCode.CONTROL, KeyCode.G);
        Window.until(
                () -> robot.lookup("#ground").queryAs(Button.class).getText().equals("Slate"));
    }
}
