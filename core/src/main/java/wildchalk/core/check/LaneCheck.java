package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Segments;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;

/**
 * Finds people in the way of balls: team-mates, coaches and queues in the line of a shot or behind its goal, and anybody whose
 * body a pass would have to go through.
 */
final class LaneCheck {

    private static final Flaw SHOT_LANE = Flaw.warn("shot-lane");
    private static final Flaw SHOT_LANE_LINE = Flaw.warn("shot-lane-line");
    private static final Flaw BEHIND_GOAL = Flaw.warn("behind-goal");
    private static final Flaw BEHIND_GOAL_LINE = Flaw.warn("behind-goal-line");
    private static final Flaw PASS_BLOCKED = Flaw.warn("pass-blocked");
    private static final Flaw PASS_BLOCKED_LINE = Flaw.warn("pass-blocked-line");

    /** Half a body and half a ball, m: nearer than this a ball meets it. */
    private static final double BODY_METRES = 0.35;

    /** Nobody is faster, m/s. */
    private static final double FASTEST = 12;

    /** Whoever of the shooter's side is so near the goal (m) is there for the rebound. */
    private static final double AT_GOAL_METRES = 8;

    private static final Set<String> OVER_A_NET = Set.of("volleyball", "beach-volleyball", "tennis");

    private final RunThrough run;
    private final Path path;
    private final Timeline timeline;
    private final Clearances clear;
    /** Over a net everything is played above the heads. */
    private final boolean isInTheAir;

    private final List<Finding> found = new ArrayList<>();

    private LaneCheck(RunThrough run) {
        this.run = run;
        this.path = run.path();
        this.timeline = run.timeline();
        this.clear = run.clearances();
        this.isInTheAir = OVER_A_NET.contains(run.drill().surface().sport());
    }

    static List<Finding> of(RunThrough run) {
        LaneCheck check = new LaneCheck(run);
        for (Way way : BallWays.of(run)) {
            if (way.isShot()) {
                check.shot(way);
            } else if (!way.isHigh() && !check.isInTheAir && !isGiven(way)) {
                check.pass(way);
            }
        }
        return check.found;
    }

    private static boolean isGiven(Way way) {
        return way.pass().filter(p -> p.kind() == PassKind.HAND_OFF).isPresent();
    }

    // ---- shots ----

    private void shot(Way way) {
        Optional<GoalMouth> goal = Goals.find(path, run.drill().surface(), ((Shot) way.move()).goal());
        if (goal.isEmpty() || goal.get().shape() == GoalShape.RING) {
            return; // a shot at a ring goes over everybody
        }
        for (Role role : path.roles()) {
            if (!isPartOf(role, way)) {
                nearest(role.id(), way)
                        .filter(n -> n.metres() < clear.laneMetres() && !isAtGoal(role, way, n.at(), goal.get()))
                        .ifPresent(n -> found.add(Finding.of(
                                        SHOT_LANE, way.move().id(), way.move().role(), role.id())
                                .with(Quantity.NEARNESS, n.metres())
                                .at(n.at(), n.seconds())));
                Point stands = timeline.poseAt(role.id(), way.to()).at();
                // where there is play behind the goal, whoever plays may be there
                boolean plays = role.side() != Side.COACH
                        && role.side() != Side.NEUTRAL
                        && run.drill().surface().contains(stands);
                behind(goal.get(), stands)
                        .filter(m -> !plays)
                        .ifPresent(m -> found.add(Finding.of(
                                        BEHIND_GOAL, way.move().id(), way.move().role(), role.id())
                                .with(Quantity.NEARNESS, m)
                                .at(stands, way.to())));
            }
        }
        for (WaitingLine line : path.lines()) {
            List<Point> people = waiting(line);
            people.stream()
                    .filter(p -> Segments.distance(p, way.start(), way.end()) < clear.laneMetres()
                            && p.distanceTo(way.start()) > BallWays.AT_HAND_METRES)
                    .findFirst()
                    .ifPresent(p -> found.add(Finding.of(
                                    SHOT_LANE_LINE, way.move().id(), way.move().role(), line.id())
                            .with(Quantity.NEARNESS, Segments.distance(p, way.start(), way.end()))
                            .at(p, way.from())));
            people.stream()
                    .filter(p -> behind(goal.get(), p).isPresent())
                    .findFirst()
                    .ifPresent(p -> found.add(Finding.of(
                                    BEHIND_GOAL_LINE,
                                    way.move().id(),
                                    way.move().role(),
                                    line.id())
                            .with(Quantity.NEARNESS, behind(goal.get(), p).orElseThrow())
                            .at(p, way.from())));
        }
    }

    /** Whether the game puts somebody there: the shooter, an opponent, the keeper, who screens or goes for the rebound. */
    private boolean isPartOf(Role role, Way way) {
        Side shooter = path.role(way.move().role()).map(Role::side).orElse(Side.NEUTRAL);
        boolean opponent = role.side() == Side.KEEPER
                || role.side() == Side.DEFENCE && shooter == Side.ATTACK
                || role.side() == Side.ATTACK && shooter == Side.DEFENCE;
        return role.id().equals(way.move().role())
                || opponent
                || path.moves().stream().anyMatch(m -> isForIt(m, role));
    }

