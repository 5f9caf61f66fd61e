package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.MoveSpan;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/**
 * Draws what moves say. Our code of strokes: a travel is a plain stroke with an open head; with the ball, beads ride along
 * it; backward has cross ticks; a shuffle is a square wave; a ball in flight is long dashes with a solid head; a shot is a
 * twin stroke that ends in a bar; a bank has a spark where it meets the board. {@link DeedMarks} has what is done on the spot. {@link StrokeCode} has the others.
 */
final class StrokePainter {

    /** How faint strokes of earlier steps are. */
    private static final float GHOST = 0.34f;

    /** Who keeps together is shown so together every so often (s), and no more often than this. */
    private static final double TIE_SECONDS = 1;

    private static final int MOST_TIES = 6;
    /** Of a long one only its beginning is drawn, m. */
    private static final double MOST_TIE_METRES = 4;

    private final Graphics2D g;
    private final Ground ground;
    private final StrokeCode code;
    private final Viewport v;
    private final Frame frame;

    StrokePainter(Graphics2D g, Ground ground, StrokeCode code, Viewport viewport, Frame frame) {
        this.code = code;
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
    }

    void paint() {
        Composite solid = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, GHOST));
        frame.earlierSteps().forEach(this::step);
        g.setComposite(solid);
        frame.runningOn().forEach(this::rest);
        new PlayPainter(g, ground, v, frame).paint();
        frame.currentSteps().forEach(this::step);
    }

    private void step(Step step) {
        for (Move move : step.moves()) {
            if (frame.selected().contains(move.id()) || isChanged(move)) {
                glow(move);
            }
            stroke(move);
        }
    }

    /** What is left of a run of an earlier step, from where its player is. */
    private void rest(Move move) {
        Point now = frame.timeline().poseAt(move.role(), frame.seconds()).at();
        List<Point> left = new Polyline(line(move)).from(now);
        if (left.size() > 1) {
            Brush brush = new Brush(g, v.unit());
            MoveSpan span = frame.timeline().move(move.id());
            brush.colour(
                    BodyPainter.colour(ground, frame.path().role(move.role()).orElseThrow()));
            brush.travel(pixels(left), code, ((Travel) move).manner(), span.carrying());
        }
    }

    private boolean isChanged(Move move) {
        return frame.extra()
                .changes()
                .filter(c -> c.moves().contains(move.id()))
                .isPresent();
    }

    private void stroke(Move move) {
        Brush brush = new Brush(g, v.unit());
        MoveSpan span = frame.timeline().move(move.id());
        Color ink = BodyPainter.colour(ground, frame.path().role(move.role()).orElseThrow());
        if (move instanceof Travel travel) {
            List<Point> path = line(move);
            brush.colour(ink);
            if (!span.happens()) {
                brush.dotted(pixels(path));
                brush.openHead(pixels(path));
            } else {
                brush.travel(pixels(path), code, travel.manner(), span.carrying());
                frame.timeline().runOutOf(move.role(), move.id()).ifPresent(l -> brush.runOut(pixels(l)));
                travel.follows().ifPresent(f -> ties(brush, travel, f, span));
            }
            stops(brush, travel);
        } else if (move instanceof Act act) {
            if (span.happens()) {
                brush.colour(ink);
                new DeedMarks(brush, v).paint(act, frame.timeline(), span);
            }
        } else {
            frame.timeline().flightOf(move.id()).ifPresent(f -> flight(brush, move, f));
        }
    }

    /** Where somebody was who goes by others, and where they were then, second by second. */
    private void ties(Brush brush, Travel travel, Following follows, MoveSpan span) {
        double every = Math.max(TIE_SECONDS, span.seconds() / MOST_TIES);
        for (double t = span.start() + every; t < span.end(); t += every) {
            Point2D own = v.toPixels(frame.timeline().placeAt(travel.role(), t));
            for (Mark mark : follows.marks()) {
                Optional<Point> other = frame.timeline().placeOf(mark, t);
                if (other.isPresent()) {
                    Point at = frame.timeline().placeAt(travel.role(), t);
                    double far = Math.max(MOST_TIE_METRES, at.distanceTo(other.get()));
                    Point2D p = v.toPixels(at.towards(other.get(), MOST_TIE_METRES / far));
                    brush.tie(own.getX(), own.getY(), p.getX(), p.getY());
                }
            }
        }
    }

    /** A small square where somebody stops or touches. */
    private void stops(Brush brush, Travel travel) {
        Point2D before = v.toPixels(frame.timeline()
                .placeAt(travel.role(), frame.timeline().move(travel.id()).start()));
        for (Waypoint w : travel.path()) {
            Point2D here = v.toPixels(w.at());
            if (w.foot() != Hand.NONE) {
                brush.plant(
                        here.getX(),
                        here.getY(),
                        here.getX() - before.getX(),
                        here.getY() - before.getY(),
                        w.foot() == Hand.LEFT);
            }
            before = v.toPixels(w.leave());
            if (w.how() == Passing.STOP || w.how() == Passing.TOUCH) {
                Point2D p = v.toPixels(w.at());
                brush.stop(p.getX(), p.getY(), w.how() == Passing.TOUCH);
            }
        }
    }

    private void flight(Brush brush, Move move, Flight flight) {
        List<double[]> line = pixels(flight.path());
        brush.colour(ground.text());
        move.match(
                t -> null,
                pass -> {
                    brush.pass(line, code);
                    if (pass.bank().isPresent() && line.size() == 3) {
                        brush.spark(line.get(1)[0], line.get(1)[1]);
                    }
                    return null;
                },
                shot -> {
                    brush.shot(line, code);
                    return null;
                },
                u -> null,
                w -> null);
    }

    private void glow(Move move) {
        List<Point> path = line(move);
        if (path.size() < 2) {
            return;
        }
        Color accent = ground.alert();
        g.setColor(new Color(accent.getRed(), accent.getGreen(), accent.getBlue(), 80));
        g.setStroke(new BasicStroke((float) (11 * v.unit()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(SurfacePainter.polyline(v, path));
    }

    private List<Point> line(Move move) {
        return Strokes.lineOf(frame, move).orElse(List.of());
    }

    private List<double[]> pixels(List<Point> points) {
        List<double[]> list = new ArrayList<>();
        for (Point p : points) {
            Point2D pixel = v.toPixels(p);
            list.add(new double[] {pixel.getX(), pixel.getY()});
        }
        return list;
    }
}
