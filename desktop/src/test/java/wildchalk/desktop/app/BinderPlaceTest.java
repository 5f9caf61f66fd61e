package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Order;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.Wholes;
import wildchalk.desktop.binder.BinderView;
import wildchalk.desktop.ui.Ui;

/** The Binder with the real mouse and keys: finding, keeping in order, handing on, and files that others change. */
@ExtendWith(ApplicationExtension.class)
class BinderPlaceTest {

    private Window window;
    private Binder binder;

    @Start
    void start(Stage stage) throws Exception {
        binder = new Binder(Files.createTempDirectory("wildchalk-binder"));
        for (String id : List.of("crossing-backs", "breakwater-breakout", "second-wave-from-the-left")) {
            DrillFile.ofNew(Demo.read(id)).save(binder.drillsFolder().resolve(id + DrillFile.SUFFIX));
        }
        window = Window.open(stage, binder.folder());
    }

    private static int cards(FxRobot robot) {
        return robot.lookup(".card").queryAll().size();
    }

    private static void untilCards(FxRobot robot, int count) {
        Window.until(() -> {
            WaitForAsyncUtils.waitForFxEvents();
            return cards(robot) == count;
        });
    }

    private static void choose(FxRobot robot, String drill, String action) {
        robot.clickOn(Window.cardMenu(robot, drill));
        Window.press(robot, "#card-" + action);
    }

    @Test
    void typingFindsAndTheShelvesKeepInOrder(FxRobot robot) throws Exception {
        untilCards(robot, 3);
        robot.clickOn("#binder-search").write("puck");
        untilCards(robot, 1);
        assertTrue(Window.hasCard(robot, "breakwater-breakout"));
        robot.push(KeyCode.CONTROL, KeyCode.A).type(KeyCode.DELETE);
        untilCards(robot, 3);

        choose(robot, "crossing-backs", "favourite");
        Window.press(robot, "#shelf-favourites");
        untilCards(robot, 1);
        assertTrue(Window.hasCard(robot, "crossing-backs"));
        Window.press(robot, "#shelf-all");
        untilCards(robot, 3);

        choose(robot, "crossing-backs", "duplicate");
        untilCards(robot, 4);
        choose(robot, "second-wave-from-the-left", "archive");
        untilCards(robot, 3);
        Window.press(robot, "#shelf-archive");
        untilCards(robot, 1);
        choose(robot, "second-wave-from-the-left", "restore");
        untilCards(robot, 0);
        Window.press(robot, "#shelf-all");
        untilCards(robot, 4);
    }

    @Test
    void aBrokenFileIsListedWithItsReasonAndTheOthersStay(FxRobot robot) throws Exception {
        untilCards(robot, 3);
        Files.writeString(binder.drillsFolder().resolve("torn.drill.json"), "{\"format\": {");
        untilCards(robot, 4); // the folder is watched
        Labeled why = robot.lookup(".broken .label").queryAll().stream()
                .map(n -> (Labeled) n)
                .filter(l -> l.getText().contains("torn.drill.json"))
                .findFirst()
                .orElseThrow();
        assertTrue(why.getText().contains("line 1"), why.getText());
        Files.delete(binder.drillsFolder().resolve("torn.drill.json"));
        untilCards(robot, 3);
    }

    @Test
    void aBundleGoesOutAndComesIn(FxRobot robot) throws Exception {
        untilCards(robot, 3);
        Path bundle = binder.folder().resolve("to-the-assistants.chalk");
        window.saveAnswer = bundle;
        Window.press(robot, "#binder-hand-on");
        Window.press(robot, "OK");
        assertTrue(Files.exists(bundle));
        binder.archive(binder.drillsFolder().resolve("crossing-backs.drill.json"));
        untilCards(robot, 2);
        window.openAnswer = bundle;
        Window.press(robot, "#binder-take-in");
        Window.press(robot, "OK");
        untilCards(robot, 3);
        assertEquals(
                Demo.read("crossing-backs"),
                DrillFile.read(binder.drillsFolder().resolve("crossing-backs.drill.json"))
                        .value());
    }

    @Test
    void whatIsDoneWhileAnotherDrillIsReadIsAskedAbout(FxRobot robot) throws Exception {
        Path file = binder.drillsFolder().resolve("crossing-backs.drill.json");
        window.open(file);
        Path other = binder.saveNew(DrillFile.read(file).with(Demo.read("ebb-or-flow")));
        WaitForAsyncUtils.asyncFx(() -> {
            window.shell.openFile(other);
            window.document().edit("title", Wholes.title("Not saved yet"));
        });
        Window.press(robot, "Stay here");
        window.settled();
        assertEquals("Not saved yet", window.document().drill().title(), "nothing is lost");
        assertEquals(Optional.of(file), window.document().file());
    }

