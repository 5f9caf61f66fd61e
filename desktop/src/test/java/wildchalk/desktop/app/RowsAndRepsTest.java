package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.robot.Motion;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Path;
import wildchalk.desktop.document.Selection;

/** What is done along a row, by one more each time, with gear and balls of other kinds, and from the second rep on. */
@ExtendWith(ApplicationExtension.class)
class RowsAndRepsTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private void inMenu(FxRobot robot, String menu, String item) throws Exception {
        Window.press(robot, menu);
        Window.until(() -> robot.lookup(item).queryAll().stream()
                .anyMatch(n -> n.getScene() != null && n.localToScreen(0, 0) != null));
        robot.clickOn(item, Motion.HORIZONTAL_FIRST);
        window.settled();
    }

    private Repeat repeat() {
        return window.document().version().course().repeats().get(0);
    }

    @Test
    void whatIsDoneAtOneConeIsDoneAlongTheRow(FxRobot robot) throws Exception {
        window.placed(
                "handball", "attack at -10,0; cone at -6,2; cone at -3,2; cone at 0,2; cone at 3,2; A1 runs to -6,1.6");
        Window.press(robot, "#step-menu-1");
        inMenu(robot, "#talk-step-again", "#talk-step-again-ALONG-2");
        assertEquals(Repeat.How.ALONG, repeat().how());
        assertEquals(4, repeat().times());
        assertEquals(4, window.document().path().moves().size());
        Window.fx(() -> window.document().undo());
        window.settled();
        assertEquals(List.of(), window.document().version().course().repeats());
    }

    @Test
    void oneMoreComesInEachTimeAndIsBackFromTheStart(FxRobot robot) throws Exception {
        window.placed("handball", "attack at -6,0; defence at 6,2; A1 runs to 0,0; D1 runs to 3,1");
        Window.press(robot, "#step-menu-" + window.document().version().steps().size());
        inMenu(robot, "#talk-step-again", "#talk-step-again-SAME-3");
        inMenu(robot, "#again-ends-" + repeat().id(), "#again-joins-d1");
        RoleId d1 = new RoleId("d1");
        assertEquals(List.of(d1), repeat().growth().joining());
        Path path = window.document().path();
        assertEquals(2, path.moves().stream().filter(m -> m.role().equals(d1)).count(), "not the first time");
        assertTrue(window.document().told().talk().steps().stream()
                .flatMap(s -> s.lines().stream())
                .anyMatch(l -> l.text().equals("The second time D1 joins in.")));
        inMenu(robot, "#again-ends-" + repeat().id(), "#again-joins-d1");
        assertEquals(List.of(), repeat().growth().joining());
    }

    /** Who takes what stands beside him and puts it down does so by two menu items. */
    @Test
    void gearIsTakenAlongAndPutDownByTheMenu(FxRobot robot) throws Exception {
        window.placed("handball", "attack at -6,0; cone at -5.5,0");
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(new RoleId("a1"))));
        Window.press(robot, "#step-menu-1");
        inMenu(robot, "#talk-step-do", "#do-take-gear");
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(new RoleId("a1"))));
        Window.press(robot, "#step-menu-1");
        inMenu(robot, "#talk-step-do", "#do-put-gear");
        assertEquals(
                List.of(HandlingGear.Way.TAKE, HandlingGear.Way.PUT),
                window.document().path().moves().stream()
                        .map(m -> ((HandlingGear) ((Act) m).deed()).way())
                        .toList());
    }

    /** A ball is made a soft one on its sheet, and thrown at somebody by what is typed. */
    @Test
    void aSoftBallIsThrownAtSomebody(FxRobot robot) throws Exception {
        window.placed("hall", "attack at -4,0; defence at 4,0; ball with A1; A1 throws at D1");
        Shot shot = (Shot) window.document().path().moves().get(0);
        assertEquals(Optional.of(new RoleId("d1")), shot.at());
        assertTrue(hard(), "a hard ball is told of");
        Window.fx(() -> window.document()
                .selectionProperty()
                .set(Selection.of(window.document().path().balls().get(0).id())));
        robot.type(KeyCode.F3);
        details(robot, "#details-kind", BallKind.SOFT);
        assertEquals(BallKind.SOFT, window.document().path().balls().get(0).kind());
        assertFalse(hard());
    }

    private boolean hard() {
        window.settled();
        return window.document().told().findings().stream()
                .anyMatch(f -> f.rule().equals("hard-at-body"));
    }

    private <T> void details(FxRobot robot, String field, T value) throws Exception {
        Window.until(() -> !robot.lookup(field).queryAll().isEmpty());
        Window.fx(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<T> box = (ComboBox<T>) robot.lookup(field).query();
            box.setValue(value);
        });
        robot.type(KeyCode.ENTER);
        window.settled();
    }

    /** Who comes in later is not there in the first rep, which is only looked at. */
    @Test
    void theFirstRepIsLookedAt(FxRobot robot) throws Exception {
        window.placed("handball", "attack at -6,0; defence at 4,0; A1 runs to 2,2; D1 runs to 3,1");
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(new RoleId("d1"))));
        robot.type(KeyCode.F3);
        details(robot, "#details-later", true);
        assertTrue(window.document().path().role(new RoleId("d1")).orElseThrow().later());
        Window.press(robot, "#way");
        Window.press(robot, "#way-first");
        window.settled();
        assertEquals(
                Choices.Rep.FIRST, window.document().choicesProperty().get().rep());
        assertEquals(1, window.document().path().moves().size());
        Window.click(robot, window.screen(new Point(-5, 5)));
        window.settled();
        assertEquals(2, window.document().path().moves().size(), "a press goes back to what is drawn");
    }

    @Test
    void aForkByWhereItIsWonHasAWayForEachZone(FxRobot robot) throws Exception {
        window.placed("handball", "attack at -2,0; defence at 2,0; ball at 0,0; A1 runs to -0.5,0");
        Window.fx(() -> window.document()
                .edit(
                        "zone",
                        Placements.zone(
                                n -> "cove " + n,
                                ZoneKind.BOX,
                                List.of(new Point(-5, -5), new Point(5, -5), new Point(5, 5), new Point(-5, 5)))));
        window.settled();
        Window.press(robot, "#step-menu-1");
        inMenu(robot, "#talk-step-fork", "#fork-by-PLACE");
        Fork fork = window.document().version().course().forks().get(0);
        assertEquals(2, fork.branches().size());
        assertTrue(fork.branches().get(0).zone().isPresent());
        assertEquals(
                fork.branches().get(0).id(),
                window.document()
                        .path()
                        .course()
                        .forks()
                        .get(0)
                        .branches()
                        .get(0)
                        .id(),
                "the ball lies in it");
    }
}
