package wildchalk.desktop.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.BoundingBox;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.LengthUnit;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** A surface under construction: shows it, and draws on it with the chosen tool. */
final class SurfaceCanvas extends StackPane {

    private static final int WIDTH = 720;
    private static final int HEIGHT = 440;
    /** Places are drawn to lines and ends this near, pixels. */
    private static final double SNAP_PIXELS = 10;

    private final Ground ground;
    private final Consumer<Surface> drawn;
    private final Supplier<SurfaceParts.Pen> pen;
    private final ImageView picture = new ImageView();
    private final Canvas floating = new Canvas(WIDTH, HEIGHT);
    private Surface surface;
    private SurfaceTool tool = SurfaceTool.LINE;
    private Point from;

    SurfaceCanvas(Ground ground, Surface surface, Consumer<Surface> drawn, Supplier<SurfaceParts.Pen> pen) {
        this.ground = ground;
        this.surface = surface;
        this.drawn = drawn;
        this.pen = pen;
        setId("surface-canvas");
        setMaxSize(WIDTH, HEIGHT);
        setMinSize(WIDTH, HEIGHT);
        picture.setFitWidth(WIDTH);
        picture.setFitHeight(HEIGHT);
        getChildren().addAll(picture, floating);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            from = place(e);
            floats(from);
        });
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> floats(place(e)));
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> floats(place(e)));
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            Point to = place(e);
            Point start = from;
            from = null;
            if (!SurfaceParts.needsLength(tool) || start.distanceTo(to) >= 0.1) {
                drawn.accept(SurfaceParts.drawn(this.surface, tool, start, to, pen.get()));
            }
            floats(to);
        });
    }

    void tool(SurfaceTool chosen) {
        tool = chosen;
    }

    void show(Surface changed) {
        surface = changed;
        picture.setImage(SurfacePicture.of(SurfaceUse.of(surface), ground, 2 * WIDTH, 2 * HEIGHT));
        floats(null);
    }

    Viewport viewport() {
        return Viewport.fitting(SurfaceUse.of(surface), WIDTH, HEIGHT);
    }

    /** Drawn to ends and middles of what is there, else to whole decimetres. */
    private Point place(MouseEvent e) {
        Viewport v = viewport();
        Point p = v.toMetres(e.getX(), e.getY());
        double reach = SNAP_PIXELS / v.pixelsPerMetre();
        Point best = new Point(Math.round(p.x() * 10) / 10.0 + 0.0, Math.round(p.y() * 10) / 10.0 + 0.0);
        double least = reach;
        for (Point q : anchors()) {
            if (q.distanceTo(p) < least) {
                least = q.distanceTo(p);
                best = q;
            }
        }
        return best;
    }

    private List<Point> anchors() {
        double x = surface.lengthMetres() / 2;
        double y = surface.widthMetres() / 2;
        List<Point> points = new ArrayList<>();
        for (double px : new double[] {-x, 0, x}) {
            for (double py : new double[] {-y, 0, y}) {
                points.add(new Point(px, py));
            }
        }
        surface.markings()
                .forEach(m -> m.match(
                        l -> points.add(l.from()) && points.add(l.to()),
                        a -> points.add(a.centre()),
                        s -> points.add(s.centre()),
                        a -> true));
        surface.landmarks().forEach(l -> points.add(l.at()));
        return points;
    }

    /** What floats over the surface: names, and what is being pulled with its length. */
    private void floats(Point to) {
        Viewport v = viewport();
        GraphicsContext g = floating.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        Color text = fx(ground.text());
        g.setFont(Font.font("Atkinson Hyperlegible", 12));
        g.setFill(text);
        for (Landmark mark : surface.landmarks()) {
            var p = v.toPixels(mark.at());
            g.fillOval(p.getX() - 2.5, p.getY() - 2.5, 5, 5);
            if (surface.landmarks().size() <= 24) {
                // near the right edge the name stands to the left
                boolean right = p.getX() > WIDTH - 7.0 * mark.name().length();
                g.setTextAlign(right ? TextAlignment.RIGHT : TextAlignment.LEFT);
                g.fillText(mark.name(), p.getX() + (right ? -5 : 5), p.getY() - 4);
            }
        }
        g.setTextAlign(TextAlignment.CENTER);
        g.setFill(fx(ground.quiet()));
        g.setStroke(fx(ground.quiet()));
        if (surface.zones().size() <= 12) {
            List<BoundingBox> named = new ArrayList<>();
            for (Zone zone : surface.zones()) {
                Point sum = zone.outline().stream().reduce(Point.ORIGIN, Point::plus);
                var p = v.toPixels(sum.times(1.0 / zone.outline().size()));
                var room = new BoundingBox(
                        p.getX() - 3.0 * zone.name().length(),
                        p.getY(),
                        6.0 * zone.name().length(),
                        16);
                if (named.stream().noneMatch(room::intersects)) {
                    named.add(room);
                    g.fillText(zone.name(), p.getX(), p.getY() + 14);
                }
            }
        }
        if (to == null) {
            return;
        }
        g.setTextAlign(TextAlignment.LEFT);
        var b = v.toPixels(to);
        g.setStroke(fx(ground.alert()));
        g.setFill(text);
        g.setLineWidth(1.5);
        if (from == null) {
            g.strokeOval(b.getX() - 4, b.getY() - 4, 8, 8);
            g.fillText(
                    LengthUnit.METRES.exact(to.x()) + ", " + LengthUnit.METRES.exact(to.y()),
                    b.getX() + 8,
                    b.getY() + 16);
            return;
        }
        var a = v.toPixels(from);
        double r = a.distance(b);
        switch (tool) {
            case RECTANGLE, ZONE ->
                g.strokeRect(
                        Math.min(a.getX(), b.getX()),
                        Math.min(a.getY(), b.getY()),
                        Math.abs(a.getX() - b.getX()),
                        Math.abs(a.getY() - b.getY()));
            case CIRCLE -> g.strokeOval(a.getX() - r, a.getY() - r, 2 * r, 2 * r);
            default -> g.strokeLine(a.getX(), a.getY(), b.getX(), b.getY());
        }
        g.fillText(LengthUnit.METRES.exact(from.distanceTo(to)), b.getX() + 8, b.getY() - 6);
    }

    private static Color fx(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }
}
