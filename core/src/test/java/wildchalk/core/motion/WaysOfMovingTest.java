package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/** Shuffles, backpedals and skating against the figures that are known of them, each age in its column. */
class WaysOfMovingTest {

    /** As near to the known figures as the field tests. */
    private static final double WITHIN = 0.08;

    private static final RoleId A = new RoleId("a");
    // columns: U8, U10, U12, U14, U16, adult recreational, competitive
    private static final double[] SHUFFLE = {2.0, 2.2, 2.5, 2.8, 3.1, 3.2, 3.6};
    private static final double[] BACKPEDAL = {2.6, 2.9, 3.2, 3.7, 4.2, 4.4, 5.2};
    private static final double[] JOG = {2.0, 2.2, 2.4, 2.6, 2.7, 2.8, 3.0};
    private static final double[] RUN = {3.0, 3.4, 3.8, 4.2, 4.5, 4.7, 5.2};
    private static final double[] SKATE = {3.0, 3.8, 4.5, 5.0, 5.5, 5.3, 6.3};
    private static final double[] SKATE_BACKWARD = {2.6, 3.4, 4.3, 5.1, 5.9, 5.4, 7.0};
    private static final double[] ON_THE_CIRCLE = {2.8, 3.5, 4.2, 4.8, 5.4, 5.0, 6.2};
    private static final double[] RESTART = {1.0, 0.8, 0.65, 0.55, 0.45, 0.5, 0.35};
    private static final double[] ICE_STOP = {1.8, 2.5, 3.2, 4.0, 4.8, 4.2, 6.0};

    private static Timeline timed(Surface surface, AgeBand age, Manner manner, Effort effort, Waypoint... path) {
        Drills drill = Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .travel("m1", "a", Optional.empty(), manner, effort, List.of(path));
        return Timeline.of(Path.usual(drill.progression()), surface, Pace.of(age, surface));
    }

    private static double settled(Surface surface, AgeBand age, Manner manner, Effort effort) {
        return timed(surface, age, manner, effort, Waypoint.smooth(19, 0))
                .move(new MoveId("m1"))
                .peakSpeed();
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void onFootOneSettlesAtTheSpeedOfTheWayOfMoving(AgeBand age) {
        int i = age.ordinal();
        near(SHUFFLE[i], settled(Drills.HANDBALL, age, Manner.SHUFFLE, Effort.HARD));
        near(BACKPEDAL[i], settled(Drills.HANDBALL, age, Manner.BACKWARD, Effort.HARD));
        near(JOG[i], settled(Drills.HANDBALL, age, Manner.FORWARD, Effort.EASY));
        near(RUN[i], settled(Drills.HANDBALL, age, Manner.FORWARD, Effort.STEADY));
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void onSkatesToo(AgeBand age) {
        int i = age.ordinal();
        near(SKATE[i], settled(Drills.ICE, age, Manner.FORWARD, Effort.STEADY));
        near(SKATE_BACKWARD[i], settled(Drills.ICE, age, Manner.BACKWARD, Effort.FLAT_OUT));
    }

    private static void near(double known, double computed) {
        assertEquals(known, computed, WITHIN * known);
    }

    /** Half round a circle from along the x axis, after a run-up that reaches any speed. */
    private static Timeline round(AgeBand age, double radius, double turns) {
        Round circle = new Round(new Point(0, radius), turns, Hand.LEFT);
        Waypoint in = new Waypoint(new Point(0, 0), Passing.CURVE).withRound(Optional.of(circle));
        return timed(Drills.ICE, age, Manner.FORWARD, Effort.FLAT_OUT, in);
    }

    private static double slowestOn(Timeline t, double radius) {
        Point centre = new Point(0, radius);
        double slowest = Double.MAX_VALUE;
        for (double s = 0; s < t.seconds(); s += 0.01) {
            Point here = t.poseAt(A, s).at();
            boolean onCircle = here.isWithin(radius + 0.05, centre) && here.y() > radius;
            slowest =
                    onCircle && here.x() > 0 ? Math.min(slowest, t.poseAt(A, s).speed()) : slowest;
        }
        return slowest;
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void roundTheFaceOffCircleOneCrossesOverAtTheKnownSpeed(AgeBand age) {
        near(ON_THE_CIRCLE[age.ordinal()], slowestOn(round(age, 4.5, 2), 4.5));
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void aTightTurnKeepsMoreThanHalfOfTheSpeedOfCruising(AgeBand age) {
        double kept = slowestOn(round(age, 2.25, 2), 2.25) / SKATE[age.ordinal()];
        assertTrue(kept >= 0.55 && kept <= 0.78, age + " keeps " + kept);
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void whoDoublesBackOnSkatesStopsAndNeedsAWhileForTheFirstPush(AgeBand age) {
        Timeline t =
                timed(Drills.ICE, age, Manner.FORWARD, Effort.FLAT_OUT, Waypoint.cut(0, 0), Waypoint.smooth(-18, 0));
        double stood = 0;
        for (double s = 0.2; s < t.seconds() - 0.1; s += 0.001) {
            stood += t.poseAt(A, s).speed() == 0 ? 0.001 : 0;
        }
        assertEquals(RESTART[age.ordinal()], stood, 0.003);
    }

    @ParameterizedTest
    @EnumSource(AgeBand.class)
    void aStopOnIceFromCruisingBrakesAsItIsKnownTo(AgeBand age) {
        Gait gait = Pace.of(age, Drills.ICE).gait(Manner.FORWARD, Effort.FLAT_OUT, false, 1);
        double cruise = SKATE[age.ordinal()];
        double mean = cruise / gait.stopSeconds(cruise);
        assertEquals(ICE_STOP[age.ordinal()], mean, 0.12 * ICE_STOP[age.ordinal()]);
    }

    @Test
    void sidewaysAndBackwardThePushAndTheBrakesAreWeaker() {
        Pace pace = Pace.of(AgeBand.U16, Drills.HANDBALL);
        Gait forward = pace.gait(Manner.FORWARD, Effort.FLAT_OUT, false, 1);
        for (Manner manner : List.of(Manner.SHUFFLE, Manner.BACKWARD)) {
            Gait other = pace.gait(manner, Effort.FLAT_OUT, false, 1);
            assertEquals(0.7 * forward.push(), other.push(), 1e-12);
            assertEquals(0.8 * forward.brake(), other.brake(), 1e-12);
        }
    }
}
