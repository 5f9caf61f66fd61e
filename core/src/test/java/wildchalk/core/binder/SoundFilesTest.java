package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.check.SoundnessCheck;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.finding.Finding;
import wildchalk.core.json.FormatProblem;

/** What does not hold together in a file is told at the line of the very element, or found in the drill. */
class SoundFilesTest {

    private static final Path NAME = Path.of("x" + DrillFile.SUFFIX);

    /** One field or element a line, so that a line says which it is. */
    private static final String PLAIN = """
            {"format": {"name": "wild-chalk-drill", "version": 2},
             "id": "x", "title": "X", "surface": {"use": "handball"},
             "progressions": [{"id": "base", "title": "Base",
               "lines": [{"id": "q", "label": "Q", "at": [0, 5], "feeds": ["c"]}],
               "roles": [
                 {"id": "a", "label": "A", "side": "attack", "at": [0, 0]},
                 {"id": "b", "label": "B", "side": "attack", "at": [3, 0]},
                 {"id": "c", "label": "C", "side": "defence"}],
               "balls": [
                 {"id": "b1", "with": "a"}],
               "steps": [{"id": "s1", "moves": [
                 {"id": "m1", "role": "a", "do": "travel", "path": [[5, 0]]},
                 {"id": "m2", "role": "b", "do": "travel", "path": [[8, 0]],
                  "when": {"start": "m1"}},
                 {"id": "m3", "role": "a", "do": "pass", "kind": "air", "to": {"role": "b"}}]}],
               "rules": [
                 {"id": "r1", "hold": "move", "role": "c", "until": {"start": "m1"}}],
               "launch": {"when": {"start": "m1"}},
               "rotation": [
                 {"role": "a", "to": "role", "next": "b"},
                 {"role": "b", "to": "role", "next": "a"},
                 {"role": "c", "to": "line", "line": "q"}]}]}
            """;

    private static Drill read(String text) throws FormatProblem {
        return DrillFile.parse(NAME, text).value();
    }

    private static String changed(String from, String to) {
        assertTrue(PLAIN.contains(from), from);
        return PLAIN.replace(from, to);
    }

    static Stream<Arguments> misses() {
        return Stream.of(
                Arguments.of("\"feeds\": [\"c\"]", "\"feeds\": [\"c\", \"nobody\"]", 4),
                Arguments.of("\"id\": \"c\", \"label\": \"C\"", "\"id\": \"a\", \"label\": \"C\"", 8),
                Arguments.of("\"with\": \"a\"", "\"with\": \"nobody\"", 10),
                Arguments.of("\"id\": \"m2\", \"role\": \"b\"", "\"id\": \"m2\", \"role\": \"nobody\"", 13),
                Arguments.of(
                        "\"when\": {\"start\": \"m1\"}},\n     {\"id\": \"m3\"",
                        "\"when\": {\"start\": \"m9\"}},\n     {\"id\": \"m3\"",
                        14),
                Arguments.of("\"id\": \"m3\"", "\"id\": \"m1\"", 15),
                Arguments.of("\"to\": {\"role\": \"b\"}", "\"to\": {\"role\": \"nobody\"}", 15),
                Arguments.of("\"until\": {\"start\": \"m1\"}", "\"until\": {\"start\": \"m9\"}", 17),
                Arguments.of("\"next\": \"a\"", "\"next\": \"nobody\"", 21),
                Arguments.of("\"line\": \"q\"", "\"line\": \"nowhere\"", 22));
    }

    @ParameterizedTest
    @MethodSource("misses")
    void whatPointsAtNothingIsToldAtItsLine(String from, String to, int line) throws FormatProblem {
        read(PLAIN);
        FormatProblem problem = assertThrows(FormatProblem.class, () -> read(changed(from, to)));
        assertEquals(line, problem.line(), problem.getMessage());
    }

    private static List<String> unsound(String text) throws FormatProblem {
        return SoundnessCheck.of(read(text).base()).stream().map(Finding::rule).toList();
    }

    @Test
    void rotationsFillEachPlaceOnce() throws FormatProblem {
        assertEquals(List.of(), unsound(PLAIN));
        assertEquals(
                List.of("rotation-empty", "rotation-twice"),
                unsound(changed(
                        "\"role\": \"b\", \"to\": \"role\", \"next\": \"a\"", "\"role\": \"b\", \"to\": \"stay\"")));
        assertEquals(
                List.of("rotation-empty"),
                unsound(changed(
                        "\"role\": \"b\", \"to\": \"role\", \"next\": \"a\"", "\"role\": \"b\", \"to\": \"rest\"")));
    }

    @Test
    void twoOfASideHaveTwoLabels() throws FormatProblem {
        assertEquals(List.of("label-twice"), unsound(changed("\"label\": \"B\"", "\"label\": \"a\"")));
        assertEquals(List.of(), unsound(changed("\"label\": \"C\"", "\"label\": \"A\"")), "an opponent is another");
    }

    @Test
    void nobodyIsHisOwnRival() throws FormatProblem {
        String fight = "\"do\": \"contest\", \"rivals\": [\"a\"]}]}],";
        assertEquals(
                List.of("own-rival"),
                unsound(changed("\"do\": \"pass\", \"kind\": \"air\", \"to\": {\"role\": \"b\"}}]}],", fight)));
    }

    @Test
    void theDemoDrillsHoldTogether() {
        Demo.everything()
                .forEach(d -> d.progressions()
                        .forEach(v -> assertEquals(List.of(), SoundnessCheck.of(v), d.id() + " " + v.id())));
    }

    @Test
    void withoutAViewTheWholeIsShownAndWithoutPlayersThoseWhoAreDrawnCount() throws FormatProblem {
        assertEquals("whole", read(PLAIN).surfaceUse().view().id());
        assertEquals(Audience.USUAL, read(PLAIN).audience());
        Drill drill = read(changed("\"surface\"", "\"for\": {\"ages\": [\"U12\"]}, \"surface\""));
        assertEquals(3, drill.audience().players().min());
        assertEquals(6, drill.audience().players().best(), "three more wait in a line, unless it says how many");
        Drill queue = read(changed("\"surface\"", "\"for\": {\"ages\": [\"U12\"]}, \"surface\"")
                .replace("\"feeds\": [\"c\"]", "\"feeds\": [\"c\"], \"standing\": 5"));
        assertEquals(7, queue.audience().players().best(), "three with a part, and four more of five who wait");
    }
}
