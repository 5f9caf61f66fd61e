package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Medium;

/** A travel takes as long as physics says, and never breaks a limit. */
class SpeedProfileTest {

    private static final double MILLI = 0.001;
    private static final Pace U16 = new Pace(AgeBand.U16, Medium.FLOOR, "handball");

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    /** Metres from a speed to standing, by adding up thin slices. */
    private static double stopMetres(Gait gait, double from) {
        int n = 400;
        double metres = 0;
        for (int i = 0; i < n; i++) {
            double v = from * (i + 0.5) / n;
            metres += v * (from / n) / (gait.brake() * (1 - gait.fade() * v));
        }
        return metres;
    }

    /** Where somebody is after every millisecond who pushes as long as he can still stop in time, and then brakes. */
    private static List<Double> twin(Gait gait, double metres) {
        List<Double> places = new ArrayList<>();
        double s = 0;
        double v = 0;
        boolean brakes = false;
        while (!(brakes && v <= 0) && places.size() < 100_000) {
            places.add(s);
            brakes |= stopMetres(gait, v) + v * MILLI >= metres - s;
            double change = brakes ? -gait.brake() * (1 - gait.fade() * v) : gait.push() * (1 - v / gait.top());
            double next = Math.max(0, v + change * MILLI);
            s += (v + next) / 2 * MILLI;
            v = next;
        }
        return places;
    }

    private static Gait gait(Manner manner, Effort effort) {
        return U16.gait(manner, effort, false, 1);
    }

    @Test
    void pointsOnAStraightLineChangeNothing() {
        double direct = seconds(Effort.FLAT_OUT, Waypoint.smooth(18, 0));
        double through = seconds(Effort.FLAT_OUT, Waypoint.smooth(3, 0), Waypoint.smooth(9, 0), Waypoint.smooth(18, 0));
        assertEquals(direct, through, 1e-6);
    }

    @Test
    void atACutOfHalfATurnNobodyStandsAndNobodyIsFasterThanTheTurnAllows() {
        Timeline t = timeline(Manner.FORWARD, Effort.FLAT_OUT, Waypoint.cut(8, 0), Waypoint.smooth(0, 0));
        double most = 0.10 * 8.1;
        double slowest = Double.MAX_VALUE;
        for (double s = 0.5; s < t.seconds() - 0.5; s += 0.001) {
            slowest = Math.min(slowest, t.poseAt(RUNNER, s).speed());
        }
        assertEquals(most, slowest, 0.02);
    }

