package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surfaces;

/** Patterns laid out with the real mouse and keys, and measured by the tool's own tape. */
@ExtendWith(ApplicationExtension.class)
class PatternsOnBoardTest {

    private static final double CENTIMETRE = 0.01;

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.open(stage, Files.createTempDirectory("wildchalk-binder"));
    }

    @BeforeEach
    void emptyGrass(FxRobot robot) {
        WaitForAsyncUtils.asyncFx(() -> window.shell.startNew(
                Drill.blank("Patterns", SurfaceUse.of(Surfaces.find("grass").orElseThrow()), Audience.USUAL)));
        WaitForAsyncUtils.waitForFxEvents();
        window.settled();
    }

    @Test
    void aTenYardSquareAStarAnAngleGapsAndLines(FxRobot robot) {
        lay(robot, "square", "10 yd", "", new Point(-10, 6));
        List<Point> square = laid();
        for (int i = 0; i < 4; i++) {
            assertEquals(9.144, tape(robot, square.get(i), square.get((i + 1) % 4)), CENTIMETRE);
        }
        assertEquals(90, angleByTape(robot, square.get(0), square.get(1), square.get(2)), 0.1);

        lay(robot, "star", "4 m", "", new Point(8, 8));
        List<Point> star = laid();
        assertEquals(5, star.size());
        for (int i = 0; i < 5; i++) {
            // side of a regular pentagon in a circle of 4 m: 2 · 4 · sin 36°
            assertEquals(4.702, tape(robot, star.get(i), star.get((i + 1) % 5)), CENTIMETRE);
        }

        lay(robot, "angle", "5 m", "45", new Point(-14, -8));
        List<Point> angle = laid();
        assertEquals(45, angleByTape(robot, angle.get(0), angle.get(1), angle.get(2)), 0.1);
        assertEquals(5, tape(robot, angle.get(1), angle.get(2)), CENTIMETRE);

        lay(robot, "gaps", "2 m", "3 m", new Point(2, -6));
        List<Point> rows = laid();
        assertEquals(10, rows.size());
        assertEquals(2, tape(robot, rows.get(0), rows.get(1)), CENTIMETRE);
        assertEquals(3, tape(robot, rows.get(0), rows.get(5)), CENTIMETRE);
        List<Integer> numbers = window.document().path().layout().gaps().stream()
                .map(g -> g.number())
                .toList();
        assertEquals(List.of(5, 3, 1, 2, 4, 6), numbers, "odd ones left, even ones right, from the middle");

        lay(robot, "lines", "9 m", "", new Point(14, -4));
        List<Point> lines =
                window.document().path().lines().stream().map(l -> l.at()).toList();
        assertEquals(9, tape(robot, lines.get(0), lines.get(1)), CENTIMETRE);

        int edits = window.document().doneLabels().size();
        assertEquals(5, edits, "each pattern is one edit");
        for (int i = 0; i < edits; i++) {
            robot.push(KeyCode.CONTROL, KeyCode.Z);
            window.settled();
        }
        assertTrue(window.document().path().isEmpty());
    }

    /** Chooses a pattern in the tray, types its measures and clicks its place. */
    private void lay(FxRobot robot, String kind, String spacing, String second, Point at) {
        Window.press(robot, "#tray-pattern-menu");
        Window.press(robot, "#pattern-" + kind);
        Window.until(() -> !robot.lookup("#pattern-spacing").queryAll().isEmpty());
        type(robot, "#pattern-spacing", spacing);
        if (!second.isEmpty()) {
            type(robot, "#pattern-second", second);
        }
        robot.type(KeyCode.ENTER);
        Window.until(() -> robot.lookup("#pattern-spacing").queryAll().isEmpty());
        Window.click(robot, window.screen(at));
        window.settled();
    }

    private static void type(FxRobot robot, String field, String text) {
        Window.press(robot, field);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
    }

    /** Where the pieces of the pattern stand that was laid last: it is chosen. */
    private List<Point> laid() {
        Path p = window.document().path();
        return p.gear().stream()
                .filter(g -> window.document().selectionProperty().get().has(g.id()))
                .map(g -> g.at())
                .toList();
    }

    /** Metres between two places as the tape on the board has them. */
    private double tape(FxRobot robot, Point from, Point to) {
        return reading(robot, "([0-9.]+) m", from, to);
    }

    /** Degrees at the middle one of three places, by the tape. */
    private double angleByTape(FxRobot robot, Point a, Point corner, Point b) {
        return reading(robot, "([0-9.]+)°", a, corner, b);
    }

    private double reading(FxRobot robot, String figure, Point... through) {
        Window.moveTo(robot, window.screen(through[0]));
        robot.type(KeyCode.M);
        for (Point p : through) {
            Window.moveTo(robot, window.screen(p));
            Window.click(robot, window.screen(p));
        }
        WaitForAsyncUtils.waitForFxEvents();
        String said = window.board().gestureReading().orElseThrow();
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        Matcher m = Pattern.compile(figure).matcher(said);
        assertTrue(m.find(), said);
        return Double.parseDouble(m.group(1));
    }
}