    @Test
    void twoWindowsOnOneFileDoNotOverwriteEachOther(FxRobot robot) throws Exception {
        Path file = binder.drillsFolder().resolve("crossing-backs.drill.json");
        window.open(file);
        WaitForAsyncUtils.asyncFx(() -> window.document().edit("title", Wholes.title("Mine")));
        WaitForAsyncUtils.waitForFxEvents();
        // another window saves the same file
        BinderFile<Drill> theirs = DrillFile.read(file);
        theirs.with(theirs.value().withTitle("Theirs")).save(file);
        robot.push(KeyCode.CONTROL, KeyCode.S);
        Window.press(robot, Ui.text("conflict.keep-both"));
        window.settled();
        assertEquals("Theirs", DrillFile.read(file).value().title());
        Path beside = window.document().file().orElseThrow();
        assertNotEquals(file, beside);
        assertEquals("Mine", DrillFile.read(beside).value().title());
    }

    @Test
    void chipsSieveTheCardsAndSayWhatTheyWant(FxRobot robot) throws Exception {
        untilCards(robot, 3);
        robot.clickOn("#filter-sport");
        Window.press(robot, "Ice hockey  (1)");
        untilCards(robot, 1);
        assertTrue(Window.hasCard(robot, "breakwater-breakout"));
        assertEquals(
                "Sport: Ice hockey",
                robot.lookup("#filter-sport").queryAs(Labeled.class).getText());
        robot.clickOn("#filter-players").write("1x");
        assertEquals(
                "1", robot.lookup("#filter-players").queryAs(TextField.class).getText());
        untilCards(robot, 0);
        assertEquals(
                "0 of 3 drills in " + binder.folder().getFileName(),
                robot.lookup("#binder-count").queryAs(Labeled.class).getText());
        Window.press(robot, "#show-all");
        untilCards(robot, 3);
        assertEquals(
                "", robot.lookup("#filter-players").queryAs(TextField.class).getText());
        assertEquals(
                "Sport", robot.lookup("#filter-sport").queryAs(Labeled.class).getText());
    }

    @Test
    void theOrderIsRemembered(FxRobot robot) throws Exception {
        untilCards(robot, 3);
        Path last = binder.drillsFolder().resolve("second-wave-from-the-left" + DrillFile.SUFFIX);
        Files.setLastModifiedTime(last, FileTime.from(Instant.now().plusSeconds(60)));
        ChoiceBox<Order> box = robot.lookup("#binder-order").queryAs(ChoiceBox.class);
        Window.fx(() -> window.shell.showBinder());
        Window.until(() -> view().found().size() == 3);
        Window.fx(() -> box.setValue(Order.CHANGED));
        Window.until(() -> view().found().get(0).equals(last));
        assertEquals(Order.CHANGED, new Settings(window.home).order());
    }

    private BinderView view() {
        return (BinderView) window.shell.shown();
    }

    @Test
    void theDemoBecomesABinderOfOnesOwnWithTheDrillThatIsOpen(FxRobot robot) throws Exception {
        untilCards(robot, 3);
        assertFalse(robot.lookup("#demo-notice").query().isVisible());
        Window.fx(() -> window.shell.demo().isCopyProperty().set(true));
        window.openDrill("crossing-backs");
        assertEquals(
                "saved in a copy of the demo",
                robot.lookup("#saved").queryAs(Labeled.class).getText());
        Window.fx(() -> window.document().edit("another title", Wholes.title("Mine")));
        window.folderAnswer = Files.createTempDirectory("wildchalk-own");
        Window.fx(() -> window.shell.showBinder());
        robot.clickOn("#binder-keep-demo");
        Path own = window.folderAnswer.resolve(binder.folder().getFileName());
        Window.until(() -> window.shell.binder().folder().equals(own));
        Window.press(robot, "OK");
        assertEquals(
                Optional.of(own.resolve("drills/crossing-backs" + DrillFile.SUFFIX)),
                window.document().file());
        assertEquals("Mine", window.document().drill().title(), "what was not saved is still there");
        assertFalse(window.document().isSaved());
        WaitForAsyncUtils.asyncFx(() -> window.shell.save());
        Window.until(() -> window.document().isSaved());
        assertEquals(
                "Mine",
                DrillFile.read(own.resolve("drills/crossing-backs" + DrillFile.SUFFIX))
                        .value()
                        .title());
        assertFalse(robot.lookup("#demo-notice").query().isVisible());
        assertEquals(own, new Settings(window.home).binder());
        Window.until(
                () -> robot.lookup("#saved").queryAs(Labeled.class).getText().equals("saved in " + own.getFileName()));
    }
}
