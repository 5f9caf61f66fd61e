package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.View;
import wildchalk.picture.style.Ground;

/** Draws a court or rink with its markings and goals. */
final class SurfacePainter {

    private static final int VEIL_ALPHA = 190;
    /** A part that differs from the whole by less is the whole: rounding noise. */
    private static final double WHOLE_METRES = 0.01;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;

    SurfacePainter(Graphics2D g, Ground ground, Viewport viewport) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
    }

    void paint(Surface surface) {
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, 0, v.width(), v.height()));
        if (surface.runOffMetres() > 0) {
            g.setColor(ground.runOff());
            g.fill(outline(surface, surface.runOffMetres()));
        }
        Shape outline = outline(surface, 0);
        g.setColor(ground.floor(surface.medium()));
        g.fill(outline);
        Shape before = g.getClip();
        g.clip(outline(surface, Math.min(1, surface.runOffMetres())));
        surface.markings().stream().filter(m -> m instanceof Marking.Area).forEach(this::marking);
        surface.markings().stream().filter(m -> !(m instanceof Marking.Area)).forEach(this::marking);
        g.setClip(before);
        g.setColor(ground.ink(Ink.LINE));
        g.setStroke(new BasicStroke((float) Math.max(1.6 * v.unit(), (surface.boards() ? 0.12 : 0.05) * scale())));
        g.draw(outline);
        surface.goals().forEach(goal -> goal(g, v, goal, ground.text()));
    }

    /** Fades what lies outside the part that is used: it is there, and not meant. */
    void veil(SurfaceUse use) {
        View part = use.view();
        if (part.isWithin(WHOLE_METRES, use.floor().wholeView())) {
            return;
        }
        Area outside = new Area(new Rectangle2D.Double(0, 0, v.width(), v.height()));
        View kept = part.grown(Viewport.margin(part));
        Rectangle2D box = new Rectangle2D.Double();
        box.setFrameFromDiagonal(
                v.toPixels(new Point(kept.minX(), kept.minY())), v.toPixels(new Point(kept.maxX(), kept.maxY())));
        outside.subtract(new Area(box));
        Color veil = ground.surround();
        g.setColor(new Color(veil.getRed(), veil.getGreen(), veil.getBlue(), VEIL_ALPHA));
        g.fill(outside);
    }

    private Shape outline(Surface s, double beyond) {
        double x = s.lengthMetres() / 2 + beyond;
        double y = s.widthMetres() / 2 + beyond;
        Rectangle2D box = new Rectangle2D.Double();
        box.setFrameFromDiagonal(v.toPixels(new Point(-x, -y)), v.toPixels(new Point(x, y)));
        double arc = 2 * s.cornerRadiusMetres() * scale();
        return arc > 0
                ? new RoundRectangle2D.Double(box.getX(), box.getY(), box.getWidth(), box.getHeight(), arc, arc)
                : box;
    }

    private Void marking(Marking m) {
        return m.match(this::line, this::arc, this::spot, this::area);
    }

    private Void line(Marking.Line m) {
        pen(m.widthMetres(), m.dashed(), m.ink());
        g.draw(new Line2D.Double(v.toPixels(m.from()), v.toPixels(m.to())));
        return null;
    }

    private Void arc(Marking.Arc m) {
        pen(m.widthMetres(), m.dashed(), m.ink());
        double r = m.radiusMetres() * scale();
        Point2D c = v.toPixels(m.centre());
        g.draw(new Arc2D.Double(
                c.getX() - r, c.getY() - r, 2 * r, 2 * r, v.heading(m.startDegrees()), m.sweepDegrees(), Arc2D.OPEN));
        return null;
    }

    private Void spot(Marking.Spot m) {
        g.setColor(ground.ink(m.ink()));
        double d = m.diameterMetres() * scale();
        Point2D c = v.toPixels(m.centre());
        g.fill(new Ellipse2D.Double(c.getX() - d / 2, c.getY() - d / 2, d, d));
        return null;
    }

    private Void area(Marking.Area m) {
        g.setColor(ground.tint());
        g.fill(polygon(v, m.outline()));
        return null;
    }

    private void pen(double widthMetres, boolean dashed, Ink ink) {
        g.setColor(ground.ink(ink));
        float width = (float) Math.max(1.1 * v.unit(), widthMetres * scale());
        float dash = (float) Math.max(4 * v.unit(), 0.15 * scale());
        g.setStroke(
                dashed
                        ? new BasicStroke(
                                width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, new float[] {dash, dash}, 0)
                        : new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
    }

    private double scale() {
        return v.pixelsPerMetre();
    }

    /** A goal as its shape has it, open to the players. */
    static void goal(Graphics2D g, Viewport v, GoalMouth goal, Color colour) {
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) (2.2 * v.unit()), BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
        Point back = Point.polar(goal.depthMetres(), goal.facingDegrees() + 180);
        switch (goal.shape()) {
            case NET ->
                g.draw(polyline(
                        v,
                        List.of(
                                goal.leftPost(),
                                goal.leftPost().plus(back),
                                goal.rightPost().plus(back),
                                goal.rightPost())));
            case TRIANGLE ->
                g.draw(polyline(v, List.of(goal.leftPost(), goal.centre().plus(back), goal.rightPost())));
            case RING -> ring(g, v, goal, back);
            case POSTS -> {
                g.draw(polyline(v, List.of(goal.leftPost(), goal.rightPost())));
                double r = 3 * v.unit();
                for (Point post : List.of(goal.leftPost(), goal.rightPost())) {
                    Point2D p = v.toPixels(post);
                    g.fill(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
                }
            }
        }
    }

    /** A ring, never smaller than can be seen, and what it hangs from. */
    private static void ring(Graphics2D g, Viewport v, GoalMouth goal, Point back) {
        double r = Math.max(4 * v.unit(), goal.widthMetres() / 2 * v.pixelsPerMetre());
        Point2D c = v.toPixels(goal.centre());
        g.draw(new Ellipse2D.Double(c.getX() - r, c.getY() - r, 2 * r, 2 * r));
        Point across = Point.polar(0.9, goal.facingDegrees() + 90);
        Point board = goal.centre().plus(back);
        g.draw(polyline(v, List.of(board.plus(across), board.minus(across))));
    }

    static Path2D polyline(Viewport v, List<Point> points) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < points.size(); i++) {
            Point2D p = v.toPixels(points.get(i));
            if (i == 0) {
                path.moveTo(p.getX(), p.getY());
            } else {
                path.lineTo(p.getX(), p.getY());
            }
        }
        return path;
    }

    static Path2D polygon(Viewport v, List<Point> points) {
        Path2D path = polyline(v, points);
        path.closePath();
        return path;
    }
}
