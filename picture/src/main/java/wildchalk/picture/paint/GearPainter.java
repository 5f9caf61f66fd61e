package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import wildchalk.core.drill.Gear;
import wildchalk.picture.style.Ground;

/** Draws what is set out. Kinds differ by shape; colours have shades of their own. */
final class GearPainter {

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
        switch (gear.kind()) {
            case CONE -> cone(p, 7 * u, colour);
            case DISC -> disc(p, 6 * u, colour);
            case POLE -> pole(p, 10 * u, colour);
            case GOAL, MINI_GOAL -> SurfacePainter.goal(g, v, gear.asGoal(), ground.text());
        }
    }

    private void cone(Point2D p, double r, Color colour) {
        Path2D cone = new Path2D.Double();
        cone.moveTo(p.getX(), p.getY() - r);
        cone.lineTo(p.getX() + 0.9 * r, p.getY() + 0.75 * r);
        cone.lineTo(p.getX() - 0.9 * r, p.getY() + 0.75 * r);
        cone.closePath();
        g.setColor(colour);
        g.fill(cone);
    }

    private void disc(Point2D p, double r, Color colour) {
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) (r * 0.45)));
        g.draw(new Ellipse2D.Double(p.getX() - r * 0.75, p.getY() - r * 0.75, 1.5 * r, 1.5 * r));
    }

    private void pole(Point2D p, double length, Color colour) {
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) (length * 0.26), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(p.getX(), p.getY(), p.getX(), p.getY() - 1.5 * length));
        double r = length * 0.32;
        g.fill(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
    }
}
