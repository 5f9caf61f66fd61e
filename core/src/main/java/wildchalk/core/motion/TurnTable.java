package wildchalk.core.motion;

/**
 * What a hard change of direction costs: the share of the top speed that is left through the corner, and the time the
 * foot stands. Sharper angles cost more (Dos'Santos, Thomas, Comfort and Jones 2018, Sports Medicine, on the angle-velocity
 * trade-off); exit shares are estimates, contact times are the middle of published bands.
 */
final class TurnTable {

    private static final double[] ANGLE = {0, 20, 30, 45, 60, 90, 135, 180};
    private static final double[] SHARE_KEPT = {1, 0.985, 0.90, 0.80, 0.68, 0.50, 0.22, 0};
    private static final double[] PLANT_SECONDS = {0, 0, 0.175, 0.205, 0.23, 0.285, 0.40, 0.525};

    private TurnTable() {}

    /** Share of the top speed that can be kept through a corner, 1 at 0 degrees to 0 at 180. */
    static double shareKept(double turnDegrees) {
        return interpolate(SHARE_KEPT, turnDegrees);
    }

    /** Seconds of ground contact; none up to 20 degrees, which a normal stride takes. */
    static double plantSeconds(double turnDegrees) {
        return interpolate(PLANT_SECONDS, turnDegrees);
    }

    private static double interpolate(double[] column, double degrees) {
        double d = Math.max(0, Math.min(180, degrees));
        int i = 1;
        while (ANGLE[i] < d) {
            i++;
        }
        double t = (d - ANGLE[i - 1]) / (ANGLE[i] - ANGLE[i - 1]);
        return column[i - 1] + t * (column[i] - column[i - 1]);
    }
}
