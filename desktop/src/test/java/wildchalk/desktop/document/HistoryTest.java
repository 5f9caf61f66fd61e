package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;

/** Undo brings the drill back, redo brings it forth, and "saved" is a place in between. */
class HistoryTest {

    private static final Drill START = Demo.read("crossing-backs");

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    @Test
    void aChangeIsNamedAndOneThatChangesNothingIsDropped() {
        History<Drill> history = new History<>(START, true);
        assertFalse(history.apply("nothing", START));
        assertEquals(Optional.empty(), history.undoLabel());
        assertTrue(history.apply("title", START.withTitle("B")));
        assertEquals(Optional.of("title"), history.undoLabel());
        assertTrue(history.undo());
        assertEquals(Optional.of("title"), history.redoLabel());
        assertEquals(START, history.now());
    }

    @Test
    void savedFollowsTheValue() {
        History<Drill> history = new History<>(START, true);
        history.apply("title", START.withTitle("B"));
        assertFalse(history.isSaved());
        history.markSaved(history.now());
        assertTrue(history.isSaved());
        history.undo();
        assertFalse(history.isSaved());
        history.redo();
        assertTrue(history.isSaved());
        assertFalse(new History<>(START, false).isSaved(), "a new drill is in no file");
    }

    @Test
    void aChangeAfterUndoForgetsWhatWasUndone() {
        History<Drill> history = new History<>(START, true);
        history.apply("b", START.withTitle("B"));
        history.undo();
        history.apply("c", START.withTitle("C"));
        assertFalse(history.redo());
        assertEquals("C", history.now().title());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anyWalkThroughTheHistoryFindsTheValuesThatWereThere(long seed) {
        Random random = new Random(seed);
        History<Drill> history = new History<>(START, true);
        List<Drill> line = new ArrayList<>(List.of(START));
        int at = 0;
        for (int i = 0; i < 200; i++) {
            switch (random.nextInt(3)) {
                case 0 -> {
                    Drill next = START.withTitle("Title " + i);
                    history.apply("change " + i, next);
                    line = new ArrayList<>(line.subList(0, at + 1));
                    line.add(next);
                    at++;
                }
                case 1 -> at -= history.undo() ? 1 : 0;
                default -> at += history.redo() ? 1 : 0;
            }
            assertEquals(line.get(at), history.now());
            assertEquals(at > 0, history.undoLabel().isPresent());
            assertEquals(at + 1 < line.size(), history.redoLabel().isPresent());
        }
    }
}
