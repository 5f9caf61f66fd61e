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
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/** What holds for every path that one person moves along. */
class MotionLawsTest {

    private static final double SAME_SECONDS = 1e-9;
    private static final RoleId A = new RoleId("a");
    private static final MoveId MOVE = new MoveId("m");

    /** The ages from slow to quick. */
    private static final List<AgeBand> SLOW_TO_QUICK =
            List.of(AgeBand.U8, AgeBand.U10, AgeBand.U12, AgeBand.U14, AgeBand.ADULT, AgeBand.U16, AgeBand.COMPETITIVE);

    static LongStream seeds() {
        return LongStream.range(0, 150);
    }

    private static Surface surface(long seed) {
        return seed % 2 == 0 ? Drills.HANDBALL : Drills.ICE;
    }

    /** Curves, cuts, stops and touches within the surface. */
    private static List<Waypoint> path(Random random) {
        List<Waypoint> path = new ArrayList<>();
        for (int i = 1 + random.nextInt(4); i >= 0; i--) {
            Point at = new Point(random.nextDouble() * 24 - 12, random.nextDouble() * 16 - 8);
            path.add(new Waypoint(at, Passing.values()[random.nextInt(Passing.values().length)]));
        }
        return path;
    }

    private static Timeline timed(
            Surface surface, AgeBand age, double own, Manner manner, Effort effort, List<Waypoint> path) {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .travel("m", "a", Optional.empty(), manner, effort, path)
                .progression();
        Role paced = new Role(A, "A", Side.ATTACK, Optional.of(Point.ORIGIN), 0, own);
        return Timeline.of(Path.usual(version.with(paced)), surface, Pace.of(age, surface));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aQuickerAgeIsNeverSlower(long seed) {
        Random random = new Random(seed);
        Manner manner = Manner.values()[random.nextInt(4)];
        Effort effort = Effort.values()[random.nextInt(5)];
        List<Waypoint> path = path(random);
        double last = Double.MAX_VALUE;
        for (AgeBand age : SLOW_TO_QUICK) {
            double now = timed(surface(seed), age, 1, manner, effort, path)
                    .move(MOVE)
                    .end();
            assertTrue(now <= last + SAME_SECONDS, age + " takes " + now + " s, a slower age " + last);
            last = now;
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreEffortIsNeverSlower(long seed) {
        Random random = new Random(seed);
        AgeBand age = AgeBand.values()[random.nextInt(7)];
        Manner manner = Manner.values()[random.nextInt(4)];
        List<Waypoint> path = path(random);
        double last = Double.MAX_VALUE;
        for (Effort effort : Effort.values()) {
            double now = timed(surface(seed), age, 1, manner, effort, path)
                    .move(MOVE)
                    .end();
            assertTrue(now <= last + SAME_SECONDS, effort + " takes " + now + " s, less effort " + last);
            last = now;
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aQuickerPlayerIsNeverSlower(long seed) {
        Random random = new Random(seed);
        AgeBand age = AgeBand.values()[random.nextInt(7)];
        Manner manner = Manner.values()[random.nextInt(4)];
        Effort effort = Effort.values()[random.nextInt(5)];
        List<Waypoint> path = path(random);
        double last = Double.MAX_VALUE;
        for (double own = 0.6; own < 1.5; own += 0.15) {
            double now = timed(surface(seed), age, own, manner, effort, path)
                    .move(MOVE)
                    .end();
            assertTrue(now <= last + SAME_SECONDS, own + " takes " + now + " s, a slower player " + last);
            last = now;
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void onAStraightLineAShorterWayTakesNoLongerAndThroughIsNoLaterThanToAStop(long seed) {
        Random random = new Random(seed);
        AgeBand age = AgeBand.values()[random.nextInt(7)];
        Manner manner = Manner.values()[random.nextInt(4)];
        Effort effort = Effort.values()[random.nextInt(5)];
        double heading = 360 * random.nextDouble();
        double stopped = 0;
        double passed = 0;
        for (double metres = 0.2; metres < 40; metres *= 1.3) {
            Point end = Point.polar(metres, heading);
            double stops = straight(surface(seed), age, manner, effort, new Waypoint(end, Passing.STOP));
            double passes = straight(surface(seed), age, manner, effort, new Waypoint(end, Passing.THROUGH));
            assertTrue(stops >= stopped && passes >= passed, metres + " m");
            assertTrue(passes <= stops, "through " + metres + " m: " + passes + " s, to a stop " + stops);
            stopped = stops;
            passed = passes;
        }
    }

    private static double straight(Surface surface, AgeBand age, Manner manner, Effort effort, Waypoint end) {
        return timed(surface, age, 1, manner, effort, List.of(end)).move(MOVE).end();
    }

    @Test
    void aPieceOfNoLengthIsNoWallToRunInto() {
        Waypoint there = new Waypoint(new Point(14, 0), Passing.CURVE);
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .travel("m", "a", Optional.empty(), Manner.FORWARD, Effort.FLAT_OUT, List.of(there))
                .travel("m2", "a", Optional.empty(), Manner.FORWARD, Effort.FLAT_OUT, List.of(there))
                .progression();
        Timeline twice = Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
        assertEquals(
                straight(Drills.HANDBALL, AgeBand.U16, Manner.FORWARD, Effort.FLAT_OUT, there), twice.seconds(), 1e-6);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void movesThatAreJoinedOnOneLineAreOneLongMove(long seed) {
        Random random = new Random(seed);
        AgeBand age = AgeBand.values()[random.nextInt(7)];
        Effort effort = Effort.values()[random.nextInt(5)];
        double whole = 4 + 30 * random.nextDouble();
        Drills parts = Drills.blank().role("a", Side.ATTACK, 0, 0);
        double x = 0;
        int n = 2 + random.nextInt(4);
        for (int i = 1; i <= n; i++) {
            x = i == n ? whole : x + (whole - x) * random.nextDouble();
            Waypoint end = new Waypoint(new Point(x, 0), i == n ? Passing.STOP : Passing.CURVE);
            parts.travel("m" + i, "a", Optional.empty(), Manner.FORWARD, effort, List.of(end));
        }
        Timeline joined = Timeline.of(Path.usual(parts.progression()), surface(seed), Pace.of(age, surface(seed)));
        Waypoint end = new Waypoint(new Point(whole, 0), Passing.STOP);
        Timeline one = timed(surface(seed), age, 1, Manner.FORWARD, effort, List.of(end));
        // a last piece may be so short that its square root is felt
        assertEquals(one.seconds(), joined.seconds(), 1e-4);
        for (double t = 0; t < one.seconds(); t += 0.1) {
            assertEquals(one.poseAt(A, t).at().x(), joined.poseAt(A, t).at().x(), 1e-3);
        }
    }
}
