package wildchalk.picture.paint;

import java.awt.Color;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/**
 * The words beside things and where they stand: names of zones and lines, labels and counts of gear, what coaches do. A
 * label that was put by hand stays there; the others find a free place. For painting and for the pointer alike.
 */
public final class PlacedLabels {

    static final double SIZE = 12;

    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    /** A label: what it belongs to, its words, its box in pixels. */
    public record Label(ElementId of, String words, Rectangle2D box, Color colour) {}

    private final Ground ground;
    private final Viewport v;
    private final Frame frame;
    private final Labels free;
    private final List<Label> placed = new ArrayList<>();

    private PlacedLabels(Ground ground, Viewport viewport, Frame frame) {
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
        this.free = new Labels(new Rectangle2D.Double(0, 0, viewport.width(), viewport.height()));
    }

    static List<Label> of(Ground ground, Viewport viewport, Frame frame) {
        PlacedLabels labels = new PlacedLabels(ground, viewport, frame);
        labels.block();
        labels.place(true);
        labels.place(false);
        return labels.placed;
    }

    /** The label under a pixel. */
    public static Optional<Label> at(Viewport viewport, Frame frame, double x, double y) {
        return of(Ground.SLATE, viewport, frame).stream()
                .filter(l -> l.box().contains(x, y))
                .findFirst();
    }

    /** The label of an element, where it stands. */
    public static Optional<Label> of(ElementId element, Viewport viewport, Frame frame) {
        return of(Ground.SLATE, viewport, frame).stream()
                .filter(l -> l.of().equals(element))
                .findFirst();
    }

    /** What a label is measured from: its element's place at the moment that is shown. */
    public static Point anchor(Viewport viewport, Frame frame, ElementId of) {
        Point2D p = anchorPixels(viewport, frame, of);
        return viewport.toMetres(p.getX(), p.getY());
    }

    private static Point2D anchorPixels(Viewport v, Frame frame, ElementId of) {
        if (of instanceof RoleId role) {
            return Bodies.of(frame, v, role);
        }
        return v.toPixels(Elements.place(frame.path(), of).orElseThrow());
    }

    private void block() {
        double u = v.unit();
        Bodies.all(frame, v).values().forEach(p -> free.block(p.getX(), p.getY(), Bodies.BODY_RADIUS * u));
        for (WaitingLine line : frame.path().lines()) {
            Bodies.queue(v, line).forEach(p -> free.block(p.getX(), p.getY(), Bodies.QUEUE_RADIUS * u));
        }
        for (Gear gear : frame.path().gear()) {
            Point2D p = v.toPixels(gear.at());
            double half = Math.min(gear.size().widthMetres(), gear.size().depthMetres()) / 2 * v.pixelsPerMetre();
            free.block(p.getX(), p.getY(), Math.max(7 * u, half));
            if (!gear.kind().isRound()) {
                block(gear);
            }
        }
        for (Gap gap : frame.path().layout().gaps()) {
            Point2D p = v.toPixels(gap.middle());
            free.block(p.getX(), p.getY(), 9 * u);
        }
        boolean still = frame.extra().area().isPresent();
        Viewport legible = Letters.legible(ground, v, Notes.SIZE);
        for (Note note : frame.extra().tasks() ? frame.path().layout().notes() : List.<Note>of()) {
            free.block(still ? Notes.inside(legible, note) : Notes.card(legible, note));
        }
        if (still) {
            blockStrokes();
        }
    }

    /** In a still picture words lie beside strokes; on the board they stay where they are from step to step. */
    private void blockStrokes() {
        for (Step step : frame.currentSteps()) {
            for (Move move : step.moves()) {
                Strokes.lineOf(frame, move)
                        .filter(l -> l.size() > 1)
                        .map(Polyline::new)
                        .ifPresent(line -> {
                            double every = 8 * v.unit() / v.pixelsPerMetre();
                            for (double d = 0; d <= line.length(); d += every) {
                                Point2D p = v.toPixels(line.at(d));
                                free.block(p.getX(), p.getY(), 4 * v.unit());
                            }
                        });
            }
        }
        for (Ball ball : frame.path().balls()) {
            Point2D p = Bodies.of(frame, v, ball.id());
            free.block(p.getX(), p.getY(), Bodies.BALL_RADIUS * v.unit());
        }
    }

    /** A long piece is kept clear along its length. */
    private void block(Gear gear) {
        double wide = gear.size().widthMetres();
        double deep = gear.size().depthMetres();
        double length = Math.max(wide, deep) / 2;
        double along = gear.facingDegrees() + (wide > deep ? 90 : 0);
        for (double d = -length; d <= length; d += 0.5) {
            Point2D p = v.toPixels(gear.at().plus(Point.polar(d, along)));
            free.block(p.getX(), p.getY(), 4 * v.unit());
        }
    }

    /** First those that stand where a hand has put them, then the others about them. */
    private void place(boolean byHand) {
        for (WaitingLine line : frame.path().lines()) {
            String count = frame.extra().tasks() ? " \u00d7" + line.standing() : "";
            label(byHand, line.id(), line.label() + count, 15, ground.text());
        }
        for (Role role : frame.path().roles()) {
            label(byHand, role.id(), frame.extra().tasks() ? role.task() : "", 16, ground.quiet());
        }
        for (Gear gear : frame.path().gear()) {
            String words = gear.kind().isSupply() ? "\u00d7" + gear.count() : gear.label();
            label(byHand, gear.id(), words, 9, ground.text());
        }
        for (MarkedZone zone : frame.path().layout().zones()) {
            label(byHand, zone.id(), zone.name(), -6, LayoutPainter.colour(ground, zone.kind()));
        }
    }

    private void label(boolean byHand, ElementId of, String words, double away, Color colour) {
        Optional<Point> offset =
                Optional.ofNullable(frame.path().layout().labels().get(of));
        if (words.isEmpty() || offset.isPresent() != byHand || !frame.extra().shows(anchor(v, frame, of), 0)) {
            return;
        }
        double size = Letters.size(ground, SIZE * v.unit());
        Font font = Fonts.bold(size);
        double wide = font.getStringBounds(words, CONTEXT).getWidth() + 4;
        double high = size * 1.2;
        Point2D p = anchorPixels(v, frame, of);
        Rectangle2D box;
        if (offset.isPresent()) {
            Point2D middle = v.toPixels(v.toMetres(p.getX(), p.getY()).plus(offset.get()));
            box = new Rectangle2D.Double(middle.getX() - wide / 2, middle.getY() - high / 2, wide, high);
            free.block(box);
        } else {
            box = free.place(p.getX(), p.getY(), wide, high, away * v.unit());
        }
        placed.add(new Label(of, words, box, colour));
    }
}
