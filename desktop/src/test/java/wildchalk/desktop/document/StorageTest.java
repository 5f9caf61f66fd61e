package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.Demo;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.ChangedMeanwhile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.binder.LeftJournals;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;

/** What is stored, what somebody else stores, and what the journal keeps in between. */
class StorageTest {

    @TempDir
    Path folder;

    private Path target;
    private Path journals;
    private final Drill drill = Demo.read("crossing-backs");
    private final History<Drill> history = new History<>(drill, false);

    @BeforeEach
    void places() throws IOException {
        target = folder.resolve("a.drill.json");
        journals = Files.createDirectory(folder.resolve("journals"));
    }

    private static final Journal.Listener HEARD = new Journal.Listener() {
        @Override
        public void failing(Throwable why) {
            throw new AssertionError(why);
        }

        @Override
        public void keeping() {}
    };

    private Storage<Drill> fresh() {
        return Storage.ofDrill(Stored.ofNew(DrillFile.ofNew(drill)), history);
    }

    @Test
    void savingStoresWhatTheHistoryStandsAt() throws IOException {
        Storage<Drill> storage = fresh();
        assertEquals(Optional.empty(), storage.file());
        history.apply("title", drill.withTitle("Other"));
        storage.save(target);
        assertEquals(Optional.of(target), storage.file());
        assertEquals("Other", DrillFile.read(target).value().title());
        assertTrue(history.isSaved());
    }

    @Test
    void aFileThatCannotBeWrittenLeavesEverythingAsItWas() {
        Storage<Drill> storage = fresh();
        history.apply("title", drill.withTitle("Other"));
        assertThrows(IOException.class, () -> storage.save(journals), "a folder is no file");
        assertEquals(Optional.empty(), storage.file());
        assertFalse(history.isSaved());
    }

    @Test
    void onlyAnothersWritingCountsAsChangedOutside() throws IOException {
        Storage<Drill> storage = fresh();
        assertFalse(storage.isChangedOutside(), "what is in no file nobody changes");
        storage.save(target);
        assertFalse(storage.isChangedOutside());
        DrillFile.ofNew(drill.withTitle("By somebody else")).save(target);
        assertTrue(storage.isChangedOutside());
        assertThrows(ChangedMeanwhile.class, () -> storage.save(target), "nobody writes over what he has not seen");
        assertEquals("By somebody else", DrillFile.read(target).value().title());
        storage.seen(Stored.read(DrillFile.KIND, target));
        storage.save(target);
        assertFalse(storage.isChangedOutside(), "what was written over is known again");
        Storage<Drill> second = Storage.ofDrill(Stored.read(DrillFile.KIND, target), history);
        assertFalse(second.isChangedOutside());
        Files.delete(target);
        assertFalse(second.isChangedOutside(), "where there is no file nothing can be written over");
    }

    @Test
    void theJournalHoldsJustWhatIsInNoFile() throws IOException {
        try (Journal<BinderFile<Drill>> journal = new Journal<>(journals, DrillFile.KIND, HEARD);
                Storage<Drill> storage = fresh()) {
            storage.keepIn(journal);
            history.apply("title", drill.withTitle("Kept"));
            storage.keep();
            journal.flush();
            assertEquals(1, journalsThatHold());
            storage.save(target);
            journal.flush();
            assertEquals(0, journalsThatHold());
        }
    }

    /** What is done after the first save comes back into that file, not as a second drill. */
    @Test
    void afterTheFirstSaveTheJournalBelongsToTheFile() throws IOException {
        try (Journal<BinderFile<Drill>> journal = new Journal<>(journals, DrillFile.KIND, HEARD);
                Storage<Drill> storage = fresh()) {
            storage.keepIn(journal);
            history.apply("title", drill.withTitle("First"));
            storage.keep();
            storage.save(target);
            history.apply("title", drill.withTitle("Second"));
            storage.keep();
            journal.flush();
            assertBelongs(target);
            Path elsewhere = folder.resolve("b.drill.json");
            storage.save(elsewhere);
            history.apply("title", drill.withTitle("Third"));
            storage.keep();
            journal.flush();
            assertBelongs(elsewhere);
            assertEquals("Second", DrillFile.read(elsewhere).value().title());
            assertEquals("First", DrillFile.read(target).value().title());
        }
    }

    private void assertBelongs(Path file) throws IOException {
        Path copies = Files.createTempDirectory(folder, "left");
        try (Stream<Path> all = Files.list(journals)) {
            for (Path f : all.filter(x -> x.toString().endsWith(".journal")).toList()) {
                Files.copy(f, copies.resolve(f.getFileName()));
            }
        }
        var left = LeftJournals.in(copies, DrillFile.KIND).left();
        assertEquals(1, left.size());
        assertEquals(Optional.of(file.toAbsolutePath()), left.get(0).belongs().file());
        assertEquals(LeftJournals.Left.State.AS_THEN, left.get(0).state());
    }

    @Test
    void anEmptyNewDrillIsNotWorthAJournal() throws IOException {
        Drill blank = Drill.blank("New", new SurfaceUse("handball", "whole"), Audience.USUAL);
        History<Drill> own = new History<>(blank, false);
        try (Journal<BinderFile<Drill>> journal = new Journal<>(journals, DrillFile.KIND, HEARD);
                Storage<Drill> storage = Storage.ofDrill(Stored.ofNew(DrillFile.ofNew(blank)), own)) {
            storage.keepIn(journal);
            journal.flush();
            assertEquals(0, journalsThatHold());
            own.apply("title", blank.withTitle("Mine"));
            storage.keep();
            journal.flush();
            assertEquals(1, journalsThatHold());
        }
    }

    private long journalsThatHold() throws IOException {
        try (Stream<Path> all = Files.list(journals)) {
            return all.filter(f -> f.toString().endsWith(".journal"))
                    .filter(f -> f.toFile().length() > 0)
                    .count();
        }
    }
}
