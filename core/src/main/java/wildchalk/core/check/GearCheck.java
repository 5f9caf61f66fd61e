package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Segments;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;

/** Finds runs and balls that go through what stands on the surface. */
final class GearCheck {

    private static final Flaw THROUGH_GEAR = Flaw.warn("through-gear");
    private static final Flaw THROUGH_GOAL = Flaw.warn("through-goal");
    private static final Flaw BALL_THROUGH_GEAR = Flaw.warn("ball-through-gear");
    private static final Flaw BALL_THROUGH_GOAL = Flaw.warn("ball-through-goal");

    /** Half a body in passing, m. */
    private static final double HALF_BODY = 0.2;
    /** Half a ball, m. */
    private static final double HALF_BALL = 0.1;

    /** Who goes to a piece of gear has a point of his path so near to it, m. */
    private static final double GOES_TO_IT = 1.2;

    /** Nobody counts what happens in the first and last so many metres: there he stands beside it. */
    private static final double ENDS_METRES = 0.8;

    private static final double LOOK_METRES = 0.1;

    private final RunThrough run;
    private final Timeline timeline;
    private final List<Finding> found = new ArrayList<>();

    private GearCheck(RunThrough run) {
        this.run = run;
        this.timeline = run.timeline();
    }

    static List<Finding> of(RunThrough run) {
        GearCheck check = new GearCheck(run);
        Set<Gear> inTheWay = new HashSet<>(
                run.path().gear().stream().filter(g -> standsInTheWay(g.kind())).toList());
        List<GoalMouth> nets = run.drill().surface().goals().stream()
                .filter(g -> g.shape() == GoalShape.NET || g.shape() == GoalShape.TRIANGLE)
                .toList();
        if (inTheWay.isEmpty() && nets.isEmpty()) {
            return check.found;
        }
        for (Move move : run.path().moves()) {
            if (move instanceof Travel travel) {
                check.travel(travel, inTheWay, nets);
            }
        }
        for (Way way : BallWays.of(run)) {
            if (!way.isHigh()) {
                check.ball(way, inTheWay, nets);
            }
        }
        return check.found;
    }

    /** What nobody steps over or through. */
    private static boolean standsInTheWay(GearKind kind) {
        return switch (kind) {
            case POLE, GOAL, MINI_GOAL, PAD, BOX, MANNEQUIN, SUPPLY -> true;
            case CONE, DISC, HOOP, HURDLE, LADDER, MAT, ROPE -> false;
        };
    }

    /** What even a ball along the ground does not go through; poles are thin and supplies are not shot at. */
    private static boolean stopsABall(GearKind kind) {
        return switch (kind) {
            case GOAL, MINI_GOAL, PAD, BOX, MANNEQUIN -> true;
            default -> false;
        };
    }

    private void travel(Travel travel, Set<Gear> gear, List<GoalMouth> nets) {
        List<Point> way = timeline.pathOf(travel.role(), travel.id()).orElse(List.of());
        if (way.isEmpty()) {
            return;
        }
        for (Gear g : sorted(gear)) {
            boolean comesFromIt = timeline.poseAt(
                            travel.role(), timeline.move(travel.id()).start())
                    .at()
                    .isWithin(GOES_TO_IT, g.at());
            boolean goesToIt = comesFromIt
                    || travel.path().stream().anyMatch(w -> w.leave().isWithin(GOES_TO_IT, g.at()))
                    || travel.path().stream()
                            .anyMatch(w -> w.round().isPresent() && w.at().isWithin(GOES_TO_IT, g.at()));
            if (!goesToIt) {
                first(way, g.at(), reach(g), p -> isOn(g, p, HALF_BODY))
                        .ifPresent(p -> found.add(Finding.of(THROUGH_GEAR, travel.id(), travel.role(), g.id())
                                .at(p, when(travel, p))));
            }
        }
        for (GoalMouth net : nets) {
            first(way, net.centre(), reach(net), p -> isIn(net, p, HALF_BODY / 2))
                    .ifPresent(p -> found.add(Finding.of(THROUGH_GOAL, travel.id(), travel.role())
                            .named(net.id())
                            .at(p, when(travel, p))));
        }
    }

