package wildchalk.core.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;
import wildchalk.core.handout.PlayerPart.Stretch;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.RepFlow;
import wildchalk.core.reps.RepScript;
import wildchalk.core.reps.Setting;
import wildchalk.core.reps.Somebody;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.session.SetUp;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;

/** A player is told what he does when the block is played, and nothing that somebody else does. */
class PlayerPartTest {

    /** Each shows something else: lines that feed each other, forks, teams, changes of side, several versions, one who comes later. */
    static Stream<String> drills() {
        return Stream.of(
                "second-wave-from-the-left",
                "ebb-or-flow",
                "two-coves",
                "rock-pool-rondo",
                "ferry-crossing",
                "lantern-run",
                "slipway-two-v-one",
                "tide-race");
    }

    private static Hour hour(Drill drill, What.Turning turning) {
        int people = Math.max(drill.audience().players().best(), Filling.fewest(Path.usual(drill.base())) + 1);
        Squad squad = RandomSquads.of(5, people);
        Session session = RandomSessions.blank(Optional.of(squad), people)
                .withBlocks(List.of(RandomSessions.drilling(
                        "b1", 12, turning, List.of(RandomSessions.station("s1", drill, Point.ORIGIN, List.of())))));
        return Hours.of(session, id -> Optional.of(drill).filter(d -> d.id().equals(id)), Optional.of(squad));
    }

    /** Played once more, moment by moment: in the middle of each turn he plays the role that his part tells, and no other. */
    @ParameterizedTest
    @MethodSource("drills")
    void whatIsToldIsWhatIsPlayed(String id) {
        Hour hour = hour(Demo.read(id), What.Turning.VERSIONS);
        int checked = 0;
        for (PlayerPart part : PlayerPart.of(hour)) {
            for (Stretch stretch : part.stretches()) {
                Post post = stretch.post().orElseThrow();
                Post.Visit visit = post.visits().get(0);
                if (stretch.share().isEmpty()) {
                    assertTrue(visit.here().cast().isEmpty(), "too few for anybody");
                    continue;
                }
                Block.Share share = stretch.share().get();
                Set<RoleId> played = new TreeSet<>();
                RepFlow flow = flow(post.setUp(), visit.here().players().size());
                for (Block.Turn turn : share.turns()) {
                    Somebody he = flow.at((turn.from() + turn.to()) / 2).get(share.number());
                    assertEquals(share.number(), he.number());
                    assertEquals(Somebody.Doing.PLAYS, he.doing());
                    assertEquals(turn.role(), he.role());
                    played.add(he.role());
                    checked++;
                }
                if (!share.turns().isEmpty()) {
                    assertEquals(played, new TreeSet<>(stretch.plays().keySet()));
                }
                if (!share.stays()) {
                    String turns = share.turns().size() == 1
                            ? "one turn."
                            : share.turns().size() + " turns.";
                    assertTrue(stretch.start().endsWith("You get " + turns), stretch.start());
                }
            }
        }
        assertTrue(checked > 20, checked + " turns looked at");
    }

    private static RepFlow flow(SetUp setUp, int people) {
        Pace pace = Pace.of(setUp.drill());
        Timeline timeline = Timeline.of(setUp.path(), setUp.drill().surface(), pace);
        Setting setting =
                Setting.drawn(setUp.drill(), setUp.path()).withPeople(people).withBalls(java.util.OptionalInt.empty());
        return RepFlow.of(
                RepScript.of(setUp.path(), timeline, pace),
                setting.stations(setUp.path()).get(0));
    }

