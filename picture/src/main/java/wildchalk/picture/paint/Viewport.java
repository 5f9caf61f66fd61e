package wildchalk.picture.paint;

import java.awt.geom.Point2D;
import java.util.Optional;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.View;

/**
 * Turns metres into pixels and back: a part of a surface, centred in a picture. Lying, x points right and y up; standing,
 * x points up and y to the left.
 *
 * @param width picture width in pixels
 * @param pixelsPerMetre scale
 * @param centre the place (m) in the middle of the picture
 * @param unit pixels of one unit: the size that marks are given in
 * @param standing whether the length of the surface points up
 */
public record Viewport(
        double width, double height, double pixelsPerMetre, Point centre, double unit, boolean standing) {

    /** The board on a screen of 1280 x 800 is about this wide: there one unit is one pixel. */
    private static final double UNIT_WIDTH = 880;

    /** Room (m) around the playing area, for goals, queues and the ends of arrows. */
    public static final double MARGIN_METRES = 1.5;

    /** A drill that could be shown so many times as large is looked at where its action is. */
    private static final double MUCH = 1.6;

    /** Room (m) round the action. */
    public static final double ACTION_MARGIN = 0.5;

    /** Least and most pixels per metre that somebody can zoom to. */
    private static final double LEAST_SCALE = 1.5;

    private static final double MOST_SCALE = 600;

    /** The largest scale at which a view with its margin fits a picture. */
    public static Viewport fitting(View view, double width, double height) {
        return fitting(view, false, width, height);
    }

    /** The part that a drill shows, lying or standing as the drill has it. */
    public static Viewport fitting(SurfaceUse use, double width, double height) {
        return fitting(use.view(), use.standing(), width, height);
    }

    /** A part, lying or standing. */
    public static Viewport fitting(View view, boolean standing, double width, double height) {
        View box = view.grown(margin(view));
        double across = standing ? box.height() : box.width();
        double up = standing ? box.width() : box.height();
        double scale = Math.min(width / across, height / up);
        return new Viewport(
                width,
                height,
                scale,
                new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2),
                usualUnit(width, height),
                standing);
    }

    /**
     * What is looked at first: where the action is, if that can be shown much larger than the part that is in use.
     *
     * @param action where everything happens; empty where nothing does
     */
    public static View first(SurfaceUse use, Optional<View> action, double width, double height) {
        double part = fitting(use, width, height).pixelsPerMetre();
        return action.map(a -> a.grown(ACTION_MARGIN))
                .filter(a -> fitting(a, use.standing(), width, height).pixelsPerMetre() > MUCH * part)
                .orElse(use.view());
    }

    private static double usualUnit(double width, double height) {
        return Math.max(0.55, Math.min(width / UNIT_WIDTH, height / (UNIT_WIDTH * 0.5)));
    }

    /** A large field has a wider margin: its goals and queues look small otherwise. */
    static double margin(View view) {
        return Math.max(MARGIN_METRES, 0.03 * Math.max(view.width(), view.height()));
    }

    /** The same picture with marks of another size. */
    public Viewport withUnit(double pixels) {
        return new Viewport(width, height, pixelsPerMetre, centre, pixels, standing);
    }

    /** Nearer (above 1) or farther, the place under a pixel staying where it is. */
    public Viewport zoomed(double factor, double px, double py) {
        double scale = Math.max(LEAST_SCALE, Math.min(MOST_SCALE, pixelsPerMetre * factor));
        Point held = toMetres(px, py);
        Viewport nearer = new Viewport(width, height, scale, centre, unit, standing);
        return nearer.panned(
                nearer.toPixels(held).getX() - px, nearer.toPixels(held).getY() - py);
    }

    /** The picture moved by so many pixels over the surface. */
    public Viewport panned(double dx, double dy) {
        return new Viewport(width, height, pixelsPerMetre, toMetres(width / 2 + dx, height / 2 + dy), unit, standing);
    }

    /** The same place and scale in a picture of another size. */
    public Viewport resized(double w, double h) {
        double factor = w / width;
        return new Viewport(w, h, pixelsPerMetre * factor, centre, usualUnit(w, h), standing);
    }

    /** The same picture with so many times as many pixels each way. */
    public Viewport scaled(double factor) {
        return new Viewport(width * factor, height * factor, pixelsPerMetre * factor, centre, unit * factor, standing);
    }

    /** The same at the same scale, standing where this lies and the other way round. */
    public Viewport turned() {
        return new Viewport(height, width, pixelsPerMetre, centre, unit, !standing);
    }

    /** Height over width of a picture that a part fills, lying. */
    public static double aspect(View view) {
        View box = view.grown(margin(view));
        return box.height() / box.width();
    }

    /** Height over width of a picture that a view fills. */
    public static double aspect(SurfaceUse use) {
        View box = use.view().grown(margin(use.view()));
        return use.standing() ? box.width() / box.height() : box.height() / box.width();
    }

    public Point2D toPixels(Point p) {
        double dx = (p.x() - centre.x()) * pixelsPerMetre;
        double dy = (p.y() - centre.y()) * pixelsPerMetre;
        return standing
                ? new Point2D.Double(width / 2 - dy, height / 2 - dx)
                : new Point2D.Double(width / 2 + dx, height / 2 - dy);
    }

    public Point toMetres(double px, double py) {
        double right = (px - width / 2) / pixelsPerMetre;
        double up = (height / 2 - py) / pixelsPerMetre;
        return Limits.nearest(
                standing
                        ? new Point(centre.x() + up, centre.y() - right)
                        : new Point(centre.x() + right, centre.y() + up));
    }

    /** A heading on the surface, as degrees counter-clockwise from the right of the picture. */
    public double heading(double degrees) {
        return standing ? degrees + 90 : degrees;
    }
}
