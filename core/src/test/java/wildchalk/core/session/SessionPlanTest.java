package wildchalk.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Restraint;
import wildchalk.core.squad.Squad;
import wildchalk.core.words.PlanWriter;

/** An hour by the clock: against sums worked by hand, and by what has to hold for every session. */
class SessionPlanTest {

    private static final Map<DrillId, Drill> BINDER = new HashMap<>();
    private static final List<Drill> HANDBALL = new ArrayList<>();

    static {
        for (String id : List.of("lantern-ladder", "crossing-backs", "second-wave-from-the-left")) {
            HANDBALL.add(Demo.read(id));
        }
        HANDBALL.forEach(d -> BINDER.put(d.id(), d));
    }

    private static final Library LIBRARY = id -> Optional.ofNullable(BINDER.get(id));

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static Squad squad(int players) {
        return RandomSquads.of(3, players);
    }

    /** One runs 4 m between cones; a drill for one, 8 m wide and nowhere near a goal. */
    private static Drill shuttle(String id, double x, int cones) {
        Drills drawn = Drills.blank().role("a", Side.ATTACK, x, 0).run("m1", "a", x + 4, 0);
        Progression base = drawn.progression();
        for (int i = 0; i < cones; i++) {
            base = base.with(
                    new Gear(new GearId("c" + i), GearKind.CONE, Chalk.ORANGE, new Point(x + i % 5, 1 + i / 5), 0));
        }
        return Drills.drill(base, AgeBand.U16).withId(new DrillId(id));
    }

    private static SessionPlan plan(Session session, Squad squad, Drill... drills) {
        Map<DrillId, Drill> there = new HashMap<>();
        for (Drill d : drills) {
            there.put(d.id(), d);
        }
        return SessionPlan.of(session, id -> Optional.ofNullable(there.get(id)), Optional.of(squad));
    }

    // ---- the clock ----

    /**
     * Ten minutes at x = -10, ten at x = 4: 14 m are 10 s at 1.4 m/s, 12 s to line up: 22 s. Six cones to bring for two who carry:
     * three each, 15 s, less than the walk.
     */
    @Test
    void changingOverTakesTheWalkOrTheCarrying() {
        Squad squad = squad(4);
        Drill left = shuttle("left", -10, 2);
        Drill right = shuttle("right", 4, 6);
        Session session = RandomSessions.blank(Optional.of(squad), 0)
                .withBlocks(List.of(
                        RandomSessions.drilling(
                                "b1",
                                10,
                                What.Turning.NONE,
                                List.of(RandomSessions.station("s", left, Point.ORIGIN, List.of()))),
                        RandomSessions.drilling(
                                "b2",
                                10,
                                What.Turning.NONE,
                                List.of(RandomSessions.station("s", right, Point.ORIGIN, List.of())))));
        SessionPlan plan = plan(session, squad, left, right);
        assertEquals(3, plan.slots().size());
        assertEquals(22, plan.slots().get(1).to() - plan.slots().get(1).from(), 0.8);
        assertEquals(6, plan.slots().get(1).change().orElseThrow().bring().size());
        assertEquals(0, plan.slots().get(1).change().orElseThrow().clear().size());
        assertEquals(Map.of(GearKind.CONE, 6), plan.bring());
        // thirty cones for two: fifteen each, 75 s
        Drill many = shuttle("right", 4, 30);
        assertEquals(75, changeSeconds(plan(session, squad, left, many)), 1e-6);
        // with a drink of a minute before, a quarter of a minute is left to carry: the walk is longer
        List<SessionBlock> drink = new ArrayList<>(session.blocks());
        drink.add(1, RandomSessions.plain("w", 1, What.Kind.WATER));
        assertEquals(22, changeSeconds(plan(session.withBlocks(drink), squad, left, many)), 0.8);
        // three coaches carry it alone in ten each: 50 s
        Session led = session.withCoaches(IntStream.range(0, 3)
                .mapToObj(i -> new Coach(new CoachId("c" + i), "C" + i))
                .toList());
        assertEquals(50, changeSeconds(plan(led, squad, left, many)), 1e-6);
    }

