package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.path.Path;

/** Nobody stands still between two moves of one rep unless the drill says so. */
class OnTheRunTest {

    private static final RoleId A = new RoleId("a");

    private static Timeline timed(Drills drill, AgeBand age) {
        return Timeline.of(Path.usual(drill.progression()), Drills.HANDBALL, Pace.of(age, Drills.HANDBALL));
    }

    private static double slowest(Timeline t, double from, double to) {
        double slowest = Double.MAX_VALUE;
        for (double s = from; s <= to; s += 0.005) {
            slowest = Math.min(slowest, t.poseAt(A, s).speed());
        }
        return slowest;
    }

    /** A runs along a line, has a ball from B on the way, and gives it on to C in the middle of his run. */
    private static Drills catching() {
        return Drills.blank()
                .role("a", Side.ATTACK, -15, 0)
                .role("b", Side.ATTACK, -8, 5)
                .role("c", Side.ATTACK, 8, 6)
                .ballWith("b")
                .run("m1", "a", -5, 0)
                .pass("m2", "b", "a")
                .run("m3", "a", 5, 0)
                .pass("m4", "a", "c")
                .run("m5", "a", 15, 0);
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void aBallThatIsCaughtAndGivenOnCostsStrideAndNoStop(AgeBand age) {
        Timeline with = timed(catching(), age);
        assertTrue(with.moves().stream().allMatch(MoveSpan::happens));
        double end = with.move(new MoveId("m5")).end();
        assertTrue(slowest(with, 0.6, end - 1.5) > 2, age + " goes on");
        Drills alone = Drills.blank()
                .role("a", Side.ATTACK, -15, 0)
                .run("m1", "a", -5, 0)
                .run("m3", "a", 5, 0)
                .run("m5", "a", 15, 0);
        double without = timed(alone, age).move(new MoveId("m5")).end();
        assertTrue(end >= without - 1e-6 && end < without * 1.2, age + ": " + end + " s against " + without);
    }

    @Test
    void aBallThatIsNotUnderControlYetLeavesOnTheWay() {
        Timeline t = timed(
                Drills.blank()
                        .role("a", Side.ATTACK, -15, 0)
                        .role("b", Side.ATTACK, -9, 1)
                        .ballWith("b")
                        .run("m1", "a", -9, 0)
                        .pass("m2", "b", "a")
                        .pass("m3", "a", "b")
                        .run("m4", "a", 0, 0),
                AgeBand.U16);
        MoveSpan pass = t.move(new MoveId("m3"));
        double caught = t.move(new MoveId("m2")).end();
        assertTrue(pass.start() >= caught + 0.45 - 1e-9, "he has it under control first");
        assertFalse(t.move(new MoveId("m4")).carrying());
        assertEquals(List.of(), t.findings());
    }

    @Test
    void whoStandsWithTheBallGivesItOnBeforeHeRuns() {
        Timeline t = timed(
                Drills.blank()
                        .role("a", Side.ATTACK, 0, 0)
                        .role("b", Side.ATTACK, 6, 0)
                        .ballWith("b")
                        .pass("m1", "b", "a")
                        .pass("m2", "a", "b")
                        .run("m3", "a", 0, 9),
                AgeBand.U16);
        assertTrue(t.move(new MoveId("m3")).start() >= t.move(new MoveId("m2")).start());
    }

    @Test
    void aMixedCourseShowsNoStandingStill() {
        Timeline t = timed(
                catching()
                        .move(new Act(
                                new MoveId("m6"),
                                A,
                                Optional.empty(),
                                false,
                                new Deed.Turning(Deed.Turn.PIVOT, Hand.LEFT, 180)))
                        .travel(
                                "m7",
                                "a",
                                Optional.empty(),
                                Manner.BACKWARD,
                                Effort.HARD,
                                List.of(Waypoint.smooth(15, 6)))
                        .travel(
                                "m8",
                                "a",
                                Optional.empty(),
                                Manner.SHUFFLE,
                                Effort.HARD,
                                List.of(Waypoint.cut(12, 6), Waypoint.smooth(12, 2))),
                AgeBand.U16);
        assertTrue(t.moves().stream().allMatch(MoveSpan::happens));
        double last = t.move(new MoveId("m8")).end();
        assertTrue(slowest(t, 0.3, last - 0.6) > 0.3, "slowest " + slowest(t, 0.3, last - 0.6));
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void onIceNeitherACutNorAPivotNorAPassStandsStill(AgeBand age) {
        Drills drill = Drills.blank()
                .role("a", Side.ATTACK, -20, 0)
                .role("b", Side.ATTACK, -10, 5)
                .role("c", Side.ATTACK, 8, 8)
                .ballWith("b")
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(-8, 0)))
                .pass("m2", "b", "a")
                .travel(
                        "m3",
                        "a",
                        Optional.empty(),
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(Waypoint.cut(0, 0), Waypoint.smooth(4, -4)))
                .pass("m4", "a", "c")
                .travel("m5", "a", Optional.empty(), Manner.CROSSOVER, Effort.HARD, List.of(Waypoint.smooth(10, -4)))
                .move(new Act(
                        new MoveId("m6"),
                        A,
                        Optional.empty(),
                        false,
                        new Deed.Turning(Deed.Turn.PIVOT, Hand.LEFT, 180)))
                .travel("m7", "a", Optional.empty(), Manner.BACKWARD, Effort.HARD, List.of(Waypoint.smooth(16, -2)));
        Timeline t = Timeline.of(Path.usual(drill.progression()), Drills.ICE, Pace.of(age, Drills.ICE));
        assertTrue(t.moves().stream().allMatch(MoveSpan::happens));
        double last = t.move(new MoveId("m7")).end();
        double slowest = slowest(t, 0.4, last - 1.2);
        assertTrue(slowest > 0.3, "slowest " + slowest);
    }
}
