package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import wildchalk.core.drill.Manner;
import wildchalk.picture.style.StrokeCode;

/** The strokes themselves, along lines of pixels. */
final class Brush {

    private static final double WIDTH = 2.4;

    private final Graphics2D g;
    private final double u;

    Brush(Graphics2D g, double unit) {
        this.g = g;
        this.u = unit;
    }

    void colour(Color colour) {
        g.setColor(colour);
    }

    /** What a travel looks like in a code of strokes. */
    void travel(List<double[]> line, StrokeCode code, Manner manner, boolean carrying) {
        boolean ours = code == StrokeCode.CHALK;
        if (manner == Manner.SHUFFLE) {
            squareWave(line);
        } else if (!ours && carrying) {
            wave(line);
        } else if (code == StrokeCode.SOLID_PASS) {
            longDashes(line);
        } else {
            plain(line);
        }
        if (manner == Manner.BACKWARD) {
            ticks(line);
        } else if (manner == Manner.CROSSOVER) {
            crosses(line);
        }
        if (ours && carrying) {
            beads(line);
        }
        openHead(line);
    }

    void pass(List<double[]> line, StrokeCode code) {
        if (code == StrokeCode.SOLID_PASS) {
            plain(line);
        } else {
            longDashes(line);
        }
        solidHead(line);
    }

    void shot(List<double[]> line, StrokeCode code) {
        twin(line);
        if (code == StrokeCode.CHALK) {
            bar(line);
        } else {
            solidHead(line);
        }
    }

    /** Where a ball meets a board. */
    void spark(double x, double y) {
        g.setStroke(round(1.8));
        for (int i = 0; i < 8; i++) {
            double a = Math.PI * i / 4;
            g.draw(new Line2D.Double(
                    x + 4 * u * Math.cos(a),
                    y + 4 * u * Math.sin(a),
                    x + 9 * u * Math.cos(a),
                    y + 9 * u * Math.sin(a)));
        }
    }

    /** Where somebody stops; filled where he touches. */
    void stop(double x, double y, boolean touches) {
        Rectangle2D square = new Rectangle2D.Double(x - 4 * u, y - 4 * u, 8 * u, 8 * u);
        g.setStroke(round(1.8));
        if (touches) {
            g.fill(square);
        } else {
            g.draw(square);
        }
    }

    /** A bar on the side of the foot that is planted; the direction is that in which he comes. */
    void plant(double x, double y, double dx, double dy, boolean left) {
        double length = Math.hypot(dx, dy);
        if (length < 1e-6) {
            return;
        }
        double s = left ? 1 : -1;
        double nx = s * dy / length;
        double ny = -s * dx / length;
        g.setStroke(round(1.8));
        g.draw(new Line2D.Double(x + 4 * u * nx, y + 4 * u * ny, x + 12 * u * nx, y + 12 * u * ny));
        double r = 2.6 * u;
        g.fill(new Ellipse2D.Double(x + 12 * u * nx - r, y + 12 * u * ny - r, 2 * r, 2 * r));
    }

    /** A hook that goes round a body. Angles in degrees, counter-clockwise on the screen from the right. */
    void hook(double x, double y, double from, double sweep) {
        double r = 19 * u;
        double shown = Math.max(-300, Math.min(300, sweep));
        g.setStroke(round(WIDTH));
        g.draw(new Arc2D.Double(x - r, y - r, 2 * r, 2 * r, from, shown, Arc2D.OPEN));
        double end = Math.toRadians(from + shown);
        double turn = Math.toRadians(from + shown + (shown > 0 ? 90 : -90));
        double ex = x + r * Math.cos(end);
        double ey = y - r * Math.sin(end);
        openHead(List.of(
                new double[] {ex - 8 * u * Math.cos(turn), ey + 8 * u * Math.sin(turn)}, new double[] {ex, ey}));
    }

    /** A bar in front of a body that looks into a direction. */
    void crossbar(double x, double y, double facing) {
        double a = Math.toRadians(facing);
        double cx = x + 20 * u * Math.cos(a);
        double cy = y - 20 * u * Math.sin(a);
        g.setStroke(round(4));
        double half = 13 * u;
        g.draw(new Line2D.Double(
                cx + half * Math.sin(a), cy + half * Math.cos(a), cx - half * Math.sin(a), cy - half * Math.cos(a)));
    }