    private static double changeSeconds(SessionPlan plan) {
        return plan.slots().stream()
                .filter(s -> s.change().isPresent())
                .mapToDouble(s -> s.to() - s.from())
                .sum();
    }

    /** One stretch after the other, none of them empty, and all minutes add up. */
    @ParameterizedTest
    @MethodSource("seeds")
    void minutesAreConserved(long seed) {
        Squad squad = RandomSquads.of(seed, 12 + (int) (seed % 9));
        SessionPlan plan = SessionPlan.of(RandomSessions.of(seed, squad, HANDBALL), LIBRARY, Optional.of(squad));
        double at = 0;
        for (SessionPlan.Slot slot : plan.slots()) {
            assertEquals(at, slot.from(), 1e-9);
            assertTrue(slot.to() > slot.from());
            at = slot.to();
            double round = slot.from();
            for (SessionPlan.Round r : slot.rounds()) {
                assertTrue(r.from() >= round - 1e-9 && r.to() > r.from() && r.to() <= slot.to() + 1e-9);
                round = r.to();
            }
        }
        assertEquals(at / 60, plan.sums().planned(), 1e-9);
        double blocks = plan.session().blocks().stream()
                .mapToDouble(SessionBlock::minutes)
                .sum();
        assertEquals(blocks + plan.sums().changing(), plan.sums().planned(), 1e-9);
    }

    /** Nobody is in two places, nobody who is absent or beside is anywhere, and whoever has a group is somewhere. */
    @ParameterizedTest
    @MethodSource("seeds")
    void peopleAreConserved(long seed) {
        Squad squad = RandomSquads.of(seed, 12 + (int) (seed % 9));
        Session session = RandomSessions.of(seed, squad, HANDBALL);
        SessionPlan plan = SessionPlan.of(session, LIBRARY, Optional.of(squad));
        for (SessionPlan.Slot slot : plan.slots()) {
            for (SessionPlan.Round round : slot.rounds()) {
                List<PlayerId> all = new ArrayList<>();
                round.stations().forEach(h -> all.addAll(h.players()));
                assertEquals(new HashSet<>(all).size(), all.size(), "nobody twice");
                assertTrue(plan.present().containsAll(all));
                Set<PlayerId> missing = new HashSet<>(plan.present());
                all.forEach(missing::remove);
                session.beside().stream()
                        .filter(b -> 60 * b.from() < round.to() && 60 * (b.from() + b.minutes()) > round.from())
                        .forEach(b -> missing.removeAll(b.players()));
                assertEquals(Set.of(), missing);
            }
        }
        assertFalse(plan.clashes().stream().anyMatch(c -> c.kind() == Clash.Kind.PLAYER_TWICE));
    }

    /** Where groups go round, each is at each station once. */
    @ParameterizedTest
    @MethodSource("seeds")
    void groupsGoRound(long seed) {
        Squad squad = squad(16);
        int count = 2 + (int) (seed % 3);
        List<StationPlan> stations = IntStream.range(0, count)
                .mapToObj(i ->
                        RandomSessions.station("s" + i, HANDBALL.get(0), new Point(0, 3 * i), List.of("g" + (i + 1))))
                .toList();
        Session session = RandomSessions.blank(Optional.of(squad), 0)
                .withGroups(RandomSessions.groups(squad, count))
                .withBlocks(List.of(RandomSessions.drilling("b", 20, What.Turning.GROUPS, stations)));
        SessionPlan plan = SessionPlan.of(session, LIBRARY, Optional.of(squad));
        Map<PlayerId, Set<Integer>> been = new HashMap<>();
        List<SessionPlan.Round> rounds = plan.slots().get(0).rounds();
        assertEquals(count, rounds.size());
        for (SessionPlan.Round round : rounds) {
            for (int s = 0; s < count; s++) {
                int station = s;
                round.stations()
                        .get(s)
                        .players()
                        .forEach(p -> assertTrue(
                                been.computeIfAbsent(p, k -> new HashSet<>()).add(station)));
            }
        }
        been.values().forEach(s -> assertEquals(count, s.size()));
    }

