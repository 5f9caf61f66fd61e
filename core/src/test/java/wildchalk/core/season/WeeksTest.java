package wildchalk.core.season;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.LogTable;
import wildchalk.core.binder.Seasons;
import wildchalk.core.binder.TableFiles;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Point;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Library;
import wildchalk.core.session.Load;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;
import wildchalk.core.words.WeeksWriter;

/** Weeks of sessions: minutes and people are counted right, and what is worth a thought is found when it is there. */
class WeeksTest {

    private static final Drill LADDER = Demo.read("lantern-ladder");
    private static final Drill BACKS = Demo.read("crossing-backs");
    private static final Library LIBRARY =
            id -> List.of(LADDER, BACKS).stream().filter(d -> d.id().equals(id)).findFirst();
    private static final Squad SQUAD = RandomSquads.of(11, 10);
    private static final Simulations SIMULATIONS = new Simulations();
    private static final LocalDate FIRST = LocalDate.of(2026, 11, 5);

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    private static SessionBlock drilling(String id, Drill drill, double minutes) {
        return RandomSessions.drilling(
                id, minutes, What.Turning.NONE, List.of(RandomSessions.station("s1", drill, Point.ORIGIN, List.of())));
    }

    private static Session session(int week, List<SessionBlock> blocks) {
        return RandomSessions.blank(Optional.of(SQUAD), 0)
                .withStart(
                        FIRST.plusWeeks(week),
                        RandomSessions.blank(Optional.empty(), 1).start())
                .withBlocks(blocks);
    }

    private static LoggedBlock ran(String id, double minutes, int reps, List<Double> times) {
        return new LoggedBlock(new BlockId(id), minutes, reps, times, 0, 0, List.of(), Map.of(), List.of(), List.of());
    }

    private static Practice practice(Session s, Map<PlayerId, Presence> there, LoggedBlock... blocks) {
        return Practice.of(
                s, new Log(s.id(), there, List.of(blocks), List.of()), LIBRARY, Optional.of(SQUAD), SIMULATIONS);
    }

    private static Map<PlayerId, Presence> everybody() {
        Map<PlayerId, Presence> all = new java.util.LinkedHashMap<>();
        SQUAD.players().forEach(p -> all.put(p.id(), Presence.THERE));
        return all;
    }

    private static List<Hint.Kind> kinds(Weeks weeks) {
        return weeks.hints().stream().map(Hint::kind).toList();
    }

    /** Fifteen minutes planned, ten run: each of the drill's themes has ten in its week. */
    @Test
    void minutesOfThemesAreThoseThatWereRun() {
        Session s = session(0, List.of(drilling("b1", LADDER, 15)));
        Weeks weeks = Weeks.of(List.of(practice(s, everybody(), ran("b1", 10, 0, List.of()))), Optional.of(SQUAD));
        Map<String, Double> week = weeks.themes().get(LocalDate.of(2026, 11, 2));
        LADDER.themes().forEach(t -> assertEquals(10.0, week.get(t)));
        assertEquals(LADDER.themes().size(), week.size());
    }

    /** Half as many reps as the model plays in that time give half of what it gives. */
    @Test
    void countedRepsCountMoreThanTheClock() {
        Session s = session(0, List.of(drilling("b1", LADDER, 10)));
        int played = SessionPlan.of(s, LIBRARY, Optional.of(SQUAD), SIMULATIONS)
                .slots()
                .get(0)
                .rounds()
                .get(0)
                .stations()
                .get(0)
                .reps();
        PlayerId field = SQUAD.players().stream()
                .filter(p -> !p.keeper())
                .findFirst()
                .orElseThrow()
                .id();
        Load all = practice(s, everybody(), ran("b1", 10, 0, List.of()))
                .load(field)
                .orElseThrow();
        Load half = practice(s, everybody(), ran("b1", 10, played / 2, List.of()))
                .load(field)
                .orElseThrow();
        double share = (played / 2) / (double) played;
        assertEquals(all.turns() * share, half.turns(), 1.01);
        assertEquals(all.hardSeconds() * share, half.hardSeconds(), 1e-6);
    }

