package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import wildchalk.core.drill.Side;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/**
 * The marks of players. Attack is a filled disc, defence a hollow tile with one cut corner, neutral a half-filled lozenge,
 * a keeper a wide bar, a coach a drop.
 */
public final class BodyArt {

    private final Graphics2D g;
    private final Ground ground;
    private final double unit;

    public BodyArt(Graphics2D g, Ground ground, double unit) {
        this.g = g;
        this.ground = ground;
        this.unit = unit;
    }

    /** The body with its label; the facing turns only a keeper's bar, by quarters. */
    public void body(Point2D p, double facing, Side side, String label) {
        body(p, facing, side, ground.side(side), label);
    }

    /** The body in a colour of its own: that of a bib. */
    public void body(Point2D p, double facing, Side side, Color colour, String label) {
        body(p, facing, side, colour, false, label);
    }

    /** @param white whether it is white, and the colour that of its outline and letters */
    void body(Point2D p, double facing, Side side, Color colour, boolean white, String label) {
        double r = Bodies.BODY_RADIUS * unit;
        Shape shape = shape(side, p, r, facing);
        boolean hollow = side == Side.DEFENCE || white;
        if (hollow) {
            g.setColor(ground.floor());
            g.fill(shape);
            g.setColor(colour);
            g.setStroke(new BasicStroke((float) (2.2 * unit), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
            g.draw(shape);
        } else if (side == Side.NEUTRAL) {
            halfFilled(shape, p, r, colour);
        } else {
            g.setColor(colour);
            g.fill(shape);
        }
        label(
                label,
                p,
                side == Side.KEEPER ? 0.8 * r : r,
                hollow ? colour : side == Side.NEUTRAL ? ground.text() : ground.onBody());
    }

    private Shape shape(Side side, Point2D p, double r, double facing) {
        double x = p.getX();
        double y = p.getY();
        return switch (side) {
            case ATTACK -> new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r);
            case DEFENCE -> cutTile(x, y, 0.92 * r);
            case NEUTRAL -> lozenge(x, y, 1.15 * r);
            case KEEPER ->
                turned(
                        new RoundRectangle2D.Double(x - 0.8 * r, y - 1.3 * r, 1.6 * r, 2.6 * r, 0.7 * r, 0.7 * r),
                        facing,
                        p);
            case COACH -> drop(x, y, r);
        };
    }

    private static Shape turned(Shape shape, double facing, Point2D about) {
        // only quarter turns: the label has to stay upright and inside
        double quarter = Math.round(facing / 90) * 90.0;
        return AffineTransform.getRotateInstance(Math.toRadians(-quarter), about.getX(), about.getY())
                .createTransformedShape(shape);
    }

    private static Shape cutTile(double x, double y, double r) {
        Path2D tile = new Path2D.Double();
        tile.moveTo(x - r, y - r);
        tile.lineTo(x + 0.35 * r, y - r);
        tile.lineTo(x + r, y - 0.35 * r);
        tile.lineTo(x + r, y + r);
        tile.lineTo(x - r, y + r);
        tile.closePath();
        return tile;
    }

    private static Shape lozenge(double x, double y, double r) {
        Path2D tile = new Path2D.Double();
        tile.moveTo(x, y - r);
        tile.lineTo(x + r, y);
        tile.lineTo(x, y + r);
        tile.lineTo(x - r, y);
        tile.closePath();
        return tile;
    }

    private static Shape drop(double x, double y, double r) {
        Path2D drop = new Path2D.Double();
        drop.moveTo(x, y - 1.35 * r);
        drop.curveTo(x + 0.5 * r, y - 0.6 * r, x + r, y - 0.3 * r, x + r, y + 0.2 * r);
        drop.curveTo(x + r, y + 1.3 * r, x - r, y + 1.3 * r, x - r, y + 0.2 * r);
        drop.curveTo(x - r, y - 0.3 * r, x - 0.5 * r, y - 0.6 * r, x, y - 1.35 * r);
        drop.closePath();
        return drop;
    }

    private void halfFilled(Shape shape, Point2D p, double r, Color colour) {
        g.setColor(ground.floor());
        g.fill(shape);
        Shape before = g.getClip();
        g.clip(new Rectangle2D.Double(p.getX() - 2 * r, p.getY(), 4 * r, 2 * r));
        g.setColor(new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), 110));
        g.fill(shape);
        g.setClip(before);
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) (2 * unit)));
        g.draw(shape);
    }

    /** A small wedge at the edge shows where the body looks. */
    public void nose(Point2D p, double facing, Color colour) {
        double r = Bodies.BODY_RADIUS * unit;
        double a = Math.toRadians(facing);
        double tip = 1.5 * r;
        double base = 0.8 * r;
        double spread = Math.toRadians(32);
        Path2D wedge = new Path2D.Double();
        wedge.moveTo(p.getX() + tip * Math.cos(a), p.getY() - tip * Math.sin(a));
        wedge.lineTo(p.getX() + base * Math.cos(a + spread), p.getY() - base * Math.sin(a + spread));
        wedge.lineTo(p.getX() + base * Math.cos(a - spread), p.getY() - base * Math.sin(a - spread));
        wedge.closePath();
        g.setColor(colour);
        g.fill(wedge);
    }

    /** Those of paper that are too wide for a body are set narrower. */
    private void label(String text, Point2D p, double r, Color colour) {
        double fitting = r * (text.length() <= 2 ? 1.0 : text.length() == 3 ? 0.82 : 0.66);
        double size = Letters.size(ground, fitting);
        Font font = Fonts.bold(size);
        Rectangle2D box = font.getStringBounds(text, g.getFontRenderContext());
        double narrow = ground == Ground.PRINT ? Math.min(1, 1.8 * r / box.getWidth()) : 1;
        AffineTransform before = g.getTransform();
        g.translate(p.getX(), p.getY());
        g.scale(narrow, 1);
        g.setFont(font);
        g.setColor(colour);
        g.drawString(text, (float) (-box.getWidth() / 2), (float) (0.36 * size));
        g.setTransform(before);
    }
}