    /** Two blocks of the same give everybody twice the turns of one. */
    @Test
    void whatEachGetsAddsUp() {
        Squad squad = squad(8);
        SessionBlock one = RandomSessions.drilling(
                "b1",
                9,
                What.Turning.NONE,
                List.of(RandomSessions.station("s", HANDBALL.get(0), Point.ORIGIN, List.of())));
        SessionBlock two = new SessionBlock(new BlockId("b2"), "b2", 9, false, "", one.what());
        Session session = RandomSessions.blank(Optional.of(squad), 0);
        SessionPlan once = SessionPlan.of(session.withBlocks(List.of(one)), LIBRARY, Optional.of(squad));
        SessionPlan twice = SessionPlan.of(session.withBlocks(List.of(one, two)), LIBRARY, Optional.of(squad));
        once.loads()
                .forEach((player, load) ->
                        assertEquals(load.plus(load), twice.loads().get(player)));
        assertTrue(once.loads().values().stream().anyMatch(l -> l.turns() > 0));
    }

    // ---- what does not go together ----

    static final Squad TWELVE = new Squad(
            RandomSquads.of(1, 1).id(),
            "S",
            List.of(),
            IntStream.range(0, 12)
                    .mapToObj(i -> Player.named(RandomSquads.id(i), "N" + i))
                    .toList(),
            List.of(),
            List.of());

    private static final Drill LEFT = shuttle("left", -12, 4);
    private static final Drill RIGHT = shuttle("right", 6, 4);
    private static final Drill MANY = shuttle("many", -2, 64);

    static Library small() {
        return id -> id.equals(LEFT.id())
                ? Optional.of(LEFT)
                : id.equals(RIGHT.id()) ? Optional.of(RIGHT) : Optional.empty();
    }

    private static Session two(UnaryOperator<StationPlan> second) {
        List<StationPlan> stations = List.of(
                RandomSessions.station("s1", LEFT, Point.ORIGIN, List.of("g1")),
                second.apply(RandomSessions.station("s2", RIGHT, Point.ORIGIN, List.of("g2"))));
        return RandomSessions.blank(Optional.of(TWELVE), 0)
                .withGroups(RandomSessions.groups(TWELVE, 2))
                .withCoaches(List.of(new Coach(new CoachId("c1"), "Tove"), new Coach(new CoachId("c2"), "Marek")))
                .withBlocks(List.of(RandomSessions.drilling("b1", 15, What.Turning.NONE, stations)));
    }

    private static StationPlan led(StationPlan s, String coach) {
        return new StationPlan(s.place(), s.drill(), s.version(), Optional.of(new CoachId(coach)), s.groups());
    }

    static Session bothLed(String second) {
        Session plain = two(s -> led(s, second));
        What.Drilling d = (What.Drilling) plain.blocks().get(0).what();
        return plain.withBlocks(List.of(RandomSessions.drilling(
                "b1",
                15,
                What.Turning.NONE,
                List.of(led(d.stations().get(0), "c1"), d.stations().get(1)))));
    }

    private static Session with(Session s, List<SessionBlock> more) {
        List<SessionBlock> all = new ArrayList<>(s.blocks());
        all.addAll(more);
        return s.withBlocks(all);
    }

    private static SessionBlock drilled(String id, Drill drill) {
        return RandomSessions.drilling(
                id,
                6,
                What.Turning.NONE,
                List.of(RandomSessions.station("s1", drill, Point.ORIGIN, List.of("g1", "g2"))));
    }

    private static StationPlan at(StationPlan s, Point place) {
        return new StationPlan(s.place().withAt(place), s.drill(), s.version(), s.coach(), s.groups());
    }

    private static Kit cones(int count) {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        gear.put(GearKind.CONE, count);
        return new Kit(gear, -1);
    }

