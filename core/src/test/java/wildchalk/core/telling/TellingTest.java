package wildchalk.core.telling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.words.CourseWords;

/** What a coach adds beside what is drawn. */
class TellingTest {

    static Stream<Drill> drills() {
        return Demo.files().stream()
                .map(f -> Demo.read(f.getFileName().toString().replace(DrillFile.SUFFIX, "")));
    }

    private static Drill stored(Drill drill) throws IOException {
        return DrillFile.parse(Path.of("x.drill.json"), DrillFile.ofNew(drill).toText())
                .value();
    }

    @ParameterizedTest
    @MethodSource("drills")
    void everyMoveThatIsOfferedHappensAndIsStored(Drill drill) throws IOException {
        wildchalk.core.path.Path path = wildchalk.core.path.Path.of(drill.base(), Choices.USUAL);
        Timeline timeline = Timeline.of(drill, path);
        StepId last = path.told(path.steps().get(path.steps().size() - 1).id());
        for (Role role : path.roles().subList(0, Math.min(3, path.roles().size()))) {
            for (Move move : NewMoves.offers(path, timeline, drill.surface(), last, role.id())) {
                Progression with =
                        drill.base().with(drill.base().step(last).orElseThrow().withMoveAdded(move));
                Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(with));
                assertTrue(t.moves().stream().anyMatch(m -> m.move().equals(move.id())));
                Drill whole = drill.withProgression(with);
                assertEquals(whole, stored(whole));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void everyRuleLaunchAndRotationThatIsOfferedReadsWellAndIsStored(Drill drill) throws IOException {
        Progression p = drill.base();
        wildchalk.core.path.Path path = wildchalk.core.path.Path.of(p, Choices.USUAL);
        CourseWords words = new CourseWords(path, drill.surface());
        Course course = p.course();
        for (Rule rule : CourseOffers.limits(p, drill.surface())) {
            assertSentence(words.rule(rule));
            course = course.withRules(List.of(rule));
        }
        Role role = p.roles().get(0);
        for (Rule rule : CourseOffers.holds(p, drill.surface(), role.id())) {
            assertSentence(words.rule(rule));
            assertTrue(words.rule(rule).startsWith(role.label() + " may not"), words.rule(rule));
            course = course.withRules(List.of(rule));
        }
        for (Launch launch : CourseOffers.launches(path)) {
            assertSentence(words.launch(launch));
            assertTrue(Launches.period(
                                    wildchalk.core.path.Path.usual(
                                            p.withCourse(p.course().withLaunch(Optional.of(launch)))),
                                    Timeline.of(drill, path))
                            .orElseThrow()
                    > 0);
            course = course.withLaunch(Optional.of(launch));
        }
        for (Rotation turn : CourseOffers.rotations(p, role.id())) {
            assertSentence(words.rotation(turn));
            course = course.with(turn);
        }
        Drill with = drill.withProgression(p.withCourse(course));
        assertEquals(with, stored(with));
    }

    private static void assertSentence(String text) {
        assertTrue(text.endsWith(".") && !text.contains("{") && !text.contains("  ") && !text.contains(" ."), text);
    }

    @Test
    void aForkByWhoWinsHasAWayForEachWhoFights() {
        Progression p = contested();
        Progression forked = Branching.fork(p, p.steps().get(0).id(), Fork.By.BALL);
        Fork fork = forked.course().forks().get(0);
        assertEquals(
                List.of("A wins it", "B wins it"),
                fork.branches().stream().map(Branch::label).toList());
        assertEquals(p.steps().size() + 2, forked.steps().size(), "a step to draw on for each");
        assertEquals(2, Outcomes.ways(forked).size());
        assertFalse(Branching.canDecide(p, p.steps().get(1), Fork.By.BALL));
        assertFalse(Branching.canDecide(p, p.steps().get(0), Fork.By.SHOT));
    }

    @Test
    void stepsOfAForkStandBeforeThoseThatAllPathsJoinIn() {
        Progression p = contested();
        Progression forked = Branching.fork(p, p.steps().get(0).id(), Fork.By.CHANCE);
        StepId last = p.steps().get(1).id();
        assertEquals(last, forked.steps().get(forked.steps().size() - 1).id());
        for (var way : Outcomes.ways(forked)) {
            List<StepId> steps = wildchalk.core.path.Path.of(forked, way.choices()).steps().stream()
                    .map(Step::id)
                    .toList();
            assertEquals(3, steps.size());
            assertEquals(last, steps.get(2));
        }
        Progression three =
                Branching.branch(forked, forked.course().forks().get(0).id(), "a third");
        assertEquals(3, Outcomes.ways(three).size());
    }

    @Test
    void aForkByACallBringsCallsAlong() {
        Progression p = contested();
        Progression forked = Branching.fork(p, p.steps().get(0).id(), Fork.By.CALL);
        assertEquals(1, forked.course().calls().size());
        assertEquals(2, Outcomes.ways(forked).size(), "what is called decides: two calls, two ways");
    }

    private static Progression contested() {
        Move fight = new Act(
                new MoveId("m1"),
                new RoleId("a"),
                Optional.empty(),
                false,
                new Deed.Contest(Deed.Kind.LOOSE_BALL, List.of(new RoleId("b")), Optional.empty()));
        return Drills.blank()
                .role("a", Side.ATTACK, 1, 0)
                .role("b", Side.DEFENCE, -1, 0)
                .ballAt(0, 0)
                .move(fight)
                .nextStep()
                .run("m2", "a", 9, 0)
                .progression();
    }

    // ---- delays ----

    @Test
    void aBarThatIsDraggedStartsWhereItIsLet() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 5, 5)
                .ballWith("a")
                .run("m1", "a", 6, 0)
                .run("m2", "b", 9, 5)
                .nextStep()
                .pass("m3", "a", "b")
                .run("m4", "b", 5, 5)
                .progression();
        Timeline t = Timeline.of(
                wildchalk.core.path.Path.usual(p), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
        for (Move move : p.moves()) {
            double was = t.move(move.id()).start();
            for (double by : new double[] {0.7, 2}) {
                Move later = Delays.startingAt(wildchalk.core.path.Path.usual(p), t, move, was + by);
                Timeline after = Timeline.of(
                        wildchalk.core.path.Path.usual(p.withMove(later)),
                        Drills.HANDBALL,
                        Pace.of(AgeBand.ADULT, Drills.HANDBALL));
                assertEquals(was + by, after.move(move.id()).start(), 0.06, move + " by " + by);
                Move back = Delays.startingAt(wildchalk.core.path.Path.usual(p.withMove(later)), after, later, was);
                assertEquals(
                        was,
                        Timeline.of(
                                        wildchalk.core.path.Path.usual(p.withMove(back)),
                                        Drills.HANDBALL,
                                        Pace.of(AgeBand.ADULT, Drills.HANDBALL))
                                .move(move.id())
                                .start(),
                        0.06);
            }
            assertEquals(
                    move,
                    Delays.startingAt(wildchalk.core.path.Path.usual(p), t, move, was),
                    "put back where it was it is as before");
        }
    }

    @Test
    void aThreadCatchesTheNearerEndOfABar() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 9, 0)
                .ballWith("a")
                .pass("m1", "a", "b")
                .progression();
        Timeline t = Timeline.of(
                wildchalk.core.path.Path.usual(p), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
        Move pass = p.moves().get(0);
        double end = t.move(pass.id()).end();
        assertEquals(new Event.Starts(pass.id()), Delays.momentOf(t, pass, 0.1));
        assertEquals(new Event.Caught(pass.id()), Delays.momentOf(t, pass, end - 0.1));
        assertTrue(pass instanceof Pass);
    }

    // ---- launches ----

    @Test
    void repsThatRunAreThoseWhoseStartLiesLessThanARepBack() {
        for (double t = 0; t < 40; t += 0.37) {
            double now = t;
            long brute = Stream.iterate(0.0, s -> s <= now, s -> s + 4)
                    .filter(s -> now - s <= 11)
                    .count();
            assertEquals(brute, Launches.running(4, 11, t).size(), "at " + t);
        }
    }
}
