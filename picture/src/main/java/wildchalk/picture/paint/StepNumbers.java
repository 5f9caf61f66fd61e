package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Step;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Where strokes of several steps stand on one picture: the number of its step on each, off the others. */
final class StepNumbers {

    private static final double RADIUS = 7;

    /** Where along a stroke its number may stand, the best place first. */
    private static final double[] SHARES = {0.4, 0.55, 0.25, 0.7, 0.12, 0.85};

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;
    private final List<Point2D> taken = new ArrayList<>();

    StepNumbers(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
        frame.path()
                .roles()
                .forEach(r -> taken.add(v.toPixels(
                        frame.timeline().poseAt(r.id(), frame.seconds()).at())));
    }

    void paint() {
        List<Step> steps = frame.path().steps();
        if (steps.size() < 2) {
            return;
        }
        for (int i = 0; i < steps.size(); i++) {
            for (Move move : steps.get(i).moves()) {
                String number = String.valueOf(i + 1);
                Strokes.lineOf(frame, move).filter(l -> l.size() > 1).ifPresent(l -> paint(l, number));
            }
        }
    }

    private void paint(List<Point> line, String number) {
        List<Point2D> places = new ArrayList<>();
        for (double share : SHARES) {
            places.add(v.toPixels(along(line, share)));
        }
        Point2D place = freest(places);
        if (free(place) < (Bodies.BODY_RADIUS + RADIUS) * v.unit()) {
            // a stroke so short that somebody stands on all of it: beside him
            double off = (Bodies.BODY_RADIUS + 1.3 * RADIUS) * v.unit();
            Point2D middle = v.toPixels(along(line, 0.5));
            for (double[] way : ASIDE) {
                places.add(new Point2D.Double(middle.getX() + off * way[0], middle.getY() + off * way[1]));
            }
            place = freest(places);
        }
        taken.add(place);
        draw(place, number);
    }

    private static final double[][] ASIDE = {{0, 1}, {0, -1}, {1, 0}, {-1, 0}};

    /** The first of those that are as good as the best: a little more room is not worth a worse place. */
    private Point2D freest(List<Point2D> places) {
        Point2D place = places.get(0);
        double best = free(place);
        for (Point2D at : places) {
            if (free(at) > best + RADIUS) {
                best = free(at);
                place = at;
            }
        }
        return place;
    }

    private double free(Point2D at) {
        return taken.stream().mapToDouble(at::distance).min().orElse(Double.MAX_VALUE);
    }

    private void draw(Point2D at, String number) {
        float u = (float) v.unit();
        double size = Letters.size(ground, 10 * u);
        double r = Math.max(RADIUS * u, 0.68 * size);
        Ellipse2D disc = new Ellipse2D.Double(at.getX() - r, at.getY() - r, 2 * r, 2 * r);
        g.setColor(ground.floor());
        g.fill(disc);
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(0.8f * u));
        g.draw(disc);
        g.setFont(Fonts.bold(size));
        double wide =
                g.getFont().getStringBounds(number, g.getFontRenderContext()).getWidth();
        g.drawString(number, (float) (at.getX() - wide / 2), (float) (at.getY() + 0.36 * size));
    }

    /** A place on a line, at a share of its length. */
    private static Point along(List<Point> line, double share) {
        Polyline whole = new Polyline(line);
        return whole.at(share * whole.length());
    }
}