    /** Of each a session that has it, and one that just has not. */
    static Stream<Arguments> clashes() {
        Session fine = two(s -> s);
        List<Group> shared = List.of(
                fine.groups().get(0),
                fine.groups()
                        .get(1)
                        .withPlayers(
                                Stream.concat(fine.groups().get(1).players().stream(), Stream.of(RandomSquads.id(0)))
                                        .toList()));
        return Stream.of(
                Arguments.of(
                        Clash.Kind.OVER_TIME,
                        with(fine.withMinutes(20), List.of(RandomSessions.plain("p", 6, What.Kind.WATER))),
                        with(fine.withMinutes(20), List.of(RandomSessions.plain("p", 5, What.Kind.WATER)))),
                Arguments.of(
                        Clash.Kind.NO_DRILL,
                        two(s -> new StationPlan(s.place(), new DrillId("none"), s.version(), s.coach(), s.groups())),
                        fine),
                Arguments.of(Clash.Kind.COACH_TWICE, bothLed("c1"), bothLed("c2")),
                Arguments.of(Clash.Kind.PLAYER_TWICE, fine.withGroups(shared), fine),
                Arguments.of(
                        Clash.Kind.FLOOR_TWICE, two(s -> at(s, new Point(-17, 0))), two(s -> at(s, new Point(-12, 0)))),
                Arguments.of(
                        Clash.Kind.OFF_FLOOR, two(s -> at(s, new Point(14, 0))), two(s -> at(s, new Point(12, 0)))),
                Arguments.of(Clash.Kind.GEAR_SHORT, fine.withKit(cones(7)), fine.withKit(cones(8))),
                Arguments.of(
                        Clash.Kind.TOO_FEW,
                        fine.withAbsent(fine.groups().get(1).players()),
                        fine.withAbsent(fine.groups().get(1).players().subList(1, 6))),
                Arguments.of(
                        Clash.Kind.NO_GROUP,
                        fine.withGroups(List.of(
                                fine.groups().get(0),
                                fine.groups()
                                        .get(1)
                                        .withPlayers(
                                                fine.groups().get(1).players().subList(1, 6)))),
                        fine),
                Arguments.of(
                        Clash.Kind.SET_UP,
                        with(fine.withBlocks(List.of()), List.of(drilled("b1", LEFT), drilled("b2", MANY))),
                        with(
                                fine.withBlocks(List.of()),
                                List.of(
                                        drilled("b1", LEFT),
                                        RandomSessions.plain("t", 6, What.Kind.TALK),
                                        drilled("b2", MANY)))),
                Arguments.of(
                        Clash.Kind.NO_WATER,
                        with(fine, List.of(RandomSessions.plain("p", 6, What.Kind.TALK))),
                        with(
                                fine,
                                List.of(
                                        RandomSessions.plain("w", 2, What.Kind.WATER),
                                        RandomSessions.plain("p", 6, What.Kind.TALK)))));
    }

    @ParameterizedTest
    @MethodSource("clashes")
    void whatDoesNotGoTogetherIsFoundAndSaid(Clash.Kind kind, Session fault, Session near) {
        SessionPlan plan = plan(fault, TWELVE, LEFT, RIGHT, MANY);
        assertEquals(
                List.of(kind),
                plan.clashes().stream().map(Clash::kind).distinct().toList());
        for (Clash clash : plan.clashes()) {
            String said = new PlanWriter(plan, Optional.of(TWELVE)).clash(clash);
            assertTrue(said.endsWith(".") && !said.contains("{"), said);
        }
        assertEquals(List.of(), plan(near, TWELVE, LEFT, RIGHT, MANY).clashes());
    }

