package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import java.awt.geom.QuadCurve2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Field;
import wildchalk.core.inspect.Inspection;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Draws what is looked at in a moment, under those who play: areas as cells, lanes and gaps as lines with their figures. */
final class InspectPainter {

    /** From so many degrees on a goal is as open as can be told apart. */
    private static final double WIDE_OPEN_DEGREES = 24;

    /** Less of a goal than this share of that is left out: from there nobody shoots. */
    private static final double LEAST_SHARE = 0.15;

    private static final double SIGHT_PIXELS = 74;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final LengthUnit unit;

    InspectPainter(Graphics2D g, Ground ground, Viewport viewport, LengthUnit unit) {
        this.unit = unit;
        this.g = g;
        this.ground = ground;
        this.v = viewport;
    }

    void paint(Inspection inspection) {
        switch (inspection.kind()) {
            case OPEN_GOAL -> openGoal((Inspection.OpenGoal) inspection);
            case SPACE -> space((Inspection.Space) inspection);
            case OUTLETS -> ((Inspection.OutletList) inspection).outlets().forEach(this::outlet);
            case SIGHT -> ((Inspection.SightList) inspection).sights().forEach(this::sight);
            case SHAPE ->
                ((Inspection.ShapeList) inspection)
                        .shapes()
                        .forEach(s -> s.gaps().forEach(gap -> gap(s.side(), gap)));
            case GOING -> ((Inspection.GoingList) inspection).goings().forEach(this::going);
            case BRAKING -> ((Inspection.BrakingList) inspection).brakings().forEach(this::braking);
        }
    }

    // ---- areas ----

    private void openGoal(Inspection.OpenGoal open) {
        Field field = open.field();
        for (int i = 0; i < field.size(); i++) {
            double share = Math.min(1, open.degrees()[i] / WIDE_OPEN_DEGREES);
            if (share > LEAST_SHARE) {
                cell(field, i, ground.alert(), 0.06 + 0.5 * share);
            }
        }
        open.shooter().ifPresent(s -> text(v.toPixels(s.from()), Numbers.fixed(s.open(), 0) + "°", 26));
    }

