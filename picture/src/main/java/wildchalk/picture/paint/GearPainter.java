package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.geometry.Point;
import wildchalk.picture.style.Ground;

/**
 * Draws what is set out. Kinds differ by shape; colours have shades of their own. Small things are drawn as signs that can
 * be seen from afar, larger ones as large as they are.
 */
final class GearPainter {

    /** A piece of some extent is drawn no smaller than this across, in units. */
    private static final double LEAST = 11;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;

    GearPainter(Graphics2D g, Ground ground, Viewport viewport) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
    }

    void paint(Gear gear) {
        paint(gear, v.toPixels(gear.at()), v.unit());
    }

    /** Paints a piece at a pixel, whatever its place. */
    void paint(Gear gear, Point2D p, double u) {
        Color colour = ground.chalk(gear.colour());
        g.setColor(colour);
        switch (gear.kind()) {
            case CONE -> cone(gear, p, 7 * u);
            case DISC -> band(gear, p, 4.5 * u, 2.7 * u);
            case POLE -> pole(gear, p, 10 * u);
            case GOAL, MINI_GOAL -> SurfacePainter.goal(g, v, gear.asGoal(), ground.text());
            case HOOP -> band(gear, p, Math.max(6 * u, width(gear) / 2), 1.8 * u);
            case MANNEQUIN -> {
                mannequin(gear, p, 9 * u);
                nose(gear, 9 * u);
            }
            case SUPPLY -> supply(p, 7 * u);
            default -> flat(gear, p, u);
        }
    }

    /** How far a piece reaches from its middle as it is drawn, m. */
    static double radiusMetres(Gear gear, Viewport v) {
        double half = Math.max(gear.size().widthMetres(), gear.size().depthMetres()) / 2;
        return Math.max(half, 7 * v.unit() / v.pixelsPerMetre());
    }

    private double width(Gear gear) {
        return gear.size().widthMetres() * v.pixelsPerMetre();
    }

    private double depth(Gear gear) {
        return gear.size().depthMetres() * v.pixelsPerMetre();
    }

    /** Filled with its colour; white on a light ground is white with an outline. */
    private void solid(Gear gear, Shape shape) {
        boolean outlined = ground.isOutlined(gear.colour());
        g.setColor(outlined ? Color.WHITE : ground.chalk(gear.colour()));
        g.fill(shape);
        if (outlined) {
            g.setColor(ground.chalk(gear.colour()));
            g.setStroke(new BasicStroke((float) (1.3 * v.unit()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(shape);
        }
    }

    /** A ring of its colour; white on a light ground has a light core. */
    private void band(Gear gear, Point2D p, double r, double width) {
        ring(p, r, width);
        if (ground.isOutlined(gear.colour())) {
            g.setColor(Color.WHITE);
            ring(p, r, width * 0.4);
        }
    }

    private void cone(Gear gear, Point2D p, double r) {
        Path2D cone = new Path2D.Double();
        cone.moveTo(p.getX(), p.getY() - r);
        cone.lineTo(p.getX() + 0.9 * r, p.getY() + 0.75 * r);
        cone.lineTo(p.getX() - 0.9 * r, p.getY() + 0.75 * r);
        cone.closePath();
        solid(gear, cone);
    }

    private void ring(Point2D p, double r, double width) {
        g.setStroke(new BasicStroke((float) width));
        g.draw(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
    }

    private void pole(Gear gear, Point2D p, double length) {
        g.setStroke(new BasicStroke((float) (length * 0.26), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(p.getX(), p.getY(), p.getX(), p.getY() - 1.5 * length));
        if (ground.isOutlined(gear.colour())) {
            g.setColor(Color.WHITE);
            g.setStroke(new BasicStroke((float) (length * 0.1), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(new Line2D.Double(p.getX(), p.getY(), p.getX(), p.getY() - 1.5 * length));
        }
        double r = length * 0.32;
        solid(gear, new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
    }

    /** Head and shoulders. */
    private void mannequin(Gear gear, Point2D p, double r) {
        double head = 0.42 * r;
        solid(gear, new Ellipse2D.Double(p.getX() - head, p.getY() - r, 2 * head, 2 * head));
        Path2D body = new Path2D.Double();
        body.moveTo(p.getX() - 0.85 * r, p.getY() + 0.9 * r);
        body.curveTo(
                p.getX() - 0.85 * r,
                p.getY() - 0.35 * r,
                p.getX() + 0.85 * r,
                p.getY() - 0.35 * r,
                p.getX() + 0.85 * r,
                p.getY() + 0.9 * r);
        body.closePath();
        solid(gear, body);
        g.setColor(ground.chalk(gear.colour()));
    }

    /** A tick on the side to which a piece looks. */
    private void nose(Gear gear, double r) {
        double metre = 1 / v.pixelsPerMetre();
        Point2D from = v.toPixels(gear.at().plus(Point.polar(1.15 * r * metre, gear.facingDegrees())));
        Point2D to = v.toPixels(gear.at().plus(Point.polar(1.6 * r * metre, gear.facingDegrees())));
        g.setStroke(new BasicStroke((float) (2 * v.unit())));
        g.draw(new Line2D.Double(from, to));
    }

    /** Four balls in a heap. */
    private void supply(Point2D p, double r) {
        double[][] spots = {{-0.55, 0.35}, {0.55, 0.35}, {0, -0.5}};
        for (double[] s : spots) {
            BodyPainter.ball(
                    g, ground, new Point2D.Double(p.getX() + s[0] * r, p.getY() + s[1] * r), 0.55 * r, 0.7 * r / 7);
        }
        g.setColor(ground.text());
        g.setStroke(new BasicStroke((float) (0.2 * r)));
        Path2D bag = new Path2D.Double();
        bag.moveTo(p.getX() - 1.35 * r, p.getY() - 0.1 * r);
        bag.lineTo(p.getX() - 1.05 * r, p.getY() + 1.15 * r);
        bag.lineTo(p.getX() + 1.05 * r, p.getY() + 1.15 * r);
        bag.lineTo(p.getX() + 1.35 * r, p.getY() - 0.1 * r);
        g.draw(bag);
    }

    /** Things with a length: a rectangle turned to where the piece looks, marked by its kind. */
    private void flat(Gear gear, Point2D p, double u) {
        boolean thin = gear.kind() == GearKind.ROPE;
        double w = Math.max(LEAST * u, width(gear));
        double d = thin ? 3 * u : Math.max(0.5 * LEAST * u, depth(gear));
        AffineTransform turn = AffineTransform.getTranslateInstance(p.getX(), p.getY());
        turn.rotate(-Math.toRadians(v.heading(gear.facingDegrees())));
        // depth along where it looks, width across
        Shape box = turn.createTransformedShape(new Rectangle2D.Double(-d / 2, -w / 2, d, w));
        g.setStroke(new BasicStroke((float) (2 * u), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        switch (gear.kind()) {
            case ROPE -> g.fill(box);
            case MAT, PAD -> {
                g.setColor(translucent(ground.chalk(gear.colour()), gear.kind() == GearKind.PAD ? 255 : 90));
                g.fill(box);
                g.setColor(ground.chalk(gear.colour()));
                g.draw(box);
            }
            case LADDER -> {
                g.draw(box);
                int rungs = (int) Math.max(2, Math.min(12, Math.round(d / (6 * u))));
                for (int i = 1; i < rungs; i++) {
                    double x = -d / 2 + d * i / rungs;
                    g.draw(turn.createTransformedShape(new Line2D.Double(x, -w / 2, x, w / 2)));
                }
            }
            case HURDLE -> {
                g.draw(turn.createTransformedShape(new Line2D.Double(0, -w / 2, 0, w / 2)));
                for (double y : new double[] {-w / 2, w / 2}) {
                    g.draw(turn.createTransformedShape(new Line2D.Double(-d / 2, y, d / 2, y)));
                }
            }
            default -> {
                g.draw(box);
                g.draw(turn.createTransformedShape(new Line2D.Double(-d / 2, -w / 2, d / 2, w / 2)));
                g.draw(turn.createTransformedShape(new Line2D.Double(-d / 2, w / 2, d / 2, -w / 2)));
            }
        }
    }

    private static Color translucent(Color c, int alpha) {
        return new Color(c.getRed(), c.getGreen(), c.getBlue(), alpha);
    }
}
