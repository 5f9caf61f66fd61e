package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** How a run ends: standing, or through its end at speed. */
class EndingsTest {

    private static final RoleId A = new RoleId("a");
    private static final MoveId RUN = new MoveId("m1");

    private static Timeline timed(Progression version) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
    }

    private static Drills start() {
        return Drills.blank().role("a", Side.ATTACK, 0, 0);
    }

    private static Drills flatOut(Drills drill, String id, Waypoint... path) {
        return drill.travel(id, "a", Optional.empty(), Manner.FORWARD, Effort.FLAT_OUT, List.of(path));
    }

    private static Waypoint at(double x, double y, Passing how) {
        return new Waypoint(new Point(x, y), how);
    }

    private static double runOut(Drills drill) {
        return timed(drill.progression()).move(RUN).runOutMetres();
    }

    @Test
    void aRunEndsStandingWhereNothingSpeaksForSpeed() {
        assertEquals(0, runOut(flatOut(start(), "m1", at(8, 0, Passing.CURVE))));
    }

    @Test
    void whoRunsThroughPassesAtSpeedAndStandsWhereHisLegsHaveStoppedHim() {
        Timeline t = timed(flatOut(start(), "m1", at(8, 0, Passing.THROUGH)).progression());
        MoveSpan run = t.move(RUN);
        // from standing 8 m at 8.1 m/s and 0.96 s: x = V (t - tau (1 - e^(-t/tau)))
        double tau = 0.96;
        double passes = 8.1 * (run.end() - tau * (1 - Math.exp(-run.end() / tau)));
        assertEquals(8, passes, 1e-6);
        double speed = 8.1 * (1 - Math.exp(-run.end() / tau));
        assertEquals(speed, t.poseAt(A, run.end()).speed(), 1e-6);
        // braking 5.5 (1 - 0.35 v / 8.1), added up in steps of a tenth of a millisecond
        double metres = 0;
        double v = speed;
        for (; v > 0; v -= 5.5 * (1 - 0.35 * v / 8.1) * 1e-4) {
            metres += v * 1e-4;
        }
        assertEquals(metres, run.runOutMetres(), 0.002);
        assertEquals(8 + metres, t.poseAt(A, 20).at().x(), 0.002);
        assertEquals(8, run.metres(), 1e-9, "the run itself is as long as drawn");
    }

    @Test
    void withTheBallIntoAShotOneRunsThrough() {
        Drills shooter = flatOut(start().ballWith("a"), "m1", at(10, 0, Passing.CURVE));
        assertTrue(runOut(shooter.shot("m2", "a", Optional.empty())) > 1);
        Drills stops = flatOut(start().ballWith("a"), "m1", at(10, 0, Passing.STOP));
        assertEquals(0, runOut(stops.shot("m2", "a", Optional.empty())), "unless the coach says stop");
    }

    @Test
    void whoHasToWaitForTheBallBeforeHisShotStops() {
        Drills waits = flatOut(start().role("b", Side.ATTACK, 5, 5).ballWith("b"), "m1", at(10, 0, Passing.CURVE))
                .pass("m3", "b", "a")
                .shot("m2", "a", Optional.empty());
        assertEquals(0, runOut(waits));
    }

    @Test
    void pastALineThatTheNextRepWaitsForOneRunsThrough() {
        Region line = new Region.Line(new Point(9, -5), new Point(9, 5));
        Progression version = flatOut(start(), "m1", at(10, 0, Passing.CURVE)).progression();
        Launch launch = new Launch(Optional.of(new Event.Reaches(new Mover.Somebody(A), line)), 0);
        Progression raced = version.withCourse(Course.PLAIN.withLaunch(Optional.of(launch)));
        assertTrue(timed(raced).move(RUN).runOutMetres() > 1);
        Region far = new Region.Line(new Point(3, -5), new Point(3, 5));
        Launch early = new Launch(Optional.of(new Event.Reaches(new Mover.Somebody(A), far)), 0);
        Progression passedLongAgo = version.withCourse(Course.PLAIN.withLaunch(Optional.of(early)));
        assertEquals(0, timed(passedLongAgo).move(RUN).runOutMetres());
    }

    @Test
    void aSecondRunCrossesFromWhereTheFirstEnded() {
        Progression version = flatOut(flatOut(start(), "m0", at(9, 8, Passing.CURVE)), "m1", at(9, 1, Passing.CURVE))
                .progression();
        // crossed on the way from (9, 8), not from where he stood at the whistle
        Region line = new Region.Line(new Point(7, 1.5), new Point(11, 1.5));
        Launch launch = new Launch(Optional.of(new Event.Reaches(new Mover.Somebody(A), line)), 0);
        Progression raced = version.withCourse(Course.PLAIN.withLaunch(Optional.of(launch)));
        assertTrue(timed(raced).move(RUN).runOutMetres() > 1);
    }

    @Test
    void aSprintOffTheSurfaceGoesThroughUnlessAQueueIsThere() {
        Progression off = flatOut(start(), "m1", at(0, 12, Passing.CURVE)).progression();
        assertTrue(timed(off).move(RUN).runOutMetres() > 1);
        WaitingLine queue = new WaitingLine(new LineId("q"), "Q", new Point(0, 12), 0, List.of(A), 3);
        assertEquals(0, timed(off.with(queue)).move(RUN).runOutMetres());
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void whoRunsOnHasToSlowDownBeforeHeCanTurn(AgeBand age) {
        // through 10 m, and then straight back at once on a cue that comes late
        Progression version = flatOut(start().role("b", Side.ATTACK, 0, 8), "m1", at(10, 0, Passing.THROUGH))
                .move(Act.waiting(new MoveId("w"), new RoleId("b"), Optional.empty(), false, 3.2))
                .run("m2", "a", Trigger.afterEndOf(new MoveId("w"), 0), 0, 0)
                .progression();
        Pace pace = Pace.of(age, Drills.HANDBALL);
        Timeline t = Timeline.of(Path.usual(version), Drills.HANDBALL, pace);
        Point before = t.poseAt(A, 0).at();
        double speed = 0;
        double heading = 0;
        double dt = 0.005;
        for (double s = dt; s < t.seconds(); s += dt) {
            Point here = t.poseAt(A, s).at();
            double now = t.poseAt(A, s).speed();
            assertTrue(here.distanceTo(before) <= Math.max(speed, now) * dt + 0.001, "he jumps at " + s);
            double turn = here.isWithin(1e-7, before)
                    ? 0
                    : Headings.between(heading, here.minus(before).headingDegrees());
            if (turn > 90 && s > 0.1) {
                assertTrue(now <= 1.5, "he turns " + turn + " degrees at " + now + " m/s");
            }
            heading = here.isWithin(1e-7, before) ? heading : here.minus(before).headingDegrees();
            speed = now;
            before = here;
        }
        assertEquals(0, t.poseAt(A, t.seconds() + 5).at().x(), 1e-6);
    }
}
