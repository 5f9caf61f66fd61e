package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.Demo;

/** What a crash leaves behind is found again. */
class JournalTest {

    @TempDir
    Path folder;

    private static DrillFile edited(int n) {
        return DrillFile.ofNew(Demo.read("crossing-backs").withTitle("Edit " + n));
    }

    /** A journal whose window is gone: its lock is let go, its file stays. As after a kill. */
    private Path leave(int edits, Optional<Path> file) throws IOException {
        Path own = Files.createTempDirectory(folder, "own");
        try (Journal journal = Journal.open(own, file)) {
            for (int i = 1; i <= edits; i++) {
                journal.keep(edited(i), List.of("one", "two"));
            }
            journal.flush();
            try (Stream<Path> all = Files.list(own)) {
                // taken away while it is held: closing in order would remove it
                Path kept = all.filter(f -> f.toString().endsWith(".journal"))
                        .findFirst()
                        .orElseThrow();
                return Files.copy(kept, folder.resolve(kept.getFileName()));
            }
        }
    }

    @Test
    void theLastStateComesBackWithWhatWasDone() throws IOException {
        Path drill = folder.resolve("x.drill.json");
        leave(7, Optional.of(drill));
        List<Journal.Left> left = Journal.left(folder);
        assertEquals(1, left.size());
        assertEquals("Edit 7", left.get(0).content().drill().title());
        assertEquals(Optional.of(drill.toAbsolutePath()), left.get(0).file());
        assertEquals(List.of("one", "two"), left.get(0).edits());
        Journal.discard(left.get(0));
        assertEquals(List.of(), Journal.left(folder));
    }

    @Test
    void oneThatIsStillHeldIsNotOffered() throws IOException {
        try (Journal journal = Journal.open(folder, Optional.empty())) {
            journal.keep(edited(1), List.of("one"));
            journal.flush();
            assertEquals(List.of(), Journal.left(folder));
        }
    }

    @Test
    void savingOrClosingInOrderLeavesNothing() throws IOException {
        Journal journal = Journal.open(folder, Optional.empty());
        journal.keep(edited(1), List.of("one"));
        journal.clear();
        journal.keep(edited(2), List.of("one"));
        journal.close();
        try (Stream<Path> all = Files.list(folder)) {
            assertEquals(List.of(), all.toList());
        }
    }

    @Test
    void aCutOffJournalIsLeftAloneAndNotTakenForADrill() throws IOException {
        Path journal = leave(3, Optional.empty());
        byte[] bytes = Files.readAllBytes(journal);
        Files.write(journal, Arrays.copyOf(bytes, bytes.length / 2));
        assertEquals(List.of(), Journal.left(folder));
        assertTrue(Files.exists(journal));
    }

    @Test
    void aKillBetweenTwoMovesLeavesTheStateBefore() throws IOException {
        Path journal = leave(5, Optional.empty());
        Path kept = journal.resolveSibling(journal.getFileName() + ".kept");
        Files.move(journal, kept);
        assertEquals("Edit 5", Journal.left(folder).get(0).content().drill().title());
        // and one whose newest state never reached the disk has it too
        Files.writeString(journal, "");
        List<Journal.Left> left = Journal.left(folder);
        assertEquals(1, left.size());
        assertEquals("Edit 5", left.get(0).content().drill().title());
        Journal.discard(left.get(0));
        assertFalse(Files.exists(journal) || Files.exists(kept));
    }
}
