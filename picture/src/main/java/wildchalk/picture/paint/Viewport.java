package wildchalk.picture.paint;

import java.awt.geom.Point2D;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.View;

/**
 * Turns metres into pixels and back: a part of a surface, centred in a picture, y upwards.
 *
 * @param width picture width in pixels
 * @param pixelsPerMetre scale
 * @param centre the place (m) in the middle of the picture
 * @param unit pixels of one unit: the size that marks are given in
 */
public record Viewport(double width, double height, double pixelsPerMetre, Point centre, double unit) {

    /** The board on a screen of 1280 x 800 is about this wide: there one unit is one pixel. */
    private static final double UNIT_WIDTH = 880;

    /** Room (m) around the playing area, for goals, queues and the ends of arrows. */
    public static final double MARGIN_METRES = 1.5;

    /** The largest scale at which a view with its margin fits a picture. */
    public static Viewport fitting(View view, double width, double height) {
        View box = view.grown(MARGIN_METRES);
        double scale = Math.min(width / box.width(), height / box.height());
        return new Viewport(
                width,
                height,
                scale,
                new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2),
                Math.max(0.55, Math.min(width / UNIT_WIDTH, height / (UNIT_WIDTH * 0.5))));
    }

    /** The same picture with marks of another size. */
    public Viewport withUnit(double pixels) {
        return new Viewport(width, height, pixelsPerMetre, centre, pixels);
    }

    /** Height over width of a picture that a view fills. */
    public static double aspect(View view) {
        View box = view.grown(MARGIN_METRES);
        return box.height() / box.width();
    }

    public double x(double metres) {
        return width / 2 + (metres - centre.x()) * pixelsPerMetre;
    }

    public double y(double metres) {
        return height / 2 - (metres - centre.y()) * pixelsPerMetre;
    }

    public Point2D toPixels(Point p) {
        return new Point2D.Double(x(p.x()), y(p.y()));
    }

    public Point toMetres(double px, double py) {
        return new Point(
                centre.x() + (px - width / 2) / pixelsPerMetre, centre.y() - (py - height / 2) / pixelsPerMetre);
    }
}