    /** What mends it is there for these, and with it the trouble is gone. */
    @ParameterizedTest
    @MethodSource("clashes")
    void whatCanBeMendedIs(Clash.Kind kind, Session fault, Session near) {
        if (!Set.of(
                        Clash.Kind.PLAYER_TWICE,
                        Clash.Kind.NO_DRILL,
                        Clash.Kind.SET_UP,
                        Clash.Kind.NO_GROUP,
                        Clash.Kind.GEAR_SHORT,
                        Clash.Kind.BALLS_SHORT)
                .contains(kind)) {
            return;
        }
        Library library = id -> List.of(LEFT, RIGHT, MANY).stream()
                .filter(d -> d.id().equals(id))
                .findFirst();
        SessionPlan plan = SessionPlan.of(fault, library, Optional.of(TWELVE));
        Clash clash = plan.clashes().get(0);
        List<SessionRemedy> remedies = SessionRemedies.of(plan, clash, library, Optional.of(TWELVE));
        assertFalse(remedies.isEmpty(), kind + " " + clash);
        for (SessionRemedy r : remedies) {
            String said = new PlanWriter(plan, Optional.of(TWELVE)).mend(r);
            assertFalse(said.contains("{"), said);
            assertTrue(SessionPlan.of(r.then(), library, Optional.of(TWELVE)).clashes().stream()
                    .noneMatch(c -> c.equals(clash)));
        }
    }

    /** Two keepers in one group, and the other group's station has a goal: one of them changes over. */
    @Test
    void aKeeperChangesOverWhereOneIsMissed() {
        Drill shoots = Demo.read("lantern-ladder");
        List<Player> players = new ArrayList<>(TWELVE.players());
        for (int i : new int[] {0, 2}) {
            Player p = players.get(i);
            players.set(
                    i, new Player(p.id(), p.name(), p.positions(), p.hand(), p.level(), true, List.of(), 1, List.of()));
        }
        Squad squad = TWELVE.withPlayers(players);
        StationPlan second = RandomSessions.station("s2", shoots, Point.ORIGIN, List.of("g2"));
        second = new StationPlan(
                second.place().withTurn(180), second.drill(), second.version(), second.coach(), second.groups());
        Session session = RandomSessions.blank(Optional.of(squad), 0)
                .withGroups(RandomSessions.groups(squad, 2))
                .withBlocks(List.of(RandomSessions.drilling(
                        "b",
                        10,
                        What.Turning.NONE,
                        List.of(RandomSessions.station("s1", shoots, Point.ORIGIN, List.of("g1")), second))));
        SessionPlan plan = plan(session, squad, shoots);
        Clash clash = plan.clashes().stream()
                .filter(c -> c.kind() == Clash.Kind.NO_KEEPER)
                .findFirst()
                .orElseThrow();
        List<SessionRemedy> remedies = SessionRemedies.of(plan, clash, id -> Optional.of(shoots), Optional.of(squad));
        assertEquals(SessionRemedy.Kind.KEEPER, remedies.get(0).kind());
        assertTrue(plan(remedies.get(0).then(), squad, shoots).clashes().stream()
                .noneMatch(c -> c.kind() == Clash.Kind.NO_KEEPER));
    }

    /** Whoever is not to sprint is named while that holds, and not the day after. */
    @Test
    void aRestraintCountsUntilItsDay() {
        Drill drill = HANDBALL.get(0);
        LocalDate day = LocalDate.of(2026, 12, 3);
        for (int later : new int[] {-1, 0}) {
            List<Player> players = new ArrayList<>(TWELVE.players());
            Player p = players.get(2);
            players.set(
                    2,
                    new Player(
                            p.id(),
                            p.name(),
                            p.positions(),
                            p.hand(),
                            p.level(),
                            false,
                            List.of(new Restraint(Restraint.What.THROWS, Optional.of(day.plusDays(later)))),
                            1,
                            List.of()));
            Squad squad = TWELVE.withPlayers(players);
            Session session = RandomSessions.blank(Optional.of(squad), 0)
                    .withBlocks(List.of(RandomSessions.drilling(
                            "b",
                            10,
                            What.Turning.NONE,
                            List.of(RandomSessions.station("s", drill, Point.ORIGIN, List.of())))));
            boolean found = plan(session, squad, drill).clashes().stream()
                    .anyMatch(c -> c.kind() == Clash.Kind.RESTRAINT && c.names().contains("p3"));
            assertEquals(later == 0, found);
            if (found) {
                SessionPlan plan = plan(session, squad, drill);
                Clash clash = plan.clashes().stream()
                        .filter(c -> c.kind() == Clash.Kind.RESTRAINT)
                        .findFirst()
                        .orElseThrow();
                List<SessionRemedy> remedies =
                        SessionRemedies.of(plan, clash, id -> Optional.of(drill), Optional.of(squad));
                assertEquals(SessionRemedy.Kind.BESIDE, remedies.get(0).kind());
            }
        }
    }

