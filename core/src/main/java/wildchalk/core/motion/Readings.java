package wildchalk.core.motion;

import java.util.function.DoubleFunction;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/** What can be read off a timeline at a moment: how far somebody has come, how fast a ball is. */
public final class Readings {

    /** On a turn of 1 m a runner's chord of this time (s) is within 2 mm of his arc. */
    private static final double LOOK_SECONDS = 0.02;

    private Readings() {}

    /** How far (m) a role has come since the whistle. */
    public static double metres(Timeline timeline, RoleId role, double t) {
        return metres(s -> timeline.poseAt(role, s).at(), t);
    }

    /** How far (m) a ball has come since the whistle, carried or in flight. */
    public static double metres(Timeline timeline, BallId ball, double t) {
        return metres(s -> timeline.ballAt(ball, s), t);
    }

    private static double metres(DoubleFunction<Point> way, double t) {
        double sum = 0;
        Point before = way.apply(0);
        for (double s = LOOK_SECONDS; s < t + LOOK_SECONDS; s += LOOK_SECONDS) {
            Point here = way.apply(Math.min(s, t));
            sum += before.distanceTo(here);
            before = here;
        }
        return sum;
    }

    /** How fast (m/s) a ball is. */
    public static double speed(Timeline timeline, BallId ball, double t) {
        double from = Math.max(0, t - LOOK_SECONDS / 2);
        return timeline.ballAt(ball, from).distanceTo(timeline.ballAt(ball, from + LOOK_SECONDS)) / LOOK_SECONDS;
    }
}