    /** Whether somebody of the shooter's side is in front of the goal: there for the rebound, or to screen. */
    private boolean isAtGoal(Role role, Way way, Point at, GoalMouth goal) {
        Side shooter = path.role(way.move().role()).map(Role::side).orElse(Side.NEUTRAL);
        return role.side() == shooter
                && shooter != Side.COACH
                && at.isWithin(AT_GOAL_METRES, goal.centre())
                && goal.openAngleDegrees(at) > 0;
    }

    private static boolean isForIt(Move move, Role role) {
        return move.role().equals(role.id())
                && (move instanceof Shot s && s.oneTouch()
                        || move instanceof Act a
                                && (a.deed() instanceof Deed.Screening
                                        || a.deed() instanceof Deed.Contest c && c.kind() == Deed.Kind.REBOUND));
    }

    /** How far (m) behind a goal and within its width somebody stands; empty for one who is not behind it. */
    private Optional<Double> behind(GoalMouth goal, Point at) {
        Point out = Point.polar(1, goal.facingDegrees());
        Point off = at.minus(goal.centre());
        double back = -off.dot(out) - goal.depthMetres();
        double aside = Math.abs(off.cross(out));
        return back > 0 && back < clear.behindMetres() && aside < goal.widthMetres() / 2 + clear.laneMetres()
                ? Optional.of(back)
                : Optional.empty();
    }

    /** Those who stand in a line and have no part in the rep. */
    private static List<Point> waiting(WaitingLine line) {
        List<Point> people = new ArrayList<>();
        for (int i = line.feeds().size(); i < line.standing(); i++) {
            people.add(line.at().plus(Point.polar(i * WaitingLine.SPACING_METRES, line.facingDegrees() + 180)));
        }
        return people;
    }

    // ---- passes ----

    private void pass(Way way) {
        Optional<RoleId> receiver = way.pass().flatMap(p -> p.receiver());
        double least = isHard(way) ? BODY_METRES + 0.1 : BODY_METRES;
        for (Role role : path.roles()) {
            boolean concerned = role.id().equals(way.move().role()) || receiver.equals(Optional.of(role.id()));
            if (!concerned && !winsIt(role.id())) {
                nearest(role.id(), way)
                        .filter(n -> n.metres() < least)
                        .filter(n -> n.at().distanceTo(way.end()) > BallWays.AT_HAND_METRES)
                        .ifPresent(n -> found.add(Finding.of(
                                        PASS_BLOCKED,
                                        way.move().id(),
                                        way.move().role(),
                                        role.id())
                                .with(Quantity.NEARNESS, n.metres())
                                .at(n.at(), n.seconds())));
            }
        }
        for (WaitingLine line : path.lines()) {
            waiting(line).stream()
                    .filter(p -> toWay(p, way) < least)
                    .filter(p -> p.distanceTo(way.end()) > BallWays.AT_HAND_METRES
                            && p.distanceTo(way.start()) > BallWays.AT_HAND_METRES)
                    .findFirst()
                    .ifPresent(p -> found.add(Finding.of(
                                    PASS_BLOCKED_LINE,
                                    way.move().id(),
                                    way.move().role(),
                                    line.id())
                            .with(Quantity.NEARNESS, toWay(p, way))
                            .at(p, way.from())));
        }
    }

    private static boolean isHard(Way way) {
        return way.pass().filter(p -> p.weight() == Weight.HARD).isPresent();
    }

    /** Whether it is told that somebody wins a ball: then he is meant to be in its way. */
    private boolean winsIt(RoleId role) {
        return path.moves().stream()
                .anyMatch(m -> m instanceof Act a
                        && (a.deed() instanceof Deed.Contest || a.deed() instanceof Challenge)
                        && (m.role().equals(role) || m.others().contains(role)));
    }

    // ---- how near ----

    /** How near (m) a ball comes to somebody, where he is then, and when. */
    private record Near(double metres, Point at, double seconds) {}

    /**
     * When a ball is nearest to somebody, once it is out of the hand that sent it; empty where it comes no nearer than anybody asks
     * for. Looked at no finer than the distance asks for.
     */
    private Optional<Near> nearest(RoleId role, Way way) {
        Near best = null;
        double least = clear.laneMetres();
        double fastest = way.flight().speed() + FASTEST;
        for (double t = way.from(); t <= way.to(); ) {
            Point ball = timeline.ballAt(way.ball(), t);
            Point body = timeline.placeAt(role, t);
            double metres = ball.distanceTo(body);
            if (metres < least && !ball.isWithin(BallWays.AT_HAND_METRES, way.start())) {
                best = new Near(metres, body, t);
                least = metres;
            }
            t += Math.max(BallWays.LOOK_SECONDS, (metres - least) / fastest);
        }
        return Optional.ofNullable(best);
    }

    private static double toWay(Point p, Way way) {
        List<Point> line = way.flight().path();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < line.size(); i++) {
            least = Math.min(least, Segments.distance(p, line.get(i), line.get(i + 1)));
        }
        return least;
    }
}
