package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Role;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.reps.BallSpot;
import wildchalk.core.reps.Crowd;
import wildchalk.core.reps.Somebody;
import wildchalk.picture.style.Ground;

/** Draws what a picture shows beside its moment: starts and ends of the step, other reps, changes, who is followed. */
final class ExtraPainter {

    private static final float START = 0.35f;
    private static final float END = 0.55f;
    private static final double RING = 19;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;
    private final BodyArt art;

    ExtraPainter(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
        this.art = new BodyArt(g, ground, viewport.unit());
    }

    /** What stays while a step plays. */
    void paintStill() {
        if (frame.extra().onion()
                && frame.currentStep() < frame.timeline().steps().size()) {
            StepSpan span = frame.timeline().steps().get(frame.currentStep());
            bodies(span.start(), START);
            bodies(span.end(), END);
        }
        frame.extra().changes().ifPresent(this::changes);
    }

    /** What moves. */
    void paintMoving() {
        frame.extra().crowd().ifPresent(this::crowd);
        frame.extra()
                .followed()
                .filter(r -> frame.extra().crowd().isEmpty())
                .filter(r -> frame.path().role(r).isPresent())
                .ifPresent(r -> ring(Bodies.of(frame, v, r), ground.alert(), RING, false));
    }

    private void bodies(double t, float share) {
        Composite solid = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, share));
        for (Role role : frame.path().roles()) {
            Pose pose = frame.timeline().poseAt(role.id(), t);
            body(role, pose.at(), pose.facingDegrees());
        }
        g.setComposite(solid);
    }

    private void body(Role role, Point at, double facing) {
        double heading = v.heading(facing);
        Color colour = BodyPainter.colour(ground, role);
        art.nose(v.toPixels(at), heading, colour);
        art.body(v.toPixels(at), heading, role.side(), colour, role.label());
    }

    // ---- many reps ----

    /** Who plays is drawn as in a rep, who walks or waits as those in a line. */
    private void crowd(Crowd all) {
        for (Somebody one : all.people()) {
            frame.path().role(one.role()).filter(r -> !isWhole(one)).ifPresent(r -> waiting(one.at(), r));
        }
        for (Somebody one : all.people()) {
            frame.path()
                    .role(one.role())
                    .filter(r -> isWhole(one))
                    .ifPresent(r -> body(r, one.at(), one.facingDegrees()));
        }
        for (BallSpot ball : all.balls()) {
            Point2D p = v.toPixels(ball.at());
            Point2D at = ball.holderFacing()
                    .map(facing -> Bodies.inHand(v, p, facing))
                    .orElse(p);
            BodyPainter.ball(g, ground, at, Bodies.BALL_RADIUS * v.unit(), v.unit());
        }
    }

    private static boolean isWhole(Somebody one) {
        return one.doing() == Somebody.Doing.PLAYS || one.doing() == Somebody.Doing.STANDS;
    }

    private void waiting(Point at, Role role) {
        double r = Bodies.QUEUE_RADIUS * v.unit();
        Point2D p = v.toPixels(at);
        g.setStroke(new BasicStroke((float) (1.6 * v.unit())));
        g.setColor(BodyPainter.colour(ground, role));
        g.draw(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
    }

    // ---- changes ----

    private void changes(ChangeMarks marks) {
        for (ElementId id : marks.added()) {
            Elements.place(frame.path(), id).ifPresent(p -> {
                Point2D at = v.toPixels(p);
                ring(at, ground.alert(), RING, false);
                sign(at, true);
            });
        }
        marks.movedFrom().forEach((id, from) -> Elements.place(frame.path(), id).ifPresent(to -> moved(from, to)));
        marks.gone().forEach(p -> {
            Point2D at = v.toPixels(p);
            ring(at, ground.quiet(), RING, true);
            sign(at, false);
        });
    }

    private void moved(Point from, Point to) {
        Point2D a = v.toPixels(from);
        Point2D b = v.toPixels(to);
        ring(a, ground.alert(), 0.7 * RING, true);
        g.setStroke(dashed());
        g.draw(new Line2D.Double(a, b));
    }

    private void ring(Point2D at, Color colour, double radius, boolean broken) {
        double r = radius * v.unit();
        g.setColor(colour);
        g.setStroke(broken ? dashed() : new BasicStroke((float) (2.6 * v.unit())));
        g.draw(new Ellipse2D.Double(at.getX() - r, at.getY() - r, 2 * r, 2 * r));
    }

    /** A plus beside what is new, a cross over what is gone. */
    private void sign(Point2D at, boolean plus) {
        double u = v.unit();
        double x = at.getX() + (plus ? 17 * u : 0);
        double y = at.getY() - (plus ? 17 * u : 0);
        double h = (plus ? 6 : 9) * u;
        g.setStroke(new BasicStroke((float) (3 * u), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        if (plus) {
            g.draw(new Line2D.Double(x - h, y, x + h, y));
            g.draw(new Line2D.Double(x, y - h, x, y + h));
        } else {
            g.draw(new Line2D.Double(x - h, y - h, x + h, y + h));
            g.draw(new Line2D.Double(x - h, y + h, x + h, y - h));
        }
    }

    private BasicStroke dashed() {
        float u = (float) v.unit();
        return new BasicStroke(2 * u, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND, 10, new float[] {5 * u, 5 * u}, 0);
    }
}
