package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;

/** Finds shots that cannot go in, and keepers who look elsewhere or get two balls at once. */
final class ShotCheck {

    private static final Flaw NO_ANGLE = Flaw.warn("no-angle");
    private static final Flaw KEEPER_TWICE = Flaw.warn("keeper-twice");
    private static final Flaw KEEPER_SCREENED = Flaw.note("keeper-screened");
    private static final Flaw SHOT_DRIFTING = Flaw.note("shot-drifting");
    private static final Flaw KEEPER_AWAY = Flaw.warn("keeper-away");

    /** Under this (degrees) nobody who shoots aims at the goal: a mouth of 3 m from 15 m aside and 1.3 m in front. */
    private static final double LEAST_DEGREES = 1;

    /** A keeper needs so long (s) from one ball to the next: to get up or turn, and to see who shoots (estimate). */
    private static final double BETWEEN_SECONDS = 1.2;

    /** A keeper this near his goal (m) minds it. */
    private static final double MINDS_METRES = 5;

    /** What is further aside than this (degrees) is not seen, whatever moves there. */
    private static final double SEES_DEGREES = 90;

    /** Over so long (s) before the shot it is seen which way the shooter goes. */
    private static final double DRIFT_SECONDS = 0.1;

    /** A step backwards is no drifting: faster than this (m/s) away from the goal is (estimate). */
    private static final double DRIFT_SPEED = 1.5;

    /** Half a body hides a ball: so near to the line from ball to keeper, m. */
    private static final double SCREENS_METRES = 0.3;

    /** Who is nearer than this (m) to the ball or the keeper is at it. */
    private static final double BESIDE_METRES = 1;

    private final RunThrough run;
    private final Path path;
    private final Timeline timeline;
    private final List<Finding> found = new ArrayList<>();

    private ShotCheck(RunThrough run) {
        this.run = run;
        this.path = run.path();
        this.timeline = run.timeline();
    }

    static List<Finding> of(RunThrough run) {
        ShotCheck check = new ShotCheck(run);
        List<Way> shots = BallWays.of(run).stream().filter(Way::isShot).toList();
        shots.forEach(check::angle);
        shots.forEach(check::looks);
        shots.forEach(check::drifts);
        shots.forEach(check::screened);
        check.twice(shots);
        return check.found;
    }

    private Optional<GoalMouth> goal(Way shot) {
        return Goals.find(path, run.drill().surface(), ((Shot) shot.move()).goal());
    }

    private void angle(Way shot) {
        goal(shot).filter(g -> g.shape() != GoalShape.RING).ifPresent(g -> {
            double open = g.openAngleDegrees(shot.start());
            if (open < LEAST_DEGREES) {
                found.add(Finding.of(NO_ANGLE, shot.move().id(), shot.move().role())
                        .with(Quantity.DEGREES, open)
                        .at(shot.start(), shot.from()));
            }
        });
    }

    /** A shooter who is carried away from the goal as he shoots. */
    private void drifts(Way shot) {
        goal(shot).filter(g -> g.shape() != GoalShape.RING).ifPresent(g -> {
            double before = Math.max(0, shot.from() - DRIFT_SECONDS);
            Point way = timeline.placeAt(shot.move().role(), shot.from())
                    .minus(timeline.placeAt(shot.move().role(), before));
            Point off = shot.start().minus(g.centre());
            double away = off.length() < 1 || shot.from() <= before
                    ? 0
                    : way.dot(off) / off.length() / (shot.from() - before);
            if (away > DRIFT_SPEED) {
                found.add(
                        Finding.of(SHOT_DRIFTING, shot.move().id(), shot.move().role())
                                .with(Quantity.SPEED, away)
                                .at(shot.start(), shot.from()));
            }
        });
    }

    private Optional<Role> keeper(Way shot, double t) {
        return goal(shot)
                .flatMap(g -> path.roles().stream()
                        .filter(r -> r.side() == Side.KEEPER)
                        .filter(r -> timeline.poseAt(r.id(), t).at().isWithin(MINDS_METRES, g.centre()))
                        .findFirst());
    }

    /** A keeper who looks away as the ball leaves. */
    private void looks(Way shot) {
        keeper(shot, shot.from()).ifPresent(keeper -> {
            Pose pose = timeline.poseAt(keeper.id(), shot.from());
            Point to = shot.start().minus(pose.at());
            double aside = Headings.between(to.headingDegrees(), pose.facingDegrees());
            if (aside > SEES_DEGREES && to.length() > 1) {
                found.add(Finding.of(
                                KEEPER_AWAY,
                                shot.move().id(),
                                keeper.id(),
                                shot.move().role())
                        .with(Quantity.DEGREES, aside)
                        .at(pose.at(), shot.from()));
            }
        });
    }

    /** Somebody between the ball and the keeper who sees it only when it has passed him; a screen that is told is meant. */
    private void screened(Way shot) {
        keeper(shot, shot.from()).ifPresent(keeper -> {
            Point eyes = timeline.placeAt(keeper.id(), shot.from());
            for (Role role : path.roles()) {
                Point body = timeline.placeAt(role.id(), shot.from());
                Point line = eyes.minus(shot.start());
                double along = body.minus(shot.start()).dot(line) / Math.max(1e-6, line.length());
                double aside = Math.abs(body.minus(shot.start()).cross(line)) / Math.max(1e-6, line.length());
                boolean between =
                        along > BESIDE_METRES && along < line.length() - BESIDE_METRES && aside < SCREENS_METRES;
                boolean other = !role.id().equals(keeper.id())
                        && !role.id().equals(shot.move().role());
                if (between && other && !screens(role)) {
                    found.add(Finding.of(KEEPER_SCREENED, shot.move().id(), role.id(), keeper.id())
                            .with(Quantity.NEARNESS, body.distanceTo(eyes))
                            .at(body, shot.from()));
                }
            }
        });
    }

    private boolean screens(Role role) {
        return path.moves().stream()
                .anyMatch(m -> m.role().equals(role.id()) && m instanceof Act a && a.deed() instanceof Deed.Screening);
    }

    /** Two balls at one goal, the second before the keeper has done with the first. */
    private void twice(List<Way> shots) {
        for (int i = 0; i < shots.size(); i++) {
            for (int k = 0; k < shots.size(); k++) {
                Way first = shots.get(i);
                Way second = shots.get(k);
                double between = second.to() - first.to();
                boolean after = between > 0 || between == 0 && i < k;
                boolean one = ((Shot) first.move()).goal().equals(((Shot) second.move()).goal());
                boolean own = !first.ball().equals(second.ball());
                if (after && one && own && between < BETWEEN_SECONDS) {
                    keeper(second, second.to())
                            .ifPresent(keeper -> found.add(Finding.of(
                                            KEEPER_TWICE,
                                            second.move().id(),
                                            first.move().id(),
                                            keeper.id())
                                    .with(Quantity.BETWEEN, between)
                                    .at(second.end(), second.to())));
                }
            }
        }
    }
}
