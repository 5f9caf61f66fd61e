package wildchalk.desktop.strip;

import java.util.Set;

/**
 * Where seconds and lanes lie on the strip.
 *
 * @param width pixels of the whole strip
 * @param seconds that it spans
 * @param collapsed lanes that are drawn low
 */
record StripScale(double width, double seconds, int lanes, Set<Integer> collapsed) {

    static final double LANE = 18;
    static final double LOW_LANE = 7;
    static final double AXIS = 20;
    static final double LABELS = 62;
    private static final double RIGHT = 24;

    /** Pixel of a second. */
    double x(double t) {
        return LABELS + t / seconds * (width - LABELS - RIGHT);
    }

    double secondsAt(double x) {
        return (x - LABELS) / (width - LABELS - RIGHT) * seconds;
    }

    double top(int lane) {
        double y = AXIS;
        for (int i = 0; i < lane; i++) {
            y += height(i);
        }
        return y;
    }

    double height(int lane) {
        return collapsed.contains(lane) ? LOW_LANE : LANE;
    }

    double middle(int lane) {
        return top(lane) + height(lane) / 2;
    }

    double bottom() {
        return top(lanes);
    }

    /** The lane at a height; -1 beside the lanes. */
    int laneAt(double y) {
        for (int i = 0; i < lanes; i++) {
            if (y >= top(i) && y < top(i) + height(i)) {
                return i;
            }
        }
        return -1;
    }
}
