package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** What floats over the picture while somebody works on it: the line being pulled, handles, rings, words at the pointer. */
final class Overlay {

    private static final double BUBBLE_TEXT = 13;
    private static final double BUSY_PIXELS = 8;

    private final Canvas canvas;
    private final GraphicsContext g;
    private final Viewport v;
    private final Ground ground;
    /** Pixels that words leave free. */
    private final List<Point2D> busy = new ArrayList<>();

    Overlay(Canvas canvas, Viewport viewport, Ground ground) {
        this.canvas = canvas;
        this.g = canvas.getGraphicsContext2D();
        this.v = viewport;
        this.ground = ground;
    }

    Viewport viewport() {
        return v;
    }

    void clear() {
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
    }

    void line(List<Point> points) {
        g.setStroke(fx(ground.side(Side.DEFENCE)));
        g.setLineWidth(3);
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.beginPath();
        for (int i = 0; i < points.size(); i++) {
            Point2D p = v.toPixels(points.get(i));
            if (i == 0) {
                g.moveTo(p.getX(), p.getY());
            } else {
                g.lineTo(p.getX(), p.getY());
                keepFree(v.toPixels(points.get(i - 1)), p);
            }
        }
        g.stroke();
        if (points.size() > 1) {
            dot(points.get(points.size() - 1));
        }
    }

    private void dot(Point at) {
        Point2D p = v.toPixels(at);
        g.setFill(fx(ground.side(Side.DEFENCE)));
        g.fillOval(p.getX() - 5, p.getY() - 5, 10, 10);
    }

