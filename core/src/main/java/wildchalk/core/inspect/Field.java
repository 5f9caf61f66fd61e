package wildchalk.core.inspect;

import wildchalk.core.geometry.Point;
import wildchalk.core.surface.View;

/**
 * A part of a surface in square cells, row by row from the least x and y.
 *
 * @param cell side of a cell, m
 */
public record Field(double minX, double minY, double cell, int columns, int rows) {

    /** More cells are not worked out for one picture. */
    private static final int MOST_CELLS = 1000;

    private static final double LEAST_CELL = 0.5;

    /** As fine as there is time for. */
    static Field over(View view) {
        double wide = view.maxX() - view.minX();
        double tall = view.maxY() - view.minY();
        double cell = Math.max(LEAST_CELL, Math.sqrt(wide * tall / MOST_CELLS));
        return new Field(
                view.minX(), view.minY(), cell, Math.max(1, (int) Math.ceil(wide / cell - 1e-9)), Math.max(1, (int)
                        Math.ceil(tall / cell - 1e-9)));
    }

    public int size() {
        return columns * rows;
    }

    /** The middle of a cell. */
    public Point middle(int index) {
        return new Point(minX + (index % columns + 0.5) * cell, minY + (index / columns + 0.5) * cell);
    }
}
