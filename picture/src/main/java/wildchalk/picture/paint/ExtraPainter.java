package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rotation;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.StepSpan;
import wildchalk.picture.style.Ground;

/** Draws what a picture shows beside its moment: starts and ends of the step, other reps, changes, who is followed. */
final class ExtraPainter {

    private static final float START = 0.35f;
    private static final float END = 0.55f;
    private static final float OTHER_REP = 0.6f;
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
            bodies(span.start(), START, false);
            bodies(span.end(), END, false);
        }
        frame.extra().changes().ifPresent(this::changes);
    }

    /** What moves. */
    void paintMoving() {
        for (double t : frame.extra().otherReps()) {
            bodies(t, OTHER_REP, true);
        }
        frame.extra()
                .followed()
                .filter(r -> frame.path().role(r).isPresent())
                .ifPresent(r -> ring(Bodies.of(frame, v, r), ground.alert(), RING, false));
    }

    private void bodies(double t, float share, boolean otherRep) {
        Composite solid = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, share));
        for (Role role : frame.path().roles()) {
            if (!otherRep || !stays(role)) {
                Pose pose = frame.timeline().poseAt(role.id(), t);
                double facing = v.heading(pose.facingDegrees());
                art.body(v.toPixels(pose.at()), facing, role.side(), BodyPainter.colour(ground, role), role.label());
            }
        }
        if (otherRep) {
            Frame other = frame.at(t);
            for (BallId ball : frame.timeline().ballIds()) {
                BodyPainter.ball(g, ground, Bodies.of(other, v, ball), Bodies.BALL_RADIUS * v.unit(), v.unit());
            }
        }
        g.setComposite(solid);
    }

    /** The same person in every rep. */
    private boolean stays(Role role) {
        return frame.path().course().rotation().stream()
                .anyMatch(r -> r.role().equals(role.id()) && r.how() == Rotation.How.STAY);
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
