package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.geometry.Point;

/** How soon somebody is somewhere, against small steps in time. */
class DashTest {

    private static final double STEP = 1e-4;

    static Stream<Random> seeds() {
        return IntStream.range(0, 100).mapToObj(Random::new);
    }

    private static Pace pace(Random r) {
        AgeBand age = AgeBand.values()[r.nextInt(AgeBand.values().length)];
        return Pace.of(age, r.nextBoolean() ? Drills.HANDBALL : Drills.ICE);
    }

    /** Braking and running are integrated step by step; the closed form takes as long to the hundredth. */
    @ParameterizedTest
    @MethodSource("seeds")
    void equalsSmallSteps(Random r) {
        Pace pace = pace(r);
        double own = 0.8 + 0.4 * r.nextDouble();
        Gait gait = pace.gait(Manner.FORWARD, Effort.FLAT_OUT, false, own);
        double metres = 0.5 + 40 * r.nextDouble();
        double along = (2 * r.nextDouble() - 1) * 0.95 * gait.top();
        double t = 0;
        double x = 0;
        double v = along;
        while (x < metres) {
            double a = v < 0 ? gait.brakeAt(-v) : gait.pushAt(v);
            x += v * STEP + a * STEP * STEP / 2;
            v += a * STEP;
            t += STEP;
        }
        // what he has across the way does not help him
        Point velocity = new Point(along, 3 * r.nextDouble());
        double closed = Dash.of(pace, own).seconds(new Point(1, 2), velocity, new Point(1 + metres, 2));
        assertEquals(t, closed, 0.01, metres + " m from " + along + " m/s");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void stopsAsSmallStepsDo(Random r) {
        Pace pace = pace(r);
        Gait gait = pace.gait(Manner.FORWARD, Effort.FLAT_OUT, false, 1);
        double v = 0.9 * gait.top() * r.nextDouble();
        double metres = Dash.of(pace, 1).stopMetres(v);
        double x = 0;
        while (v > 0) {
            x += v * STEP;
            v -= gait.brakeAt(v) * STEP;
        }
        assertEquals(x, metres, 0.01);
    }

    /** From standing it is the sprint that the field tests hold. */
    @Test
    void fromStandingItIsTheSprint() {
        var version = Drills.blank()
                .role("a", wildchalk.core.drill.Side.ATTACK, 0, 0)
                .travel(
                        "m1",
                        "a",
                        java.util.Optional.empty(),
                        Manner.FORWARD,
                        Effort.FLAT_OUT,
                        java.util.List.of(wildchalk.core.drill.Waypoint.smooth(20, 0)))
                .progression();
        Timeline timeline = Drills.run(version, AgeBand.U16).timeline();
        Pace pace = Pace.of(AgeBand.U16, Drills.HANDBALL);
        double half = timeline.seconds() / 3;
        Point there = timeline.placeAt(new wildchalk.core.drill.RoleId("a"), half);
        assertEquals(half, Dash.of(pace, 1).seconds(Point.ORIGIN, Point.ORIGIN, there), 0.02);
    }

    @Test
    void whoIsThereIsThere() {
        assertEquals(
                0,
                Dash.of(Pace.of(AgeBand.U12, Drills.ICE), 1)
                        .seconds(new Point(3, 3), new Point(5, 0), new Point(3, 3)));
    }
}
