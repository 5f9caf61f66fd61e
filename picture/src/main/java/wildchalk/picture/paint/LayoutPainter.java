package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.surface.Ink;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Draws zones and numbered gaps: a channel and a box by their borders, a no-go area with hatching as well. */
final class LayoutPainter {

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;

    LayoutPainter(Graphics2D g, Ground ground, Viewport viewport) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
    }

    void paint(Layout layout, Extra extra) {
        layout.zones().forEach(this::zone);
        layout.gaps().stream()
                .filter(g -> extra.shows(g.middle(), 10 * v.unit() / v.pixelsPerMetre()))
                .forEach(this::gap);
    }

    static Color colour(Ground ground, ZoneKind kind) {
        return switch (kind) {
            case CHANNEL -> ground.ink(Ink.BLUE);
            case BOX -> ground.ink(Ink.GREEN);
            case NO_GO -> ground.ink(Ink.RED);
        };
    }

    private void zone(MarkedZone zone) {
        zone(SurfacePainter.polygon(v, zone.outline()), zone.kind());
    }

    /** A zone's area in pixels. */
    void zone(Path2D shape, ZoneKind kind) {
        Color colour = colour(ground, kind);
        Composite before = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, 0.13f));
        g.setColor(colour);
        g.fill(shape);
        g.setComposite(before);
        if (kind == ZoneKind.NO_GO) {
            hatch(shape, colour);
        }
        float u = (float) v.unit();
        g.setColor(colour);
        float[] dashes =
                kind == ZoneKind.CHANNEL ? new float[] {10 * u, 4 * u, 2 * u, 4 * u} : new float[] {7 * u, 5 * u};
        g.setStroke(new BasicStroke(1.8f * u, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, dashes, 0));
        g.draw(shape);
    }

    private void hatch(Shape shape, Color colour) {
        Shape clip = g.getClip();
        Rectangle2D box = shape.getBounds2D();
        g.clip(shape);
        g.setColor(new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), 110));
        g.setStroke(new BasicStroke((float) (1.1 * v.unit())));
        double step = 9 * v.unit();
        for (double x = box.getMinX() - box.getHeight(); x < box.getMaxX(); x += step) {
            g.draw(new Line2D.Double(x, box.getMaxY(), x + box.getHeight(), box.getMinY()));
        }
        g.setClip(clip);
    }

    /** The number in a ring, and the line it stands on. */
    private void gap(Gap gap) {
        float u = (float) v.unit();
        Point2D a = v.toPixels(gap.from());
        Point2D b = v.toPixels(gap.to());
        Point2D m = v.toPixels(gap.middle());
        g.setColor(ground.quiet());
        g.setStroke(new BasicStroke(
                1.4f * u, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, new float[] {2 * u, 4 * u}, 0));
        g.draw(new Line2D.Double(a, b));
        double size = Letters.size(ground, 11.5 * u);
        double r = Math.max(9 * u, 0.78 * size);
        Shape ring = new Ellipse2D.Double(m.getX() - r, m.getY() - r, 2 * r, 2 * r);
        g.setColor(ground.surround());
        g.fill(ring);
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(1.3f * u));
        g.draw(ring);
        String number = String.valueOf(gap.number());
        g.setFont(Fonts.bold(size));
        double wide =
                g.getFont().getStringBounds(number, g.getFontRenderContext()).getWidth();
        g.drawString(number, (float) (m.getX() - wide / 2), (float) (m.getY() + 0.36 * size));
    }
}
