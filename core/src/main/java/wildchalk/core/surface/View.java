package wildchalk.core.surface;

import wildchalk.core.geometry.Point;

/** The part of a surface that is shown or used: a rectangle of the playing area, without its run-off. */
public record View(String id, String name, double minX, double minY, double maxX, double maxY) {

    public double width() {
        return maxX - minX;
    }

    public double height() {
        return maxY - minY;
    }

    public boolean contains(Point p) {
        return p.x() >= minX && p.x() <= maxX && p.y() >= minY && p.y() <= maxY;
    }

    /** The same view with a margin (m) all round. */
    public View grown(double metres) {
        return new View(id, name, minX - metres, minY - metres, maxX + metres, maxY + metres);
    }
}
