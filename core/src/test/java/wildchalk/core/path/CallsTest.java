package wildchalk.core.path;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Turnings;
import wildchalk.core.runthrough.RunThrough;

/** What may be called, which gap is meant, and who is asked. */
class CallsTest {

    private static final CallId CALL = new CallId("call");

    /** Gaps 1 to 3 at x = 2, and 1 to 3 again at x = 6; the runner goes through one of each row. */
    private static Progression twoRows() {
        Layout layout = Layout.NONE;
        for (int row = 0; row < 2; row++) {
            for (int n = 1; n <= 3; n++) {
                double x = 2 + 4 * row;
                layout = layout.with(
                        new Gap(new GapId("g" + (3 * row + n)), n, new Point(x, 2 * n - 1), new Point(x, 2 * n + 1)));
            }
        }
        Waypoint first = new Waypoint(new Point(2, 2), Passing.CUT).withCalled(Optional.of(new Called(CALL, 1)));
        Waypoint second = new Waypoint(new Point(6, 2), Passing.CUT).withCalled(Optional.of(new Called(CALL, 2)));
        return Drills.blank()
                .under(Course.PLAIN.with(new CallSet(CALL, List.of("1", "2", "3"), 2, true, 0)))
                .role("a", Side.ATTACK, 0, 4)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(first, second))
                .progression()
                .withLayout(layout);
    }

    @Test
    void eachPickIsTakenInTheRowInWhichItWasDrawn() {
        Progression version = twoRows();
        for (int a = 1; a <= 3; a++) {
            for (int b = 1; b <= 3; b++) {
                Choices called = Choices.USUAL.with(Ask.of(CALL), List.of(String.valueOf(a), String.valueOf(b)));
                Travel run =
                        (Travel) Path.of(version, called).move(new MoveId("m1")).orElseThrow();
                assertEquals(new Point(2, 2 * a), run.path().get(0).at());
                assertEquals(new Point(6, 2 * b), run.path().get(1).at(), "not in row one again");
            }
        }
    }

    @Test
    void numbersAreAsFarApartAsTheySay() {
        CallSet set = new CallSet(CALL, List.of("5", "3", "1", "2", "4", "6"), 2, false, 2);
        assertTrue(set.isLegal(List.of("1", "3")));
        assertFalse(set.isLegal(List.of("1", "4")), "beside it in the list, but three apart");
        assertTrue(set.isLegal(List.of("4", "6")));
        for (long i = 0; i < set.count(); i++) {
            List<String> call = set.at(i);
            assertTrue(Math.abs(Integer.parseInt(call.get(0)) - Integer.parseInt(call.get(1))) <= 2, call.toString());
        }
        CallSet colours = new CallSet(CALL, List.of("red", "blue", "green"), 2, false, 1);
        assertFalse(colours.isLegal(List.of("red", "green")), "words are as far apart as they stand");
    }

    @Test
    void whatNobodyCallsIsNotAskedFor() {
        Progression version = Drills.blank()
                .under(Course.PLAIN.with(new CallSet(CALL, List.of("red", "blue"), 1, true, 0)))
                .role("a", Side.ATTACK, 0, 0)
                .run("m1", "a", 5, 0)
                .progression();
        assertFalse(Outcomes.areMany(version));
        assertEquals(1, Outcomes.ways(version).size());
        assertEquals(List.of(), Drills.run(version, AgeBand.U14).turnings());
    }

    @Test
    void aWayThatIsCalledIsSaidOnce() {
        CallSet set = new CallSet(CALL, List.of("roll", "go"), 1, true, 0);
        Fork fork = new Fork(
                new ForkId("f"),
                new StepId("s1"),
                Fork.By.CALL,
                Optional.empty(),
                Optional.of(CALL),
                List.of(branch("roll"), branch("go")));
        Act calls = new Act(
                new MoveId("m1"),
                new RoleId("a"),
                Optional.empty(),
                false,
                new Deed.Calling("roll", Optional.of(CALL)));
        Progression version = Drills.blank()
                .under(Course.PLAIN.with(set).with(fork))
                .role("a", Side.ATTACK, 0, 0)
                .move(calls)
                .progression();
        assertEquals(
                List.of("roll", "go"),
                Outcomes.ways(version).stream().map(Way::label).toList());
        RunThrough run = Drills.run(version, AgeBand.U14);
        assertEquals("roll", run.label());
    }

    /** The coach calls three times; after each call the runner goes through the gap that was called. */
    private static Progression loop() {
        Layout layout = Layout.NONE;
        for (int n = 1; n <= 3; n++) {
            layout = layout.with(new Gap(new GapId("g" + n), n, new Point(5, 2 * n - 1), new Point(5, 2 * n + 1)));
        }
        Drills drill = Drills.blank()
                .under(Course.PLAIN.with(new CallSet(CALL, List.of("1", "2", "3"), 1, true, 0)))
                .role("c", Side.COACH, 5, 0)
                .role("a", Side.ATTACK, 0, 4);
        for (int i = 1; i <= 3; i++) {
            Waypoint gap = new Waypoint(new Point(5, 2), Passing.CUT).withCalled(Optional.of(new Called(CALL, 1)));
            drill.move(calling("c" + i, "c"))
                    .travel(
                            "m" + i,
                            "a",
                            Optional.of(Trigger.when(new Event.Starts(new MoveId("c" + i)))),
                            Manner.FORWARD,
                            Effort.HARD,
                            List.of(gap))
                    .nextStep();
        }
        return drill.progression().withLayout(layout);
    }

    private static Act calling(String id, String role) {
        return new Act(
                new MoveId(id),
                new RoleId(role),
                Optional.empty(),
                false,
                new Deed.Calling("1, 2 or 3", Optional.of(CALL)));
    }

    private static Ask by(String move) {
        return new Ask(CALL, Optional.of(new MoveId(move)));
    }

    @Test
    void aLoopOfCallsIsAskedAsOftenAsItComes() {
        Progression version = loop();
        List<Way> ways = Outcomes.ways(version);
        assertEquals(27, ways.size());
        assertEquals(1, ways.stream().mapToDouble(Way::chance).sum(), 1e-9);
        assertEquals("1 › 1 › 2", ways.get(1).label());
        for (Way way : ways) {
            Path path = Path.of(version, way.choices());
            for (int i = 1; i <= 3; i++) {
                String said = way.choices().calls().get(by("c" + i)).get(0);
                Travel run = (Travel) path.move(new MoveId("m" + i)).orElseThrow();
                assertEquals(
                        new Point(5, 2 * Integer.parseInt(said)),
                        run.path().get(0).at());
                Act call = (Act) path.move(new MoveId("c" + i)).orElseThrow();
                assertEquals(said, ((Deed.Calling) call.deed()).words());
            }
        }
        RunThrough run = Drills.run(version, AgeBand.U14);
        assertEquals(
                List.of("call@c1", "call@c2", "call@c3"),
                run.turnings().stream().map(Turnings.Turning::id).toList());
        for (int i = 0; i < 3; i++) {
            Turnings.Turning turning = run.turnings().get(i);
            assertEquals(version.steps().get(i).id(), turning.step());
            assertEquals(3, turning.ways().size());
            Choices third = turning.ways().get(2).choices();
            assertEquals(List.of("3"), Outcomes.called(version, by("c" + (i + 1)), third));
            assertEquals(List.of("1"), Outcomes.called(version, by("c" + (i == 0 ? 2 : 1)), third));
        }
    }

    @Test
    void eachCallOfALoopIsDrawnAnewAndAnsweredInItsTurn() {
        Progression version = loop();
        Random random = new Random(7);
        Set<String> drawn = new HashSet<>();
        for (int i = 0; i < 1_000; i++) {
            drawn.add(Outcomes.drawn(version, random).label());
        }
        assertEquals(27, drawn.size());
        Choices first = Outcomes.choosing(version, Choices.USUAL, "3").orElseThrow();
        Choices second = Outcomes.choosing(version, first, "2").orElseThrow();
        assertEquals("3 › 2 › 1", Outcomes.way(version, second).label());
    }

    @Test
    void aForkGoesByTheLastCallBeforeIt() {
        CallSet set = new CallSet(CALL, List.of("roll", "go"), 1, true, 0);
        List<Branch> branches = List.of(branch("roll"), branch("go"));
        Course course = Course.PLAIN.with(set);
        for (int i = 1; i <= 2; i++) {
            course = course.with(new Fork(
                    new ForkId("f" + i),
                    new StepId("s" + i),
                    Fork.By.CALL,
                    Optional.empty(),
                    Optional.of(CALL),
                    branches));
        }
        Progression version = Drills.blank()
                .under(course)
                .role("a", Side.ATTACK, 0, 0)
                .move(calling("c1", "a"))
                .nextStep()
                .move(calling("c2", "a"))
                .progression();
        assertEquals(
                List.of("roll › roll", "roll › go", "go › roll", "go › go"),
                Outcomes.ways(version).stream().map(Way::label).toList());
    }

    private static Branch branch(String word) {
        return new Branch(new BranchId(word), word, 1).withWord(word);
    }
}