    private List<Gear> sorted(Set<Gear> gear) {
        return run.path().gear().stream().filter(gear::contains).toList();
    }

    private double when(Travel travel, Point at) {
        MoveSpan span = timeline.move(travel.id());
        double best = span.start();
        for (double t = span.start(); t <= span.end(); t += 0.05) {
            if (timeline.poseAt(travel.role(), t).at().distanceTo(at)
                    < timeline.poseAt(travel.role(), best).at().distanceTo(at)) {
                best = t;
            }
        }
        return best;
    }

    private void ball(Way way, Set<Gear> gear, List<GoalMouth> nets) {
        Optional<String> target = way.move() instanceof Shot s ? Optional.of(s.goal()) : Optional.empty();
        List<Point> line = way.flight().path();
        for (Gear g : sorted(gear)) {
            boolean meant = target.equals(Optional.of(g.id().text()));
            if (stopsABall(g.kind()) && !meant) {
                first(line, g.at(), reach(g), p -> isOn(g, p, HALF_BALL))
                        .ifPresent(p -> found.add(Finding.of(
                                        BALL_THROUGH_GEAR,
                                        way.move().id(),
                                        way.move().role(),
                                        g.id())
                                .at(p, way.from())));
            }
        }
        for (GoalMouth net : nets) {
            if (!target.equals(Optional.of(net.id()))) {
                first(line, net.centre(), reach(net), p -> isIn(net, p, 0))
                        .ifPresent(p -> found.add(Finding.of(
                                        BALL_THROUGH_GOAL,
                                        way.move().id(),
                                        way.move().role())
                                .named(net.id())
                                .with(Quantity.METRES, p.distanceTo(way.start()))
                                .at(p, way.from())));
            }
        }
    }

    private static double reach(Gear gear) {
        return gear.size().depthMetres() + gear.size().widthMetres() + HALF_BODY;
    }

    private static double reach(GoalMouth goal) {
        return goal.depthMetres() + goal.widthMetres() + HALF_BODY;
    }

    /** The first place of a line, not near its ends, that is on something; only pieces within its reach are looked at finely. */
    private static Optional<Point> first(List<Point> line, Point centre, double reach, Predicate<Point> isOn) {
        for (int i = 0; i + 1 < line.size(); i++) {
            Point from = line.get(i);
            Point to = line.get(i + 1);
            if (Segments.distance(centre, from, to) < reach) {
                int steps = (int) Math.ceil(from.distanceTo(to) / LOOK_METRES) + 1;
                for (int k = 0; k <= steps; k++) {
                    Point p = from.towards(to, k / (double) steps);
                    boolean atAnEnd =
                            p.isWithin(ENDS_METRES, line.get(0)) || p.isWithin(ENDS_METRES, line.get(line.size() - 1));
                    if (!atAnEnd && isOn.test(p)) {
                        return Optional.of(p);
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** Whether a place is on a piece of gear, or so near (m) that half of whoever is there is on it. */
    private static boolean isOn(Gear gear, Point p, double half) {
        Point off = p.minus(gear.at());
        Point ahead = Point.polar(1, gear.facingDegrees());
        boolean goal = gear.kind().isGoal();
        double along = off.dot(ahead) + (goal ? gear.size().depthMetres() / 2 : 0);
        double aside = off.cross(ahead);
        return Math.abs(along) < gear.size().depthMetres() / 2 + half
                && Math.abs(aside) < gear.size().widthMetres() / 2 + half;
    }

    private static boolean isIn(GoalMouth goal, Point p, double half) {
        Point off = p.minus(goal.centre());
        Point out = Point.polar(1, goal.facingDegrees());
        double front = off.dot(out);
        // a net that narrows has half its width half-way back
        double narrows = goal.shape() == GoalShape.TRIANGLE ? 1 + front / goal.depthMetres() : 1;
        return front < half
                && front > -goal.depthMetres() - half
                && Math.abs(off.cross(out)) < narrows * goal.widthMetres() / 2 + half;
    }
}
