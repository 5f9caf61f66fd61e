package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import java.util.Map;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Pose;
import wildchalk.picture.style.Ground;

/** Draws players and balls. Sides differ by shape and fill as well as by colour. */
final class BodyPainter {

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;
    private final BodyArt art;

    BodyPainter(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
        this.art = new BodyArt(g, ground, viewport.unit());
    }

    /** While reps follow one another, those who wait and those who play are the crowd's. */
    void paintQueues() {
        if (frame.extra().crowd().isEmpty()) {
            frame.path().lines().forEach(this::queue);
        }
    }

    void paintBodies() {
        if (frame.extra().crowd().isPresent()) {
            return;
        }
        Map<RoleId, Point2D> at = Bodies.all(frame, v);
        for (Role role : frame.path().roles()) {
            Pose pose = frame.timeline().poseAt(role.id(), frame.seconds());
            if (frame.extra().shows(pose.at(), Bodies.BODY_RADIUS * v.unit() / v.pixelsPerMetre())) {
                body(role, pose, at.get(role.id()));
            }
        }
        frame.path().balls().forEach(this::ball);
    }

    private void queue(WaitingLine line) {
        double r = Bodies.QUEUE_RADIUS * v.unit();
        Color colour = line.feeds().isEmpty()
                ? ground.quiet()
                : frame.path()
                        .role(line.feeds().get(0))
                        .map(first -> colour(ground, first))
                        .orElse(ground.side(Side.NEUTRAL));
        g.setStroke(new BasicStroke((float) (1.6 * v.unit())));
        g.setColor(colour);
        for (Point2D p : Bodies.queue(v, line)) {
            if (!frame.extra().shows(v.toMetres(p.getX(), p.getY()), r / v.pixelsPerMetre())) {
                continue;
            }
            g.draw(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
        }
    }

    private void body(Role role, Pose pose, Point2D p) {
        double facing = v.heading(pose.facingDegrees());
        Color colour = colour(ground, role);
        art.nose(p, facing, colour);
        boolean white = role.team().filter(ground::isOutlined).isPresent();
        art.body(p, facing, role.side(), colour, white, role.label());
    }

    /** A role's bib, or the colour of its side. */
    static Color colour(Ground ground, Role role) {
        return role.team().map(ground::chalk).orElseGet(() -> ground.side(role.side()));
    }

    private void ball(Ball ball) {
        BallState state = frame.timeline().ballStateAt(ball.id(), frame.seconds());
        Point2D p = Bodies.of(frame, v, ball.id());
        if (!frame.extra().shows(v.toMetres(p.getX(), p.getY()), 0)) {
            return;
        }
        boolean lofted = state.match(h -> false, l -> false, f -> f.flight().inAir(), d -> false);
        ball(g, ground, ball.kind(), p, Bodies.BALL_RADIUS * v.unit() * (lofted ? 1.12 : 1), v.unit());
    }

    private static double size(BallKind kind) {
        return switch (kind) {
            case USUAL, SOFT, HEAVY -> 1;
            case SMALL -> 0.72;
            case BIG -> 1.35;
        };
    }

    /** A soft one has a hole, a heavy one a cross: not told by colour. */
    private static void mark(Graphics2D g, Ground ground, BallKind kind, Point2D p, double r, double unit) {
        g.setColor(ground.floor());
        if (kind == BallKind.SOFT) {
            g.fill(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
        } else if (kind == BallKind.HEAVY) {
            g.setStroke(new BasicStroke((float) (1.6 * unit)));
            g.draw(new Line2D.Double(p.getX() - r, p.getY(), p.getX() + r, p.getY()));
            g.draw(new Line2D.Double(p.getX(), p.getY() - r, p.getX(), p.getY() + r));
        }
    }

    static void ball(Graphics2D g, Ground ground, Point2D p, double radius, double unit) {
        ball(g, ground, BallKind.USUAL, p, radius, unit);
    }

    static void ball(Graphics2D g, Ground ground, BallKind kind, Point2D p, double radius, double unit) {
        double r = radius * size(kind);
        g.setColor(ground.ball());
        g.fill(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
        g.setColor(ground.floor());
        g.setStroke(new BasicStroke((float) (1.2 * unit)));
        g.draw(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r));
        mark(g, ground, kind, p, 0.45 * r, unit);
    }
}
