package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoubleFunction;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.geometry.Point;

/** A ball meets its receiver as early as it can, and not a moment earlier. */
class InterceptsTest {

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    @Test
    void aReceiverWhoRunsAcrossIsMetByPythagoras() {
        // ball 10 m/s, receiver at (0, 8) runs along x at 6 m/s: (10 t)² = 8² + (6 t)², t = 1
        Flight ball = new Flight(0, Point.ORIGIN, Point.ORIGIN, 10, 0, true);
        OptionalDouble t = Intercepts.earliest(ball, s -> new Point(6 * s, 8), 6);
        assertEquals(1, t.orElseThrow(), 1e-4);
    }

    @Test
    void aRollingBallThatDiesShortMeetsNobody() {
        // 4 m/s losing 1 m/s² comes 8 m
        Flight ball = new Flight(0, Point.ORIGIN, Point.ORIGIN, 4, 1, false);
        assertEquals(8, ball.range(), 1e-12);
        assertTrue(Intercepts.earliest(ball, s -> new Point(7.9, 0), 0).isPresent());
        assertFalse(Intercepts.earliest(ball, s -> new Point(8.1, 0), 0).isPresent());
    }

    @Test
    void whoOutrunsTheBallIsNotMet() {
        Flight ball = new Flight(0, Point.ORIGIN, Point.ORIGIN, 5, 0, true);
        assertFalse(Intercepts.earliest(ball, s -> new Point(1 + 6 * s, 0), 6).isPresent());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noEarlierMeetingExists(long seed) {
        Random random = new Random(seed);
        Flight ball = new Flight(
                random.nextDouble() * 5,
                new Point(random.nextDouble() * 20 - 10, random.nextDouble() * 20 - 10),
                Point.ORIGIN,
                4 + random.nextDouble() * 12,
                random.nextBoolean() ? 0 : random.nextDouble(),
                true);
        double speed = random.nextDouble() * 8;
        double heading = random.nextInt(360);
        double wave = random.nextDouble() * 2;
        Point start = new Point(random.nextDouble() * 30 - 15, random.nextDouble() * 20 - 10);
        // a weaving run: at most speed + wave m/s
        DoubleFunction<Point> receiver =
                t -> start.plus(Point.polar(speed * t, heading)).plus(Point.polar(wave * Math.sin(t), heading + 90));
        OptionalDouble met = Intercepts.earliest(ball, receiver, speed + wave);

        double twin = Double.NaN;
        double step = 0.0005;
        for (double t = ball.start(); t <= ball.start() + Intercepts.HORIZON_SECONDS; t += step) {
            if (receiver.apply(t).distanceTo(ball.from()) <= ball.metresAfter(t - ball.start())) {
                twin = t;
                break;
            }
        }
        if (met.isEmpty()) {
            assertTrue(Double.isNaN(twin), "brute force found a meeting at " + twin);
        } else {
            Point place = receiver.apply(met.getAsDouble());
            Flight aimed = ball.withTo(place);
            assertEquals(0, aimed.at(met.getAsDouble()).distanceTo(place), 0.01, "one place at one time");
            assertTrue(
                    Double.isNaN(twin) || met.getAsDouble() <= twin + 1e-3,
                    "brute force was earlier: " + twin + " against " + met);
            assertTrue(
                    Double.isNaN(twin) || met.getAsDouble() >= twin - 2 * step,
                    "earlier than the ball can be: " + met + " against " + twin);
        }
    }
}
