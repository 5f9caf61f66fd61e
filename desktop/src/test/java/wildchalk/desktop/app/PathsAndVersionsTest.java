package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
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
import org.testfx.robot.Motion;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.edit.Tellings;
import wildchalk.core.motion.Launches;
import wildchalk.core.path.Ask;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.telling.Delays;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.strip.StripView;

/** Versions, ways a rep can go, the beat strip and presenting, in the real window with real mouse and keys. */
@ExtendWith(ApplicationExtension.class)
class PathsAndVersionsTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    /** An item of a menu in a menu: the pointer goes along its parent first, so that no other opens. */
    private static void inside(FxRobot robot, String query) {
        Window.until(() -> robot.lookup(query).queryAll().stream()
                .anyMatch(n -> n.getScene() != null && n.localToScreen(0, 0) != null));
        robot.clickOn(query, Motion.HORIZONTAL_FIRST);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static boolean isThere(FxRobot robot, String query) {
        return !robot.lookup(query).queryAll().isEmpty();
    }

    @Test
    void aVersionFollowsItsBaseAndIsComparedWithIt(FxRobot robot) throws Exception {
        window.openDrill("lantern-ladder");
        Window.press(robot, "#ladder-add");
        robot.eraseText(12).write("In the rain").type(KeyCode.ENTER);
        window.settled();
        assertEquals(6, window.document().drill().progressions().size());
        ProgressionId rain = window.document().versionProperty().get();
        assertEquals(
                Optional.of(new ProgressionId("base")),
                window.document().version().basedOn());
        // in the new version a player walks; in the base, afterwards, another runs flat out
        say(robot, "m1-MANNER", "walks");
        assertEquals(Effort.WALK, effort(rain, "m1"));
        assertEquals(Effort.HARD, effort(new ProgressionId("base"), "m1"), "the base stays");
        // six versions have no room in one row: the others are in the menu of the open one
        Window.press(robot, "#rungs");
        Window.press(robot, "#brief-base");
        window.settled();
        say(robot, "m3-MANNER", "dribbles at full speed");
        assertEquals(Effort.FLAT_OUT, effort(rain, "m3"), "the base's change flows down");
        assertEquals(Effort.WALK, effort(rain, "m1"), "what was overridden stays");
        // side by side, from the menu
        Window.press(robot, "#ladder-more");
        Window.press(robot, "#compare-" + rain);
        Window.until(() -> isThere(robot, "#compare-words"));
        assertTrue(robot.lookup("#compare-words .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().contains("walks")));
        Slider time = robot.lookup("#compare-time").query();
        robot.type(KeyCode.SPACE);
        Window.until(() -> time.getValue() > 0.5);
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> !isThere(robot, "#compare-words"));
        // and gone again, by undo
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(5, window.document().drill().progressions().size());
    }

    private Effort effort(ProgressionId version, String move) {
        Progression p = window.document().drill().progression(version).orElseThrow();
        return ((Travel) p.move(new MoveId(move)).orElseThrow()).effort();
    }

    /** Opens a slot and takes a choice that is not in a group. */
    private void say(FxRobot robot, String slot, String choice) {
        Window.pressSlot(robot, slot);
        Window.press(robot, choice);
        window.settled();
    }

    @Test
    void playingAsksWhichWayTheRepGoes(FxRobot robot) throws Exception {
        window.openDrill("ebb-or-flow");
        assertEquals(
                List.of("save"),
                Outcomes.way(
                                window.document().version(),
                                window.document().choicesProperty().get())
                        .labels());
        Window.fx(() -> {
            window.document().seek(8);
            window.document().speedProperty().set(2);
            window.document().togglePlaying();
        });
        Window.until(() -> isThere(robot, "#ask-rebound"));
        assertFalse(window.document().playingProperty().get(), "it waits for an answer");
        double asked = window.document().secondsProperty().get();
        Window.press(robot, "#ask-rebound");
        assertEquals(
                new BranchId("rebound"),
                window.document().choicesProperty().get().branches().get(new ForkId("f")));
        Window.until(() -> window.document().secondsProperty().get() > asked + 0.5);
        // the second fork is nested in the first
        Window.until(() -> isThere(robot, "#ask-back"));
        Window.press(robot, "#ask-back");
        Window.until(() -> !window.document().playingProperty().get());
        assertTrue(window.document().path().move(new MoveId("m18")).isPresent());
        // the talk-through has the same choices as buttons
        Window.fx(() -> window.document().goToStep(1));
        Window.press(robot, "#branch-f-goal");
        window.settled();
        assertEquals(2, window.document().path().steps().size(), "with the goal the rep is over");
    }

    @Test
    void aForkAMoveAndARuleAreAddedInTheTalkThrough(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        int steps = window.document().path().steps().size();
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(new RoleId("cb"))));
        Window.press(robot, "#step-menu-1");
        Window.press(robot, "#talk-step-do");
        inside(robot, "#do-screen");
        window.settled();
        Move added = window.document().path().steps().get(0).moves().stream()
                .filter(m -> m instanceof Act)
                .findFirst()
                .orElseThrow();
        assertTrue(((Act) added).deed() instanceof Deed.Screening);
        assertEquals(new RoleId("cb"), added.role());
        Window.fx(() -> window.document().goToStep(steps - 1));
        Window.press(robot, "#step-menu-" + steps);
        Window.press(robot, "#talk-step-fork");
        inside(robot, "#fork-by-SHOT");
        window.settled();
        Progression whole = window.document().version();
        assertEquals(3, Outcomes.ways(whole).size(), "goal, save, rebound");
        assertEquals(steps + 3, whole.steps().size());
        // what is drawn on one way stays off the others
        Window.fx(() -> window.document()
                .choose(Outcomes.choosing(
                                whole, window.document().choicesProperty().get(), "save")
                        .orElseThrow()));
        window.settled();
        int last = window.document().path().steps().size() - 1;
        Window.fx(() -> window.document().goToStep(last));
        robot.interact(() -> window.board().requestFocus());
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(new RoleId("lb"))));
        robot.type(KeyCode.T).type(KeyCode.LEFT, 4).type(KeyCode.ENTER);
        window.settled();
        Move drawn = window.document().path().steps().get(last).moves().get(0);
        Window.fx(() -> window.document()
                .choose(Outcomes.choosing(whole, Choices.USUAL, "rebound").orElseThrow()));
        assertFalse(window.document().path().move(drawn.id()).isPresent());
        assertTrue(window.document().version().move(drawn.id()).isPresent(), "nothing is lost");
    }

    @Test
    void aPairOfNumbersIsCalledAndTheRunnerGoesThroughTheGaps(FxRobot robot) throws Exception {
        window.openDrill("counting-gaps");
        Window.fx(() -> robot.lookup("#rule-add").query().requestFocus());
        robot.type(KeyCode.SPACE);
        Window.press(robot, "#calls-add");
        robot.interact(
                () -> robot.lookup("#calls-options").queryAs(TextField.class).clear());
        assertTrue(
                robot.lookup(n -> n instanceof Button b && b.isDefaultButton() && b.isVisible()).queryAll().stream()
                        .anyMatch(Node::isDisabled),
                "nothing cannot be called");
        robot.clickOn("#calls-options").write("1, 2, 3, 4");
        robot.clickOn("#calls-picks").type(KeyCode.DOWN).type(KeyCode.ENTER);
        robot.clickOn("#calls-options").type(KeyCode.ENTER);
        window.settled();
        CallSet set = window.document().version().course().calls().get(0);
        assertEquals(List.of("1", "2", "3", "4"), set.options());
        assertEquals(2, set.picks());
        assertEquals(12, set.count());
        assertEquals(1, Outcomes.ways(window.document().version()).size(), "nobody goes by it yet");
        Travel run = (Travel) window.document().version().move(new MoveId("m3")).orElseThrow();
        Travel called = run.withPath(List.of(
                run.path().get(0).withCalled(Optional.of(new Called(set.id(), 1))),
                run.path().get(1).withCalled(Optional.of(new Called(set.id(), 2)))));
        Window.fx(() -> window.document().edit("through the gaps", Tellings.retell(called.id(), m -> called)));
        for (List<String> call : set.some(12)) {
            Window.fx(() -> window.document().choose(Choices.USUAL.with(Ask.of(set.id()), call)));
            window.settled();
            Path path = window.document().path();
            Travel now = (Travel) path.move(new MoveId("m3")).orElseThrow();
            for (int i = 0; i < 2; i++) {
                int pick = i;
                Gap gap = path.layout().gaps().stream()
                        .filter(g -> String.valueOf(g.number()).equals(call.get(pick)))
                        .findFirst()
                        .orElseThrow();
                assertEquals(gap.middle(), now.path().get(i).at());
            }
        }
    }

    @Test
    void barsAndThreadsOfTheStripAreDragged(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Window.press(robot, "#lanes");
        StripView strip = window.shell.board().orElseThrow().strip();
        Path before = window.document().path();
        Move move = before.steps().get(0).moves().stream()
                .filter(m -> m instanceof Travel)
                .findFirst()
                .orElseThrow();
        int lane = before.roles().indexOf(before.role(move.role()).orElseThrow());
        double start = window.document().timeline().move(move.id()).start();
        Point2D bar = on(strip, start + 0.4, lane);
        window.pull(robot, bar, bar.add(strip.x(1.5) - strip.x(0), 0));
        double later = window.document().timeline().move(move.id()).start();
        assertEquals(start + 1.5, later, 0.15, "dragged by a second and a half");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertEquals(start, window.document().timeline().move(move.id()).start(), 1e-9);
        // the handle of a chosen pass, pulled to the end of a run
        Move pass = before.moves().stream()
                .filter(Move::isBallRelease)
                .reduce((a, b) -> b)
                .orElseThrow();
        Travel run = (Travel) before.moves().stream()
                .filter(m -> m instanceof Travel)
                .findFirst()
                .orElseThrow();
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(pass.id())));
        double fires = pass.trigger()
                .flatMap(t -> Delays.firesAt(window.document().timeline(), pass))
                .orElse(Double.NaN);
        int from = lane(
                before,
                Double.isNaN(fires)
                        ? pass
                        : before.move(pass.trigger().flatMap(Trigger::move).orElseThrow())
                                .orElseThrow());
        Point2D handle = Double.isNaN(fires)
                ? on(strip, window.document().timeline().move(pass.id()).start(), from)
                        .subtract(9, 0)
                : on(strip, fires, from);
        double end = window.document().timeline().move(run.id()).end();
        window.pull(robot, handle, on(strip, end, lane(before, run)));
        assertEquals(
                Optional.of(Trigger.afterEndOf(run.id(), 0)),
                window.document().path().move(pass.id()).orElseThrow().trigger());
        // lanes are lowered by their names, and time is stretched
        double y = strip.y(3);
        Window.click(robot, strip.localToScreen(20, strip.y(0)));
        assertNotEquals(y, strip.y(3));
        double x = strip.x(2);
        Window.press(robot, "#strip-in");
        assertTrue(strip.x(2) > x);
    }

    private static int lane(Path p, Move m) {
        return p.roles().indexOf(p.role(m.role()).orElseThrow());
    }

    private static Point2D on(StripView strip, double seconds, int lane) {
        return strip.localToScreen(strip.x(seconds), strip.y(lane));
    }

    @Test
    void presentingStopsAtAQuestionAndHidesTheAnswer(FxRobot robot) throws Exception {
        window.openDrill("lantern-ladder");
        robot.interact(() -> window.board().requestFocus());
        robot.type(KeyCode.F5);
        Window.until(() -> isThere(robot, "#present-caption"));
        robot.type(KeyCode.RIGHT);
        Window.until(() -> isThere(robot, "#present-go-on"));
        assertFalse(isThere(robot, "#present-answer-text"), "the answer is hidden");
        robot.type(KeyCode.A);
        Window.until(() -> isThere(robot, "#present-answer-text"));
        assertTrue(((Labeled) robot.lookup("#present-answer-text").query())
                .getText()
                .startsWith("Inside the cone"));
        robot.type(KeyCode.RIGHT);
        Window.until(() -> !isThere(robot, "#present-go-on"));
        robot.type(KeyCode.S).type(KeyCode.S);
        // an impatient hand: to the end of the step, then to the next
        robot.type(KeyCode.RIGHT).type(KeyCode.RIGHT);
        Window.until(() ->
                ((Labeled) robot.lookup("#present-step").query()).getText().contains("Step 2"));
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> !isThere(robot, "#present-caption"));
    }

    /** Players see the picture and what is asked; the words, the answer and the time stay with the coach. */
    @Test
    void playersLookAtAnotherScreenWhileTheCoachKeepsHisWords(FxRobot robot) throws Exception {
        window.openDrill("lantern-ladder");
        robot.interact(() -> window.board().requestFocus());
        robot.type(KeyCode.F5);
        Window.until(() -> isThere(robot, "#present-caption"));
        robot.type(KeyCode.O);
        Window.until(() -> isThere(robot, "#players-view") && isThere(robot, "#coach-notes"));
        Window.until(() -> !text(robot, "#coach-clock").isEmpty());
        assertEquals("", text(robot, "#present-caption"), "the words stand beside the picture now");
        assertTrue(notes(robot).contains("You want to hear: Inside the cone"), notes(robot));
        robot.type(KeyCode.RIGHT);
        Window.until(() -> isThere(robot, "#present-go-on"));
        Window.until(() -> robot.lookup("#players-card").query().isVisible());
        assertFalse(text(robot, "#players-card").contains("Inside the cone"), "players have to find the answer");
        robot.type(KeyCode.A);
        Window.until(() -> text(robot, "#players-card").contains("Inside the cone"));
        robot.type(KeyCode.RIGHT);
        Window.until(() -> !robot.lookup("#players-card").query().isVisible());
        robot.type(KeyCode.O);
        Window.until(() -> !isThere(robot, "#players-view") && !isThere(robot, "#coach-notes"));
        assertFalse(text(robot, "#present-caption").isEmpty());
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> !isThere(robot, "#present-caption"));
    }

    private static String text(FxRobot robot, String query) {
        return ((Labeled) robot.lookup(query).query()).getText();
    }

    private static String notes(FxRobot robot) {
        return robot.lookup("#coach-notes .label").queryAll().stream()
                .map(n -> ((Labeled) n).getText())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void oneIsFollowedAndRepsOverlap(FxRobot robot) throws Exception {
        window.openDrill("tide-race");
        Window.fx(() -> {
            window.board().repsProperty().set(true);
            window.document().speedProperty().set(2);
            window.document().seek(0);
            window.document().togglePlaying();
        });
        double period = Launches.period(
                        window.document().path(), window.document().timeline())
                .orElseThrow();
        Window.until(() -> window.document().secondsProperty().get() > period - 1);
        Window.until(() -> window.document().secondsProperty().get() < period - 1);
        assertTrue(window.document().playingProperty().get(), "the next rep has begun while this one runs");
        Window.fx(() -> window.document().playingProperty().set(false));
        robot.clickOn("#follow").clickOn("Follow A");
        Window.until(() -> isThere(robot, "#part .label"));
        assertEquals("You are A.", ((Labeled) robot.lookup("#part .label").query()).getText());
        assertEquals(
                Optional.of(new RoleId("a")), window.board().followedProperty().get());
    }

    @Test
    void aVersionSaysWhomItSuits(FxRobot robot) throws Exception {
        window.openDrill("lantern-ladder");
        Window.press(robot, "#ladder-more");
        Window.press(robot, "#ladder-level");
        Window.press(robot, "#suits-U8");
        Window.press(robot, "#suits-U10");
        robot.clickOn("#suits-level").eraseText(60).write("who can catch").type(KeyCode.ENTER);
        Window.until(() -> window.document().version().course().suits().level().equals("who can catch"));
        assertEquals(
                List.of(AgeBand.U8, AgeBand.U10),
                window.document().version().course().suits().ages());
        Window.until(() -> window.document().told().findings().stream()
                .anyMatch(f -> f.rule().equals("other-age")));
        Window.fx(() -> window.document().undo());
        assertTrue(window.document().version().course().suits().isEmpty(), "one step of undo takes it all back");
    }

    @Test
    void playingAsksWhatIsCalled(FxRobot robot) throws Exception {
        window.openDrill("signal-flags");
        double call = window.document().timeline().move(new MoveId("m1")).start();
        Window.fx(() -> {
            window.document().seek(call - 0.5);
            window.document().togglePlaying();
        });
        Window.until(() -> isThere(robot, "#ask-green"));
        assertEquals(call, window.document().secondsProperty().get(), 0.01, "before it is called nobody knows");
        Window.press(robot, "#ask-green");
        Window.until(() -> window.document().path().step(new StepId("s-green")).isPresent());
        Window.until(() -> window.document().secondsProperty().get() > call + 0.5);
        Window.fx(() -> {
            window.document().seek(0);
            window.document().playingProperty().set(false);
        });
        // and so it is when it is shown full screen
        robot.interact(() -> window.board().requestFocus());
        robot.type(KeyCode.F5);
        Window.until(() -> isThere(robot, "#present-caption"));
        robot.type(KeyCode.RIGHT).type(KeyCode.RIGHT);
        Window.until(() -> isThere(robot, "#present-go-on") || isThere(robot, "#present-branch-blue"));
        robot.type(KeyCode.RIGHT);
        Window.until(() -> isThere(robot, "#present-branch-blue"));
        robot.type(KeyCode.DOWN).type(KeyCode.ENTER);
        Window.until(() -> window.document().path().step(new StepId("s-blue")).isPresent());
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> !isThere(robot, "#present-caption"));
    }
}
