package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.whistle.Reading;
import wildchalk.core.whistle.RunHead;
import wildchalk.core.whistle.Signal;
import wildchalk.core.whistle.Stamped;

/** What a run leaves: everything that was pressed, wherever the file is cut off. */
class RunJournalTest {

    @TempDir
    Path folder;

    private Path file;
    private final Session session =
            RandomSessions.blank(Optional.empty(), 8).withBlocks(List.of(RandomSessions.plain("a", 3, What.Kind.TALK)));
    private final RunHead head = new RunHead(session, 12.5);
    private final Reading start = new Reading(1000, "p", 5, "boot", OptionalDouble.of(77));
    private final List<Optional<IOException>> heard = new ArrayList<>();

    @BeforeEach
    void folders() throws IOException {
        file = Files.createDirectories(folder.resolve("sessions/x")).resolve(SessionFile.NAME);
    }

    /** One of each kind; the compiler does not know whether all are here, the count of them does. */
    private static List<Stamped> all() {
        List<Signal> signals = List.of(
                new Signal.Pause(),
                new Signal.Resume(),
                new Signal.Next(),
                new Signal.ByItself(true),
                new Signal.Longer(-1.5),
                new Signal.Rep(),
                new Signal.Called("signal-flags/base/colours", List.of("red", "blue")),
                new Signal.Scored("g1", "goal \"off\" a cross", 3),
                new Signal.Freeze(),
                new Signal.Go(),
                new Signal.Asked("Where is\nthe space?"),
                new Signal.Noted("Østby: zu spät"),
                new Signal.Tallied("good"),
                new Signal.Came(new PlayerId("p1")),
                new Signal.Gone(new PlayerId("p2")),
                new Signal.Lost(12),
                new Signal.Replanned(Map.of(new BlockId("b1"), 4.5, new BlockId("b2"), 2.0)),
                new Signal.Undo());
        List<Stamped> list = new ArrayList<>();
        for (int i = 0; i < signals.size(); i++) {
            list.add(new Stamped(10 * i + 0.25, signals.get(i)));
        }
        return list;
    }

    @Test
    void whateverIsPressedComesBack() throws IOException {
        assertEquals(Signal.class.getPermittedSubclasses().length, all().size(), "one of each kind");
        try (RunJournal journal = RunJournal.start(file, head, start, heard::add)) {
            all().forEach(journal::press);
            journal.tick(200.5, new Reading(1200.5, "p", 205.5, "boot", OptionalDouble.of(277.5)));
        }
        RunJournal.Left left = RunJournal.left(file).orElseThrow();
        assertEquals(head, left.head());
        assertEquals(all(), left.pressed());
        assertEquals(200.5, left.at());
        assertEquals(277.5, left.reading().upSeconds().getAsDouble());
        assertEquals(0, left.damaged());
        assertEquals(List.of(), heard);
    }

    /** Cut off at every byte: all whole lines are there, and it can be gone on with behind the torn one. */
    @Test
    void cutOffAnywhereNothingBeforeIsLost() throws IOException {
        RunJournal journal = RunJournal.start(file, head, start, heard::add);
        long begins = Files.size(RunJournal.beside(file));
        List<Long> ends = new ArrayList<>();
        for (Stamped s : all()) {
            journal.press(s);
            ends.add(Files.size(RunJournal.beside(file)));
        }
        journal.close();
        byte[] whole = Files.readAllBytes(RunJournal.beside(file));
        for (long cut = begins; cut <= whole.length; cut += 3) {
            long at = cut;
            Files.write(RunJournal.beside(file), Arrays.copyOf(whole, (int) cut));
            int complete = (int) ends.stream().filter(e -> e - 1 <= at).count();
            RunJournal.Left left = RunJournal.left(file).orElseThrow();
            assertEquals(all().subList(0, complete), left.pressed(), "cut at " + cut);
            Stamped more = new Stamped(500, new Signal.Rep());
            try (RunJournal again = RunJournal.goOn(file, heard::add)) {
                again.press(more);
            }
            List<Stamped> then = RunJournal.left(file).orElseThrow().pressed();
            assertEquals(more, then.get(then.size() - 1), "gone on with after a cut at " + cut);
            assertEquals(complete + 1, then.size());
        }
    }

    @Test
    void onlyOneRunsASession() throws IOException {
        try (RunJournal journal = RunJournal.start(file, head, start, heard::add)) {
            IOException refused =
                    assertThrows(IOException.class, () -> RunJournal.start(file, head, start, heard::add));
            assertTrue(refused.getMessage().contains("another window"), refused.getMessage());
            journal.press(new Stamped(1, new Signal.Rep()));
        }
        assertEquals(1, RunJournal.left(file).orElseThrow().pressed().size(), "what was there stays");
    }

    @Test
    void whatIsOverLeavesNothing() throws IOException {
        RunJournal journal = RunJournal.start(file, head, start, heard::add);
        journal.finished();
        assertTrue(RunJournal.left(file).isEmpty());
        assertFalse(Files.exists(RunJournal.beside(file)));
    }

    @Test
    void aBeginningThatCannotBeReadIsSaid() throws IOException {
        Files.writeString(RunJournal.beside(file), "{\"format\": 7}\n{\"at\": 1, \"do\": \"rep\"}\n");
        assertThrows(IOException.class, () -> RunJournal.left(file));
    }
}
