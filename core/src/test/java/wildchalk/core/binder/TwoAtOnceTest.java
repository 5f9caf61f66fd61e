package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;

/** Two programs at one binder, and many threads of one: no save is lost. */
class TwoAtOnceTest {

    private static final int TIMES = 300;

    @TempDir
    Path folder;

    @Test
    void ofTwoProgramsThatSaveAtTheSameTimeNothingIsLost() throws Exception {
        TwoPrograms.assertNothingIsLost(SaveMany.class, folder, TIMES);
    }

    @Test
    void manyThreadsOfOneProgramTakeTurns() throws Exception {
        Binder binder = new Binder(folder);
        BinderFile<Drill> drill = DrillFile.ofNew(Demo.read("crossing-backs").withTitle("One title"));
        ExecutorService threads = Executors.newFixedThreadPool(6);
        try {
            List<Future<Path>> files = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                files.add(threads.submit((Callable<Path>) () -> binder.saveNew(drill)));
            }
            Set<Path> different = new HashSet<>();
            for (Future<Path> file : files) {
                assertTrue(different.add(file.get()));
            }
        } finally {
            threads.shutdownNow();
        }
    }

    @Test
    void whatWasNotSeenIsNotWrittenOver() throws IOException {
        Path file = folder.resolve("a.drill.json");
        Drill drill = Demo.read("crossing-backs");
        Fingerprint first = DrillFile.ofNew(drill).save(file, Expected.NOTHING);
        assertThrows(
                ChangedMeanwhile.class,
                () -> DrillFile.ofNew(drill.withNotes("x")).save(file, Expected.NOTHING));
        DrillFile.ofNew(drill.withNotes("theirs")).save(file);
        assertThrows(
                ChangedMeanwhile.class,
                () -> DrillFile.ofNew(drill.withNotes("mine")).save(file, Expected.exactly(first)));
        assertEquals("theirs", DrillFile.read(file).value().notes());
        Files.delete(file);
        DrillFile.ofNew(drill.withNotes("mine")).save(file, Expected.exactly(first));
        assertEquals("mine", DrillFile.read(file).value().notes(), "where nothing is nothing is written over");
    }
}
