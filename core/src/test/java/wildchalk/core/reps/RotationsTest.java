package wildchalk.core.reps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** Rotations against people who are moved about one by one, and against what can be counted on fingers. */
class RotationsTest {

    static LongStream seeds() {
        return LongStream.range(0, 500);
    }

    /** With the clock the same people play the same parts, rep by rep: one engine says who, the other also when. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theClockChangesNothing(long seed) {
        same(RandomRotations.of(seed), 1);
    }

    /** Where everybody stays for two reps or three, each of them is what the rotation has once. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whoStaysOnPlaysTheSameAgain(long seed) {
        Path once = RandomRotations.of(seed);
        int reps = 2 + (int) (seed % 2);
        Progression p = once.version();
        same(Path.usual(p.withCourse(p.course().withStint(Stint.ofReps(reps)))), reps);
    }

    private static void same(Path path, int each) {
        Timeline timeline = Timeline.of(path, Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
        RepRun run =
                new RepRun(RepScript.of(path, timeline, Pace.of(AgeBand.U16, Drills.HANDBALL)), Conditions.AS_DRAWN);
        List<Rotations.Rep> reps = Rotations.of(path).first(12);
        run.startOf(12);
        for (int rep = 0; rep < Math.min(12, each * reps.size()); rep++) {
            Map<RoleId, Integer> parts = new HashMap<>();
            for (RepRun.Person person : run.people) {
                for (RepRun.Stay stay : person.days) {
                    if (stay instanceof RepRun.Playing p && p.rep() == rep) {
                        parts.put(path.roles().get(p.role()).id(), person.number);
                    }
                }
            }
            assertEquals(reps.get(rep / each).parts(), parts, "rep " + rep);
        }
    }

    /** The twin: queues and posts, moved about by hand. */
    private static final class ByHand {
        final Path path;
        final Map<LineId, Deque<Integer>> queues = new HashMap<>();
        final Map<RoleId, Integer> posts = new HashMap<>();
        int people;

        ByHand(Path path) {
            this.path = path;
            for (WaitingLine l : path.lines()) {
                queues.put(l.id(), new ArrayDeque<>());
                for (int i = 0; i < Math.max(l.standing(), l.feeds().size()); i++) {
                    queues.get(l.id()).addLast(people++);
                }
            }
            path.roles().stream()
                    .filter(r -> path.lineFeeding(r.id()).isEmpty())
                    .forEach(r -> posts.put(r.id(), people++));
        }

        Map<RoleId, Integer> rep() {
            Map<RoleId, Integer> parts = new HashMap<>(posts);
            posts.clear();
            for (WaitingLine l : path.lines()) {
                for (RoleId r : l.feeds()) {
                    if (!parts.containsKey(r) && !queues.get(l.id()).isEmpty()) {
                        parts.put(r, queues.get(l.id()).pollFirst());
                    }
                }
            }
            path.roles().forEach(r -> {
                if (parts.containsKey(r.id())) {
                    go(r.id(), parts.get(r.id()));
                }
            });
            return parts;
        }

        private void go(RoleId role, int who) {
            var turn = path.course().rotation().stream()
                    .filter(t -> t.role().equals(role))
                    .findFirst();
            var line = turn.flatMap(Rotation::line);
            if (line.isPresent()) {
                queues.get(line.get()).addLast(who);
                return;
            }
            if (turn.filter(t -> t.how() == Rotation.How.STAY).isPresent()) {
                posts.put(role, who);
                return;
            }
            RoleId next = turn.flatMap(Rotation::next).orElse(role);
            var feeding = path.lineFeeding(next);
            if (feeding.isPresent()) {
                queues.get(feeding.get().id()).addLast(who);
            } else {
                posts.putIfAbsent(next, who);
            }
        }

