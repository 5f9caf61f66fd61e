package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.WaitingLine;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Writes what stands beside things: names of zones and lines, labels and counts of gear, what coaches do, and notes. */
final class LabelPainter {

    private static final double SIZE = 12;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;
    private final Labels labels;

    LabelPainter(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
        this.labels = new Labels(new Rectangle2D.Double(0, 0, viewport.width(), viewport.height()));
    }

    void paint() {
        block();
        frame.progression().layout().notes().forEach(this::note);
        for (WaitingLine line : frame.progression().lines()) {
            text(line.label() + " \u00d7" + line.standing(), v.toPixels(line.at()), 15, ground.text());
        }
        for (Role role : frame.progression().roles()) {
            if (!role.task().isEmpty()) {
                text(role.task(), Bodies.of(frame, v, role.id()), 16, ground.quiet());
            }
        }
        for (Gear gear : frame.progression().gear()) {
            String words = gear.kind().isSupply() ? "\u00d7" + gear.count() : gear.label();
            if (!words.isEmpty()) {
                text(words, v.toPixels(gear.at()), 9, ground.text());
            }
        }
        for (MarkedZone zone : frame.progression().layout().zones()) {
            text(zone.name(), v.toPixels(zone.middle()), -6, LayoutPainter.colour(ground, zone.kind()));
        }
    }

    private void block() {
        double u = v.unit();
        for (Role role : frame.progression().roles()) {
            Point2D p = Bodies.of(frame, v, role.id());
            labels.block(p.getX(), p.getY(), Bodies.BODY_RADIUS * u);
        }
        for (Gear gear : frame.progression().gear()) {
            Point2D p = v.toPixels(gear.at());
            labels.block(p.getX(), p.getY(), 7 * u);
        }
        for (Gap gap : frame.progression().layout().gaps()) {
            Point2D p = v.toPixels(gap.middle());
            labels.block(p.getX(), p.getY(), 9 * u);
        }
    }

    private void text(String words, Point2D p, double away, Color colour) {
        Font font = Fonts.bold(SIZE * v.unit());
        Rectangle2D size = font.getStringBounds(words, g.getFontRenderContext());
        Rectangle2D box = labels.place(p.getX(), p.getY(), size.getWidth() + 4, SIZE * 1.2 * v.unit(), away * v.unit());
        g.setFont(font);
        g.setColor(colour);
        g.drawString(words, (float) (box.getCenterX() - size.getWidth() / 2), (float)
                (box.getCenterY() + 0.35 * SIZE * v.unit()));
    }

    /** A card with the coach's words, and its arrow. */
    private void note(Note note) {
        double u = v.unit();
        Point2D p = v.toPixels(note.at());
        Rectangle2D card = Notes.card(v, note);
        note.target().ifPresent(t -> arrow(p, v.toPixels(t), u));
        g.setColor(ground.surround());
        RoundRectangle2D round =
                new RoundRectangle2D.Double(card.getX(), card.getY(), card.getWidth(), card.getHeight(), 8 * u, 8 * u);
        g.fill(round);
        g.setColor(ground.alert());
        g.setStroke(new BasicStroke((float) (1.3 * u)));
        g.draw(round);
        g.setColor(ground.text());
        g.setFont(Fonts.regular(Notes.SIZE * u));
        double y = card.getY() + 4 * u;
        for (String line : Notes.lines(note)) {
            y += Notes.SIZE * 1.25 * u;
            g.drawString(line, (float) (card.getX() + 7 * u), (float) (y - 0.28 * Notes.SIZE * u));
        }
        labels.block(card);
    }

    private void arrow(Point2D from, Point2D to, double u) {
        Brush brush = new Brush(g, u);
        brush.colour(ground.alert());
        g.setStroke(new BasicStroke((float) (1.6 * u)));
        g.draw(new Line2D.Double(from, to));
        brush.openHead(List.of(new double[] {from.getX(), from.getY()}, new double[] {to.getX(), to.getY()}));
    }
}
