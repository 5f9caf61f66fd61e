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
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** What is done on the spot, round circles and with balls. */
class DeedsTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId B = new RoleId("b");
    private static final BallId BALL = new BallId("b0");

    private static Timeline compile(Progression version) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
    }

    private static Act act(String id, String role, Deed deed) {
        return new Act(new MoveId(id), new RoleId(role), Optional.empty(), false, deed);
    }

    @ParameterizedTest
    @EnumSource(
            value = Hand.class,
            names = {"LEFT", "RIGHT"})
    void aTurnGoesRoundByItsHand(Hand hand) {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .move(act("m1", "a", new Deed.Turning(Deed.Turn.PIVOT, hand, 90)))
                .progression());
        double half = t.poseAt(A, t.seconds() / 2).facingDegrees();
        assertEquals(hand == Hand.LEFT ? 45 : -45, half, 1e-6);
        assertEquals(hand == Hand.LEFT ? 90 : -90, t.poseAt(A, t.seconds()).facingDegrees(), 1e-6);
    }

    @Test
    void whoTurnsBetweenTwoTravelsDoesNotStop() {
        Drills drill = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(8, 0)))
                .move(act("m2", "a", new Deed.Turning(Deed.Turn.PIVOT, Hand.RIGHT, 180)))
                .travel("m3", "a", Optional.empty(), Manner.BACKWARD, Effort.HARD, List.of(Waypoint.smooth(16, 0)));
        Timeline t = compile(drill.progression());
        double joint = t.move(new MoveId("m2")).start();
        assertEquals(joint, t.move(new MoveId("m3")).start(), 1e-9);
        assertTrue(
                t.poseAt(A, joint).speed() > 1,
                "still moving: " + t.poseAt(A, joint).speed());
        assertEquals(0, t.poseAt(A, joint - 0.01).facingDegrees(), 1);
        double over = t.move(new MoveId("m2")).end();
        assertEquals(180, Math.abs(t.poseAt(A, over + 0.01).facingDegrees()), 1, "backward now");
        double quarter = t.poseAt(A, (joint + over) / 2).facingDegrees();
        assertEquals(-90, quarter, 2, "to the right, half way round");
    }

    @Test
    void aCircleIsAsLongAsItIsRound() {
        for (double turns : new double[] {0.5, 1, 2.25}) {
            Waypoint round = Waypoint.smooth(4, 0).withRound(Optional.of(new Round(new Point(4, 3), turns, Hand.LEFT)));
            Timeline t = compile(Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.STEADY, List.of(round))
                    .progression());
            // 4 m to the circle, then turns of radius 3
            assertEquals(4 + turns * 2 * Math.PI * 3, t.move(new MoveId("m1")).metres(), 0.05);
            Point end = t.poseAt(A, t.seconds()).at();
            assertTrue(end.isWithin(1e-6, round.leave()), end + " and " + round.leave());
            assertEquals(3, end.distanceTo(new Point(4, 3)), 1e-6);
        }
    }

    @Test
    void leftRoundHasTheCentreOnTheLeft() {
        Waypoint round = Waypoint.smooth(4, 0).withRound(Optional.of(new Round(new Point(4, 3), 1, Hand.LEFT)));
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.STEADY, List.of(round))
                .progression());
        for (double s = 0.5 * t.seconds(); s < 0.95 * t.seconds(); s += 0.1) {
            Pose pose = t.poseAt(A, s);
            double towards = new Point(4, 3).minus(pose.at()).headingDegrees();
            assertEquals(90, Headings.normalise(towards - pose.facingDegrees()), 6);
        }
    }

    @Test
    void aHandOffWaitsUntilBothAreThere() {
        Pass off = new Pass(
                new MoveId("m2"),
                A,
                Optional.of(Trigger.onWhistle(0)),
                false,
                new Target.ToRole(B),
                PassKind.HAND_OFF,
                Weight.FIRM);
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 10, 0)
                .ballWith("a")
                .run("m1", "b", 0.5, 0)
                .move(off)
                .progression());
        double start = t.move(new MoveId("m2")).start();
        assertEquals(Pace.HAND_OFF_METRES, t.poseAt(B, start).at().distanceTo(new Point(0, 0)), 0.02);
        assertEquals(List.of(), t.findings());
    }

    private static Timeline area(double runnerStarts, double passAt) {
        Pass pass = new Pass(
                new MoveId("m1"),
                A,
                Optional.of(Trigger.onWhistle(passAt)),
                false,
                new Target.ToPlace(new Point(10, 0), Optional.of(B)),
                PassKind.AIR,
                Weight.FIRM);
        return compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 10, 9)
                .ballWith("a")
                .move(pass)
                .run("m2", "b", Trigger.onWhistle(runnerStarts), 10, -9)
                .progression());
    }

    @Test
    void aPassToASpotIsCaughtByWhoeverIsThere() {
        Timeline t = area(0, 1.35);
        assertEquals(List.of(), t.findings());
        assertEquals(Optional.of(B), t.ballStateAt(BALL, t.seconds()).holder());
    }

    @Test
    void whoComesLateFindsTheBallThereAndIsToldByHowMuch() {
        Timeline t = area(2, 0);
        assertEquals("area-pass-late", t.findings().get(0).rule());
        assertEquals(Optional.of(B), t.ballStateAt(BALL, t.seconds()).holder());
        double landed = t.move(new MoveId("m1")).end();
        double taken = t.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.CAUGHT)
                .findFirst()
                .orElseThrow()
                .seconds();
        assertEquals(taken - landed, t.findings().get(0).figures().get(Quantity.SECONDS), 1e-9);
    }

    @Test
    void whoComesEarlyIsTold() {
        Timeline t = area(0, 4);
        assertEquals("area-pass-early", t.findings().get(0).rule());
        assertEquals(Optional.empty(), t.ballStateAt(BALL, t.seconds()).holder());
    }

    @Test
    void aBallThatIsPutDownCanBePickedUp() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 5, 0)
                .ballWith("a")
                .move(act("m1", "a", new Deed.PuttingDown()))
                .nextStep()
                .run("m2", "b", 0.5, 0)
                .pickUp("m3", "b")
                .progression());
        assertEquals(List.of(), t.findings());
        assertEquals(Optional.of(B), t.ballStateAt(BALL, t.seconds()).holder());
        assertEquals(new Point(0, 0), t.ballAt(BALL, t.move(new MoveId("m2")).start() + 0.1));
    }

    @Test
    void theWinnerOfAContestHasTheBall() {
        for (RoleId winner : List.of(A, B)) {
            Deed contest = new Deed.Contest(Deed.Kind.LOOSE_BALL, List.of(B), Optional.of(winner));
            Timeline t = compile(Drills.blank()
                    .role("a", Side.ATTACK, 1, 0)
                    .role("b", Side.DEFENCE, -1, 0)
                    .ballAt(0, 0)
                    .move(act("m1", "a", contest))
                    .progression());
            assertEquals(Optional.of(winner), t.ballStateAt(BALL, t.seconds()).holder());
            assertEquals(Happening.Kind.WON, t.happenings().get(0).kind());
        }
    }

    @Test
    void aScoopOnTheRunIsQuickerThanAStop() {
        double[] seconds = new double[2];
        for (int i = 0; i < 2; i++) {
            PickUpKind how = i == 0 ? PickUpKind.SCOOP : PickUpKind.GROUND;
            Timeline t = compile(Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .ballAt(8, 0)
                    .run("m1", "a", 8, 0)
                    .move(new PickUp(new MoveId("m2"), A, Optional.empty(), false, how))
                    .run("m3", "a", 16, 0)
                    .progression());
            assertEquals(List.of(), t.findings());
            seconds[i] = t.seconds();
        }
        assertTrue(seconds[0] < seconds[1] - 0.5, seconds[0] + " and " + seconds[1]);
    }

    @ParameterizedTest
    @EnumSource(ShotEnd.class)
    void aShotEndsAsItIsSaid(ShotEnd end) {
        Shot shot = new Shot(
                new MoveId("m1"),
                A,
                Optional.empty(),
                false,
                "right",
                Aim.FAR,
                Weight.FIRM,
                false,
                end,
                Optional.empty());
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 10, 2)
                .role("k", Side.KEEPER, 19, 0)
                .ballWith("a")
                .move(shot)
                .move(act("m2", "k", new Deed.Waiting(5)))
                .progression());
        BallState last = t.ballStateAt(BALL, t.seconds());
        Point goal = new Point(20, 0);
        switch (end) {
            case GOAL ->
                assertTrue(last instanceof BallState.Dead && t.ballAt(BALL, 9).isWithin(1.5, goal));
            case SAVE -> assertEquals(Optional.of(new RoleId("k")), last.holder());
            case MISS ->
                assertTrue(
                        last instanceof BallState.Loose && t.ballAt(BALL, 9).distanceTo(goal) > 1.5, "beside the post");
            case REBOUND ->
                assertTrue(last instanceof BallState.Loose && t.ballAt(BALL, 9).x() < 18, "back in play");
        }
    }

    @Test
    void oneTouchSaysItsTimeAndNoMore() {
        for (boolean touch : new boolean[] {true, false}) {
            Pass on = new Pass(
                    new MoveId("m2"),
                    B,
                    Optional.of(Trigger.whenCaught(new MoveId("m1"), 0)),
                    false,
                    new Target.ToRole(A),
                    PassKind.AIR,
                    Weight.FIRM,
                    touch,
                    Optional.empty());
            Timeline t = compile(Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .role("b", Side.ATTACK, 8, 0)
                    .ballWith("a")
                    .pass("m1", "a", "b")
                    .move(on)
                    .progression());
            double held =
                    t.move(new MoveId("m2")).start() - t.move(new MoveId("m1")).end();
            assertEquals(touch ? 0.1 : 0.4, held, 1e-9);
            assertFalse(t.findings().stream().anyMatch(f -> f.rule().equals("no-ball")));
        }
    }
}