    @Test
    void aSharperCutCostsMore() {
        double last = seconds(Effort.HARD, Waypoint.smooth(8, 0), Waypoint.smooth(16, 0));
        for (int turn = 30; turn <= 180; turn += 30) {
            Point end = new Point(8, 0).plus(Point.polar(8, turn));
            double now = seconds(Effort.HARD, Waypoint.cut(8, 0), new Waypoint(end, false));
            assertTrue(now > last, "a turn of " + turn + " degrees");
            last = now;
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyStraightRunGoesAsSomebodyWhoLooksEveryMillisecond(long seed) {
        Random random = new Random(seed);
        Effort effort = Effort.values()[random.nextInt(5)];
        Manner manner = Manner.values()[random.nextInt(3)];
        double metres = 0.1 + 40 * random.nextDouble();
        Gait gait = gait(manner, effort);
        Point end = Point.polar(metres, random.nextInt(360));
        Timeline timeline = timeline(manner, effort, new Waypoint(end, Passing.STOP));
        List<Double> twin = twin(gait, metres);
        assertEquals(twin.size() * MILLI, timeline.seconds(), 0.01);
        for (int i = 0; i < twin.size(); i += 7) {
            double gone = timeline.poseAt(RUNNER, i * MILLI).at().length();
            assertEquals(twin.get(i), gone, 0.02, "after " + i + " ms");
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noLimitIsEverBroken(long seed) {
        Random random = new Random(seed);
        Waypoint[] path = new Waypoint[2 + random.nextInt(4)];
        for (int i = 0; i < path.length; i++) {
            path[i] = new Waypoint(
                    new Point(random.nextDouble() * 24 - 12, random.nextDouble() * 16 - 8), random.nextInt(5) == 0);
        }
        Effort effort = Effort.values()[random.nextInt(5)];
        Timeline timeline = timeline(Manner.FORWARD, effort, path);
        Gait gait = gait(Manner.FORWARD, effort);
        double cap = gait.top();
        double dt = 0.002;
        double before = 0;
        for (double t = 0; t <= timeline.seconds(); t += dt) {
            Pose pose = timeline.poseAt(RUNNER, t);
            assertTrue(pose.speed() <= cap + 1e-9, "speed at " + t);
            double change = (pose.speed() - before) / dt;
            // within a slice the limit is that of its slower end
            assertTrue(change <= gait.pushAt(Math.min(before, pose.speed())) + 1e-6, "speeding up at " + t);
            assertTrue(-change <= gait.brakeAt(Math.min(before, pose.speed())) + 1e-6, "braking at " + t);
            before = pose.speed();
        }
        assertEquals(0, timeline.poseAt(RUNNER, timeline.seconds()).speed(), 1e-9);
    }

    @Test
    void theLateralLimitHoldsOnACircle() {
        // points of a circle of 4 m: sqrt(5 · 4) = 4.47 m/s is the limit, below the flat-out 8.1
        Waypoint[] circle = new Waypoint[9];
        for (int i = 0; i < circle.length; i++) {
            circle[i] = new Waypoint(new Point(-4, 0).plus(Point.polar(4, 22.5 * (i + 1))), false);
        }
        Timeline timeline = timeline(Manner.FORWARD, Effort.FLAT_OUT, circle);
        double fastest = 0;
        double dt = 0.05; // long enough to see past the fine cutting of the curve
        for (double t = 0.4; t < timeline.seconds() - 0.4; t += 0.01) {
            Point a = timeline.poseAt(RUNNER, t - dt).at();
            Point b = timeline.poseAt(RUNNER, t).at();
            Point c = timeline.poseAt(RUNNER, t + dt).at();
            Point bend = a.plus(c).minus(b.times(2)).times(1 / (dt * dt));
            Point ahead = c.minus(a).times(1 / c.minus(a).length());
            double lateral = Math.abs(ahead.cross(bend));
            assertTrue(lateral <= U16.lateral() * 1.12, "lateral acceleration " + lateral + " at " + t);
            fastest = Math.max(fastest, timeline.poseAt(RUNNER, t).speed());
        }
        assertEquals(Math.sqrt(U16.lateral() * 4), fastest, 0.35, "and the limit is used");
    }

    @Test
    void theMomentOfADistanceIsTheInverseOfTheDistanceOfAMoment() {
        var limits = new SpeedProfile.Limits(
                new double[] {0, 3, 9, 10},
                new double[] {4, Double.POSITIVE_INFINITY, 2},
                new double[] {9, 0, 9, 9},
                new double[] {0, 0.3, 0, 0},
                new Gait[] {new Gait(5, 3, 4, 0.05), new Gait(6, 3, 4, 0.05), new Gait(6, 3, 4, 0.05)});
        SpeedProfile profile = SpeedProfile.of(limits, 1);
        for (double s = 0; s <= 10; s += 0.37) {
            assertEquals(s, profile.metresAt(profile.secondsAt(s)), 1e-9);
        }
        assertEquals(1, profile.speedAt(0), 1e-12);
    }

    // ---- a lone runner ----

    private static final RoleId RUNNER = new RoleId("r");

    private static double seconds(Effort effort, Waypoint... path) {
        return timeline(Manner.FORWARD, effort, path).seconds();
    }

    private static Timeline timeline(Manner manner, Effort effort, Waypoint... path) {
        Progression drill = Drills.blank()
                .role("r", Side.ATTACK, 0, 0)
                .travel("m", "r", Optional.empty(), manner, effort, List.of(path))
                .progression();
        Timeline timeline = Timeline.of(Path.usual(drill), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
        assertTrue(timeline.move(new MoveId("m")).happens());
        return timeline;
    }
}