        List<Object> state() {
            Map<LineId, List<Integer>> lines = new HashMap<>();
            queues.forEach((l, q) -> lines.put(l, List.copyOf(q)));
            return List.of(lines, Map.copyOf(posts));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoPlaysWhatIsAsByHand(long seed) {
        Path path = RandomRotations.of(seed);
        ByHand twin = new ByHand(path);
        List<Object> start = twin.state();
        Rotations.Play play = Rotations.of(path).round();
        assertEquals(twin.people, play.people());
        OptionalInt round = OptionalInt.empty();
        for (int i = 0; i < play.reps().size(); i++) {
            assertEquals(twin.rep(), play.reps().get(i).parts(), "rep " + i);
            if (round.isEmpty() && twin.state().equals(start)) {
                round = OptionalInt.of(i + 1);
            }
        }
        assertEquals(round, play.round());
    }

    /** What drifts is what the lines gain and lose in any rep for which everybody is there, once those who stay are in their places. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatDriftsIsWhatTheLinesGainAndLose(long seed) {
        Path path = RandomRotations.of(seed);
        ByHand twin = new ByHand(path);
        boolean whole = twin.rep().size() == path.roles().size();
        Map<LineId, Integer> before = new HashMap<>();
        twin.queues.forEach((l, q) -> before.put(l, q.size()));
        whole &= twin.rep().size() == path.roles().size();
        for (Map.Entry<LineId, Integer> more : Rotations.of(path).drift().entrySet()) {
            int gained = twin.queues.get(more.getKey()).size() - before.get(more.getKey());
            assertTrue(!whole || gained == more.getValue(), more + " against " + gained);
        }
    }

    @Test
    void mostRandomRotationsHaveEverybodyForTwoReps() {
        long whole = seeds().filter(seed -> {
                    ByHand twin = new ByHand(RandomRotations.of(seed));
                    int roles = twin.path.roles().size();
                    return twin.rep().size() == roles && twin.rep().size() == roles;
                })
                .count();
        assertTrue(whole > 200, whole + " of 500: else the test before says nothing");
    }

    /** Where nothing drifts and no place is taken twice, nobody is lost, and everybody comes round. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whereNothingDriftsEverybodyComesRound(long seed) {
        Path path = RandomRotations.of(seed);
        Rotations rotations = Rotations.of(path);
        ByHand twin = new ByHand(path);
        Set<RoleId> posts = new TreeSet<>(twin.posts.keySet());
        twin.rep();
        boolean even = rotations.drift().values().stream().allMatch(d -> d == 0)
                && posts.equals(new TreeSet<>(twin.posts.keySet()));
        Rotations.Play play = rotations.round();
        if (even && play.round().isPresent()) {
            long turns =
                    IntStream.range(0, play.people()).mapToLong(play::turnsOf).sum();
            assertEquals((long) play.reps().size() * path.roles().size(), turns, "every part of every rep is played");
        }
        assertTrue(!even || play.round().isPresent() || play.reps().size() == Rotations.MOST_REPS);
    }

    /** One line of five for one role, back to its tail: each plays every fifth rep. */
    @Test
    void oneLineComesRoundAfterAsManyRepsAsItHasPeople() {
        Rotations.Play play = Rotations.of(RandomRotations.path(List.of(List.of(0)), List.of(5), 1, List.of()))
                .round();
        assertEquals(OptionalInt.of(5), play.round());
        IntStream.range(0, 5).forEach(p -> assertEquals(1, play.turnsOf(p)));
    }

    /** A line that feeds two roles: with four people each always plays the same part, with five everybody plays both. */
    @Test
    void anEvenLineForTwoPartsNeverChangesThem() {
        Rotations.Play four = Rotations.of(RandomRotations.path(List.of(List.of(0, 1)), List.of(4), 2, List.of()))
                .round();
        IntStream.range(0, 4).forEach(p -> assertEquals(1, four.rolesOf(p).size()));
        Rotations.Play five = Rotations.of(RandomRotations.path(List.of(List.of(0, 1)), List.of(5), 2, List.of()))
                .round();
        IntStream.range(0, 5).forEach(p -> assertEquals(2, five.rolesOf(p).size()));
        assertEquals(OptionalInt.of(5), five.round());
    }

    /** Two lines that swap: of three and three everybody plays both parts in six reps. */
    @Test
    void linesThatSwapComeRoundAfterAsManyRepsAsThereArePeople() {
        List<Rotation> swap = List.of(
                Rotation.toLine(RandomRotations.role(0), RandomRotations.line(1)),
                Rotation.toLine(RandomRotations.role(1), RandomRotations.line(0)));
        Rotations.Play play = Rotations.of(
                        RandomRotations.path(List.of(List.of(0), List.of(1)), List.of(3, 3), 2, swap))
                .round();
        assertEquals(OptionalInt.of(6), play.round());
        IntStream.range(0, 6).forEach(p -> assertEquals(2, play.rolesOf(p).size()));
    }

    /** All to one side: what one line gains the other loses. */
    @Test
    void aRotationToOneSideDrifts() {
        List<Rotation> all = List.of(
                Rotation.toLine(RandomRotations.role(0), RandomRotations.line(1)),
                Rotation.toLine(RandomRotations.role(1), RandomRotations.line(1)));
        Map<LineId, Integer> drift = Rotations.of(
                        RandomRotations.path(List.of(List.of(0), List.of(1)), List.of(3, 3), 2, all))
                .drift();
        assertEquals(Map.of(RandomRotations.line(0), -1, RandomRotations.line(1), 1), drift);
    }
}
