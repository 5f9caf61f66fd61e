package wildchalk.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;

/** Minutes that are lost: what must stay stays, and what is offered fits. What a hand does keeps people and minutes. */
class ReplanTest {

    private static final Drill LADDER = Demo.read("lantern-ladder");
    private static final Library LIBRARY = id -> id.equals(LADDER.id()) ? Optional.of(LADDER) : Optional.empty();

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static SessionBlock block(String id, double minutes, boolean must, String aim) {
        return new SessionBlock(new BlockId(id), id, minutes, must, aim, new What.Plain(What.Kind.OTHER, ""));
    }

    private static List<SessionBlock> random(long seed) {
        Random random = new Random(seed);
        List<SessionBlock> blocks = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(7); i++) {
            boolean water = random.nextInt(5) == 0;
            double minutes = 2 + random.nextInt(36) / 2.0;
            blocks.add(
                    water
                            ? RandomSessions.plain("b" + i, 2, What.Kind.WATER)
                            : block(
                                    "b" + i,
                                    minutes,
                                    random.nextInt(3) == 0,
                                    random.nextInt(3) == 0 ? "aim " + i : ""));
        }
        return blocks;
    }

    private static double sum(List<SessionBlock> blocks) {
        return blocks.stream().mapToDouble(SessionBlock::minutes).sum();
    }

    /** Water and what must stay are there as they were, nothing comes that was not there, and it fits. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatMustStayStays(long seed) {
        List<SessionBlock> blocks = random(seed);
        int given = (int) Math.ceil(sum(blocks));
        Session session =
                RandomSessions.blank(Optional.empty(), 6).withMinutes(given).withBlocks(blocks);
        double lost = 1 + seed % 15;
        for (Replan plan : Replan.of(session, lost, LIBRARY, Optional.empty())) {
            List<SessionBlock> then = plan.session().blocks();
            assertTrue(sum(then) <= Math.max(1, given - lost) + 0.5, "it fits");
            for (SessionBlock b : blocks) {
                Optional<SessionBlock> now =
                        then.stream().filter(x -> x.id().equals(b.id())).findFirst();
                if (b.must() || b.isWater()) {
                    assertEquals(Optional.of(b), now);
                } else {
                    assertEquals(now.isEmpty(), plan.gone().contains(b.title()));
                    now.ifPresent(n -> assertTrue(n.minutes() <= b.minutes()));
                }
            }
        }
    }

    /** Of all blocks that could go, those go that have no aim and of them the fewest minutes that are enough. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noMoreGoesThanHasTo(long seed) {
        List<SessionBlock> blocks = random(seed);
        int given = (int) Math.ceil(sum(blocks));
        Session session =
                RandomSessions.blank(Optional.empty(), 6).withMinutes(given).withBlocks(blocks);
        double over = sum(blocks) - (given - 9);
        Optional<Replan> out = Replan.of(session, 9, LIBRARY, Optional.empty()).stream()
                .filter(p -> p.how() == Replan.How.LEAVE_OUT)
                .findFirst();
        double least = Double.POSITIVE_INFINITY;
        List<SessionBlock> free =
                blocks.stream().filter(b -> !b.must() && !b.isWater()).toList();
        for (int set = 0; set < 1 << free.size(); set++) {
            double minutes = 0;
            double cost = 0;
            for (int i = 0; i < free.size(); i++) {
                boolean goes = (set & 1 << i) != 0;
                minutes += goes ? free.get(i).minutes() : 0;
                cost += goes ? free.get(i).minutes() + (free.get(i).aim().isEmpty() ? 0 : 1000) : 0;
            }
            least = minutes >= over - 0.05 ? Math.min(least, cost) : least;
        }
        if (out.isEmpty()) {
            assertTrue(Double.isInfinite(least) || least < 1e9);
            return;
        }
        double cost = blocks.stream()
                .filter(b -> out.get().gone().contains(b.title()))
                .mapToDouble(b -> b.minutes() + (b.aim().isEmpty() ? 0 : 1000))
                .sum();
        assertEquals(least, cost, 1e-9);
    }

    /** Twenty, ten and ten, the last must stay; six lost: 4 and 2 of what may give, 6 of the longest, or the shortest of them goes. */
    @Test
    void sixMinutesAreGivenThreeWays() {
        Session session = RandomSessions.blank(Optional.empty(), 6)
                .withMinutes(40)
                .withBlocks(List.of(
                        block("long", 20, false, "speed"),
                        block("short", 10, false, ""),
                        block("stays", 10, true, "")));
        List<Replan> plans = Replan.of(session, 6, LIBRARY, Optional.empty());
        assertEquals(
                Set.of(Replan.How.values()),
                new HashSet<>(plans.stream().map(Replan::how).toList()));
        for (Replan plan : plans) {
            List<Double> minutes =
                    plan.session().blocks().stream().map(SessionBlock::minutes).toList();
            switch (plan.how()) {
                // room to give: 20 - 6.67 and 10 - 3.33, so two thirds and one third of the six
                case ALL_SHORTER -> assertEquals(List.of(16.0, 8.0, 10.0), minutes);
                case ONE_SHORTER -> assertEquals(List.of(14.0, 10.0, 10.0), minutes);
                case LEAVE_OUT -> assertEquals(List.of(20.0, 10.0), minutes);
            }
            assertEquals(List.of(), plan.aimsGone());
        }
        assertEquals(List.of(), Replan.of(session, 39, LIBRARY, Optional.empty()), "what must stay is too long");
    }

    @Test
    void theDemoSessionLosesTwelveMinutes() throws Exception {
        var file = Demo.folder().resolve("../sessions/2026-12-03-before-the-weekend/session.json");
        BinderLibrary library = BinderLibrary.of(file);
        Session session = SessionFile.read(file).value();
        Optional<Squad> squad = library.squad(session);
        List<Replan> plans = Replan.of(session, 12, library, squad);
        assertEquals(3, plans.size());
        for (Replan plan : plans) {
            assertTrue(SessionPlan.of(plan.session(), library, squad).sums().slack() > -0.5);
            assertTrue(plan.turns() <= plan.turnsBefore());
        }
    }

    // ---- what a hand does ----

    /** Moved there and back, split, taken out: minutes are conserved, and what names nothing changes nothing. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatAHandDoesKeepsTheMinutes(long seed) {
        Squad squad = RandomSquads.of(seed, 12);
        Session session = RandomSessions.of(seed, squad, List.of(LADDER));
        Random random = new Random(seed);
        BlockId id =
                session.blocks().get(random.nextInt(session.blocks().size())).id();
        int at = session.blocks().stream().map(SessionBlock::id).toList().indexOf(id);
        Session moved = Sessions.moved(session, id, 2);
        int went = moved.blocks().stream().map(SessionBlock::id).toList().indexOf(id) - at;
        assertEquals(session, Sessions.moved(moved, id, -went));
        assertEquals(sum(session.blocks()), sum(Sessions.split(session, id).blocks()), 1e-9);
        assertEquals(
                sum(session.blocks()) - session.blocks().get(at).minutes(),
                sum(Sessions.removed(session, id).blocks()),
                1e-9);
        BlockId none = new BlockId("none");
        for (Session same : List.of(
                Sessions.moved(session, none, 1),
                Sessions.removed(session, none),
                Sessions.split(session, none),
                Sessions.minutes(session, none, 5),
                Sessions.must(session, none, true))) {
            assertEquals(session, same);
        }
        // another station, and groups parted among all: everybody who had a place has one
        Session more = Sessions.stationMore(session, id, LADDER.id());
        SessionPlan.of(more, LIBRARY, Optional.of(squad))
                .slots()
                .forEach(s -> s.rounds().forEach(r -> {
                    long there = r.stations().stream()
                            .mapToLong(h -> h.players().size())
                            .sum();
                    assertTrue(there <= squad.players().size());
                }));
        Session grouped = Sessions.groups(session, RandomSessions.groups(squad, 3));
        assertEquals(3, grouped.groups().size());
        assertFalse(SessionPlan.of(grouped, LIBRARY, Optional.of(squad)).clashes().stream()
                .anyMatch(c -> c.kind() == Clash.Kind.NO_GROUP));
    }

    /** Of every clash that has remedies each clears it, and brings nothing that cannot be run. */
    @ParameterizedTest
    @MethodSource("wildchalk.core.session.SessionPlanTest#clashes")
    void whatIsOfferedClearsIt(Clash.Kind kind, Session fault, Session near) {
        Library library = SessionPlanTest.small();
        Optional<Squad> squad = Optional.of(SessionPlanTest.TWELVE);
        SessionPlan plan = SessionPlan.of(fault, library, squad);
        Clash clash = plan.clashes().get(0);
        List<SessionRemedy> remedies = SessionRemedies.of(plan, clash, library, squad);
        Set<Clash.Kind> byHand =
                Set.of(Clash.Kind.NO_DRILL, Clash.Kind.PLAYER_TWICE, Clash.Kind.GEAR_SHORT, Clash.Kind.COACH_TWICE);
        assertTrue(byHand.contains(kind) || !remedies.isEmpty(), kind + " has a remedy");
        for (SessionRemedy remedy : remedies) {
            List<Clash> left = SessionPlan.of(remedy.then(), library, squad).clashes();
            assertFalse(
                    left.stream().anyMatch(c -> c.kind() == kind && c.names().equals(clash.names())),
                    remedy.kind() + "");
            assertFalse(left.stream().anyMatch(c -> c.kind().isGrave() && c.kind() != kind), remedy.kind() + "");
        }
    }

    /** With a third coach there, he takes one of the two. */
    @Test
    void aFreeCoachTakesOver() {
        Session both = SessionPlanTest.bothLed("c1");
        List<Coach> three = new ArrayList<>(both.coaches());
        three.add(new Coach(new CoachId("c3"), "Wilma"));
        Session session = both.withCoaches(three);
        Library library = SessionPlanTest.small();
        SessionPlan plan = SessionPlan.of(session, library, Optional.of(SessionPlanTest.TWELVE));
        List<SessionRemedy> remedies =
                SessionRemedies.of(plan, plan.clashes().get(0), library, Optional.of(SessionPlanTest.TWELVE));
        assertEquals(
                List.of("Marek", "Wilma"),
                remedies.stream().map(r -> r.names().get(0)).toList());
    }
}