    /** A goal in the middle of the floor, and who stands behind it: found and said; aside of it, not. */
    @Test
    void shotsThatFlyToAnotherStationAreFound() {
        Drill shoots = Demo.read("lantern-ladder");
        for (double aside : new double[] {-2.5, 6}) {
            Session session = RandomSessions.blank(Optional.of(TWELVE), 0)
                    .withBlocks(List.of(RandomSessions.drilling(
                            "b",
                            10,
                            What.Turning.NONE,
                            List.of(
                                    RandomSessions.station("s1", shoots, new Point(-14, 0), List.of()),
                                    RandomSessions.station("s2", RIGHT, new Point(4, aside), List.of())))));
            SessionPlan plan = plan(session, TWELVE, shoots, RIGHT);
            List<Clash> lanes = plan.clashes().stream()
                    .filter(c -> c.kind() == Clash.Kind.SHOT_LANE)
                    .toList();
            assertEquals(aside < 0 ? 1 : 0, lanes.size());
            lanes.forEach(c -> assertTrue(new PlanWriter(plan, Optional.of(TWELVE))
                    .clash(c)
                    .contains("shots of " + shoots.title() + " can fly to where " + RIGHT.title() + " is")));
        }
    }

    /** Two stations that shoot at one goal; turned, the second shoots at the other. */
    @Test
    void oneGoalForTwoIsFound() {
        Drill drill = HANDBALL.get(0);
        for (double turn : new double[] {0, 180}) {
            StationPlan second = RandomSessions.station("s2", drill, Point.ORIGIN, List.of());
            second = new StationPlan(
                    second.place().withTurn(turn), second.drill(), second.version(), second.coach(), List.of());
            Session session = RandomSessions.blank(Optional.of(TWELVE), 0)
                    .withBlocks(List.of(RandomSessions.drilling(
                            "b",
                            10,
                            What.Turning.NONE,
                            List.of(RandomSessions.station("s1", drill, Point.ORIGIN, List.of()), second))));
            boolean twice =
                    plan(session, TWELVE, drill).clashes().stream().anyMatch(c -> c.kind() == Clash.Kind.GOAL_TWICE);
            assertEquals(turn == 0, twice);
        }
    }

    /** Every sentence about any session is whole. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everySessionCanBeSaid(long seed) {
        Squad squad = RandomSquads.of(seed, 14);
        SessionPlan plan = SessionPlan.of(RandomSessions.of(seed, squad, HANDBALL), LIBRARY, Optional.of(squad));
        PlanWriter writer = new PlanWriter(plan, Optional.of(squad));
        List<String> lines = new ArrayList<>(writer.timetable());
        lines.addAll(writer.sums());
        plan.clashes().forEach(c -> lines.add(writer.clash(c)));
        for (String line : lines) {
            assertFalse(line.contains("{") || line.contains("null") || line.contains("  ,"), line);
        }
    }

    @Test
    void theDemoSessionGoesTogether() throws Exception {
        var file = Demo.folder().resolve("../sessions/2026-12-03-before-the-weekend/session.json");
        var library = wildchalk.core.binder.BinderLibrary.of(file);
        Session session = wildchalk.core.binder.SessionFile.read(file).value();
        Optional<Squad> squad = library.squad(session);
        assertEquals(18, squad.orElseThrow().players().size());
        SessionPlan plan = SessionPlan.of(session, library, squad);
        assertEquals(List.of(), plan.clashes());
        assertTrue(plan.sums().slack() >= 0, "it fits into its minutes");
    }
}
