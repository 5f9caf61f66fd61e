package wildchalk.picture.paint;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds places for words: beside what they name, clear of everything else where there is room. Greedy, in the order in
 * which words are asked for, so that the same picture always gets the same places.
 */
final class Labels {

    /** Where a label may stand about its anchor, best first: multiples of half its size and the gap. */
    private static final double[][] SPOTS = {
        {0, -1}, {0, 1}, {1, 0}, {-1, 0}, {1, -1}, {-1, -1}, {1, 1}, {-1, 1}, {0, -2.2}, {0, 2.2}, {2, 0}, {-2, 0}
    };

    private final Rectangle2D picture;
    private final List<Rectangle2D> taken = new ArrayList<>();

    /** @param picture labels stay inside it where they can */
    Labels(Rectangle2D picture) {
        this.picture = picture;
    }

    /** Keeps labels off something. */
    void block(Rectangle2D box) {
        taken.add(box);
    }

    void block(double x, double y, double radius) {
        block(new Rectangle2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
    }

    /**
     * The box for a label.
     *
     * @param x middle of what it names
     * @param away how far from there the nearest edge may be
     */
    Rectangle2D place(double x, double y, double width, double height, double away) {
        Rectangle2D best = null;
        double least = Double.MAX_VALUE;
        for (double[] spot : SPOTS) {
            double cx = x + spot[0] * (away + width / 2);
            double cy = y + spot[1] * (away + height / 2);
            Rectangle2D box = new Rectangle2D.Double(cx - width / 2, cy - height / 2, width, height);
            double cost = cost(box);
            if (cost < least) {
                least = cost;
                best = box;
            }
            if (cost == 0) {
                break;
            }
        }
        taken.add(best);
        return best;
    }

    /** The area that is covered already, and what sticks out of the picture counted double. */
    private double cost(Rectangle2D box) {
        double cost = 0;
        for (Rectangle2D other : taken) {
            Rectangle2D both = box.createIntersection(other);
            if (both.getWidth() > 0 && both.getHeight() > 0) {
                cost += both.getWidth() * both.getHeight();
            }
        }
        Rectangle2D inside = box.createIntersection(picture);
        double seen = Math.max(0, inside.getWidth()) * Math.max(0, inside.getHeight());
        return cost + 2 * (box.getWidth() * box.getHeight() - seen);
    }
}
