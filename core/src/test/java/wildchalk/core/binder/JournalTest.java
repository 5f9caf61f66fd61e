package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
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
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;

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

    private static BinderFile<Drill> edited(int n) {
        return DrillFile.ofNew(Demo.read("crossing-backs").withTitle("Edit " + n));
    }

    private Journal<BinderFile<Drill>> open(Path where) {
        return new Journal<>(where, DrillFile.KIND, heard);
    }

    private List<Left<BinderFile<Drill>>> left() throws IOException {
        return LeftJournals.in(folder, DrillFile.KIND).left();
    }

    /** A journal whose window is gone: its lock is let go, its file stays. As after a kill. */
    private Path leave(int edits, Optional<Path> file) throws IOException {
        return leave(edits, file, file.flatMap(Fingerprint::of));
    }

    private Path leave(int edits, Optional<Path> file, Optional<Fingerprint> base) throws IOException {
        Path own = Files.createTempDirectory(folder, "own");
        try (Journal<BinderFile<Drill>> journal = open(own)) {
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
        List<Left<BinderFile<Drill>>> left = left();
        assertEquals(1, left.size());
        assertEquals("Edit 7", left.get(0).content().value().title());
        assertEquals(Optional.of(drill.toAbsolutePath()), left.get(0).belongs().file());
        assertEquals(List.of("one", "two"), left.get(0).edits());
        left.get(0).discard();
        assertEquals(List.of(), left());
    }

    @Test
    void oneThatIsStillHeldIsNotOffered() throws IOException {
        try (Journal<BinderFile<Drill>> journal = open(folder)) {
            journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of("one"));
            journal.flush();
            assertEquals(List.of(), left());
        }
    }

    @Test
    void savingOrClosingInOrderLeavesNothing() throws IOException {
        Journal<BinderFile<Drill>> journal = open(folder);
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
        LeftJournals<BinderFile<Drill>> found = LeftJournals.in(folder, DrillFile.KIND);
        assertEquals(List.of(), found.left());
        assertEquals(1, found.damaged().size());
        Path aside = found.damaged().get(0).putAside();
        assertTrue(Files.exists(aside) && !Files.exists(journal), "it is put where somebody can look at it");
        assertEquals(List.of(), LeftJournals.in(folder, DrillFile.KIND).damaged());
    }

    @Test
    void aKillBetweenTwoMovesLeavesTheStateBefore() throws IOException {
        Path journal = leave(5, Optional.empty());
        Path kept = journal.resolveSibling(journal.getFileName() + ".kept");
        Files.move(journal, kept);
        assertEquals("Edit 5", left().get(0).content().value().title());
        // and one whose newest state never reached the disk has it too
        Files.writeString(journal, "");
        List<Left<BinderFile<Drill>>> left = left();
        assertEquals(1, left.size());
        assertEquals("Edit 5", left.get(0).content().value().title());
        left.get(0).discard();
        assertFalse(Files.exists(journal) || Files.exists(kept));
    }

    // ---- what it belongs to ----

    @Test
    void itKnowsWhetherItsFileHasChangedSince() throws IOException {
        Path drill = folder.resolve("x.drill.json");
        DrillFile.ofNew(Demo.read("crossing-backs")).save(drill);
        leave(1, Optional.of(drill));
        assertEquals(Left.State.AS_THEN, left().get(0).state());
        DrillFile.ofNew(Demo.read("crossing-backs").withTitle("By a colleague")).save(drill);
        assertEquals(Left.State.CHANGED_SINCE, left().get(0).state());
        Files.delete(drill);
        assertEquals(Left.State.NO_FILE, left().get(0).state());
    }

    @Test
    void afterSavingElsewhereItBelongsThere() throws IOException {
        Path own = Files.createTempDirectory(folder, "own");
        Path there = folder.resolve("there.drill.json");
        try (Journal<BinderFile<Drill>> journal = open(own)) {
            journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of("one"));
            journal.flush();
            journal.keep(
                    edited(2), new Journal.Belongs(Optional.of(there), Optional.empty(), Optional.of("p2")), List.of());
            journal.flush();
            Path kept = onlyJournal(own);
            Files.copy(kept, folder.resolve(kept.getFileName()));
        }
        Journal.Belongs belongs = left().get(0).belongs();
        assertEquals(Optional.of(there.toAbsolutePath()), belongs.file());
        assertEquals(Optional.of("p2"), belongs.version());
    }

    private static Path onlyJournal(Path own) throws IOException {
        try (Stream<Path> all = Files.list(own)) {
            return all.filter(f -> f.toString().endsWith(".journal"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    @Test
    void aDamagedOneHidesNoOther() throws IOException {
        leave(1, Optional.empty());
        Files.writeString(folder.resolve("a.journal"), "");
        Files.writeString(folder.resolve("b.journal"), "{\"file\": \"\\u0000\", \"edits\": []}\n{");
        Files.writeString(folder.resolve("z.journal"), "[".repeat(100_000));
        Files.write(folder.resolve("y.journal"), new byte[] {(byte) 0xC3, 0x28});
        Files.createDirectory(folder.resolve("x.journal"));
        leave(2, Optional.empty());
        LeftJournals<BinderFile<Drill>> found = LeftJournals.in(folder, DrillFile.KIND);
        assertEquals(2, found.left().size());
        assertEquals(5, found.damaged().size());
        assertTrue(found.damaged().stream().allMatch(d -> !d.why().isBlank()));
    }

    // ---- when it cannot be written ----

    /** Counts what is heard. */
    private static final class Ear implements Journal.Listener {
        private final java.util.concurrent.CountDownLatch failing = new java.util.concurrent.CountDownLatch(1);
        private final java.util.concurrent.CountDownLatch keeping = new java.util.concurrent.CountDownLatch(1);

        @Override
        public void failing(Throwable why) {
            failing.countDown();
        }

        @Override
        public void keeping() {
            keeping.countDown();
        }
    }

    @Test
    void whatCannotBeWrittenIsToldAndKeptOnceItCan() throws Exception {
        Path home = folder.resolve("home");
        Files.writeString(home, "a file where the folder should be");
        Ear ear = new Ear();
        try (Journal<BinderFile<Drill>> journal = new Journal<>(home.resolve("journals"), DrillFile.KIND, ear)) {
            journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of());
            assertTrue(ear.failing.await(20, java.util.concurrent.TimeUnit.SECONDS));
            assertThrows(IOException.class, journal::flush);
            journal.keep(edited(2), Journal.Belongs.NOWHERE, List.of());
            Files.delete(home);
            assertTrue(ear.keeping.await(20, java.util.concurrent.TimeUnit.SECONDS), "it tries again by itself");
            journal.flush();
            assertTrue(Files.readString(onlyJournal(home.resolve("journals"))).contains("Edit 2"));
        }
    }

    @Test
    void aFolderThatVanishesComesBackWithTheNextEdit() throws IOException {
        Path own = folder.resolve("own");
        try (Journal<BinderFile<Drill>> journal = open(own)) {
            journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of());
            journal.flush();
            try (Stream<Path> all = Files.list(own)) {
                for (Path f : all.toList()) {
                    Files.delete(f);
                }
            }
            Files.delete(own);
            journal.keep(edited(2), Journal.Belongs.NOWHERE, List.of());
            journal.flush();
            assertTrue(Files.readString(onlyJournal(own)).contains("Edit 2"));
            assertEquals(List.of(), LeftJournals.in(own, DrillFile.KIND).left(), "and it is held again");
        }
    }

    @Test
    void aContentThatCannotBeWrittenAsTextIsTold() throws Exception {
        Ear ear = new Ear();
        Format<BinderFile<Drill>> broken = new Format<>() {
            @Override
            public String text(BinderFile<Drill> content) {
                throw new IllegalStateException("no words for it");
            }

            @Override
            public BinderFile<Drill> parse(Path file, String text) throws FormatProblem {
                return DrillFile.parse(file, text);
            }
        };
        Journal<BinderFile<Drill>> journal = new Journal<>(folder, broken, ear);
        journal.keep(edited(1), Journal.Belongs.NOWHERE, List.of());
        assertTrue(ear.failing.await(20, java.util.concurrent.TimeUnit.SECONDS));
        journal.close(); // nothing is wanted any more, so there is nothing to wait for
    }
}
