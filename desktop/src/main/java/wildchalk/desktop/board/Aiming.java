package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.motion.Goals;
import wildchalk.core.surface.GoalMouth;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Strokes;
import wildchalk.picture.paint.Viewport;

/** What lies under the end of a pull. */
record Aiming(
        Point place,
        Optional<RoleId> role,
        Optional<BallId> looseBall,
        Optional<GoalMouth> goal,
        Optional<WaitingLine> line,
        Optional<Gap> gap,
        Optional<MoveId> flight) {

    /** A fingertip's slack (pixels) around marks. */
    static final double SLACK = 5;

    /** Those who wait are hit this near (pixels) to their line. */
    private static final double QUEUE_PIXELS = 12;

    /** A goal is meant from a little in front of its line to a little behind its net, m. */
    private static final double GOAL_MARGIN = 0.7;

    static Aiming at(Frame frame, Viewport v, double x, double y) {
        Point p = v.toMetres(x, y);
        Optional<RoleId> role = Bodies.roleAt(frame, v, x, y, SLACK);
        Optional<BallId> ball = Bodies.ballAt(frame, v, x, y, SLACK)
                .filter(b -> frame.timeline()
                        .ballStateAt(b, frame.seconds())
                        .match(h -> false, l -> true, f -> false, d -> false));
        Optional<GoalMouth> goal = Goals.all(frame.path(), frame.drill().surface()).stream()
                .filter(g -> isOn(g, p))
                .findFirst();
        double reach = QUEUE_PIXELS / v.pixelsPerMetre();
        Optional<WaitingLine> line = frame.path().lines().stream()
                .filter(l -> role.isEmpty())
                .filter(l -> new Polyline(List.of(l.at(), l.tail())).distanceTo(p) < reach)
                .findFirst();
        Optional<Gap> gap = frame.path().layout().gaps().stream()
                .filter(g -> g.middle().isWithin(reach, p))
                .findFirst();
        Optional<MoveId> flight = Strokes.near(frame, p, reach)
                .filter(m -> frame.path().move(m).orElseThrow().isBallRelease());
        return new Aiming(p, role, ball, goal, line, gap, flight);
    }

    private static boolean isOn(GoalMouth goal, Point p) {
        Point out = Point.polar(1, goal.facingDegrees());
        Point from = p.minus(goal.centre());
        double depth = from.dot(out);
        double across = Math.abs(out.cross(from));
        return depth <= GOAL_MARGIN
                && depth >= -goal.depthMetres() - GOAL_MARGIN
                && across <= goal.widthMetres() / 2 + GOAL_MARGIN;
    }

    /** Which part of the goal the pull ends at, as the shooter sees it. */
    Aim aimFrom(Point shooter) {
        GoalMouth g = goal.orElseThrow();
        double middle = g.widthMetres() / 6;
        Point along = g.rightPost().minus(g.leftPost()).times(1 / g.widthMetres());
        double offset = place.minus(g.centre()).dot(along);
        if (Math.abs(offset) < middle) {
            return Aim.MIDDLE;
        }
        Point post = offset < 0 ? g.leftPost() : g.rightPost();
        Point other = offset < 0 ? g.rightPost() : g.leftPost();
        return shooter.distanceTo(post) <= shooter.distanceTo(other) ? Aim.NEAR : Aim.FAR;
    }
}
