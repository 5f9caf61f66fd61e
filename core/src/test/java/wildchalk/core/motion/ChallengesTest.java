package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Verdict;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** How a ball is lost: reach, time, winner; and who goes for one that lies free. */
class ChallengesTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId B = new RoleId("b");
    private static final RoleId D = new RoleId("d");
    private static final BallId BALL = new BallId("b0");
    private static final MoveId TRY = new MoveId("try");
    private static final MoveId PASS = new MoveId("m1");

    private static Timeline compile(Progression version) {
        return compile(version, Drills.HANDBALL);
    }

    private static Timeline compile(Progression version, Surface surface) {
        return Timeline.of(Path.usual(version), surface, Pace.of(AgeBand.ADULT, surface));
    }

    private static Act challenge(Bid bid, String on, Optional<Trigger> when, Verdict verdict) {
        return new Act(TRY, D, when, false, Challenge.of(bid, new RoleId(on)).withVerdict(verdict));
    }

    /** Who expects it and needs no time to react. */
    private static Optional<Trigger> asItLeaves() {
        return Optional.of(Trigger.withStartOf(PASS, 0).withReaction(Optional.of(0.0)));
    }

    private static Drills passBy(double x, double y) {
        return Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 12, 0)
                .role("d", Side.DEFENCE, x, y)
                .ballWith("a")
                .pass("m1", "a", "b");
    }

    private static double reach() {
        return Pace.of(AgeBand.ADULT, Drills.HANDBALL).challengeMetres(Bid.INTERCEPTION);
    }

    /** Face to face with it: what the ball has flown, what he has run and what he reaches make up the way between them. */
    @Test
    void whoStandsInTheLaneGoesToMeetThePass() {
        Timeline t = compile(passBy(6, 0)
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.WON))
                .progression());
        Flight pass = t.flightOf(PASS).orElseThrow();
        Pace pace = Pace.of(AgeBand.ADULT, Drills.HANDBALL);
        double top = Dash.of(pace, 1).topSpeed();
        double settle =
                top / pace.gait(Manner.FORWARD, Effort.FLAT_OUT, false, 1).push();
        double s = 0;
        // x = top (s - settle (1 - e^(-s / settle))), Furusawa, Hill and Parkinson 1927
        while (pass.speed() * s + top * (s - settle * (1 - Math.exp(-s / settle))) + reach() < 6) {
            s += 1e-5;
        }
        assertEquals(t.move(PASS).start() + s, t.move(PASS).end(), 1e-3);
        assertEquals(pass.speed() * s, pass.to().x(), 0.01);
        assertEquals(Optional.of(Verdict.WON), t.verdict(TRY));
        assertEquals(Optional.of(D), t.ballStateAt(BALL, t.seconds()).holder());
        assertTrue(t.caughtAt(PASS).isEmpty());
    }

    /** Against every place on the lane, tried one by one with the closed form of a dash from standing. */
    @ParameterizedTest
    @ValueSource(doubles = {1.5, 1.9, 2.3})
    void whoStepsInComesAsEarlyAsAnybodyCould(double y) {
        Timeline t = compile(passBy(9, y)
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.WON))
                .progression());
        Flight pass = t.flightOf(PASS).orElseThrow();
        Dash dash = Dash.of(Pace.of(AgeBand.ADULT, Drills.HANDBALL), 1);
        Point own = new Point(9, y);
        double first = Double.POSITIVE_INFINITY;
        for (double x = 0; x < 12 && first == Double.POSITIVE_INFINITY; x += 0.001) {
            double gap = own.distanceTo(new Point(x, 0)) - reach();
            double there = gap <= 0 ? 0 : dash.seconds(Point.ORIGIN, Point.ORIGIN, new Point(gap, 0));
            if (there <= x / pass.speed()) {
                first = x;
            }
        }
        assertTrue(first < 12, "somebody could");
        assertEquals(first, pass.to().x(), 0.01);
    }

    @Test
    void whoRunsAlreadyComesSoonerThanWhoStands() {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 12, 0)
                .role("d", Side.DEFENCE, 9, 5)
                .ballWith("a")
                .travel(
                        "run",
                        "d",
                        Optional.of(Trigger.onWhistle(0).withReaction(Optional.of(0.0))),
                        Manner.FORWARD,
                        Effort.FLAT_OUT,
                        List.of(Waypoint.smooth(9, -6)))
                .pass("m1", "a", Trigger.onWhistle(0.7).withReaction(Optional.of(0.0)), "b")
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.WON))
                .progression();
        Timeline t = compile(version);
        double release = t.move(PASS).start();
        Point there = t.poseAt(D, release).at();
        assertTrue(t.poseAt(D, release).speed() > 2, "is under way");
        assertEquals(Optional.of(Verdict.WON), t.verdict(TRY));
        Timeline still = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 12, 0)
                .role("d", Side.DEFENCE, there.x(), there.y())
                .ballWith("a")
                .pass("m1", "a", "b")
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.WON))
                .progression());
        boolean later = !still.verdict(TRY).equals(Optional.of(Verdict.WON))
                || still.move(PASS).seconds() > t.move(PASS).seconds() + 0.02;
        assertTrue(later);
        // what he was running ends where he leaves it
        assertEquals(t.move(TRY).start(), t.move(new MoveId("run")).end(), 1e-9);
    }

    @Test
    void whoComesTooLateIsSaidToAndThePassArrives() {
        Timeline t = compile(passBy(6, 7)
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.WON))
                .progression());
        assertEquals(Optional.of(Verdict.MISSED), t.verdict(TRY));
        assertEquals("challenge-late", t.findings().get(0).rule());
        assertTrue(t.caughtAt(PASS).isPresent());
        assertEquals(Optional.of(B), t.ballStateAt(BALL, t.seconds()).holder());
    }

    @Test
    void whoMissesOnPurposeIsNoFaultAndThePassArrives() {
        Timeline t = compile(passBy(6, 1)
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.MISSED))
                .progression());
        assertEquals(List.of(), t.findings());
        assertTrue(t.caughtAt(PASS).isPresent());
    }

    @Test
    void aReactionCostsWhoDoesNotKnowWhatComes() {
        Timeline knows = compile(passBy(9, 1.8)
                .move(challenge(Bid.INTERCEPTION, "a", asItLeaves(), Verdict.WON))
                .progression());
        Timeline sees = compile(passBy(9, 1.8)
                .move(challenge(Bid.INTERCEPTION, "a", Optional.empty(), Verdict.WON))
                .progression());
        assertTrue(sees.move(TRY).start() > knows.move(TRY).start() + 0.1);
        assertTrue(sees.flightOf(PASS).orElseThrow().to().x()
                >= knows.flightOf(PASS).orElseThrow().to().x());
    }

    @Test
    void aPassThatIsKnockedDownLiesFreeWhereItIsSaidTo() {
        Point spill = new Point(4, -3);
        Act act = challenge(Bid.KNOCK_DOWN, "a", asItLeaves(), Verdict.OUT);
        Timeline t = compile(passBy(6, 0.7)
                .move(act.withDeed(((Challenge) act.deed()).withSpill(Optional.of(spill))))
                .progression());
        assertTrue(t.ballStateAt(BALL, t.seconds() + 5) instanceof BallState.Loose l && l.at().isWithin(1e-9, spill));
        assertTrue(t.happenings().stream().anyMatch(h -> h.kind() == Happening.Kind.KNOCKED_FREE));
    }

    private static Drills carrier(double dx) {
        return Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("d", Side.DEFENCE, dx, 0.3)
                .ballWith("a")
                .run("m1", "a", 12, 0);
    }

    @ParameterizedTest
    @EnumSource(
            value = Bid.class,
            names = {"POKE", "STRIP", "RIP", "TACKLE"})
    void theBallGoesFromTheCarrierToWhoeverWinsIt(Bid bid) {
        Timeline t = compile(carrier(9)
                .move(challenge(bid, "a", Optional.empty(), Verdict.WON))
                .progression());
        assertEquals(Optional.of(Verdict.WON), t.verdict(TRY));
        assertEquals(Optional.of(D), t.ballStateAt(BALL, t.seconds()).holder());
        Happening won = t.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.WON)
                .findFirst()
                .orElseThrow();
        double apart = t.placeAt(A, won.seconds()).distanceTo(t.placeAt(D, won.seconds()));
        assertTrue(apart < 2.5, "they meet: " + apart);
    }

    /** Both stand where they meet, and where the carrier is past nobody stops him. */
    @Test
    void aTackleHasItsFourEnds() {
        Surface rugby = Surfaces.find("rugby-union").orElseThrow();
        for (Verdict verdict : Verdict.values()) {
            Timeline t = compile(
                    carrier(9)
                            .move(challenge(Bid.TACKLE, "a", Optional.empty(), verdict))
                            .progression(),
                    rugby);
            assertEquals(Optional.of(verdict), t.verdict(TRY), "" + t.findings());
            boolean keeps = t.ballStateAt(BALL, t.seconds()).holder().equals(Optional.of(A));
            assertEquals(verdict != Verdict.OUT, keeps, verdict + "");
            double end = t.placeAt(A, t.seconds()).x();
            assertEquals(verdict == Verdict.MISSED, Math.abs(end - 12) < 0.01, verdict + " ends at " + end);
        }
    }

    @Test
    void whoHasNoBallCannotLoseOne() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("d", Side.DEFENCE, 2, 0)
                .ballAt(5, 5)
                .move(challenge(Bid.STRIP, "a", Optional.empty(), Verdict.WON))
                .progression());
        assertEquals("challenge-no-ball", t.findings().get(0).rule());
        assertFalse(t.move(TRY).happens());
    }

    private static Travel seeks(String id, String role, Seeks what) {
        return new Travel(
                        new MoveId(id),
                        new RoleId(role),
                        Optional.empty(),
                        false,
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(Waypoint.smooth(0, 0)))
                .withSeeks(Optional.of(what));
    }

    /** Wherever the ball lies: the drawn end does not matter. */
    @Test
    void whoGoesForTheBallHasIt() {
        Random random = new Random(7);
        for (int i = 0; i < 30; i++) {
            Point lies = new Point(random.nextDouble() * 30 - 15, random.nextDouble() * 16 - 8);
            Timeline t = compile(Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .ballAt(lies.x(), lies.y())
                    .move(seeks("m1", "a", Seeks.BALL))
                    .progression());
            assertEquals(Optional.of(A), t.ballStateAt(BALL, t.seconds()).holder());
            assertTrue(t.placeAt(A, t.seconds()).isWithin(0.5, lies));
        }
    }

    @Test
    void theFirstThereHasItAndTheOtherComesTooLate() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("d", Side.DEFENCE, 12, 0)
                .ballAt(5, 0)
                .move(seeks("m1", "a", Seeks.BALL))
                .move(seeks("m2", "d", Seeks.BALL))
                .progression());
        assertEquals(Optional.of(A), t.ballStateAt(BALL, t.seconds()).holder());
        assertTrue(t.placeAt(D, t.seconds()).isWithin(0.5, new Point(5, 0)));
    }

    @ParameterizedTest
    @EnumSource(
            value = ShotEnd.class,
            names = {"REBOUND", "PARRY"})
    void theReboundIsTakenWhereItComesDown(ShotEnd end) {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 10, 0)
                .role("b", Side.ATTACK, 11, 5)
                .role("k", Side.KEEPER, 19.5, 0)
                .ballWith("a")
                .move(new Shot(PASS, A, Optional.empty(), false, "right", Aim.FAR, Weight.FIRM).withEnd(end))
                .move(seeks("m2", "b", Seeks.REBOUND))
                .progression());
        assertEquals(Optional.of(B), t.ballStateAt(BALL, t.seconds()).holder(), "" + t.findings());
        Happening back = t.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.REBOUNDS)
                .findFirst()
                .orElseThrow();
        assertTrue(t.move(new MoveId("m2")).start() > back.seconds(), "nobody knows before where it goes");
    }

    @Test
    void aKeeperWhoCoversHasIt() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 10, 0)
                .role("k", Side.KEEPER, 19, 0)
                .ballWith("a")
                .move(new Shot(PASS, A, Optional.empty(), false, "right", Aim.MIDDLE, Weight.FIRM)
                        .withEnd(ShotEnd.COVER))
                .progression());
        assertEquals(
                Optional.of(new RoleId("k")), t.ballStateAt(BALL, t.seconds()).holder());
    }
}
