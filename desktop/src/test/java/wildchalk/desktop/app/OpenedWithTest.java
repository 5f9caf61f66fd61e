package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.Bundle;
import wildchalk.core.progress.Progress;

/** A double click on a file of ours opens it. */
@ExtendWith(ApplicationExtension.class)
class OpenedWithTest {

    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.open(stage, Files.createTempDirectory("wildchalk-empty"));
    }

    private static Path bundle(Path folder) throws Exception {
        Path file = folder.resolve("two drills.CHALK");
        Bundle.pack(
                file,
                List.of(
                        Demo.folder().resolve("crossing-backs.drill.json"),
                        Demo.folder().resolve("four-winds.drill.json")),
                new Binder(folder),
                Progress.NONE);
        return file;
    }

    @Test
    void whatIsMeantIsToldByItsName(@TempDir Path folder) throws Exception {
        Path bundle = bundle(folder);
        Path drill = Demo.folder().resolve("crossing-backs.drill.json");
        Path alone = Files.copy(drill, folder.resolve("x.drill.json"));
        assertEquals(Optional.of(bundle), OpenedWith.file(new String[] {bundle.toString()}));
        assertEquals(Optional.of(alone), OpenedWith.file(new String[] {"open", alone.toString()}));
        for (String[] none : new String[][] {
            {},
            {"open"},
            {"demo"},
            {"check", alone.toString()},
            {"open", folder.toString()},
            {"gone.chalk"},
            {"a\0.chalk"}
        }) {
            assertEquals(Optional.empty(), OpenedWith.file(none), String.join(" ", none));
        }
        assertArrayEquals(new String[] {"--drill=" + alone}, OpenedWith.arguments(alone));
        assertArrayEquals(new String[] {"--bundle=" + bundle}, OpenedWith.arguments(bundle));
        Path inBinder = Files.createDirectories(folder.resolve("club/drills")).resolve("y.drill.json");
        assertArrayEquals(
                new String[] {"--drill=" + inBinder, "--binder=" + folder.resolve("club")},
                OpenedWith.arguments(inBinder));
    }

    @Test
    void aBundleIsTakenInWhenItsOwnerSaysSo(FxRobot robot, @TempDir Path folder) throws Exception {
        Path bundle = bundle(folder);
        Platform.runLater(() -> OpenedWith.takeIn(window.shell, bundle));
        Window.press(robot, "Cancel");
        assertEquals(0, new Binder(window.folder).drills().size(), "nobody has said so");
        Platform.runLater(() -> OpenedWith.takeIn(window.shell, bundle));
        Window.press(robot, "#bundle-take-in");
        Window.until(() -> Window.hasCard(robot, "crossing-backs") && Window.hasCard(robot, "four-winds"));
        assertEquals(2, new Binder(window.folder).drills().size());
    }
}