    /** Two bodies meet: two strokes that cross, in a ring for a fight for the ball. */
    void cross(double x, double y, boolean ring) {
        g.setStroke(round(WIDTH));
        double h = 6 * u;
        g.draw(new Line2D.Double(x - h, y - h, x + h, y + h));
        g.draw(new Line2D.Double(x - h, y + h, x + h, y - h));
        if (ring) {
            g.draw(new Ellipse2D.Double(x - 11 * u, y - 11 * u, 22 * u, 22 * u));
        }
    }

    /** Somebody tries for a ball: three prongs, closed by a bar where he gets to it. */
    void claw(double x, double y, double facing, boolean made) {
        double a = Math.toRadians(facing);
        double dx = Math.cos(a);
        double dy = -Math.sin(a);
        g.setStroke(round(WIDTH));
        for (int i = -1; i <= 1; i++) {
            double px = x - i * 6 * u * dy;
            double py = y + i * 6 * u * dx;
            g.draw(new Line2D.Double(px, py, px + 13 * u * dx, py + 13 * u * dy));
        }
        double back = made ? 13 * u : 0;
        g.draw(new Line2D.Double(
                x + back * dx - 9 * u * dy,
                y + back * dy + 9 * u * dx,
                x + back * dx + 9 * u * dy,
                y + back * dy - 9 * u * dx));
    }

    /** A skill: a small twist on the way. */
    void twist(double x, double y) {
        g.setStroke(round(2));
        double r = 6 * u;
        Path2D path = new Path2D.Double();
        path.moveTo(x - r, y - r);
        path.lineTo(x + r, y + r);
        path.lineTo(x + r, y - r);
        path.lineTo(x - r, y + r);
        path.closePath();
        g.draw(path);
    }

    /** A glance: two rays that open towards what is looked at, with an arc between them. */
    void glance(double x, double y, double towards) {
        g.setStroke(round(1.8));
        double r = 26 * u;
        for (double side : new double[] {-16, 16}) {
            double a = Math.toRadians(towards + side);
            double near = 15 * u;
            g.draw(new Line2D.Double(
                    x + near * Math.cos(a), y - near * Math.sin(a), x + r * Math.cos(a), y - r * Math.sin(a)));
        }
        g.draw(new Arc2D.Double(x - r, y - r, 2 * r, 2 * r, towards - 16, 32, Arc2D.OPEN));
    }