    @Test
    void whatFellOutIsFoundAndComesEarlyNextWeek() {
        Session s = session(
                0,
                List.of(
                        RandomSessions.plain("t", 3, What.Kind.TALK),
                        drilling("b1", LADDER, 10),
                        RandomSessions.plain("w", 2, What.Kind.WATER),
                        drilling("b2", BACKS, 12)));
        Weeks weeks = Weeks.of(
                List.of(practice(s, everybody(), ran("t", 3, 0, List.of()), ran("b1", 11, 0, List.of()))),
                Optional.of(SQUAD));
        assertTrue(kinds(weeks).contains(Hint.Kind.MISSED));
        NextWeek next =
                NextWeek.of(weeks, LIBRARY, Optional.of(SQUAD), SIMULATIONS).orElseThrow();
        assertEquals(FIRST.plusWeeks(1), next.session().date());
        assertEquals(
                List.of("t", "b2", "b1", "w"),
                next.session().blocks().stream().map(b -> b.id().text()).toList());
        assertTrue(next.session().blocks().get(1).must(), "and it stays when time is short");
        assertTrue(next.reasons().stream().anyMatch(r -> r.kind() == NextWeek.Kind.MISSED_FIRST));
        assertTrue(NextWeek.of(Weeks.of(List.of(), Optional.empty()), LIBRARY, Optional.empty(), SIMULATIONS)
                .isEmpty());
    }

    /** Three weeks the same way round: found, and turned next time; with one week mirrored, not. */
    @Test
    void alwaysOneSideIsFoundAndTurned() {
        List<Practice> three = new ArrayList<>();
        for (int w = 0; w < 3; w++) {
            three.add(practice(
                    session(w, List.of(drilling("b1", LADDER, 10))), everybody(), ran("b1", 10, 0, List.of())));
        }
        Weeks same = Weeks.of(three, Optional.of(SQUAD));
        assertTrue(kinds(same).contains(Hint.Kind.ONE_SIDE));
        NextWeek next =
                NextWeek.of(same, LIBRARY, Optional.of(SQUAD), SIMULATIONS).orElseThrow();
        assertEquals(
                What.Turning.SIDES,
                ((What.Drilling) next.session().blocks().get(0).what()).turning());
        SessionBlock sides = RandomSessions.drilling(
                "b1", 10, What.Turning.SIDES, List.of(RandomSessions.station("s1", LADDER, Point.ORIGIN, List.of())));
        three.set(1, practice(session(1, List.of(sides)), everybody(), ran("b1", 10, 0, List.of())));
        assertFalse(kinds(Weeks.of(three, Optional.of(SQUAD))).contains(Hint.Kind.ONE_SIDE));
    }

    @Test
    void whatWasNotUsedLatelyAndWhoHadHalfTheTurns() {
        PlayerId rare = SQUAD.players().stream()
                .filter(p -> !p.keeper())
                .findFirst()
                .orElseThrow()
                .id();
        Map<PlayerId, Presence> without = new java.util.LinkedHashMap<>(everybody());
        without.put(rare, Presence.ABSENT);
        List<Practice> weeks = List.of(
                practice(session(0, List.of(drilling("b1", LADDER, 10))), without, ran("b1", 10, 0, List.of())),
                practice(session(2, List.of(drilling("b1", BACKS, 10))), without, ran("b1", 10, 0, List.of())),
                practice(session(3, List.of(drilling("b1", BACKS, 1))), everybody(), ran("b1", 1, 0, List.of())));
        Weeks all = Weeks.of(weeks, Optional.of(SQUAD));
        Hint lately = all.hints().stream()
                .filter(h -> h.kind() == Hint.Kind.NOT_LATELY)
                .findFirst()
                .orElseThrow();
        assertEquals(List.of(LADDER.id().text()), lately.names());
        assertEquals(21.0, lately.figures().get(0));
        Hint turns = all.hints().stream()
                .filter(h -> h.kind() == Hint.Kind.FEW_TURNS)
                .findFirst()
                .orElseThrow();
        assertEquals(rare.text(), turns.names().get(0));
        assertTrue(turns.figures().get(0) <= turns.figures().get(1) / 2);
        Share share = all.shares().stream()
                .filter(s -> s.player().equals(rare))
                .findFirst()
                .orElseThrow();
        assertEquals(1, share.there());
        assertEquals(3, share.known());
    }

