package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.Surface;

/**
 * Finds runs that have not the room to come to a stand: into boards, onto a goal, or further off the surface than the free space
 * that the rules ask for.
 */
final class RunOutCheck {

    private static final Flaw INTO_BOARDS = Flaw.warn("into-boards");
    private static final Flaw INTO_GOAL = Flaw.warn("into-goal");
    private static final Flaw RUN_OFF = Flaw.warn("run-off");

    /** Who comes no faster than this (m/s) has himself in hand. */
    private static final double FAST = 3;

    private final Surface surface;
    private final Timeline timeline;
    private final Clearances clear;
    private final List<GoalMouth> goals;
    private final List<Finding> found = new ArrayList<>();

    private RunOutCheck(RunThrough run) {
        this.surface = run.drill().surface();
        this.timeline = run.timeline();
        this.clear = run.clearances();
        this.goals = Goals.all(run.path(), surface).stream()
                .filter(g -> g.shape() != GoalShape.RING)
                .toList();
    }

    static List<Finding> of(RunThrough run) {
        RunOutCheck check = new RunOutCheck(run);
        for (Move move : run.path().moves()) {
            MoveSpan span = run.timeline().move(move.id());
            if (move instanceof Travel travel && span.happens()) {
                check.look(travel, span);
            }
        }
        return check.found;
    }

    private void look(Travel travel, MoveSpan span) {
        double speed = timeline.poseAt(travel.role(), span.end()).speed();
        List<Point> way = timeline.pathOf(travel.role(), travel.id()).orElse(List.of());
        Optional<List<Point>> after = timeline.runOutOf(travel.role(), travel.id());
        Point end = timeline.poseAt(travel.role(), span.end()).at();
        Point stands = after.map(l -> l.get(l.size() - 1)).orElse(end);
        if (surface.boards()) {
            boards(travel, span, way, end, stands, speed);
        } else if (speed > FAST && beyond(stands) > surface.runOffMetres() && surface.runOffMetres() > 0) {
            found.add(Finding.of(RUN_OFF, travel.id(), travel.role())
                    .with(Quantity.METRES, beyond(stands))
                    .with(Quantity.LIMIT, surface.runOffMetres())
                    .at(stands, span.end()));
        }
        if (speed > FAST && after.isPresent()) {
            goals.stream()
                    .filter(g -> isOnto(g, end, stands))
                    .findFirst()
                    .ifPresent(g -> found.add(Finding.of(INTO_GOAL, travel.id(), travel.role())
                            .with(Quantity.METRES, end.distanceTo(stands))
                            .with(Quantity.SPEED, speed)
                            .at(g.centre(), span.end())));
        }
    }

    /** Through boards, or with less than a metre to stop before them. */
    private void boards(Travel travel, MoveSpan span, List<Point> way, Point end, Point stands, double speed) {
        // who comes from the bench begins outside
        Optional<Point> through = way.stream()
                .dropWhile(p -> !surface.contains(p))
                .filter(p -> !surface.contains(p))
                .findFirst();
        boolean tooNear = speed > FAST && !hasRoom(end, stands);
        if (through.isPresent() && travel.effort().compareTo(Effort.EASY) > 0 || tooNear) {
            found.add(Finding.of(INTO_BOARDS, travel.id(), travel.role())
                    .with(Quantity.METRES, end.distanceTo(stands))
                    .with(Quantity.SPEED, tooNear ? speed : span.peakSpeed())
                    .at(through.orElse(stands), span.end()));
        }
    }

    /** Whether so much room is left straight on from where somebody stands as he needs before something hard. */
    private boolean hasRoom(Point from, Point stands) {
        double length = from.distanceTo(stands);
        Point ahead = length < 1e-6 ? stands : stands.plus(stands.minus(from).times(clear.wallMetres() / length));
        return surface.contains(stands) && surface.contains(ahead);
    }

    /** How far (m) outside the lines somebody is; 0 on the surface. */
    private double beyond(Point p) {
        double x = Math.abs(p.x()) - surface.lengthMetres() / 2;
        double y = Math.abs(p.y()) - surface.widthMetres() / 2;
        return Math.max(0, Math.max(x, y));
    }

    /** Whether somebody who brakes on a straight way meets a post or the net. */
    private boolean isOnto(GoalMouth goal, Point from, Point to) {
        Point out = Point.polar(1, goal.facingDegrees());
        int steps = 20;
        for (int i = 1; i <= steps; i++) {
            Point off = from.towards(to, i / (double) steps).minus(goal.centre());
            double front = off.dot(out);
            double aside = Math.abs(off.cross(out));
            if (front < 0.3 && front > -goal.depthMetres() && aside < goal.widthMetres() / 2 + 0.3) {
                return true;
            }
        }
        return false;
    }
}
