package wildchalk.picture.paint;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Pose;

/** Where players and balls are drawn, in pixels: for painting them and for finding what the pointer is on. */
public final class Bodies {

    /** Radius of a body in units. */
    static final double BODY_RADIUS = 12;

    /** Those who wait are drawn smaller. */
    static final double QUEUE_RADIUS = 0.68 * BODY_RADIUS;

    /** Metres between people in a queue. */
    private static final double QUEUE_METRES = WaitingLine.SPACING_METRES;

    /** Radius of a ball in units. */
    static final double BALL_RADIUS = 5.5;

    /** What somebody has to hit is at least this wide, in pixels. */
    private static final double LEAST_TARGET = 24;

    /** A held ball is drawn this far to the left of where the holder looks. */
    public static final double HAND_DEGREES = 38;

    private Bodies() {}

    /** Pixels between the middle of a holder and the middle of the ball. */
    public static double ballOffset(Viewport v) {
        return (BODY_RADIUS + BALL_RADIUS) * v.unit();
    }

    /** The middle of a role's mark; whoever wants those of all asks {@link #all}. */
    public static Point2D of(Frame frame, Viewport v, RoleId role) {
        return frame.extra().area().isPresent() ? spread(frame, v).get(role) : truly(frame, v, role);
    }

    /** The middles of the marks of all roles, in their order. */
    static Map<RoleId, Point2D> all(Frame frame, Viewport v) {
        return frame.extra().area().isPresent() ? spread(frame, v) : where(frame, v);
    }

    private static Map<RoleId, Point2D> where(Frame frame, Viewport v) {
        Map<RoleId, Point2D> at = new LinkedHashMap<>();
        frame.path().roles().forEach(r -> at.put(r.id(), truly(frame, v, r.id())));
        return at;
    }

    private static Point2D truly(Frame frame, Viewport v, RoleId role) {
        return v.toPixels(frame.timeline().poseAt(role, frame.seconds()).at());
    }

    /** In a still picture bodies are so far apart, in radii, that letters can be read. */
    private static final double APART = 1.75;

    private static final int MOST_PUSHES = 12;

    /** In a still picture those who stand in each other are drawn beside each other, as little from where they are as that takes. */
    private static Map<RoleId, Point2D> spread(Frame frame, Viewport v) {
        Map<RoleId, Point2D> at = where(frame, v);
        List<Point2D> all = List.copyOf(at.values());
        double least = APART * BODY_RADIUS * v.unit();
        for (int push = 0; push < MOST_PUSHES; push++) {
            boolean moved = false;
            for (int i = 0; i < all.size(); i++) {
                for (int k = i + 1; k < all.size(); k++) {
                    moved |= pushApart(all.get(i), all.get(k), least);
                }
            }
            if (!moved) {
                break;
            }
        }
        return at;
    }

    private static boolean pushApart(Point2D a, Point2D b, double least) {
        double away = a.distance(b);
        if (away >= least - 0.01) {
            return false;
        }
        // those in one place go apart sideways
        double dx = away > 0.01 ? (b.getX() - a.getX()) / away : 1;
        double dy = away > 0.01 ? (b.getY() - a.getY()) / away : 0;
        double half = (least - away) / 2;
        a.setLocation(a.getX() - dx * half, a.getY() - dy * half);
        b.setLocation(b.getX() + dx * half, b.getY() + dy * half);
        return true;
    }

    /** The middle of a ball's mark: at the shoulder of whoever holds it, else where it is. */
    public static Point2D of(Frame frame, Viewport v, BallId ball) {
        Point2D p = v.toPixels(frame.timeline().ballAt(ball, frame.seconds()));
        Optional<RoleId> holder =
                frame.timeline().ballStateAt(ball, frame.seconds()).holder();
        if (holder.isEmpty()) {
            return frame.extra().area().isPresent() ? offBodies(frame, v, p) : p;
        }
        Pose pose = frame.timeline().poseAt(holder.get(), frame.seconds());
        return inHand(v, p, pose.facingDegrees());
    }

    /** In a still picture a ball that has just been thrown lies beside its thrower and not on his letters. */
    private static Point2D offBodies(Frame frame, Viewport v, Point2D ball) {
        return all(frame, v).entrySet().stream()
                .filter(r -> r.getValue().distance(ball) < BODY_RADIUS * v.unit())
                .findFirst()
                .map(r -> inHand(
                        v,
                        r.getValue(),
                        frame.timeline().poseAt(r.getKey(), frame.seconds()).facingDegrees()))
                .orElse(ball);
    }

    /** Where gear is drawn that somebody carries: on the other side than a ball. */
    static Point2D inOtherHand(Frame frame, Viewport v, RoleId role) {
        double facing = frame.timeline().poseAt(role, frame.seconds()).facingDegrees();
        return beside(v, of(frame, v, role), facing, -HAND_DEGREES);
    }

    /** Where a ball is drawn that is held by a body at a pixel, which looks somewhere. */
    static Point2D inHand(Viewport v, Point2D body, double facingDegrees) {
        return beside(v, body, facingDegrees, HAND_DEGREES);
    }

    private static Point2D beside(Viewport v, Point2D body, double facingDegrees, double handDegrees) {
        double away = ballOffset(v);
        double angle = Math.toRadians(v.heading(facingDegrees) + handDegrees);
        return new Point2D.Double(body.getX() + away * Math.cos(angle), body.getY() - away * Math.sin(angle));
    }

    /** Those who wait behind the first of a line, who is a role; a line that feeds nobody has its first too. */
    static List<Point2D> queue(Viewport v, WaitingLine line) {
        double u = v.unit();
        double r = QUEUE_RADIUS * u;
        double gap = Math.max(QUEUE_METRES, 2.15 * r / v.pixelsPerMetre());
        List<Point2D> places = new ArrayList<>();
        int heads = line.feeds().size();
        for (int i = heads; i < line.standing(); i++) {
            // roles that the line feeds stand at its head, a metre apart
            double behind = Math.max(0, heads - 1) * QUEUE_METRES + (BODY_RADIUS * u + 1.3 * r) / v.pixelsPerMetre();
            double back = i == 0 ? 0 : heads == 0 ? (i - 1) * gap + behind : (i - heads) * gap + behind;
            places.add(v.toPixels(line.at().plus(Point.polar(back, line.facingDegrees() + 180))));
        }
        return places;
    }

    /** The role under a pixel: of those that lie over each other, the one whose middle is nearest. */
    public static Optional<RoleId> roleAt(Frame frame, Viewport v, double x, double y, double slack) {
        double reach = BODY_RADIUS * v.unit() + slack;
        return all(frame, v).entrySet().stream()
                .filter(r -> r.getValue().distance(x, y) <= reach)
                .min(Comparator.comparingDouble(r -> r.getValue().distance(x, y)))
                .map(Map.Entry::getKey);
    }

    /** The ball under a pixel, the nearest of several. */
    public static Optional<BallId> ballAt(Frame frame, Viewport v, double x, double y, double slack) {
        double reach = Math.max(LEAST_TARGET / 2, BALL_RADIUS * v.unit() + slack);
        return frame.path().balls().stream()
                .map(Ball::id)
                .filter(b -> of(frame, v, b).distance(x, y) <= reach)
                .min(Comparator.comparingDouble(b -> of(frame, v, b).distance(x, y)));
    }
}
