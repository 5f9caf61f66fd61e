package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.Demo;
import wildchalk.picture.style.Ground;

/** What is remembered, what is not, and that the demo stays clean. */
class SettingsTest {

    @TempDir
    Path folder;

    @Test
    void theLatestComesFirstAndOnlyOnce() throws IOException {
        Settings settings = new Settings(folder);
        Path a = Files.createFile(folder.resolve("a.drill.json"));
        Path b = Files.createFile(folder.resolve("b.drill.json"));
        settings.opened(a);
        settings.opened(b);
        settings.opened(a);
        assertEquals(List.of(a, b), new Settings(folder).recent());
        Files.delete(b);
        assertEquals(List.of(a), new Settings(folder).recent(), "what has gone is not offered");
    }

    @Test
    void onlyTheLastEightAreKept() throws IOException {
        Settings settings = new Settings(folder);
        for (int i = 0; i < 12; i++) {
            settings.opened(Files.createFile(folder.resolve(i + ".drill.json")));
        }
        List<Path> recent = new Settings(folder).recent();
        assertEquals(8, recent.size());
        assertEquals(folder.resolve("11.drill.json"), recent.get(0));
    }

    @Test
    void choicesOutliveTheProgram() {
        Settings settings = new Settings(folder);
        settings.ground(Ground.PAPER);
        settings.binder(folder.resolve("My club"));
        Settings again = new Settings(folder);
        assertEquals(Ground.PAPER, again.ground());
        assertEquals(folder.resolve("My club"), again.binder());
    }

    @Test
    void aBrokenFileIsAsGoodAsNone() throws IOException {
        Files.writeString(folder.resolve("settings.properties"), "ground=PAPER\nbinder=\\u12");
        assertEquals(Ground.SLATE, new Settings(folder).ground());
        assertEquals(List.of(), new Settings(folder).recent());
    }

    @Test
    void theDemoIsWorkedOnAsACopy() throws IOException {
        Path demo = Demo.folder().getParent();
        Path copy = Launcher.copyOfDemo(demo);
        assertFalse(copy.startsWith(demo));
        try (Stream<Path> files = Files.list(copy.resolve("drills"))) {
            assertEquals(Demo.files().size(), files.count());
        }
        for (Path original : Demo.files()) {
            Path twin = copy.resolve("drills").resolve(original.getFileName());
            assertEquals(Files.readString(original), Files.readString(twin));
            Files.writeString(twin, "changed");
            assertTrue(Files.readString(original).startsWith("{"));
        }
    }
}
