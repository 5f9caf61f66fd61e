package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import wildchalk.core.arrange.Formation;
import wildchalk.core.drill.Gear;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Draws what somebody has to know who puts things out: sizes of squares, steps of rows, and a scale. */
public final class SetOutPainter {

    /** Lengths that a scale may have, in the reader's unit. */
    private static final int[] SCALES = {1, 2, 5, 10, 20, 50};

    /** The scale is about this long, as a share of the width. */
    private static final double SCALE_SHARE = 0.16;

    private static final double SIZE = 12;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final LengthUnit unit;
    private final double letters;

    public SetOutPainter(Graphics2D g, Ground ground, Viewport viewport, LengthUnit unit) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.unit = unit;
        this.letters = Letters.size(ground, SIZE * viewport.unit());
    }

    public void paint(Frame frame) {
        for (Formation formation : Formation.of(frame.path().gear())) {
            if (formation instanceof Formation.Box box) {
                List<Gear> corners = box.pieces();
                measure(corners.get(0), corners.get(1), frame);
                measure(corners.get(1), corners.get(2), frame);
            } else if (formation instanceof Formation.Row row) {
                measure(row.pieces().get(0), row.pieces().get(1), frame);
            } else if (formation instanceof Formation.Rows rows) {
                measure(
                        rows.rows().get(0).pieces().get(0),
                        rows.rows().get(0).pieces().get(1),
                        frame);
                measure(
                        rows.rows().get(0).pieces().get(0),
                        rows.rows().get(1).pieces().get(0),
                        frame);
            } else if (formation instanceof Formation.Pair pair) {
                measure(pair.one(), pair.other(), frame);
            }
        }
        scale();
    }

    /** A thin line between two pieces with its length beside it, where there is room. */
    private void measure(Gear one, Gear other, Frame frame) {
        Point2D a = v.toPixels(one.at());
        Point2D b = v.toPixels(other.at());
        double length = a.distance(b);
        String words = Numbers.brief(one.at().distanceTo(other.at()) / unit.metres(), 1) + " " + unit.symbol();
        Font font = Fonts.regular(letters);
        Rectangle2D room = font.getStringBounds(words, g.getFontRenderContext());
        double away = 10 * v.unit();
        if (length < room.getWidth() + 3 * away) {
            return;
        }
        double dx = (b.getX() - a.getX()) / length;
        double dy = (b.getY() - a.getY()) / length;
        g.setColor(ground.quiet());
        g.setStroke(new BasicStroke((float) (0.9 * v.unit())));
        double gap = room.getWidth() / 2 + 3 * v.unit();
        double middle = length / 2;
        boolean flat = Math.abs(dx) > Math.abs(dy);
        double half = flat ? gap : letters * 0.7;
        Point2D m = new Point2D.Double(a.getX() + dx * middle, a.getY() + dy * middle);
        Rectangle2D box = new Rectangle2D.Double(
                m.getX() - room.getWidth() / 2, m.getY() - letters * 0.6, room.getWidth(), letters * 1.2);
        if (PlacedLabels.of(ground, v, frame).stream().anyMatch(l -> l.box().intersects(box))
                || liesOnBody(box, frame)) {
            return;
        }
        g.draw(new Line2D.Double(
                a.getX() + dx * away, a.getY() + dy * away, m.getX() - dx * half, m.getY() - dy * half));
        g.draw(new Line2D.Double(
                m.getX() + dx * half, m.getY() + dy * half, b.getX() - dx * away, b.getY() - dy * away));
        g.setFont(font);
        g.setColor(ground.text());
        g.drawString(words, (float) box.getX(), (float) (m.getY() + 0.35 * letters));
    }

    private boolean liesOnBody(Rectangle2D box, Frame frame) {
        double r = 1.2 * Bodies.BODY_RADIUS * v.unit();
        boolean body = frame.path().roles().stream()
                .map(role -> Bodies.of(frame, v, role.id()))
                .anyMatch(p -> box.intersects(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
        return body
                || frame.path().lines().stream()
                        .flatMap(l -> Bodies.queue(v, l).stream())
                        .anyMatch(p -> box.intersects(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
    }

    /** A bar of a round length in the corner below left. */
    private void scale() {
        double wanted = v.width() * SCALE_SHARE / v.pixelsPerMetre() / unit.metres();
        int length = SCALES[0];
        for (int s : SCALES) {
            length = s <= wanted ? s : length;
        }
        Point origin = v.toMetres(0, 0);
        double pixels = v.toPixels(origin.plus(
                        v.standing() ? new Point(0, -length * unit.metres()) : new Point(length * unit.metres(), 0)))
                .distance(v.toPixels(origin));
        double x = 8 * v.unit();
        double y = v.height() - 7 * v.unit();
        String words = length + " " + unit.symbol();
        Font font = Fonts.regular(letters);
        double wide = font.getStringBounds(words, g.getFontRenderContext()).getWidth();
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(
                x - 4 * v.unit(), y - 10 * v.unit(), pixels + wide + 14 * v.unit(), 15 * v.unit()));
        g.setColor(ground.text());
        g.setStroke(new BasicStroke((float) (1.6 * v.unit())));
        g.draw(new Line2D.Double(x, y, x + pixels, y));
        g.draw(new Line2D.Double(x, y - 4 * v.unit(), x, y));
        g.draw(new Line2D.Double(x + pixels, y - 4 * v.unit(), x + pixels, y));
        g.setFont(font);
        g.drawString(words, (float) (x + pixels + 5 * v.unit()), (float) (y + 1 * v.unit()));
    }
}
