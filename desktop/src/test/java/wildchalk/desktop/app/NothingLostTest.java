package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.SmallDisk;
import wildchalk.core.binder.Backups;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Fingerprint;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Role;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Placements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.edit.Versions;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Ui;

/** Whatever goes wrong, in the real window: nothing of a drill is lost, and the coach is told where he looks. */
@ExtendWith(ApplicationExtension.class)
class NothingLostTest {

    private Window window;
    private Binder binder;
    private Path home;

    @Start
    void start(Stage stage) throws Exception {
        binder = new Binder(Files.createTempDirectory("wildchalk-binder"));
        home = Files.createTempDirectory("wildchalk-home");
        for (String id : List.of("ebb-or-flow", "crossing-backs", "lantern-ladder")) {
            DrillFile.ofNew(Demo.read(id)).save(file(id));
        }
        window = Window.open(stage, binder.folder(), home);
    }

    private Path file(String id) {
        return binder.drillsFolder().resolve(id + DrillFile.SUFFIX);
    }

    private Drill stored(String id) throws IOException {
        return DrillFile.read(file(id)).value();
    }

    private void edit(String title) throws Exception {
        Window.fx(() -> window.document().edit("title", Wholes.title(title)));
        window.settled();
    }

    private static boolean isTold(FxRobot robot, Faults.Kind kind) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup("#fault-" + kind).tryQuery().isPresent();
    }

    private static String told(FxRobot robot, Faults.Kind kind) {
        return robot.lookup("#fault-" + kind).queryAs(Labeled.class).getText();
    }

    @Test
    void aConeThatIsDraggedOnOneWayCostsTheOthersNothing(FxRobot robot) throws Exception {
        window.openDrill("ebb-or-flow");
        Window.fx(() -> window.document()
                .edit(
                        "cone",
                        Placements.gear(
                                new Gear(new GearId("new"), GearKind.CONE, Chalk.ORANGE, new Point(-4, -8), 0))));
        window.settled();
        Drill before = window.document().drill();
        Gear cone = before.base().gear().get(0);
        window.pull(robot, window.screen(cone.at()), window.screen(cone.at().plus(new Point(1.5, 1))));
        Drill after = window.document().drill();
        assertFalse(after.base().gear(cone.id()).orElseThrow().equals(cone), "it was dragged");
        assertEquals(before.base().steps(), after.base().steps());
        assertEquals(before.base().course(), after.base().course());
        robot.push(KeyCode.CONTROL, KeyCode.S);
        Window.until(() -> window.document().isSaved());
        assertEquals(after, stored("ebb-or-flow"));
    }

    @Test
    void aTitleThatIsStillBeingTypedIsSavedToo(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        robot.clickOn("#title").push(KeyCode.CONTROL, KeyCode.A).write("Crossing at low tide");
        robot.push(KeyCode.CONTROL, KeyCode.S);
        Window.until(() -> window.document().isSaved());
        assertEquals("Crossing at low tide", stored("crossing-backs").title());
    }

    @Test
    void deletingWhatAnotherVersionUsesAsks(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Role role = window.document().version().roles().get(0);
        ProgressionId base = window.document().version().id();
        Window.fx(() -> {
            window.document().edit("version", Versions.add("Two"));
            window.document()
                    .edit(
                            "hold",
                            Tellings.retell(
                                    window.document().version().moves().stream()
                                            .filter(m -> m.role().equals(role.id()))
                                            .findFirst()
                                            .orElseThrow()
                                            .id(),
                                    m -> m.withRunsOn(!m.runsOn())));
            window.document().show(base);
        });
        window.settled();
        Progression two = window.document().drill().progressions().get(1);
        Window.fx(() ->
                Platform.runLater(() -> window.document().edit("delete", Arrangements.delete(Set.of(role.id())))));
        Window.press(robot, Ui.text("loss.here"));
        assertTrue(window.document().version().role(role.id()).isEmpty());
        assertEquals(two, window.document().drill().progressions().get(1));
    }

    // ---- faults ----

    @Test
    void aJournalThatCannotBeKeptIsToldUntilItIsMended(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Path journals = new Settings(home).journals();
        edit("First");
        Window.until(() -> journals(journals) == 1);
        // the folder is gone, and something stands in its place
        deleteAll(journals);
        Files.writeString(journals, "in the way");
        edit("Second");
        Window.until(() -> isTold(robot, Faults.Kind.JOURNAL));
        assertTrue(told(robot, Faults.Kind.JOURNAL).contains("Save"), "it says what to do");
        edit("Third");
        assertEquals("Third", window.document().drill().title(), "the window stays usable");
        Files.delete(journals);
        Window.until(() -> !isTold(robot, Faults.Kind.JOURNAL));
        try (Stream<Path> all = Files.list(journals)) {
            Path kept = all.filter(f -> f.toString().endsWith(".journal"))
                    .findFirst()
                    .orElseThrow();
            assertTrue(Files.readString(kept).contains("\"Third\""), "nothing was lost meanwhile");
        }
    }

    private static long journals(Path folder) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(f -> f.toString().endsWith(".journal")).count();
        }
    }

    private static void deleteAll(Path folder) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            for (Path f : all.toList()) {
                Files.deleteIfExists(f);
            }
        }
        Files.delete(folder);
    }

    @Test
    void aFolderThatVanishesIsToldAndNothingIsWrittenInItsPlace(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        edit("Kept in the window");
        Path away = binder.folder().resolveSibling(binder.folder().getFileName() + "-away");
        Files.move(binder.folder(), away);
        Platform.runLater(() -> window.shell.save());
        Window.press(robot, "OK");
        assertFalse(Files.exists(binder.folder()), "a missing drive is not written in its place");
        assertFalse(window.document().isSaved());
        edit("And more");
        Files.move(away, binder.folder());
        Window.fx(() -> assertTrue(window.shell.save()));
        assertEquals("And more", stored("crossing-backs").title());
    }

    @Test
    void aBinderThatIsNotThereIsToldAndNotMadeAnew(FxRobot robot) throws Exception {
        Path drive = Files.createTempDirectory("wildchalk-drive").resolve("gone");
        Window[] other = new Window[1];
        Window.fx(() -> {
            try {
                other[0] = Window.open(new Stage(), drive.resolve("Tern Point"), home);
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        Window.until(() -> other[0].shell.faults().nowProperty().get().containsKey(Faults.Kind.FOLDER));
        assertFalse(Files.exists(drive));
        Window.fx(() -> other[0].shell.stage().close());
    }

    @Test
    void aFullDiskIsToldAndOnceThereIsRoomNothingIsMissing(FxRobot robot) throws Exception {
        Optional<SmallDisk> mounted = SmallDisk.of(256);
        Assumptions.assumeTrue(mounted.isPresent());
        try (SmallDisk disk = mounted.get()) {
            Path drill =
                    Files.createDirectories(disk.folder().resolve("drills")).resolve("tide.drill.json");
            DrillFile.ofNew(Demo.read("crossing-backs")).save(drill);
            String before = Files.readString(drill);
            window.open(drill);
            window.settled();
            Path filler = disk.fill();
            edit("Longer than what is left");
            Platform.runLater(() -> window.shell.save());
            Window.press(robot, "OK");
            assertEquals(before, Files.readString(drill), "the file is whole and as it was");
            assertFalse(window.document().isSaved());
            Files.delete(filler);
            Window.fx(() -> assertTrue(window.shell.save()));
            assertEquals(
                    "Longer than what is left", DrillFile.read(drill).value().title());
            // and where nothing may be written at all
            disk.readOnly(true);
            edit("Read only");
            Platform.runLater(() -> window.shell.save());
            Window.press(robot, "OK");
            assertFalse(window.document().isSaved());
            disk.readOnly(false);
            Window.fx(() -> assertTrue(window.shell.save()));
            assertEquals("Read only", DrillFile.read(drill).value().title());
        }
    }

    @Test
    void whatNobodyCaughtIsToldAndTheDrillIsKept(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
        try {
            LastResort.install(window.shell.faults());
            Thread broken = new Thread(() -> {
                throw new IllegalStateException("a wheel came off");
            });
            broken.start();
            broken.join();
            Window.until(() -> isTold(robot, Faults.Kind.UNEXPECTED));
            assertTrue(told(robot, Faults.Kind.UNEXPECTED).contains("a wheel came off"));
            edit("Still going");
            Window.press(robot, "#fault-seen");
            Window.until(() -> !isTold(robot, Faults.Kind.UNEXPECTED));
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
    }

    @Test
    void anEditThatIsRefusedSaysWhy(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Role role = window.document().version().roles().stream()
                .filter(r -> r.at().isPresent())
                .findFirst()
                .orElseThrow();
        Window.fx(() -> window.document()
                .edit("far", Arrangements.carry(Set.of(role.id()), PlaneMap.shift(new Point(900, 0)))));
        assertTrue(told(robot, Faults.Kind.REFUSED).contains("500 m"), told(robot, Faults.Kind.REFUSED));
        assertEquals(stored("crossing-backs"), window.document().drill());
    }

    // ---- after a crash, and earlier states ----

    /** What a killed window leaves: a journal that belongs to a file, based on what that held. */
    private void leave(Drill unsaved, Path file, Optional<Fingerprint> base) throws Exception {
        Path own = Files.createTempDirectory("wildchalk-killed");
        try (Journal<BinderFile<Drill>> journal =
                new Journal<>(own, DrillFile.KIND, new JournalWatch(window.shell.faults()))) {
            journal.keep(
                    DrillFile.ofNew(unsaved),
                    new Journal.Belongs(Optional.of(file), base, Optional.empty()),
                    List.of("title"));
            journal.flush();
            Path journals = Files.createDirectories(new Settings(home).journals());
            try (Stream<Path> all = Files.list(own)) {
                for (Path f : all.filter(x -> x.toString().endsWith(".journal")).toList()) {
                    Files.copy(f, journals.resolve(f.getFileName()));
                }
            }
        }
    }

    private void colleagueSaves(String title) throws Exception {
        DrillFile.ofNew(Demo.read("lantern-ladder").withTitle(title)).save(file("lantern-ladder"));
    }

    private Drill mine() {
        Drill drill = Demo.read("lantern-ladder");
        return drill.withTitle("Mine")
                .withProgression(drill.progressions().get(1).withTitle("My second"));
    }

    @Test
    void whatAColleagueSavedMeanwhileIsNotWrittenOver(FxRobot robot) throws Exception {
        Optional<Fingerprint> base = Fingerprint.of(file("lantern-ladder"));
        leave(mine(), file("lantern-ladder"), base);
        colleagueSaves("By a colleague");
        Platform.runLater(() -> window.shell.offerJournals());
        Window.press(robot, Ui.text("journal.two.keep-both"));
        assertEquals("By a colleague", stored("lantern-ladder").title());
        assertTrue(binder.drills().stream()
                .anyMatch(e -> e.content().orElseThrow().value().title().equals("Mine")));
    }

    @Test
    void oneVersionCanBeTakenAndTheRestLeft(FxRobot robot) throws Exception {
        Optional<Fingerprint> base = Fingerprint.of(file("lantern-ladder"));
        Drill mine = mine();
        leave(mine, file("lantern-ladder"), base);
        colleagueSaves("By a colleague");
        Platform.runLater(() -> window.shell.offerJournals());
        String tick = "#take-" + mine.progressions().get(1).id();
        Window.press(robot, tick);
        assertTrue(robot.lookup(tick).queryAs(CheckBox.class).isSelected());
        Window.press(robot, Ui.text("states.some"));
        Window.until(() -> window.shell.document().isPresent());
        window.settled();
        assertEquals("By a colleague", window.document().drill().title());
        assertEquals(
                "My second", window.document().drill().progressions().get(1).title());
        assertEquals("By a colleague", stored("lantern-ladder").title(), "the file is written when it is saved");
        assertFalse(window.document().isSaved());
    }

    @Test
    void anUntouchedFileGetsItsChangesBackWhereTheyBelong(FxRobot robot) throws Exception {
        leave(mine(), file("lantern-ladder"), Fingerprint.of(file("lantern-ladder")));
        Platform.runLater(() -> window.shell.offerJournals());
        Window.press(robot, Ui.text("journal.bring"));
        Window.until(() -> window.shell.document().isPresent());
        window.settled();
        assertEquals(Optional.of(file("lantern-ladder")), window.document().file());
        assertEquals(mine(), window.document().drill());
        assertEquals(3, binder.drills().size(), "no second copy");
        assertEquals(1, journals(new Settings(home).journals()), "kept anew before the old one goes");
    }

    @Test
    void aCopyOfASyncToolIsShownAndEitherIsKept(FxRobot robot) throws Exception {
        Path copy = binder.drillsFolder().resolve("crossing-backs (conflicted copy).drill.json");
        Drill theirs = stored("crossing-backs").withTitle("Crossing, on the other machine");
        Files.writeString(copy, DrillFile.ofNew(theirs).toText());
        Window.fx(window.shell::showBinder);
        String said = Ui.text("binder.copy-of", file("crossing-backs").getFileName());
        Window.until(() -> robot.lookup(".card .quiet").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().equals(said)));
        Platform.runLater(() -> {
            try {
                new CopyQuestion(window.shell).ask(copy, file("crossing-backs"));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        Drill before = stored("crossing-backs");
        Window.press(robot, Ui.text("copy.keep-there"));
        Window.until(() -> !Files.exists(copy));
        assertEquals(theirs, stored("crossing-backs"));
        assertTrue(
                Backups.of(file("crossing-backs")).stream().anyMatch(b -> isOf(b, before)),
                "what was not kept can be brought back");
    }

    private static boolean isOf(Backups.Backup backup, Drill drill) {
        try {
            return DrillFile.read(backup.file()).value().equals(drill);
        } catch (IOException e) {
            return false;
        }
    }

    @Test
    void anEarlierStateIsLookedAtAndBroughtBack(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        Drill good = window.document().drill();
        Window.fx(() -> {
            window.document()
                    .edit(
                            "empty",
                            Arrangements.delete(Set.copyOf(
                                    good.base().roles().stream().map(Role::id).toList())));
            window.shell.save();
        });
        Platform.runLater(() -> window.shell.saving().earlier());
        Window.until(() -> robot.lookup("#backups").tryQuery().isPresent());
        Window.press(robot, Ui.text("backups.bring"));
        Window.until(() -> window.document().drill().equals(good));
        window.settled();
        assertFalse(window.document().isSaved(), "it waits to be saved, and can be undone");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settled();
        assertTrue(window.document().version().roles().isEmpty());
        Platform.runLater(() -> window.shell.saving().earlier());
        Window.press(robot, Ui.text("backups.both"));
        Window.press(robot, "OK");
        assertTrue(binder.drills().stream()
                .map(e -> e.content().orElseThrow().value())
                .anyMatch(d -> d.progressions().equals(good.progressions())
                        && !d.title().equals(good.title())));
    }

    @Test
    void aDrillThatIsRenamedInTheBinderIsSavedUnderItsNewName(FxRobot robot) throws Exception {
        window.openDrill("crossing-backs");
        edit("Not saved yet");
        Window.fx(() -> {
            try {
                Path to = binder.rename(file("crossing-backs"), "Backs that cross");
                window.shell.moved(file("crossing-backs"), to);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        Window.fx(() -> assertTrue(window.shell.save()));
        assertEquals(3, binder.drills().size());
        assertEquals("Backs that cross", stored("backs-that-cross").title());
    }
}
