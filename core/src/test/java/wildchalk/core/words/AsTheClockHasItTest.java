package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.LengthUnit;

/** Late, short, early, missed, held: said as they are. */
class AsTheClockHasItTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId B = new RoleId("b");
    private static final MoveId FIRST = new MoveId("m1");
    private static final MoveId SECOND = new MoveId("m2");

    private static Sentence sentence(RunThrough run, MoveId move) {
        return Words.of(run, LengthUnit.METRES).sentence(move).orElseThrow();
    }

    private static List<Measure.Kind> kinds(Sentence sentence) {
        return sentence.measures().stream().map(Measure::what).toList();
    }

    private static Pass pass(Target to, PassKind kind, Weight weight, boolean oneTouch, Optional<Trigger> when) {
        return new Pass(FIRST, A, when, false, to, kind, weight, oneTouch, Optional.empty());
    }

    private static Drills two() {
        return Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .role("b", Side.ATTACK, 18, 0)
                .ballWith("a");
    }

    // ---- passes ----

    @Test
    void aPassThatNobodyCatchesIsNotCaughtAtAnySecond() {
        Pass rolled = pass(new Target.ToRole(B), PassKind.GROUND, Weight.SOFT, false, Optional.empty());
        RunThrough run = Drills.run(two().move(rolled).progression(), AgeBand.U8);
        assertEquals("pass-not-caught", Checks.of(run).get(0).rule());
        Sentence said = sentence(run, FIRST);
        assertEquals(List.of(Measure.Kind.WAY, Measure.Kind.THERE, Measure.Kind.NOT_CAUGHT), kinds(said));
        assertFalse(said.measure().contains("caught at"), said.measure());
    }

    @Test
    void aBallThatWaitsForItsRunnerIsThereAndIsCaughtLater() {
        Pass early = pass(
                new Target.ToPlace(new Point(0, 0), Optional.of(B)),
                PassKind.AIR,
                Weight.FIRM,
                false,
                Optional.empty());
        RunThrough run = Drills.run(two().move(early).run("m2", "b", 0, 0).progression(), AgeBand.U14);
        Sentence said = sentence(run, FIRST);
        assertEquals(List.of(Measure.Kind.WAY, Measure.Kind.THERE, Measure.Kind.CAUGHT), kinds(said));
        double caught = run.timeline().happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.CAUGHT)
                .findFirst()
                .orElseThrow()
                .seconds();
        assertEquals(caught, said.measures().get(2).value(), 1e-9, "what the event says");
        assertTrue(said.measures().get(1).value() < caught);
    }

    /** However softly it is lobbed, it comes down somewhere, and is found there. */
    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void aLobThatIsTooSoftComesDownWhereItCan(AgeBand age) {
        for (Target to : List.of(
                new Target.ToRole(B),
                new Target.ToPlace(new Point(18, 0)),
                new Target.ToPlace(new Point(18, 0), Optional.of(B)))) {
            Pass lob = pass(to, PassKind.LOFTED, Weight.SOFT, false, Optional.empty());
            RunThrough run = Drills.run(two().move(lob).progression(), age);
            Timeline t = run.timeline();
            Point lies = t.ballAt(t.ballIds().get(0), t.seconds() + 60);
            double flown = lies.distanceTo(new Point(-18, 0));
            assertTrue(flown > 1 && flown <= 36.001, age + " to " + to + ": " + flown);
            boolean reached = flown > 35.9;
            boolean said = Checks.of(run).stream()
                    .map(Finding::rule)
                    .anyMatch(r -> r.startsWith("pass-") || r.startsWith("area-pass"));
            assertTrue(reached || said, "what falls short is told: " + to);
        }
    }

    // ---- touches and cues ----

    @Test
    void aTouchThatLastsIsNone() {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 6, 0)
                .ballWith("b")
                .pass("m2", "b", "a")
                .move(pass(
                        new Target.ToRole(B),
                        PassKind.AIR,
                        Weight.FIRM,
                        true,
                        Optional.of(Trigger.whenCaught(SECOND, 0.9))))
                .progression();
        RunThrough run = Drills.run(version, AgeBand.U16);
        assertTrue(Checks.of(run).stream().anyMatch(f -> f.rule().equals("touch-held")));
        assertFalse(
                sentence(run, FIRST).text().contains("one touch"),
                sentence(run, FIRST).text());
        Progression at = version.withMove(
                version.move(FIRST).orElseThrow().withTrigger(Optional.of(Trigger.whenCaught(SECOND, 0))));
        assertEquals(List.of(), Checks.of(Drills.run(at, AgeBand.U16)));
        assertTrue(sentence(Drills.run(at, AgeBand.U16), FIRST).text().contains("one touch"));
    }

    @Test
    void aDelayThatSomethingOutlastsIsSaidAsTheClockHasIt() {
        // control takes 0.75 s at U10, whatever the trigger asks for
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 6, 0)
                .ballWith("b")
                .pass("m2", "b", "a")
                .move(pass(
                        new Target.ToRole(B),
                        PassKind.AIR,
                        Weight.FIRM,
                        false,
                        Optional.of(Trigger.whenCaught(SECOND, 0.3))))
                .progression();
        RunThrough run = Drills.run(version, AgeBand.U10);
        Sentence said = sentence(run, FIRST);
        assertTrue(said.text().contains("just after the catch"), said.text());
        assertTrue(said.measure().contains("0.8 s after"), said.measure());
    }

    @Test
    void aCueLongPastIsNotToldAsIfItHeld() {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 6, 0)
                .ballWith("b")
                .pass("m2", "b", "a")
                .run("m3", "a", 15, 0)
                .move(pass(new Target.ToRole(B), PassKind.AIR, Weight.FIRM, false, Optional.empty()))
                .run("m4", "a", Trigger.whenCaught(SECOND, 0), -15, 0)
                .progression();
        RunThrough run = Drills.run(version, AgeBand.U14);
        String said = sentence(run, new MoveId("m4")).text();
        assertTrue(said.matches(".*\\d seconds after the catch.*"), said);
    }

    // ---- the next rep ----

    private static RunThrough launching(Event event) {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .run("m1", "a", 12, 0)
                .progression()
                .withCourse(Course.PLAIN.withLaunch(Optional.of(new Launch(Optional.of(event), 1))));
        return Drills.run(version, AgeBand.U16);
    }

    @Test
    void theNextRepStartsWhenSomebodyCrossesALine() {
        Region line = new Region.Line(new Point(6, -3), new Point(6, 3));
        RunThrough run = launching(new Event.Reaches(new Mover.Somebody(A), line));
        double period = Launches.period(run.path(), run.timeline()).orElseThrow();
        assertEquals(6, run.timeline().poseAt(A, period - 1).at().x(), 0.01);
        assertEquals(List.of(), Checks.of(run));
    }

    @Test
    void whatNeverComesIsToldAndTheRepsEndCountsThen() {
        Region line = new Region.Line(new Point(16, -3), new Point(16, 3));
        for (Event event : List.of(
                new Event.Reaches(new Mover.Somebody(A), line),
                new Event.IsCalled("red"),
                new Event.Handles(A, Event.Handling.GETS))) {
            RunThrough run = launching(event);
            assertEquals(
                    run.timeline().seconds() + 1,
                    Launches.period(run.path(), run.timeline()).orElseThrow(),
                    1e-9);
            assertEquals(
                    List.of("launch-never"),
                    Checks.of(run).stream().map(Finding::rule).toList());
        }
    }

    // ---- shots ----

    private static RunThrough shooting(String surface, Optional<Point> rebound) {
        SurfaceUse use = new SurfaceUse(surface, "whole");
        GoalMouth goal = use.surface().goals().get(0);
        Point from = goal.centre().plus(Point.polar(6, goal.facingDegrees()));
        Shot shot = new Shot(
                FIRST, A, Optional.empty(), false, goal.id(), Aim.MIDDLE, Weight.FIRM, false, ShotEnd.MISS, rebound);
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, from.x(), from.y())
                .ballWith("a")
                .move(shot)
                .progression();
        Drill drill = Drill.blank("Shot", use, Audience.USUAL).withProgressions(List.of(version));
        return RunThrough.of(drill, version);
    }

    @Test
    void whatMissesARingComesOffIt() {
        for (String surface : List.of("basketball-international", "netball")) {
            RunThrough run = shooting(surface, Optional.empty());
            assertTrue(
                    run.timeline().happenings().stream().anyMatch(h -> h.kind() == Happening.Kind.REBOUNDS), surface);
            Sentence said = sentence(run, FIRST);
            assertEquals(List.of(Measure.Kind.OUT), kinds(said), "a ring is no goal that is open");
            assertFalse(said.text().contains("post"), said.text());
        }
    }

    @Test
    void whatMissesAGoalGoesPastUnlessItIsSaidToComeOff() {
        RunThrough past = shooting("handball", Optional.empty());
        assertFalse(past.timeline().happenings().stream().anyMatch(h -> h.kind() == Happening.Kind.REBOUNDS));
        assertTrue(sentence(past, FIRST).text().contains("past the post"));
        Point where = new Point(10, 4);
        RunThrough off = shooting("handball", Optional.of(where));
        Timeline t = off.timeline();
        assertTrue(
                t.ballAt(t.ballIds().get(0), t.seconds() + 10).isWithin(0.01, where), "it lies where it came off to");
    }
}