    @Test
    void repsThatTookLongerThanDrawnAreSaid() {
        Session s = session(0, List.of(drilling("b1", LADDER, 10)));
        Weeks slow = Weeks.of(
                List.of(practice(s, everybody(), ran("b1", 10, 6, List.of(9.0, 9.1, 8.9, 9.0, 30.0)))),
                Optional.of(SQUAD));
        Stopped stopped = slow.stopped().get(0);
        assertEquals(9.0, stopped.median(), 0.06, "a slip of the thumb moves it little");
        assertTrue(stopped.drawn() > 0);
        assertEquals(stopped.drawn() * 1.1 <= 9, kinds(slow).contains(Hint.Kind.SLOWER));
    }

    /** Whatever was run: turns and attendance of all players are those of the sessions added up. */
    @ParameterizedTest
    @MethodSource("seeds")
    void sharesAreTheSumOfTheSessions(long seed) {
        List<Practice> practices = new ArrayList<>();
        for (int w = 0; w < 3; w++) {
            Session s = RandomSessions.of(seed * 3 + w, SQUAD, List.of(LADDER, BACKS));
            s = s.withStart(FIRST.plusWeeks(w), s.start());
            List<LoggedBlock> ran = new ArrayList<>();
            for (SessionBlock b : s.blocks()) {
                ran.add(ran(b.id().text(), (seed + ran.size()) % 4 * b.minutes() / 3, 0, List.of()));
            }
            practices.add(practice(s, everybody(), ran.toArray(LoggedBlock[]::new)));
        }
        Weeks weeks = Weeks.of(practices, Optional.of(SQUAD));
        for (Share share : weeks.shares()) {
            int turns = practices.stream()
                    .mapToInt(p -> p.load(share.player()).map(Load::turns).orElse(0))
                    .sum();
            assertEquals(turns, share.load().turns());
            assertEquals(3, share.there());
        }
        double themes = weeks.themes().values().stream()
                .flatMap(w -> w.values().stream())
                .mapToDouble(Double::doubleValue)
                .sum();
        double twin = practices.stream()
                .flatMap(p -> p.themes().values().stream())
                .mapToDouble(Double::doubleValue)
                .sum();
        assertEquals(twin, themes, 1e-6);
        NextWeek next =
                NextWeek.of(weeks, LIBRARY, Optional.of(SQUAD), SIMULATIONS).orElseThrow();
        assertEquals(
                practices.get(2).planned().blocks().size(),
                next.session().blocks().size(),
                "no block is lost or new");
    }

    /** The demo's four weeks say what the README says of them; names stand in the squad's file alone. */
    @Test
    void theDemosWeeks() throws IOException {
        Path demo = Demo.files().get(0).getParent().getParent();
        BinderLibrary library = new BinderLibrary(new Binder(demo));
        Seasons seasons = Seasons.of(new Binder(demo), library, SIMULATIONS);
        assertTrue(seasons.entries().stream().allMatch(e -> e.problem().isEmpty()));
        Seasons.Lately lately = seasons.lately(6, library, SIMULATIONS);
        assertEquals(4, lately.weeks().practices().size());
        WeeksWriter words = new WeeksWriter(lately.weeks(), library, lately.squad());
        List<String> hints = lately.weeks().hints().stream().map(words::hint).toList();
        assertTrue(hints.contains("Crossing backs had 5 of 16 minutes last time."), hints.toString());
        assertTrue(hints.contains("Lantern ladder was not run for 21 days."), hints.toString());
        assertEquals("Won: Red 1 and Blue 2.", words.scores().get(4));
        assertTrue(
                words.paces().get(0).startsWith("Second wave from the left: a rep every "),
                words.paces().toString());
        assertEquals(
                4 * 17, LogTable.players(lately.weeks(), lately.squad()).rows().size());
        String table = new String(TableFiles.csv(LogTable.blocks(lately.weeks())), StandardCharsets.UTF_8);
        assertTrue(table.contains("Crossing backs,16,5.2"), table);
    }
}
