package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Medium;

/** A travel takes as long as physics says, and never breaks a limit. */
class SpeedProfileTest {

    private static final double SECONDS = 1e-9;
    private static final Pace U16 = new Pace(AgeBand.U16, Medium.FLOOR, "handball");

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    @Test
    void aLongStraightRunIsATrapezoid() {
        // U16 hard: 6.5 m/s, up 3.3, down 3.8: 6.40 m to get up, 5.56 m to stop, so 20 m leaves 8.04 m at full speed
        double v = 6.5;
        double rise = v * v / (2 * 3.3);
        double fall = v * v / (2 * 3.8);
        double expected = v / 3.3 + (20 - rise - fall) / v + v / 3.8;
        assertEquals(expected, seconds(Effort.HARD, Waypoint.smooth(20, 0)), SECONDS);
    }

    @Test
    void aShortRunIsATriangle() {
        // 5 m: top speed sqrt(2 · 5 · 3.3 · 3.8 / 7.1) = 4.203 m/s is never the cap
        double top = Math.sqrt(2 * 5 * 3.3 * 3.8 / (3.3 + 3.8));
        assertTrue(top < 6.5);
        assertEquals(top / 3.3 + top / 3.8, seconds(Effort.HARD, Waypoint.smooth(5, 0)), SECONDS);
    }

    @Test
    void pointsOnAStraightLineChangeNothing() {
        double direct = seconds(Effort.FLAT_OUT, Waypoint.smooth(18, 0));
        double through = seconds(Effort.FLAT_OUT, Waypoint.smooth(3, 0), Waypoint.smooth(9, 0), Waypoint.smooth(18, 0));
        assertEquals(direct, through, 1e-6);
    }

    @Test
    void aCutOfHalfATurnIsTwoRunsFromRestAndThePlant() {
        double thereAndBack = seconds(Effort.HARD, Waypoint.cut(8, 0), Waypoint.smooth(0, 0));
        double oneWay = seconds(Effort.HARD, Waypoint.smooth(8, 0));
        assertEquals(2 * oneWay + U16.plantSeconds(180), thereAndBack, 1e-6);
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
    void everyStraightRunObeysTheClosedForm(long seed) {
        Random random = new Random(seed);
        Effort effort = Effort.values()[random.nextInt(5)];
        Manner manner = Manner.values()[random.nextInt(3)];
        double metres = 0.1 + 40 * random.nextDouble();
        double v = U16.topSpeed(manner, effort, false);
        double a = U16.acceleration(manner);
        double b = U16.braking(manner);
        double top = Math.min(v, Math.sqrt(2 * metres * a * b / (a + b)));
        double expected = top / a + top / b + (metres - top * top / (2 * a) - top * top / (2 * b)) / top;
        Point end = Point.polar(metres, random.nextInt(360));
        assertEquals(
                expected, timeline(manner, effort, new Waypoint(end, false)).seconds(), 1e-7);
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
        double cap = U16.topSpeed(Manner.FORWARD, effort, false);
        double dt = 0.002;
        double before = 0;
        for (double t = 0; t <= timeline.seconds(); t += dt) {
            Pose pose = timeline.poseAt(RUNNER, t);
            assertTrue(pose.speed() <= cap + 1e-9, "speed at " + t);
            boolean planted = pose.speed() == 0 || before == 0;
            double change = (pose.speed() - before) / dt;
            if (!planted) {
                assertTrue(change <= U16.acceleration(Manner.FORWARD) + 1e-6, "speeding up at " + t);
                assertTrue(-change <= U16.braking(Manner.FORWARD) + 1e-6, "braking at " + t);
            }
            before = pose.speed();
        }
        assertEquals(0, timeline.poseAt(RUNNER, timeline.seconds()).speed(), 1e-9);
    }

    @Test
    void theLateralLimitHoldsOnACircle() {
        // five points of a circle of 4 m: sqrt(4.5 · 4) = 4.24 m/s is the limit, below the flat-out 7.2
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
                new double[] {4, 6, 2},
                new double[] {9, 9, 9, 9},
                new double[] {0, 0.3, 0, 0},
                new double[] {3, 3, 3},
                new double[] {4, 4, 4});
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
