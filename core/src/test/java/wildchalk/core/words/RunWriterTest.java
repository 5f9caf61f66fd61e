package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.session.Library;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Texts;
import wildchalk.core.whistle.Rescue;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Running;
import wildchalk.core.whistle.Signal;
import wildchalk.core.whistle.Stamped;

/** What is said while a session runs: whole sentences, right figures. */
class RunWriterTest {

    private static final Drill BACKS = Demo.read("crossing-backs");
    private static final Library LIBRARY = id -> id.equals(BACKS.id()) ? Optional.of(BACKS) : Optional.empty();
    private static final Squad SQUAD = RandomSquads.of(4, 12);
    private static final Simulations SIMULATIONS = new Simulations();

    static LongStream seeds() {
        return LongStream.range(0, 30);
    }

    @ParameterizedTest
    @CsvSource({"600, 10:00", "59.2, 1:00", "59, 0:59", "0, 0:00", "-0.5, 0:00", "-1.5, +0:01", "-61.5, +1:01"})
    void theClockCountsDownToNothingAndOver(double left, String said) {
        assertEquals(said, RunWriter.countdown(left));
    }

    @ParameterizedTest
    @CsvSource({"40, 40 s", "100, 1 min 40 s", "120, 2 min", "-100, 1 min 40 s", "610, 10 min", "640, 11 min"})
    void spansAreSaidNoFinerThanAnybodyNeeds(double seconds, String said) {
        assertEquals(said, RunWriter.span(seconds));
    }

    @Test
    void everythingThatCanBeTakenBackHasAName() {
        for (Class<?> kind : Signal.class.getPermittedSubclasses()) {
            boolean people = kind == Signal.Came.class || kind == Signal.Gone.class;
            String name = Texts.CORE.get("run.name." + (people ? "Who" : kind.getSimpleName()));
            assertFalse(name.isBlank() || name.contains("run.name"), kind.getSimpleName());
        }
        assertEquals("who is there", RunWriter.name(new Signal.Came(new PlayerId("p1"))));
    }

    /** Of any session at any moment. */
    @ParameterizedTest
    @MethodSource("seeds")
    void allThatIsSaidIsWhole(long seed) {
        Session session = RandomSessions.of(seed, SQUAD, List.of(BACKS));
        Map<Session, SessionPlan> plans = new HashMap<>();
        double t = 40 + 170 * seed;
        List<Stamped> pressed =
                List.of(new Stamped(0, new Signal.ByItself(true)), new Stamped(t / 2, new Signal.Lost(5 + seed % 20)));
        Run run = Running.at(
                session,
                30 * seed - 300,
                pressed,
                s -> plans.computeIfAbsent(s, x -> SessionPlan.of(x, LIBRARY, Optional.of(SQUAD), SIMULATIONS)),
                t);
        RunWriter writer = new RunWriter(run, LocalTime.of(18, 0), Optional.of(SQUAD));
        List<String> lines = new java.util.ArrayList<>(writer.lines());
        lines.add(writer.standing());
        lines.addAll(writer.then());
        writer.round().ifPresent(lines::add);
        writer.beat().ifPresent(lines::add);
        Optional<Rescue> rescue = Rescue.of(run, LIBRARY, Optional.of(SQUAD), SIMULATIONS);
        rescue.map(writer::rescue).ifPresent(lines::add);
        for (String line : lines) {
            assertFalse(line.isBlank() || line.contains("{") || line.contains("null"), line);
        }
        rescue.ifPresent(r -> assertTrue(
                writer.rescue(r).contains(" to ") || writer.rescue(r).contains("leave out"), writer.rescue(r)));
    }
}