    /** Where he begins is a place of its own: nobody else is told the same. */
    @ParameterizedTest
    @MethodSource("drills")
    void nobodyStandsWhereSomebodyElseIsTold(String id) {
        Hour hour = hour(Demo.read(id), What.Turning.NONE);
        Map<String, PlayerId> taken = new HashMap<>();
        for (PlayerPart part : PlayerPart.of(hour)) {
            for (Stretch stretch : part.stretches()) {
                stretch.share().filter(s -> s.line().isPresent()).ifPresent(s -> {
                    PlayerId before = taken.put(s.line().get() + " " + s.place(), part.player());
                    assertEquals(null, before, "two are " + s.place() + " in " + s.line());
                });
            }
        }
        // and the places of a line are counted from the first without a gap
        Map<String, List<Integer>> places = taken.keySet().stream()
                .collect(Collectors.groupingBy(
                        k -> k.split(" ")[0],
                        Collectors.mapping(k -> Integer.parseInt(k.split(" ")[1]), Collectors.toList())));
        places.values()
                .forEach(p ->
                        assertEquals(p.size(), p.stream().mapToInt(i -> i).max().orElse(0)));
    }

    /** What only happens on another way is told as such; what happens on the usual one is not told twice. */
    @Test
    void otherWaysAreToldBesideTheUsualOne() {
        Hour hour = hour(Demo.read("ebb-or-flow"), What.Turning.NONE);
        List<List<String>> parts = PlayerPart.of(hour).stream()
                .flatMap(p -> p.stretches().stream())
                .flatMap(s -> s.plays().values().stream())
                .toList();
        int others = 0;
        for (List<String> lines : parts) {
            for (String line : lines) {
                if (line.startsWith("Or it goes another way (")) {
                    String told = line.substring(line.indexOf(". ") + 2);
                    assertFalse(lines.contains(told), "told twice: " + told);
                    others++;
                }
            }
        }
        assertTrue(others > 0, parts.toString());
    }

    @Test
    void whoIsBesideIsNotAtTheBlock() {
        Hour hour = Hours.demo();
        PlayerPart ada = PlayerPart.of(hour, new PlayerId("p1"));
        assertEquals(
                List.of("18:00", "18:03", "18:13", "18:15", "18:25", "18:35", "18:37", "18:53", "18:55", "19:09"),
                ada.stretches().stream().map(Stretch::clock).toList());
        assertEquals("Keepers' first step, with Wilma", ada.stretches().get(1).title());
        assertTrue(ada.message().startsWith("""
                        Before the weekend
                        Thursday 3 December, 18:00 to 19:15, Handball court
                        For Ada Lind: blue bib.

                        18:00 Together

                        18:03 Keepers' first step, with Wilma
                        Low balls from both sides, set feet first.
                        """));
        PlayerPart bo = PlayerPart.of(hour, new PlayerId("p2"));
        assertEquals("Warm-up", bo.stretches().get(1).title());
        assertTrue(bo.message().contains("\nYou start first in line L. You play LB. You get 25 turns.\n"));
    }

    /** Every stretch of every player's hour follows the one before: nobody is in two places. */
    @Test
    void nobodyIsInTwoPlaces() {
        List<Drill> drills = Stream.of("lantern-ladder", "crossing-backs", "second-wave-from-the-left")
                .map(Demo::read)
                .toList();
        Map<DrillId, Drill> binder = drills.stream().collect(Collectors.toMap(Drill::id, d -> d));
        int seen = 0;
        for (long seed = 0; seed < 20; seed++) {
            Squad squad = RandomSquads.of(seed, 14);
            Session session = RandomSessions.of(seed, squad, drills);
            Hour hour = Hours.of(session, id -> Optional.ofNullable(binder.get(id)), Optional.of(squad));
            boolean clash = hour.plan().clashes().stream()
                    .anyMatch(c -> c.kind() == wildchalk.core.session.Clash.Kind.PLAYER_TWICE);
            for (PlayerPart part : clash ? List.<PlayerPart>of() : PlayerPart.of(hour)) {
                List<Stretch> all = new ArrayList<>(part.stretches());
                for (int i = 1; i < all.size(); i++) {
                    boolean drilled = all.get(i).share().isPresent()
                            && all.get(i - 1).share().isPresent();
                    assertTrue(!drilled || all.get(i).from() >= all.get(i - 1).to() - 1e-6);
                    seen++;
                }
            }
        }
        assertTrue(seen > 100, seen + " looked at");
    }
}
