package wildchalk.core.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.handout.StandInScript.Kind;
import wildchalk.core.handout.StandInScript.Part;
import wildchalk.core.handout.StandInScript.Said;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;
import wildchalk.core.words.Line;

/** What stands in the hands of whoever helps or stands in: all of it there, once, in the order of the clock. */
class StandInScriptTest {

    private static final Map<DrillId, Drill> BINDER = new HashMap<>();
    private static final List<Drill> DRILLS = Stream.of("lantern-ladder", "crossing-backs", "second-wave-from-the-left")
            .map(Demo::read)
            .toList();

    static {
        DRILLS.forEach(d -> BINDER.put(d.id(), d));
    }

    static LongStream seeds() {
        return LongStream.range(0, 25);
    }

    private static Hour hour(long seed) {
        Squad squad = RandomSquads.of(seed, 14);
        Session session = RandomSessions.of(seed, squad, DRILLS);
        return Hours.of(session, id -> Optional.ofNullable(BINDER.get(id)), Optional.of(squad));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyRoundOfEveryStationIsAtOnePost(long seed) {
        Hour hour = hour(seed);
        List<Here> there = hour.plan().slots().stream()
                .flatMap(s -> s.rounds().stream())
                .flatMap(r -> r.stations().stream())
                .filter(h -> h.setUp().isPresent())
                .toList();
        List<Here> visited = hour.posts().stream()
                .flatMap(p -> p.visits().stream())
                .map(Post.Visit::here)
                .toList();
        assertEquals(there.size(), visited.size());
        there.forEach(h -> assertEquals(1, visited.stream().filter(v -> v == h).count()));
        List<Double> from = hour.posts().stream().map(p -> p.slot().from()).toList();
        assertEquals(from.stream().sorted().toList(), from, "by the clock");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theScriptHasEveryStretchAndTellsEachDrillOnce(long seed) {
        Hour hour = hour(seed);
        StandInScript script = StandInScript.of(hour);
        assertEquals(
                hour.plan().slots().stream()
                        .map(s -> hour.writer().clock(s.from()))
                        .toList(),
                script.parts().stream().map(Part::clock).toList());
        for (Post post : hour.posts()) {
            String first = String.join(
                    " ",
                    hour.talk(post).steps().get(0).lines().stream()
                            .map(Line::text)
                            .toList());
            long told = lines(script)
                    .filter(s -> s.kind() == Kind.SAY && s.text().equals(first))
                    .count();
            long named = lines(script)
                    .filter(s -> s.text().contains(post.setUp().drill().title()))
                    .count();
            // as it is drawn and the other way round it may begin with the same words
            long ways = hour.posts().stream()
                    .filter(p -> p.setUp().drill().equals(post.setUp().drill()))
                    .map(Post::which)
                    .distinct()
                    .count();
            assertTrue(told <= ways, "told once: " + first);
            assertTrue(told >= 1 || named > 0, "or somebody has it on a card");
        }
    }

    /** What gives when it is late is what the Session place and the Whistle take time from. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatGivesIsWhatIsCutWhenMinutesAreLost(long seed) {
        Hour hour = hour(seed);
        StandInScript script = StandInScript.of(hour);
        List<Slot> slots = hour.plan().slots();
        for (int i = 0; i < slots.size(); i++) {
            List<String> late = script.parts().get(i).lines().stream()
                    .filter(s -> s.kind() == Kind.LATE)
                    .map(Said::text)
                    .toList();
            Slot slot = slots.get(i);
            if (slot.change().isPresent() || slot.block().isWater()) {
                assertTrue(late.isEmpty());
            } else {
                assertEquals(1, late.size());
                assertEquals(!Replan.mayGive(slot.block()), late.get(0).equals("This stays, however late it is."));
            }
        }
    }

    @Test
    void theDemoHourIsToldAsItsHeadCoachWould() {
        StandInScript script = StandInScript.of(Hours.demo());
        Part crossing = script.parts().stream()
                .filter(p -> p.title().equals("Crossing and finishing"))
                .findFirst()
                .orElseThrow();
        assertEquals("18:15", crossing.clock());
        assertEquals(
                List.of(
                        "Red to Tove: Crossing backs. Blue to Marek: Lantern ladder.",
                        "On the whistle CB passes to LB. As CB passes, LB runs steadily and cuts to the centre back position.",
                        "Just after LB sets off, CB runs 7 m up and to the left. As CB sets off, D1 side-steps to the white"
                                + " pole. Just after CB sets off, LB lobs softly to CB.",
                        "Just after the catch CB shoots to the near side. As CB shoots, RW sprints into the goal area.",
                        "18:25: Blue to Tove: Crossing backs. Red to Marek: Lantern ladder."),
                crossing.lines().stream()
                        .filter(s -> s.kind() == Kind.SAY)
                        .map(Said::text)
                        .toList());
        assertTrue(crossing.lines().contains(new Said(Kind.DO, "Marek runs Lantern ladder, from the card.")));
        assertTrue(crossing.lines().contains(new Said(Kind.LATE, "When late: 7 minutes are enough, or leave it out.")));
        assertTrue(script.first()
                .contains(new Said(
                        Kind.DO,
                        "You run Crossing backs at 18:15 and Second wave from the left at 18:37, in place of Tove.")));
        assertEquals(3, script.late().size());
        assertTrue(
                script.late().get(0).startsWith("5 minutes late: "),
                script.late().get(0));
    }

    @Test
    void aCardHasWhatWhoeverRunsItHasToKnow() {
        List<StationCard> cards = StationCard.of(Hours.demo());
        assertEquals(
                List.of("Crossing backs", "Lantern ladder", "Second wave from the left"),
                cards.stream().map(c -> c.post().setUp().drill().title()).toList());
        StationCard ladder = cards.get(1);
        assertEquals(Optional.of("Marek"), ladder.lead());
        assertEquals(2, ladder.post().number());
        assertEquals(
                List.of("18:15 Blue, 8 players; 24 to 25 turns each", "18:25 Red, 8 players; 24 to 25 turns each"),
                ladder.who());
        assertEquals(List.of("Hands out before the cut"), ladder.watch());
        assertEquals("Where is the space?", ladder.ask().get(0).ask());
        assertTrue(ladder.then().contains("LB goes to the tail of line L."));
    }

    /** What is called stands apart from the rules, and once. */
    @Test
    void callsStandByThemselves() {
        Drill flags = Demo.read("signal-flags");
        Session session = RandomSessions.blank(
                Optional.empty(), flags.audience().players().best());
        Session hour = session.withBlocks(List.of(RandomSessions.drilling(
                "b1",
                10,
                wildchalk.core.session.What.Turning.NONE,
                List.of(RandomSessions.station("s1", flags, wildchalk.core.geometry.Point.ORIGIN, List.of())))));
        StationCard card = StationCard.of(Hours.of(hour, id -> Optional.of(flags), Optional.empty()))
                .get(0);
        assertFalse(card.call().isEmpty());
        assertTrue(
                card.call().get(0).startsWith("The coach calls "), card.call().get(0));
        card.call().forEach(c -> assertFalse(card.rules().contains(c)));
    }

    private static Stream<Said> lines(StandInScript script) {
        return Stream.concat(script.first().stream(), script.parts().stream().flatMap(p -> p.lines().stream()));
    }
}
