package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** When moves start and end, who has the ball, and what cannot happen. */
class TimelineTest {

    private static final BallId BALL = new BallId("b0");
    private static final Pace U16 = Pace.of(AgeBand.U16, Drills.HANDBALL);

    private static Timeline compile(Drills drill) {
        return Timeline.of(Path.usual(drill.progression()), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
    }

    private static MoveSpan span(Timeline t, String move) {
        return t.move(new MoveId(move));
    }

    private static Drills pair() {
        return Drills.blank().role("a", Side.ATTACK, 0, 0).role("b", Side.ATTACK, 0, 8);
    }

    // ---- triggers ----

    @Test
    void movesOfAStepStartTogetherAndTheNextStepWaitsForTheLast() {
        Timeline t = compile(
                pair().run("m1", "a", 5, 0).run("m2", "b", 15, 8).nextStep().run("m3", "a", 9, 0));
        assertEquals(0, span(t, "m1").start());
        assertEquals(0, span(t, "m2").start());
        assertEquals(span(t, "m2").end(), span(t, "m3").start());
    }

    @Test
    void aMoveThatRunsOnDoesNotHoldTheNextStepUp() {
        Timeline t = compile(pair().run("m1", "a", 5, 0)
                .move(Act.waiting(new MoveId("m2"), new RoleId("b"), Optional.empty(), true, 60))
                .nextStep()
                .run("m3", "a", 9, 0));
        assertEquals(span(t, "m1").end(), span(t, "m3").start());
    }

    @Test
    void triggersAndTheirDelays() {
        Timeline t = compile(pair().ballWith("a")
                .run("m1", "b", Trigger.onWhistle(1.5), 6, 8)
                .pass("m2", "a", Trigger.withStartOf(new MoveId("m1"), 0.5), "b")
                .run("m3", "a", Trigger.whenCaught(new MoveId("m2"), 0.35), 4, 0)
                .nextStep()
                .run("m4", "b", Trigger.afterEndOf(new MoveId("m3"), 1), 9, 8));
        assertEquals(1.5, span(t, "m1").start());
        assertEquals(2.0, span(t, "m2").start());
        assertEquals(span(t, "m2").end() + 0.35, span(t, "m3").start(), 1e-12);
        assertEquals(span(t, "m3").end() + 1, span(t, "m4").start(), 1e-12);
    }

    // ---- joining ----

    @Test
    void travelsThatFollowEachOtherJoinWithoutAStop() {
        Timeline joined = compile(
                Drills.blank().role("a", Side.ATTACK, 0, 0).run("m1", "a", 6, 0).run("m2", "a", 12, 0));
        Timeline single = compile(Drills.blank().role("a", Side.ATTACK, 0, 0).run("m1", "a", 12, 0));
        assertEquals(single.seconds(), joined.seconds(), 1e-9);
        assertTrue(joined.poseAt(new RoleId("a"), span(joined, "m1").end()).speed() > 3);
        assertEquals(6, span(joined, "m2").metres(), 1e-9);
    }

    @Test
    void aWaitBetweenTwoTravelsStopsThem() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .run("m1", "a", 6, 0)
                .move(Act.waiting(new MoveId("m2"), new RoleId("a"), Optional.empty(), false, 2))
                .run("m3", "a", 12, 0));
        assertEquals(0, t.poseAt(new RoleId("a"), span(t, "m1").end()).speed());
        assertEquals(span(t, "m1").end() + 2, span(t, "m3").start(), 1e-12);
    }

    @Test
    void aPassBetweenTwoTravelsIsMadeOnTheRunAndWhatFollowsIsFaster() {
        Timeline t = compile(
                pair().ballWith("a").run("m1", "a", 6, 0).pass("m2", "a", "b").run("m3", "a", 14, 0));
        assertTrue(span(t, "m1").carrying());
        assertFalse(span(t, "m3").carrying());
        assertEquals(span(t, "m1").end(), span(t, "m3").start());
        assertTrue(t.poseAt(new RoleId("a"), span(t, "m3").start()).speed() > 3, "no stop for the pass");
        Timeline carried = compile(pair().ballWith("a").run("m1", "a", 6, 0).run("m3", "a", 14, 0));
        assertTrue(span(t, "m3").peakSpeed() > span(carried, "m3").peakSpeed(), "without the ball a run is faster");
    }

    // ---- ball ----

    @Test
    void aPassToARunnerIsCaughtOnTheRunWhereBothAre() {
        Timeline t = compile(pair().ballWith("a").run("m1", "b", 12, 8).pass("m2", "a", "b"));
        double caught = span(t, "m2").end();
        Point receiver = t.poseAt(new RoleId("b"), caught).at();
        assertTrue(receiver.x() > 0.5, "the receiver has moved on");
        assertEquals(0, t.flightOf(new MoveId("m2")).orElseThrow().to().distanceTo(receiver), 0.01);
        assertEquals(Optional.of(new RoleId("b")), t.ballStateAt(BALL, caught).holder());
        assertEquals(Optional.empty(), t.ballStateAt(BALL, caught - 1e-6).holder());
    }

    @Test
    void aPassIsAimedAnewWhenItsReceiverSetsOffAfterTheRelease() {
        Timeline t = compile(pair().ballWith("a")
                .pass("m1", "a", "b")
                .run("m2", "b", Trigger.withStartOf(new MoveId("m1"), 0.3), 0, -6));
        double caught = span(t, "m1").end();
        assertTrue(caught > 0.3);
        Point met = t.poseAt(new RoleId("b"), caught).at();
        assertTrue(met.y() < 8, "the receiver comes towards the ball");
        assertEquals(0, t.ballAt(BALL, caught).distanceTo(met), 0.01);
        assertTrue(caught < 8 / U16.passSpeed(PassKind.AIR, Weight.FIRM));
    }

    @Test
    void whoJustCaughtNeedsControlTimeBeforeTheNextPass() {
        Timeline t = compile(pair().ballWith("a").pass("m1", "a", "b").pass("m2", "b", "a"));
        assertEquals(span(t, "m1").end() + U16.controlSeconds(), span(t, "m2").start(), 1e-9);
        assertEquals(List.of(), t.findings());
    }

    @Test
    void aBallOnTheGroundIsFetchedAndShot() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 5, 0)
                .ballAt(10, 0)
                .run("m1", "a", 10, 0)
                .pickUp("m2", "a")
                .shot("m3", "a", Optional.empty()));
        assertEquals(List.of(), t.findings());
        assertEquals(span(t, "m1").end(), t.ballStates(BALL).get(1).start(), 1e-12);
        assertEquals(0, t.ballAt(BALL, t.seconds()).distanceTo(new Point(20, 0)), 1e-9);
    }

    // ---- findings ----

    private static Finding only(Timeline t) {
        assertEquals(1, t.findings().size(), t.findings().toString());
        return t.findings().get(0);
    }

    @Test
    void aPassWithoutABallIsAFindingAndTheRestStillRuns() {
        Drills drill =
                pair().pass("m1", "a", "b").run("m2", "b", 6, 8).nextStep().run("m3", "b", 9, 8);
        Timeline t = compile(drill);
        Finding f = only(t);
        assertEquals("no-ball", f.rule());
        assertEquals(Severity.STOP, f.severity());
        assertEquals("A's pass cannot happen: A has no ball.", Drills.message(drill.progression(), f));
        assertFalse(span(t, "m1").happens());
        assertTrue(span(t, "m3").happens());
    }

    @Test
    void aCircleOfTriggersIsNamed() {
        Drills drill = pair().run("m1", "a", Trigger.afterEndOf(new MoveId("m2"), 0), 5, 0)
                .run("m2", "b", Trigger.withStartOf(new MoveId("m1"), 0), 5, 8)
                .nextStep()
                .run("m3", "a", 3, 3);
        Timeline t = compile(drill);
        Finding f = only(t);
        assertEquals("circle", f.rule());
        String message = Drills.message(drill.progression(), f);
        assertTrue(message.endsWith("A's run (a), B's run."), message);
        assertTrue(span(t, "m3").happens(), "the step after it still runs");
    }

    @Test
    void aMoveThatWaitsForItselfIsACircle() {
        Timeline t = compile(pair().run("m1", "a", Trigger.withStartOf(new MoveId("m1"), 0), 5, 0));
        assertEquals("circle", only(t).rule());
    }

    @Test
    void aCircleThroughTheStepsIsNoticed() {
        Timeline t = compile(pair().run("m1", "a", Trigger.afterEndOf(new MoveId("m2"), 0), 5, 0)
                .nextStep()
                .run("m2", "b", 5, 8));
        assertEquals("circle", t.findings().get(0).rule());
    }

    @Test
    void waitingForACatchThatNeverComes() {
        Timeline t = compile(pair().ballWith("a")
                .passTo("m1", "a", 3, 3)
                .run("m2", "b", Trigger.whenCaught(new MoveId("m1"), 0), 5, 8));
        assertEquals("never-caught", only(t).rule());
    }

    @Test
    void aShotAtNoGoal() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .ballWith("a")
                .move(new Shot(
                        new MoveId("m1"), new RoleId("a"), Optional.empty(), false, "nowhere", Aim.MIDDLE, Weight.FIRM))
                .progression();
        Timeline t = Timeline.of(Path.usual(p), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
        assertEquals("no-goal", only(t).rule());
        assertEquals(Optional.of(new RoleId("a")), t.ballStateAt(BALL, 5).holder());
    }

    @Test
    void aPickUpOutOfReachSaysHowFar() {
        Timeline t =
                compile(Drills.blank().role("a", Side.ATTACK, 0, 0).ballAt(3, 4).pickUp("m1", "a"));
        assertEquals("nothing-in-reach", only(t).rule());
        assertEquals(5, only(t).figures().get(Quantity.METRES), 1e-9);
    }

    @Test
    void aSecondBallForBusyHandsIsAWarning() {
        Timeline t = compile(pair().ballWith("a").ballWith("b").pass("m1", "a", "b"));
        assertEquals("two-balls", only(t).rule());
        assertEquals(Severity.WARN, only(t).severity());
    }

    @Test
    void aPassOutOfReachOfASlidingPuckIsNotCaught() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -28, 0)
                .role("b", Side.ATTACK, 28, 0)
                .ballWith("a")
                .move(new Pass(
                        new MoveId("m1"),
                        new RoleId("a"),
                        Optional.empty(),
                        false,
                        new Target.ToRole(new RoleId("b")),
                        PassKind.GROUND,
                        Weight.SOFT))
                .progression();
        Timeline t = Timeline.of(Path.usual(p), Drills.ICE, Pace.of(AgeBand.U8, Drills.ICE));
        assertEquals("pass-not-caught", only(t).rule());
        assertTrue(t.ballStateAt(BALL, t.seconds()) instanceof BallState.Loose);
    }

    // ---- facing ----

    @Test
    void facingFollowsTheManner() {
        for (Manner manner : Manner.values()) {
            Timeline t = compile(Drills.blank()
                    .role("a", Side.DEFENCE, 0, 0)
                    .ballAt(0, 20)
                    .travel("m1", "a", Optional.empty(), manner, Effort.STEADY, List.of(Waypoint.smooth(5, 0))));
            double facing = t.poseAt(new RoleId("a"), t.seconds() / 2).facingDegrees();
            double expected = manner == Manner.FORWARD || manner == Manner.CROSSOVER
                    ? 0
                    : manner == Manner.BACKWARD
                            ? 180
                            : Math.toDegrees(Math.atan2(
                                    20,
                                    -t.poseAt(new RoleId("a"), t.seconds() / 2)
                                            .at()
                                            .x()));
            assertEquals(expected, facing, 1e-9, manner.toString());
        }
    }
}