    private void space(Inspection.Space space) {
        Field field = space.field();
        for (int i = 0; i < field.size(); i++) {
            if (space.sides()[i] != null) {
                // the sooner somebody is there the fuller; every whole second is a step
                double share = 0.44 - 0.08 * Math.min(5, Math.floor(space.seconds()[i]));
                cell(field, i, ground.side(space.sides()[i]), Math.max(0.05, share));
            }
        }
        float u = (float) v.unit();
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(1.6f * u));
        for (int i = 0; i < field.size(); i++) {
            boolean right = (i + 1) % field.columns() != 0;
            boolean up = i + field.columns() < field.size();
            if (right && differ(space.sides()[i], space.sides()[i + 1])) {
                edge(field, i, true);
            }
            if (up && differ(space.sides()[i], space.sides()[i + field.columns()])) {
                edge(field, i, false);
            }
        }
    }

    private static boolean differ(Side a, Side b) {
        return a != b;
    }

    private void edge(Field field, int i, boolean right) {
        Point m = field.middle(i);
        double h = field.cell() / 2;
        Point from = right ? new Point(m.x() + h, m.y() - h) : new Point(m.x() - h, m.y() + h);
        Point to = new Point(m.x() + h, m.y() + h);
        g.draw(new Line2D.Double(v.toPixels(from), v.toPixels(to)));
    }

    private void cell(Field field, int i, Color colour, double share) {
        Point m = field.middle(i);
        double h = field.cell() / 2;
        Point2D a = v.toPixels(new Point(m.x() - h, m.y() - h));
        Point2D b = v.toPixels(new Point(m.x() + h, m.y() + h));
        // on whole pixels, so that neighbours meet without a seam
        double x = Math.round(Math.min(a.getX(), b.getX()));
        double y = Math.round(Math.min(a.getY(), b.getY()));
        double wide = Math.round(Math.max(a.getX(), b.getX())) - x;
        double high = Math.round(Math.max(a.getY(), b.getY())) - y;
        g.setColor(new Color(
                colour.getRed(), colour.getGreen(), colour.getBlue(), (int) Math.round(255 * Math.min(1, share))));
        g.fill(new Rectangle2D.Double(x, y, wide, high));
    }

    // ---- lines ----

    /** Full where it is open; broken, with a cross where somebody stands in it, where it is not. */
    private void outlet(Inspection.Outlet outlet) {
        float u = (float) v.unit();
        Point2D from = v.toPixels(outlet.from());
        Point2D to = v.toPixels(outlet.end());
        if (outlet.isOpen()) {
            g.setColor(ground.side(Side.DEFENCE));
            g.setStroke(new BasicStroke(4 * u, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(new Line2D.Double(from, to));
        } else {
            g.setColor(ground.side(Side.ATTACK));
            g.setStroke(new BasicStroke(
                    2.4f * u, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, new float[] {4 * u, 6 * u}, 0));
            g.draw(new Line2D.Double(from, to));
            outlet.at().ifPresent(p -> cross(v.toPixels(p)));
        }
    }

    private void cross(Point2D p) {
        double r = 7 * v.unit();
        g.setStroke(new BasicStroke((float) (3 * v.unit()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(p.getX() - r, p.getY() - r, p.getX() + r, p.getY() + r));
        g.draw(new Line2D.Double(p.getX() - r, p.getY() + r, p.getX() + r, p.getY() - r));
    }

    private void sight(Inspection.Sight s) {
        wedge(s, s.aware(), 0.09f);
        wedge(s, s.clear(), 0.22f);
        if (s.between().isPresent() && !s.seesBoth()) {
            Point2D p = v.toPixels(s.at());
            double r = 18 * v.unit();
            g.setColor(ground.alert());
            g.setStroke(new BasicStroke((float) (2.4 * v.unit())));
            g.draw(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
        }
    }

    private void wedge(Inspection.Sight s, double half, float share) {
        Point2D p = v.toPixels(s.at());
        double r = SIGHT_PIXELS * v.unit();
        double heading = v.heading(s.facingDegrees());
        Composite solid = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, share));
        g.setColor(ground.text());
        g.fill(new Arc2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r, heading - half, 2 * half, Arc2D.PIE));
        g.setComposite(solid);
    }

    private void gap(Side side, Inspection.Gap gap) {
        Point2D a = v.toPixels(gap.from());
        Point2D b = v.toPixels(gap.to());
        g.setColor(ground.side(side));
        g.setStroke(new BasicStroke((float) (1.8 * v.unit())));
        g.draw(new Line2D.Double(a, b));
        text(new Point2D.Double((a.getX() + b.getX()) / 2, (a.getY() + b.getY()) / 2), unit.text(gap.metres()), 0);
    }

    /** From where he is done to where he goes, bent so that two who change places do not lie on each other. */
    private void going(Inspection.Going going) {
        float u = (float) v.unit();
        g.setColor(ground.alert());
        Point2D from = v.toPixels(going.from());
        if (going.to().isEmpty()) {
            cross(from);
            return;
        }
        Point2D to = v.toPixels(going.to().get());
        double length = from.distance(to);
        if (length < 3 * u) {
            return;
        }
        double bend = 0.14 * length;
        double dx = (to.getX() - from.getX()) / length;
        double dy = (to.getY() - from.getY()) / length;
        Point2D middle = new Point2D.Double(
                (from.getX() + to.getX()) / 2 - dy * bend, (from.getY() + to.getY()) / 2 + dx * bend);
        g.setStroke(new BasicStroke(
                2.2f * u, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND, 10, new float[] {1 * u, 6 * u}, 0));
        g.draw(new QuadCurve2D.Double(from.getX(), from.getY(), middle.getX(), middle.getY(), to.getX(), to.getY()));
        g.setStroke(new BasicStroke(2.2f * u, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        new Brush(g, u)
                .openHead(List.of(new double[] {middle.getX(), middle.getY()}, new double[] {to.getX(), to.getY()}));
    }

    private void braking(Inspection.Braking b) {
        Point2D from = v.toPixels(b.from());
        Point2D to = v.toPixels(b.to());
        g.setColor(b.isTight() ? ground.alert() : ground.text());
        float u = (float) v.unit();
        g.setStroke(new BasicStroke(b.isTight() ? 5 * u : 3 * u, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(from, to));
        double r = 4 * u;
        g.fill(new Ellipse2D.Double(to.getX() - r, to.getY() - r, 2 * r, 2 * r));
        text(to, unit.text(b.metres()), 14);
    }

    /** A figure on its own ground, so that it is read over anything. */
    private void text(Point2D at, String text, double below) {
        double size = Letters.size(ground, 12 * v.unit());
        g.setFont(Fonts.bold(size));
        Rectangle2D box = g.getFont().getStringBounds(text, g.getFontRenderContext());
        double x = at.getX() - box.getWidth() / 2;
        double y = at.getY() + below * v.unit() + 0.36 * size;
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(x - 3, y - size, box.getWidth() + 6, size * 1.3));
        g.setColor(ground.text());
        g.drawString(text, (float) x, (float) y);
    }
}
