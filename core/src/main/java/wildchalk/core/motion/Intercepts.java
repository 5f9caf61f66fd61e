package wildchalk.core.motion;

import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import wildchalk.core.geometry.Point;

/** When a ball, sent now in the best direction, can first meet somebody who moves as planned. */
public final class Intercepts {

    /** Nearer than this is a meeting: a tenth of a millimetre, far below the centimetre that is promised. */
    private static final double MEETING_METRES = 1e-4;

    /** More steps than any real meeting needs: a ball that stops just short would be approached for ever. */
    private static final int MOST_STEPS = 5_000;

    /** A pass that has not met its receiver by then is lost, s. */
    static final double HORIZON_SECONDS = 12;

    private Intercepts() {}

    /**
     * The earliest second at which the ball's distance from its start equals the receiver's.
     *
     * <p>Conservative advancement: the gap between receiver and ball cannot close faster than both top speeds together,
     * so a step of gap / (sum of speeds) never jumps over the first meeting.
     *
     * @param ball release, place and speed; its target is not used
     * @param receiver place at a second from the whistle
     * @param receiverTopSpeed m/s that the receiver never exceeds
     */
    public static OptionalDouble earliest(Flight ball, DoubleFunction<Point> receiver, double receiverTopSpeed) {
        double fastest = ball.speed() + receiverTopSpeed;
        double t = ball.start();
        double end = ball.start() + HORIZON_SECONDS;
        for (int step = 0; t <= end && step < MOST_STEPS; step++) {
            double gap = receiver.apply(t).distanceTo(ball.from()) - ball.metresAfter(t - ball.start());
            if (gap <= MEETING_METRES) {
                return OptionalDouble.of(t);
            }
            t += gap / fastest;
        }
        return OptionalDouble.empty();
    }

    /** Time between two looks at a receiver whom a ball meets on a way that hangs on where he is, s. */
    private static final double LOOK_SECONDS = 0.02;

    /** Halvings of a look: far below a microsecond. */
    private static final int HALVINGS = 30;

    /**
     * The earliest second at which a ball, sent the way that gets to where the receiver is then, has had the time to be
     * there. For banks, bounces and lofted balls, whose time is no plain function of distance.
     *
     * @param start seconds from the whistle at release
     * @param secondsTo seconds of flight to a place; infinite where the ball cannot get
     */
    static OptionalDouble earliest(double start, ToDoubleFunction<Point> secondsTo, DoubleFunction<Point> receiver) {
        double before = start;
        for (double t = start; t <= start + HORIZON_SECONDS; t += LOOK_SECONDS) {
            if (secondsTo.applyAsDouble(receiver.apply(t)) <= t - start) {
                double late = t;
                for (int i = 0; i < HALVINGS && late > before; i++) {
                    double middle = (before + late) / 2;
                    if (secondsTo.applyAsDouble(receiver.apply(middle)) <= middle - start) {
                        late = middle;
                    } else {
                        before = middle;
                    }
                }
                return OptionalDouble.of(late);
            }
            before = t;
        }
        return OptionalDouble.empty();
    }
}
