package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;

/** Sessions as files. */
class SessionFileTest {

    private static final List<Drill> DRILLS = List.of(Demo.read("lantern-ladder"), Demo.read("tide-race"));

    @TempDir
    Path folder;

    @Test
    void whatIsWrittenIsReadAgainAndFitsItsSchema() throws IOException {
        for (int seed = 0; seed < 60; seed++) {
            Session session = RandomSessions.of(seed, RandomSquads.of(seed, 10), DRILLS);
            Path file = folder.resolve(seed + "-" + SessionFile.NAME);
            SessionFile.ofNew(session).save(file);
            assertEquals(session, SessionFile.read(file).value());
            assertEquals(List.of(), Schemas.check(file));
        }
    }

    /** Names of players stand in the squad file alone. */
    @Test
    void noNameOfAPlayerIsInASession() {
        for (int seed = 0; seed < 30; seed++) {
            Squad squad = RandomSquads.of(seed, 12);
            String text =
                    SessionFile.ofNew(RandomSessions.of(seed, squad, DRILLS)).toText();
            for (Player p : squad.players()) {
                assertFalse(text.contains(p.name()), p.name());
            }
        }
    }

    @Test
    void whatIsNotKnownStays() throws IOException {
        String text = """
                {"format": {"name": "wild-chalk-session", "version": 1}, "id": "a", "title": "A", "date": "2026-12-03", "start": "18:00",
                 "minutes": 60, "surface": {"use": "handball"}, "coaches": [{"id": "c1", "name": "Tove", "phone": 1}],
                 "blocks": [{"id": "b1", "title": "x", "minutes": 5, "colour": "red", "stations": [{"id": "s", "drill": "d", "more": 2}]}]}
                """;
        String written = SessionFile.parse(Path.of("session.json"), text).toText();
        for (String kept : List.of("\"phone\": 1", "\"colour\": \"red\"", "\"more\": 2")) {
            assertTrue(written.contains(kept), kept);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'date': '3 December'|a day like 2026-12-03",
                "'start': 'six'|a time like 18:05",
                "'minutes': 0|minutes",
                "'blocks': [{'id': 'b', 'title': '', 'minutes': -1}]|above 0",
                "'blocks': [{'id': 'b', 'title': '', 'minutes': 3}, {'id': 'b', 'title': '', 'minutes': 3}]|id \"b\"",
                "'blocks': [{'id': 'b', 'title': '', 'minutes': 3, 'stations': [{'id': 's', 'drill': 'd', 'coach': 'c9'}]}]|coach \"c9\"",
                "'blocks': [{'id': 'b', 'title': '', 'minutes': 3, 'stations': [{'id': 's', 'drill': 'd', 'groups': ['g9']}]}]|group \"g9\""
            })
    void whatIsWrongIsSaidWithItsPlace(String instead, String says) {
        String key = instead.substring(0, instead.indexOf(':')).replace("'", "");
        StringBuilder text = new StringBuilder(
                "{\"format\": {\"name\": \"wild-chalk-session\", \"version\": 1}, \"id\": \"a\", \"title\": \"A\",\n");
        for (String usual : List.of(
                "'date': '2026-12-03'",
                "'start': '18:00'",
                "'minutes': 60",
                "'surface': {'use': 'handball'}",
                "'blocks': []")) {
            boolean same = usual.startsWith("'" + key + "'");
            text.append(same ? instead : usual).append(usual.startsWith("'blocks'") ? "}" : ",\n");
        }
        String json = text.toString().replace('\'', '"');
        FormatProblem problem =
                assertThrows(FormatProblem.class, () -> SessionFile.parse(Path.of("session.json"), json));
        assertTrue(problem.getMessage().contains(says), problem.getMessage());
        assertTrue(problem.line() > 0, "it says where");
    }

    /** Sessions are listed by their days, each in a folder of its own. */
    @Test
    void sessionsAreListedByTheirDays() throws IOException {
        Binder binder = new Binder(folder);
        Session session = RandomSessions.of(1, RandomSquads.of(1, 10), DRILLS);
        for (int day : new int[] {9, 3, 3}) {
            Path file = binder.newSession(LocalDate.of(2026, 12, day), "Before the weekend");
            Files.createDirectories(file.getParent());
            SessionFile.ofNew(session).save(file);
        }
        assertEquals(
                List.of(
                        "2026-12-03-before-the-weekend",
                        "2026-12-03-before-the-weekend-2",
                        "2026-12-09-before-the-weekend"),
                binder.sessions().stream()
                        .map(f -> f.getParent().getFileName().toString())
                        .toList());
    }
}
