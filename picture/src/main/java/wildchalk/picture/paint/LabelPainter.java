package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import wildchalk.core.drill.Note;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Writes what stands beside things: names of zones and lines, labels and counts of gear, what coaches do, and notes. */
final class LabelPainter {

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;

    LabelPainter(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
    }

    void paint() {
        if (frame.extra().tasks()) {
            frame.path().layout().notes().forEach(this::note);
        }
        PlacedLabels.of(ground, v, frame).forEach(this::text);
    }

    private void text(PlacedLabels.Label label) {
        double size = Letters.size(ground, PlacedLabels.SIZE * v.unit());
        Font font = Fonts.bold(size);
        double wide =
                font.getStringBounds(label.words(), g.getFontRenderContext()).getWidth();
        g.setFont(font);
        g.setColor(label.colour());
        g.drawString(label.words(), (float) (label.box().getCenterX() - wide / 2), (float)
                (label.box().getCenterY() + 0.35 * size));
    }

    /** A card with the coach's words, and its arrow. */
    private void note(Note note) {
        Viewport legible = Letters.legible(ground, v, Notes.SIZE);
        double u = legible.unit();
        Point2D p = v.toPixels(note.at());
        Rectangle2D card = frame.extra().area().isPresent() ? Notes.inside(legible, note) : Notes.card(legible, note);
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
    }

    private void arrow(Point2D from, Point2D to, double u) {
        Brush brush = new Brush(g, u);
        brush.colour(ground.alert());
        g.setStroke(new BasicStroke((float) (1.6 * u)));
        g.draw(new Line2D.Double(from, to));
        brush.openHead(List.of(new double[] {from.getX(), from.getY()}, new double[] {to.getX(), to.getY()}));
    }
}
