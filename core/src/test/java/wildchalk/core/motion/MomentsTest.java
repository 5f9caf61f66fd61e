package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** What a move can wait for beside other moves. */
class MomentsTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId B = new RoleId("b");

    private static List<Finding> check(Progression version) {
        return Checks.of(Drills.run(version, AgeBand.ADULT));
    }

    private static Timeline compile(Progression version) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
    }

    private static Trigger reaches(String who, Region where) {
        return rehearsed(new Event.Reaches(new Mover.Somebody(new RoleId(who)), where));
    }

    /** A runs 10 m along x from the whistle; when he has come so far B starts. */
    private static Timeline waiting(Region where) {
        return compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 5)
                .run("m1", "a", 10, 0)
                .run("m2", "b", reaches("a", where), 5, 5)
                .progression());
    }

    private static void assertStartsWhereAIsAt(double x, Timeline t) {
        double start = t.move(new MoveId("m2")).start();
        assertEquals(x, t.poseAt(A, start).at().x(), 0.01);
        assertTrue(start > 0);
    }

    @Test
    void aLineIsCrossedWhereItLies() {
        assertStartsWhereAIsAt(4, waiting(new Region.Line(new Point(4, -3), new Point(4, 3))));
    }

    @Test
    void aLineThatIsTooShortIsNotCrossed() {
        Timeline t = waiting(new Region.Line(new Point(4, 1), new Point(4, 3)));
        assertFalse(t.move(new MoveId("m2")).happens());
        assertEquals("event-never", t.findings().get(0).rule());
        assertEquals(
                Optional.of(
                        new Event.Reaches(new Mover.Somebody(A), new Region.Line(new Point(4, 1), new Point(4, 3)))),
                t.findings().get(0).event());
    }

    @Test
    void comingNearCountsFromTheEdgeOfTheCircle() {
        assertStartsWhereAIsAt(5, waiting(new Region.NearPlace(new Point(8, 0), 3)));
        assertStartsWhereAIsAt(3, waiting(new Region.NearPlace(new Point(6, 4), 5))); // 3-4-5 triangle
    }

    @Test
    void aZoneThatWasDrawnIsEnteredAndLeft() {
        for (boolean entering : new boolean[] {true, false}) {
            Region where = entering ? new Region.In("z1") : new Region.Out("z1");
            double x = entering ? -2 : 1;
            Progression drill = Drills.blank()
                    .role("a", Side.ATTACK, x, 0)
                    .role("b", Side.ATTACK, 0, 5)
                    .run("m1", "a", 10, 0)
                    .run("m2", "b", reaches("a", where), 5, 5)
                    .progression();
            MarkedZone zone = new MarkedZone(
                    new ZoneId("z1"),
                    "box",
                    ZoneKind.BOX,
                    List.of(new Point(0, -2), new Point(6, -2), new Point(6, 2), new Point(0, 2)));
            Timeline t = compile(drill.withLayout(drill.layout().with(zone)));
            assertStartsWhereAIsAt(entering ? 0 : 6, t);
        }
    }

    @Test
    void twoWhoComeTowardsEachOtherMeetInTheMiddle() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.DEFENCE, 12, 0)
                .role("c", Side.ATTACK, 6, 6)
                .run("m1", "a", 12, 0)
                .run("m2", "b", 0, 0)
                .run("m3", "c", reaches("a", new Region.NearRole(B, 2)), 0, 6)
                .progression());
        double start = t.move(new MoveId("m3")).start();
        assertEquals(2, t.poseAt(A, start).at().distanceTo(t.poseAt(B, start).at()), 0.01);
        assertEquals(5, t.poseAt(A, start).at().x(), 0.01); // 1 m short of the middle each
    }

    @Test
    void aPlaceThatIsReachedAlreadyIsReachedAtOnce() {
        Timeline t = waiting(new Region.NearPlace(new Point(1, 0), 3));
        assertEquals(0, t.move(new MoveId("m2")).start(), 1e-6);
    }

    @Test
    void gettingAndReleasingAreDifferentMoments() {
        for (Event.Handling what : Event.Handling.values()) {
            Timeline t = compile(Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .role("b", Side.ATTACK, 8, 0)
                    .role("c", Side.ATTACK, 4, 4)
                    .ballWith("a")
                    .pass("m1", "a", "b")
                    .pass("m2", "b", Trigger.whenCaught(new MoveId("m1"), 1), "a")
                    .run("m3", "c", rehearsed(new Event.Handles(B, what)), 9, 4)
                    .progression());
            double caught = t.move(new MoveId("m1")).end();
            double start = t.move(new MoveId("m3")).start();
            assertEquals(what == Event.Handling.RELEASES ? caught + 1 : caught, start, 1e-6, what.toString());
        }
    }

    @Test
    void aCallStartsWhoeverWaitsForIt() {
        Act call = new Act(
                new MoveId("m1"),
                A,
                Optional.of(Trigger.onWhistle(1.5)),
                false,
                new Deed.Calling("red", Optional.empty()));
        Timeline t = compile(Drills.blank()
                .role("a", Side.COACH, 0, 0)
                .role("b", Side.ATTACK, 4, 0)
                .role("c", Side.ATTACK, 4, 2)
                .move(call)
                .run("m2", "b", rehearsed(new Event.IsCalled("red")), 8, 0)
                .run("m3", "c", rehearsed(new Event.IsCalled("blue")), 8, 2)
                .progression());
        assertEquals(1.5, t.move(new MoveId("m2")).start(), 1e-9);
        assertFalse(t.move(new MoveId("m3")).happens(), "blue was never called");
    }

    @Test
    void twoWhoWaitForEachOtherAreTold() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 12, 0)
                .run("m1", "a", reaches("b", new Region.NearRole(A, 3)), 5, 0)
                .run("m2", "b", reaches("a", new Region.NearRole(B, 3)), 5, 0)
                .progression());
        assertEquals(
                2,
                t.findings().stream()
                        .filter(f -> f.rule().equals("event-never"))
                        .count());
    }

    // ---- holds ----

    private static Progression held(Rule rule) {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 8, 0)
                .role("c", Side.ATTACK, 0, 5)
                .ballWith("a")
                .run("m2", "c", 9, 5)
                .pass("m1", "a", Trigger.onWhistle(2), "b")
                .progression();
        return drill.withCourse(Course.PLAIN.with(rule));
    }

    @Test
    void whoMayNotMoveWaits() {
        Rule rule = new Rule.Hold(
                new RuleId("r"),
                new RoleId("c"),
                Rule.What.MOVE,
                Optional.empty(),
                Optional.of(new Event.Handles(B, Event.Handling.GETS)));
        Timeline t = compile(held(rule));
        // and it takes a while to see it
        double sees = 0.28;
        assertEquals(
                t.move(new MoveId("m1")).end() + sees, t.move(new MoveId("m2")).start(), 1e-6);
        assertEquals(List.of(), t.findings());
    }

    @Test
    void whoCrossesTheLineTooEarlyIsFoundWhereAndWhen() {
        Region line = new Region.Line(new Point(4, 0), new Point(4, 10));
        Rule early = new Rule.Hold(
                new RuleId("r"),
                new RoleId("c"),
                Rule.What.CROSS,
                Optional.of(line),
                Optional.of(new Event.Starts(new MoveId("m1"))));
        List<Finding> found = check(held(early));
        assertEquals("hold-cross", found.get(0).rule());
        assertEquals(4, found.get(0).where().orElseThrow().x(), 0.5);
        Rule never =
                new Rule.Hold(new RuleId("r"), new RoleId("b"), Rule.What.CROSS, Optional.of(line), Optional.empty());
        assertEquals(List.of(), check(held(never)), "B stays where he is");
    }

    @Test
    void limitsOnPassesAndSecondsAreCounted() {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, 8, 0)
                .role("b", Side.ATTACK, 10, 4)
                .ballWith("a")
                .pass("m1", "a", "b")
                .nextStep()
                .shot("m2", "b", Optional.empty())
                .progression();
        for (int n = 1; n <= 3; n++) {
            Rule passes = new Rule.Limit(new RuleId("p"), Rule.Kind.PASSES, n, Optional.empty());
            int found = check(drill.withCourse(Course.PLAIN.with(passes))).size();
            assertEquals(n == 1 ? 0 : 1, found, n + " passes asked for");
        }
        double seconds = compile(drill).seconds();
        Rule tight = new Rule.Limit(new RuleId("s"), Rule.Kind.SECONDS, (int) Math.floor(seconds), Optional.empty());
        Rule wide = new Rule.Limit(new RuleId("s"), Rule.Kind.SECONDS, (int) Math.ceil(seconds), Optional.empty());
        assertEquals(1, check(drill.withCourse(Course.PLAIN.with(tight))).size());
        assertEquals(0, check(drill.withCourse(Course.PLAIN.with(wide))).size());
    }

    @Test
    void aTouchLimitMakesTheBallGoOnSooner() {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 8, 0)
                .ballWith("a")
                .pass("m1", "a", "b")
                .nextStep()
                .pass("m2", "b", "a")
                .progression();
        double free = compile(drill).seconds();
        double two = compile(drill.withCourse(
                        Course.PLAIN.with(new Rule.Limit(new RuleId("t"), Rule.Kind.TOUCHES, 2, Optional.empty()))))
                .seconds();
        double one = compile(drill.withCourse(
                        Course.PLAIN.with(new Rule.Limit(new RuleId("t"), Rule.Kind.TOUCHES, 1, Optional.empty()))))
                .seconds();
        assertTrue(one < two && two < free, one + " < " + two + " < " + free);
    }

    @Test
    void onTheMannersOfAPath() {
        // the same 10 m, forward and with a stop of 2 s in the middle: what it costs is the stop and the new start
        double plain = path(Waypoint.smooth(10, 0));
        double stopped = path(new Waypoint(new Point(5, 0), false).withHow(Passing.STOP, 2), Waypoint.smooth(10, 0));
        double half = path(Waypoint.smooth(5, 0));
        assertEquals(2 * half + 2, stopped, 1e-6);
        assertTrue(stopped > plain + 2);
    }

    private static double path(Waypoint... points) {
        return compile(Drills.blank()
                        .role("a", Side.ATTACK, 0, 0)
                        .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(points))
                        .progression())
                .seconds();
    }

    private static Trigger rehearsed(Event event) {
        return Trigger.when(event).withReaction(Optional.of(0.0));
    }
}