    /** Thin lines to what a place was drawn to, with their lengths. */
    void guides(List<Snapping.Guide> guides, LengthUnit unit) {
        g.setFont(Font.font("Atkinson Hyperlegible", FontWeight.BOLD, 12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (Snapping.Guide guide : guides) {
            Point2D a = v.toPixels(guide.from());
            Point2D b = v.toPixels(guide.to());
            g.setStroke(fx(ground.alert()));
            g.setLineWidth(1.2);
            g.setLineDashes(4, 4);
            g.strokeLine(a.getX(), a.getY(), b.getX(), b.getY());
            g.setLineDashes();
            g.setFill(fx(ground.alert()));
            g.fillText(unit.exact(guide.metres()), (a.getX() + b.getX()) / 2, (a.getY() + b.getY()) / 2 - 9);
        }
    }

    /** A closed loop. */
    void lasso(List<Point> loop) {
        if (loop.size() < 2) {
            return;
        }
        double[] xs = loop.stream().mapToDouble(p -> v.toPixels(p).getX()).toArray();
        double[] ys = loop.stream().mapToDouble(p -> v.toPixels(p).getY()).toArray();
        Color c = fx(ground.side(Side.DEFENCE));
        g.setFill(Color.color(c.getRed(), c.getGreen(), c.getBlue(), 0.14));
        g.fillPolygon(xs, ys, xs.length);
        g.setStroke(c);
        g.setLineWidth(1.5);
        g.setLineDashes(6, 4);
        g.strokePolygon(xs, ys, xs.length);
        g.setLineDashes();
    }

    /** The sign of something that is locked. */
    void lock(Point2D p) {
        double x = p.getX() + 13;
        double y = p.getY() - 13;
        g.setStroke(fx(ground.text()));
        g.setLineWidth(1.6);
        g.strokeArc(x - 3.5, y - 6, 7, 8, 0, 180, ArcType.OPEN);
        g.setFill(fx(ground.text()));
        g.fillRect(x - 5, y - 2, 10, 7);
    }

    void ring(Point2D p, double radius) {
        g.setStroke(fx(ground.text()));
        g.setLineWidth(2);
        g.setLineDashes(5, 4);
        g.strokeOval(p.getX() - radius, p.getY() - radius, 2 * radius, 2 * radius);
        g.setLineDashes();
    }

    /** A point of a path that can be dragged: round when smooth, square when a hard cut. */
    void handle(Point at, boolean cut) {
        Point2D p = v.toPixels(at);
        g.setFill(fx(ground.surround()));
        g.setStroke(fx(ground.text()));
        g.setLineWidth(2);
        if (cut) {
            g.fillRect(p.getX() - 6, p.getY() - 6, 12, 12);
            g.strokeRect(p.getX() - 6, p.getY() - 6, 12, 12);
        } else {
            g.fillOval(p.getX() - 6, p.getY() - 6, 12, 12);
            g.strokeOval(p.getX() - 6, p.getY() - 6, 12, 12);
        }
    }

    /** An exclamation mark where a finding happens. */
    void alert(Point at) {
        Point2D p = v.toPixels(at);
        double y = p.getY() - 24;
        g.setFill(fx(ground.surround()));
        g.fillOval(p.getX() - 9, y - 9, 18, 18);
        g.setStroke(fx(ground.alert()));
        g.setLineWidth(2.2);
        g.strokeOval(p.getX() - 9, y - 9, 18, 18);
        g.setFill(fx(ground.alert()));
        g.setFont(Font.font("Atkinson Hyperlegible", FontWeight.BOLD, 14));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText("!", p.getX(), y);
    }

    void bubble(String text, Point2D p) {
        bubble(text, p.getX(), p.getY());
    }

    /** Words near a pixel, kept inside the picture. */
    void bubble(String text, double x, double y) {
        Font font = Font.font("Atkinson Hyperlegible", BUBBLE_TEXT);
        Text measure = new Text(text);
        measure.setFont(font);
        double w = measure.getLayoutBounds().getWidth() + 20;
        double h = 28;
        Rectangle2D place = bubblePlace(x, y, w, h);
        double left = place.getX();
        double top = place.getY();
        g.setFill(fx(ground.surround()));
        g.fillRoundRect(left, top, w, h, 10, 10);
        g.setStroke(fx(ground.quiet()));
        g.setLineWidth(1);
        g.strokeRoundRect(left, top, w, h, 10, 10);
        g.setFill(fx(ground.text()));
        g.setFont(font);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, left + 10, top + h / 2);
    }

    /** Above, below or beside a pixel: the first that covers nothing of what is being drawn, else above. */
    private Rectangle2D bubblePlace(double x, double y, double w, double h) {
        double[][] corners = {
            {x - w / 2, y - h - 24}, {x - w / 2, y + 26}, {x + 28, y - h / 2}, {x - w - 28, y - h / 2},
            {x + 20, y - h - 60}, {x - w - 20, y - h - 60}, {x + 20, y + 60}, {x - w - 20, y + 60}
        };
        for (double[] corner : corners) {
            Rectangle2D there = inside(corner[0], corner[1], w, h);
            boolean clear = busy.stream().noneMatch(p -> there.contains(p))
                    && !grown(there, 6).contains(x, y);
            if (clear) {
                return there;
            }
        }
        return inside(corners[0][0], corners[0][1], w, h);
    }

    private Rectangle2D inside(double left, double top, double w, double h) {
        return new Rectangle2D.Double(
                Math.max(4, Math.min(canvas.getWidth() - w - 4, left)),
                Math.max(4, Math.min(canvas.getHeight() - h - 4, top)),
                w,
                h);
    }

    private static Rectangle2D grown(Rectangle2D r, double by) {
        return new Rectangle2D.Double(r.getX() - by, r.getY() - by, r.getWidth() + 2 * by, r.getHeight() + 2 * by);
    }

    /** Keeps words away from a body: the middle and its rim. */
    void keepFree(Point2D body, double radius) {
        busy.add(body);
        for (int i = 0; i < 8; i++) {
            busy.add(new Point2D.Double(
                    body.getX() + radius * Math.cos(i * Math.PI / 4),
                    body.getY() + radius * Math.sin(i * Math.PI / 4)));
        }
    }

    /** Keeps words away from a line, a point every few pixels. */
    private void keepFree(Point2D a, Point2D b) {
        int parts = (int) Math.ceil(a.distance(b) / BUSY_PIXELS);
        for (int i = 0; i <= parts; i++) {
            double t = parts == 0 ? 0 : (double) i / parts;
            busy.add(new Point2D.Double(a.getX() + t * (b.getX() - a.getX()), a.getY() + t * (b.getY() - a.getY())));
        }
    }

    static Color fx(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }
}
