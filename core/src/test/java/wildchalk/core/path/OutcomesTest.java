package wildchalk.core.path;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Trigger;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;

/** Paths through a drill; the random ones fork at f1 into a and b, and on a at f2 into c and d, with calls besides. */
class OutcomesTest {

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    static Stream<Drill> everyDrill() throws IOException {
        return Demo.files().stream().map(file -> {
            try {
                return DrillFile.read(file).value();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void chancesOfAllPathsAddUpToOne(long seed) {
        List<Way> ways = Outcomes.ways(RandomDrills.forked(seed));
        assertEquals(1, ways.stream().mapToDouble(Way::chance).sum(), 1e-9);
        Set<Choices> different = new HashSet<>();
        ways.forEach(w -> assertTrue(different.add(w.choices()), w.toString()));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyPathCompilesAndIsItsOwnPath(long seed) {
        Progression whole = RandomDrills.forked(seed);
        for (Way way : Outcomes.ways(whole)) {
            Path path = Path.of(whole, way.choices());
            assertTrue(path.isSameWayAs(Path.of(whole, way.choices())), "settled the same every time");
            Timeline t = Timeline.of(path, Drills.HANDBALL, Pace.of(AgeBand.U14, Drills.HANDBALL));
            assertEquals(path.moves().size(), t.moves().size());
            assertTrue(t.seconds() < 3600);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aPathHasTheStepsOfItsBranchesAndNoOthers(long seed) {
        Progression whole = RandomDrills.forked(seed);
        boolean bEnds = whole.course().forks().get(0).branches().get(1).ends();
        for (Way way : Outcomes.ways(whole)) {
            List<String> steps = Path.of(whole, way.choices()).steps().stream()
                    .map(s -> s.id().text())
                    .toList();
            boolean a = way.labels().contains("A");
            boolean c = way.labels().contains("C");
            assertEquals(a, steps.contains("t1"));
            assertEquals(!a, steps.contains("t2"));
            assertEquals(c, steps.contains("t3"), "C is nested in A");
            assertEquals(a || !bEnds, steps.contains("t4"), "joined again, unless the rep is over");
            assertTrue(steps.containsAll(List.of("s0", "s1")));
        }
    }

    @Test
    void drawsFollowTheWeights() {
        Progression whole = RandomDrills.forked(3);
        Map<String, Integer> counts = new HashMap<>();
        Random random = new Random(1);
        int draws = 20_000;
        for (int i = 0; i < draws; i++) {
            counts.merge(Outcomes.drawn(whole, random).label(), 1, Integer::sum);
        }
        for (Way way : Outcomes.ways(whole)) {
            double share = counts.getOrDefault(way.label(), 0) / (double) draws;
            assertEquals(way.chance(), share, 4 * Math.sqrt(way.chance() / draws), way.label());
        }
        assertEquals(Outcomes.drawn(whole, new Random(9)), Outcomes.drawn(whole, new Random(9)), "seeded");
    }

    @Test
    void callsAreCountedByHand() {
        CallId id = new CallId("c");
        List<String> six = List.of("1", "2", "3", "4", "5", "6");
        assertEquals(30, new CallSet(id, six, 2, false, 0).count(), "6 × 5");
        assertEquals(36, new CallSet(id, six, 2, true, 0).count(), "6 × 6");
        assertEquals(10, new CallSet(id, six, 2, false, 1).count(), "neighbours, both ways");
        assertEquals(6 * 5 * 5, new CallSet(id, six, 3, false, 0).count());
    }

    @Test
    void choosingByNameFollowsThePath() {
        Progression whole = RandomDrills.forked(3);
        Choices inner = Outcomes.choosing(whole, Choices.USUAL, "a")
                .flatMap(c -> Outcomes.choosing(whole, c, "D"))
                .orElseThrow();
        assertEquals("d", inner.branches().get(new ForkId("f2")).text());
        Choices b = Outcomes.choosing(whole, Choices.USUAL, "B").orElseThrow();
        assertEquals(Optional.empty(), Outcomes.choosing(whole, b, "C"), "C is not on the way of B");
        assertEquals(Optional.empty(), Outcomes.choosing(whole, Choices.USUAL, "nowhere"));
    }

    @Test
    void everyStepCanBeLedTo() {
        Progression whole = RandomDrills.forked(5);
        for (Step step : whole.steps()) {
            Choices way = Outcomes.leadingTo(whole, step, Choices.USUAL);
            assertTrue(
                    Path.of(whole, way).step(step.id()).isPresent(), step.id().text());
        }
    }

    @Test
    void waitingForAnotherPathIsFound() {
        Progression whole = RandomDrills.forked(3);
        assertEquals(Map.of(), Outcomes.waitingAcross(whole));
        Move onB = whole.step(new StepId("t2")).orElseThrow().moves().get(0);
        Progression crossed = whole.withMove(onB.withTrigger(Optional.of(Trigger.afterEndOf(new MoveId("m-t1"), 0))));
        assertEquals(Map.of(onB.id(), new MoveId("m-t1")), Outcomes.waitingAcross(crossed));
        Move nested = whole.step(new StepId("t3")).orElseThrow().moves().get(0);
        Progression fine = whole.withMove(nested.withTrigger(Optional.of(Trigger.afterEndOf(new MoveId("m-t1"), 0))));
        assertEquals(Map.of(), Outcomes.waitingAcross(fine), "C comes after A");
    }

    @Test
    void removingAStepTakesTheForkBehindItAlong() {
        Progression whole = RandomDrills.forked(3);
        Progression without = Removals.step(whole, new StepId("s1"));
        assertFalse(without.course().fork(new ForkId("f1")).isPresent());
        assertEquals(
                List.of("s0", "t4"),
                without.steps().stream().map(s -> s.id().text()).toList());
        Progression oneWay = Removals.branch(whole, new ForkId("f2"), new BranchId("c"));
        assertFalse(oneWay.course().fork(new ForkId("f2")).isPresent(), "one way is no fork");
        assertTrue(oneWay.course().fork(new ForkId("f1")).isPresent());
    }

    /** What the rule permits, found by trying everything. */
    private static List<List<String>> brute(List<String> options, int picks, boolean repeats, int within) {
        List<List<String>> all = List.of(List.of());
        for (int k = 0; k < picks; k++) {
            List<List<String>> longer = new ArrayList<>();
            for (List<String> call : all) {
                for (int i = 0; i < options.size(); i++) {
                    int before = call.isEmpty() ? -1 : options.indexOf(call.get(call.size() - 1));
                    boolean may =
                            before < 0 || (within == 0 || Math.abs(i - before) <= within) && (repeats || i != before);
                    if (may) {
                        List<String> next = new ArrayList<>(call);
                        next.add(options.get(i));
                        longer.add(next);
                    }
                }
            }
            all = longer;
        }
        return all;
    }

    @Test
    void callsAreCountedAndFoundOneByOneAsIfTheyHadAllBeenListed() {
        List<String> options = List.of("1", "2", "3", "4", "5", "6", "7");
        for (int picks = 1; picks <= CallSet.MAX_PICKS; picks++) {
            for (int within = 0; within <= 3; within++) {
                for (boolean repeats : new boolean[] {true, false}) {
                    CallSet set = new CallSet(new CallId("c"), options, picks, repeats, within);
                    List<List<String>> all = brute(options, picks, repeats, within);
                    assertEquals(all.size(), set.count());
                    for (int i = 0; i < all.size(); i++) {
                        assertEquals(all.get(i), set.at(i));
                        assertTrue(set.isLegal(all.get(i)));
                    }
                    assertEquals(all, set.some(all.size() + 1));
                    assertEquals(all.stream().filter(c -> c.contains("6")).findFirst(), set.firstWith("6"));
                }
            }
        }
        assertFalse(new CallSet(new CallId("c"), options, 2, false, 1).isLegal(List.of("1", "3")));
        assertFalse(new CallSet(new CallId("c"), options, 2, false, 1).isLegal(List.of("1", "1")));
        assertFalse(new CallSet(new CallId("c"), options, 2, false, 1).isLegal(List.of("1", "9")));
    }

    @Test
    void everyFirstPickIsDrawnAsOftenAsItsShare() {
        List<String> options = java.util.stream.IntStream.rangeClosed(1, 12)
                .mapToObj(String::valueOf)
                .toList();
        CallSet set = new CallSet(new CallId("c"), options, 3, false, 0);
        Random random = new Random(8);
        Map<String, Integer> first = new HashMap<>();
        int draws = 10_000;
        for (int i = 0; i < draws; i++) {
            first.merge(set.drawn(random).get(0), 1, Integer::sum);
        }
        // each is a twelfth; five standard deviations of such a count
        double share = draws / 12.0;
        double far = 5 * Math.sqrt(share * (1 - 1 / 12.0));
        options.forEach(o -> assertEquals(share, first.get(o), far, o));
        Progression whole = Drills.blank()
                .under(Course.PLAIN.withCalls(List.of(set)))
                .role("a", Side.ATTACK, 0, 0)
                .move(new Act(
                        new MoveId("m1"),
                        new RoleId("a"),
                        Optional.empty(),
                        false,
                        new Deed.Calling("1", Optional.of(set.id()))))
                .progression();
        List<Way> shown = Outcomes.ways(whole);
        assertTrue(shown.size() <= Outcomes.MOST_WAYS);
        assertEquals(
                12,
                shown.stream()
                        .map(w -> w.labels().get(0).split(",")[0])
                        .distinct()
                        .count(),
                "what is shown begins with every option");
    }

    /** What is asked for is what is played: no branch is taken in and then passed over. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void aBranchThatIsChosenByItsNameIsTaken(Drill drill) {
        for (Progression version : drill.progressions()) {
            for (Way way : Outcomes.ways(version)) {
                for (Fork fork : Outcomes.forksOn(version, way.choices())) {
                    for (Branch branch : fork.branches()) {
                        Optional<Choices> chosen = Outcomes.choosing(
                                version, Choices.USUAL, branch.id().text());
                        chosen.filter(c -> branch.id().equals(c.branches().get(fork.id())))
                                .ifPresent(c -> assertEquals(branch, Outcomes.taken(version, fork, c)));
                    }
                }
            }
        }
    }
}
