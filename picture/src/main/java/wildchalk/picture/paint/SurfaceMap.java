package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.picture.style.Ground;

/** A small map of the whole surface that shows which part of it a picture is of. */
public final class SurfaceMap {

    private SurfaceMap() {}

    /** @param part what the picture shows */
    public static void paint(Graphics2D g, SurfaceUse use, Viewport part, double width, double height) {
        Viewport map = Viewport.fitting(use.surface().wholeView(), use.standing(), width, height)
                .withUnit(0.5);
        new Painter(Ground.PRINT).paintSurface(g, use.surface(), map);
        Point2D one = map.toPixels(part.toMetres(0, 0));
        Point2D other = map.toPixels(part.toMetres(part.width(), part.height()));
        Rectangle2D box = new Rectangle2D.Double();
        box.setFrameFromDiagonal(one, other);
        g.setColor(Ground.PRINT.text());
        g.setStroke(new BasicStroke(1.8f));
        g.draw(box.createIntersection(new Rectangle2D.Double(1, 1, width - 2, height - 2)));
    }
}
