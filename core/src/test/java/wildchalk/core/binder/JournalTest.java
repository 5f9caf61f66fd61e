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
import wildchalk.core.binder.LeftJournals.Left;

/** What a crash leaves behind is found again. */
class JournalTest {

    private final Journal.Listener heard = new Journal.Listener() {
        @Override
        public void failing(Throwable why) {}

        @Override
        public void keeping() {}
    };

    @TempDir
    Path folder;

    private static DrillFile edited(int n) {
        return DrillFile.ofNew(Demo.read("crossing-backs").withTitle("Edit " + n));
    }

    private Journal<DrillFile> open(Path where) {
        return new Journal<>(where, DrillFile.FORMAT, heard);
    }

    private List<Left<DrillFile>> left() throws IOException {
        return LeftJournals.in(folder, DrillFile.FORMAT).left();
    }

    /** A journal whose window is gone: its lock is let go, its file stays. As after a kill. */
    private Path leave(int edits, Optional<Path> file) throws IOException {
        return leave(edits, file, file.flatMap(Fingerprint::of));
    }

    private Path leave(int edits, Optional<Path> file, Optional<Fingerprint> base) throws IOException {
        Path own = Files.createTempDirectory(folder, "own");
        try (Journal<DrillFile> journal = open(own)) {
            for (int i = 1; i <= edits; i++) {
                journal.keep(edited(i), new Journal.Belongs(file, base, Optional.empty()), List.of("one", "two"));
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
        List<Left<DrillFile>> left = left();
        assertEquals(1, left.size());
        assertEquals("Edit 7", left.get(0).content().drill().title());
        assertEquals(Optional.of(drill.toAbsolutePath()), left.get(0).belongs().file());
        assertEquals(List.of("one", "two"), left.get(0).edits());
        left.get(0).discard();
        assertEquals(List.of(), left());
    }

    @Test
    void oneThatIsStillHeldIsNotOffered() throws IOException {
        try (Journal<DrillFile> journal = open(folder)) {
            journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of("one"));
            journal.flush();
            assertEquals(List.of(), left());
        }
    }

    @Test
    void savingOrClosingInOrderLeavesNothing() throws IOException {
        Journal<DrillFile> journal = open(folder);
        journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of("one"));
        journal.clear();
        journal.keep(edited(2), Journal.Belongs.NOWHERE, List.of("one"));
        journal.close();
        try (Stream<Path> all = Files.list(folder)) {
            assertEquals(List.of(), all.toList());
        }
    }

    @Test
    void aCutOffJournalIsToldAndNotTakenForADrill() throws IOException {
        Path journal = leave(3, Optional.empty());
        byte[] bytes = Files.readAllBytes(journal);
        Files.write(journal, Arrays.copyOf(bytes, bytes.length / 2));
        LeftJournals<DrillFile> found = LeftJournals.in(folder, DrillFile.FORMAT);
        assertEquals(List.of(), found.left());
        assertEquals(1, found.damaged().size());
        Path aside = found.damaged().get(0).putAside();
        assertTrue(Files.exists(aside) && !Files.exists(journal), "it is put where somebody can look at it");
        assertEquals(List.of(), LeftJournals.in(folder, DrillFile.FORMAT).damaged());
    }

    @Test
    void aKillBetweenTwoMovesLeavesTheStateBefore() throws IOException {
        Path journal = leave(5, Optional.empty());
        Path kept = journal.resolveSibling(journal.getFileName() + ".kept");
        Files.move(journal, kept);
        assertEquals("Edit 5", left().get(0).content().drill().title());
        // and one whose newest state never reached the disk has it too
        Files.writeString(journal, "");
        List<Left<DrillFile>> left = left();
        assertEquals(1, left.size());
        assertEquals("Edit 5", left.get(0).content().drill().title());
        left.get(0).discard();
        assertFalse(Files.exists(journal) || Files.exists(kept));
    }
}
