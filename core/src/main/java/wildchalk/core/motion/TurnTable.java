package wildchalk.core.motion;

/**
 * What a hard change of direction costs: the share of the flat-out speed with which the body goes into a corner and out of it.
 * Sharper angles leave less (Dos'Santos, Thomas, Comfort and Jones 2018, Sports Medicine, on the angle-velocity trade-off). The
 * shares are fitted: at 180 degrees to the field tests with a turn on a line, where the foot is on it and the body turns short of
 * it without standing; at smaller angles to the time that a turn is known to cost, which then needs no plant beside it.
 */
final class TurnTable {

    private static final double[] ANGLE = {0, 20, 30, 45, 60, 90, 135, 180};
    private static final double[] SHARE_KEPT = {1, 0.85, 0.70, 0.60, 0.52, 0.41, 0.25, 0.10};

    private TurnTable() {}

    /** Share of the flat-out speed that can be kept through a corner: 1 at 0 degrees, least at 180. */
    static double shareKept(double turnDegrees) {
        double d = Math.max(0, Math.min(180, turnDegrees));
        int i = 1;
        while (ANGLE[i] < d) {
            i++;
        }
        double t = (d - ANGLE[i - 1]) / (ANGLE[i] - ANGLE[i - 1]);
        return SHARE_KEPT[i - 1] + t * (SHARE_KEPT[i] - SHARE_KEPT[i - 1]);
    }
}
