package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.log.Log;
import wildchalk.core.log.RandomLogs;

/** Logs in their files: there and back, with what this version does not know, and by the schema. */
class LogFileTest {

    @TempDir
    Path folder;

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void thereAndBack(long seed) throws IOException {
        Log log = RandomLogs.of(seed);
        Path file = folder.resolve(LogFile.NAME);
        LogFile.ofNew(log).save(file);
        assertEquals(log, LogFile.read(file).value());
        assertEquals(List.of(), Schemas.check(file), "by the schema");
    }

    @Test
    void whatThisVersionDoesNotKnowStays() throws IOException {
        String text = """
                {"format": {"name": "wild-chalk-log", "version": 1, "by": "later"}, "session": "s",
                 "blocks": [{"block": "b1", "minutes": 3, "mood": "fine",
                   "scores": [{"group": "g1", "points": 2, "how": "header"}]}], "weather": "rain"}
                """;
        String written = LogFile.parse(Path.of("log.json"), text).toText();
        for (String kept : List.of("\"by\"", "\"mood\"", "\"how\"", "\"weather\"")) {
            assertTrue(written.contains(kept), kept + " in " + written);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"minutes\": -1",
                "\"minutes\": 3, \"reps\": 1.5",
                "\"minutes\": 3, \"repSeconds\": [\"x\"]",
                "\"minutes\": 3, \"scores\": [{\"group\": \"g\"}]",
                "\"minutes\": 3, \"tallies\": {\"good\": -2}"
            })
    void whatCannotBeSaysWhatAndWhere(String wrong) {
        String text = "{\"format\": {\"name\": \"wild-chalk-log\", \"version\": 1}, \"session\": \"s\",\n"
                + " \"blocks\": [{\"block\": \"b1\", " + wrong + "}]}";
        FormatProblem problem = assertThrows(FormatProblem.class, () -> LogFile.parse(Path.of("log.json"), text));
        assertTrue(problem.getMessage().contains("2"), problem.getMessage());
    }

    @Test
    void aSecondRunFollowsTheFirst() throws IOException {
        Path session = Files.createDirectories(folder.resolve("sessions/x")).resolve(SessionFile.NAME);
        Log first = RandomLogs.of(1);
        Log second = new Log(
                first.session(), RandomLogs.of(2).attendance(), RandomLogs.of(2).blocks(), List.of("n"));
        LogFile.add(session, first);
        Log all = LogFile.add(session, second);
        assertEquals(
                first.blocks().size() + second.blocks().size(), all.blocks().size());
        assertEquals(all, LogFile.of(session).orElseThrow());
    }
}