    /** Out of it: a ring that is struck out. */
    void out(double x, double y) {
        g.setStroke(round(2));
        double r = 17 * u;
        g.draw(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
        double d = 1.05 * r; // beyond the ring, since a body may lie over the middle
        g.draw(new Line2D.Double(x - d, y - d, x + d, y + d));
    }

    /** Something is taken up, or put down. */
    void grip(double x, double y, boolean up) {
        g.setStroke(round(2));
        double s = up ? -1 : 1;
        double left = x + 20 * u;
        g.draw(new Line2D.Double(left, y - s * 8 * u, left, y + s * 8 * u));
        g.draw(new Line2D.Double(left - 4 * u, y + s * 4 * u, left, y + s * 8 * u));
        g.draw(new Line2D.Double(left + 4 * u, y + s * 4 * u, left, y + s * 8 * u));
        g.draw(new Line2D.Double(left - 6 * u, y + 11 * u, left + 6 * u, y + 11 * u));
    }

    /** Play that goes its own way: three small eddies. */
    void eddies(double x, double y) {
        g.setStroke(round(1.6));
        for (int i = -1; i <= 1; i++) {
            double cx = x + i * 12 * u;
            double cy = y + (i == 0 ? -3 : 3) * u;
            g.draw(new Arc2D.Double(cx - 5 * u, cy - 5 * u, 10 * u, 10 * u, 40 + 90 * i, 250, Arc2D.OPEN));
        }
    }

    /** Arcs in front of a mouth. */
    void call(double x, double y, double facing) {
        g.setStroke(round(1.8));
        for (double r = 18 * u; r <= 28 * u; r += 5 * u) {
            g.draw(new Arc2D.Double(x - r, y - r, 2 * r, 2 * r, facing - 28, 56, Arc2D.OPEN));
        }
    }

    /** Two who keep together, at one moment: a hair with a dot at the end of the one who follows. */
    void tie(double x, double y, double toX, double toY) {
        g.setStroke(dashed(1, 1.5 * u, 4 * u));
        g.draw(new Line2D.Double(x, y, toX, toY));
        double r = 2.6 * u;
        g.fill(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
    }

    void plain(List<double[]> line) {
        g.setStroke(round(WIDTH));
        g.draw(path(line));
    }

    void dotted(List<double[]> line) {
        g.setStroke(dashed(WIDTH, 1 * u, 6 * u));
        g.draw(path(line));
    }

    /** Where somebody runs on past the end of a path: thin, and no head. */
    void runOut(List<double[]> line) {
        g.setStroke(dashed(0.6 * WIDTH, 2 * u, 5 * u));
        g.draw(path(line));
        double[] d = direction(line);
        double[] end = line.get(line.size() - 1);
        g.setStroke(round(0.6 * WIDTH));
        g.draw(new Line2D.Double(
                end[0] - 5 * u * d[1], end[1] + 5 * u * d[0], end[0] + 5 * u * d[1], end[1] - 5 * u * d[0]));
    }

    void longDashes(List<double[]> line) {
        g.setStroke(dashed(WIDTH, 12 * u, 7 * u));
        g.draw(path(line));
    }

    /** Two parallel strokes. */
    void twin(List<double[]> line) {
        double[] a = line.get(0);
        double[] b = line.get(line.size() - 1);
        double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        if (length == 0) {
            return;
        }
        double nx = -(b[1] - a[1]) / length * 2.6 * u;
        double ny = (b[0] - a[0]) / length * 2.6 * u;
        g.setStroke(round(1.7));
        g.draw(new Line2D.Double(a[0] + nx, a[1] + ny, b[0] + nx, b[1] + ny));
        g.draw(new Line2D.Double(a[0] - nx, a[1] - ny, b[0] - nx, b[1] - ny));
    }

    /** The bar across the end of a shot. */
    void bar(List<double[]> line) {
        double[] d = direction(line);
        double[] end = line.get(line.size() - 1);
        g.setStroke(round(2.6));
        double half = 8 * u;
        g.draw(new Line2D.Double(
                end[0] - d[1] * half, end[1] + d[0] * half, end[0] + d[1] * half, end[1] - d[0] * half));
    }

    void openHead(List<double[]> line) {
        double[] d = direction(line);
        double[] end = line.get(line.size() - 1);
        g.setStroke(round(WIDTH));
        Path2D head = new Path2D.Double();
        head.moveTo(end[0] + u * (-10 * d[0] - 5.5 * d[1]), end[1] + u * (-10 * d[1] + 5.5 * d[0]));
        head.lineTo(end[0], end[1]);
        head.lineTo(end[0] + u * (-10 * d[0] + 5.5 * d[1]), end[1] + u * (-10 * d[1] - 5.5 * d[0]));
        g.draw(head);
    }

    void solidHead(List<double[]> line) {
        double[] d = direction(line);
        double[] end = line.get(line.size() - 1);
        Path2D head = new Path2D.Double();
        head.moveTo(end[0] + u * (-12 * d[0] - 5.5 * d[1]), end[1] + u * (-12 * d[1] + 5.5 * d[0]));
        head.lineTo(end[0], end[1]);
        head.lineTo(end[0] + u * (-12 * d[0] + 5.5 * d[1]), end[1] + u * (-12 * d[1] - 5.5 * d[0]));
        head.closePath();
        g.fill(head);
    }

    /** Beads that ride along: the ball is with the player. */
    void beads(List<double[]> line) {
        walk(line, 20 * u, 12 * u, (x, y, dx, dy) -> g.fill(new Ellipse2D.Double(x - 4 * u, y - 4 * u, 8 * u, 8 * u)));
    }

    /** Short strokes across: backward. */
    void ticks(List<double[]> line) {
        g.setStroke(round(1.8));
        walk(
                line,
                12 * u,
                8 * u,
                (x, y, dx, dy) ->
                        g.draw(new Line2D.Double(x - dy * 5 * u, y + dx * 5 * u, x + dy * 5 * u, y - dx * 5 * u)));
    }

    /** Small crosses: crossed steps. */
    void crosses(List<double[]> line) {
        g.setStroke(round(1.6));
        walk(line, 16 * u, 10 * u, (x, y, dx, dy) -> {
            g.draw(new Line2D.Double(x - 4 * u, y - 4 * u, x + 4 * u, y + 4 * u));
            g.draw(new Line2D.Double(x - 4 * u, y + 4 * u, x + 4 * u, y - 4 * u));
        });
    }

    /** A soft wave. */
    void wave(List<double[]> line) {
        g.setStroke(round(WIDTH));
        Path2D wave = new Path2D.Double();
        double[] start = line.get(0);
        wave.moveTo(start[0], start[1]);
        int[] side = {1};
        double[] last = {start[0], start[1]};
        walk(line, 7 * u, 7 * u, (x, y, dx, dy) -> {
            double out = side[0] * 5.5 * u;
            wave.quadTo((last[0] + x) / 2 - dy * out, (last[1] + y) / 2 + dx * out, x, y);
            side[0] = -side[0];
            last[0] = x;
            last[1] = y;
        });
        double[] end = line.get(line.size() - 1);
        wave.lineTo(end[0], end[1]);
        g.draw(wave);
    }

    void squareWave(List<double[]> line) {
        g.setStroke(round(WIDTH));
        Path2D wave = new Path2D.Double();
        double[] start = line.get(0);
        wave.moveTo(start[0], start[1]);
        int[] side = {1};
        walk(line, 7 * u, 5 * u, (x, y, dx, dy) -> {
            double before = -side[0] * 4 * u;
            double after = side[0] * 4 * u;
            wave.lineTo(x - dy * before, y + dx * before);
            wave.lineTo(x - dy * after, y + dx * after);
            side[0] = -side[0];
        });
        double[] end = line.get(line.size() - 1);
        wave.lineTo(end[0], end[1]);
        g.draw(wave);
    }

    /** Something drawn at a pixel of a line that runs in direction (dx, dy). */
    private interface Stamp {
        void at(double x, double y, double dx, double dy);
    }

    /** Visits points at equal distances along the line, from {@code first} to a little before the end. */
    private void walk(List<double[]> line, double spacing, double first, Stamp stamp) {
        double total = 0;
        for (int i = 1; i < line.size(); i++) {
            total += Math.hypot(line.get(i)[0] - line.get(i - 1)[0], line.get(i)[1] - line.get(i - 1)[1]);
        }
        double next = first;
        double done = 0;
        for (int i = 1; i < line.size(); i++) {
            double[] a = line.get(i - 1);
            double[] b = line.get(i);
            double piece = Math.hypot(b[0] - a[0], b[1] - a[1]);
            while (piece > 0 && next <= done + piece && next <= total - 9 * u) {
                double t = (next - done) / piece;
                stamp.at(
                        a[0] + (b[0] - a[0]) * t,
                        a[1] + (b[1] - a[1]) * t,
                        (b[0] - a[0]) / piece,
                        (b[1] - a[1]) / piece);
                next += spacing;
            }
            done += piece;
        }
    }

    /** The direction in which a line ends, taken over its last few pixels so that a fine bend does not twist the head. */
    private double[] direction(List<double[]> line) {
        double[] end = line.get(line.size() - 1);
        for (int i = line.size() - 2; i >= 0; i--) {
            double[] p = line.get(i);
            double length = Math.hypot(end[0] - p[0], end[1] - p[1]);
            if (length > 6 * u || i == 0 && length > 0) {
                return new double[] {(end[0] - p[0]) / length, (end[1] - p[1]) / length};
            }
        }
        return new double[] {1, 0};
    }

    private static Path2D path(List<double[]> line) {
        Path2D path = new Path2D.Double();
        path.moveTo(line.get(0)[0], line.get(0)[1]);
        for (double[] p : line.subList(1, line.size())) {
            path.lineTo(p[0], p[1]);
        }
        return path;
    }

    private BasicStroke round(double width) {
        return new BasicStroke((float) (width * u), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    }

    private BasicStroke dashed(double width, double on, double off) {
        return new BasicStroke(
                (float) (width * u),
                BasicStroke.CAP_ROUND,
                BasicStroke.JOIN_ROUND,
                10,
                new float[] {(float) on, (float) off},
                0);
    }
}
