package wildchalk.core.motion;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Target;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;

/** Where a ball that is passed or shot goes, and where whoever is meant to have it meets it. */
final class BallAim {

    /** A shot that misses passes the post by this much, m. */
    private static final double MISS_METRES = 0.8;

    /** A ball that is dodged goes past somebody this far off, and lies so much further on, m (estimates). */
    private static final double PAST_METRES = 0.7;

    private static final double BEYOND_METRES = 3;

    private final Simulation run;

    BallAim(Simulation run) {
        this.run = run;
    }

    /** Decides who is meant to have it, and sends it. Empty for a shot at a goal that is not there. */
    Optional<Flight> send(Job job, BallRun ball, Point from, double t) {
        ball.receiver = null;
        ball.lane = null;
        ball.rebounding = false;
        if (job.move instanceof Pass drawn) {
            Pass pass = withWhoIsAhead(job, drawn, from, t);
            ball.lane = new Lane(pass, run.surface, run.pace, from, t, ball.kind.share());
            ball.receiver = pass.to().match(role -> run.runners.get(role.role()), place -> null);
            return Optional.of(ball.lane.plain(pass.to().match(role -> from, place -> place.at())));
        }
        Shot shot = (Shot) job.move;
        if (shot.at().isPresent()) {
            return Optional.of(atSomebody(ball, shot, run.runners.get(shot.at().get()), from, t));
        }
        Optional<GoalMouth> goal = Goals.find(run.path, run.surface, shot.goal());
        if ((shot.end() == ShotEnd.SAVE || shot.end() == ShotEnd.COVER) && goal.isPresent()) {
            ball.receiver = keeperAt(goal.get(), t).orElse(null);
        }
        double speed = ball.kind.share() * run.pace.shotSpeed(shot.weight());
        return goal.map(g -> new Flight(
                t,
                from,
                shot.end() == ShotEnd.MISS && !comesOff(shot, g)
                        ? past(g, shot, from)
                        : Goals.target(g, shot.aim(), from),
                speed,
                0,
                true));
    }

    /** At where he will be when it is there, as he runs now; one that misses goes past him. */
    private Flight atSomebody(BallRun ball, Shot shot, Runner target, Point from, double t) {
        double speed = ball.kind.share() * run.pace.shotSpeed(shot.weight());
        Flight straight = new Flight(t, from, target.at(t), speed, 0, true);
        OptionalDouble meets = Intercepts.earliest(straight, target::at, target.fastest());
        Point there = target.at(meets.orElse(t));
        switch (shot.end()) {
            case SAVE, COVER -> ball.receiver = target;
            case MISS -> {
                Point way = there.minus(from);
                Point aside = Point.polar(PAST_METRES, way.headingDegrees() + 90);
                return straight.withTo(there.plus(aside).plus(way.times(BEYOND_METRES / Math.max(1, way.length()))));
            }
            default -> {}
        }
        return straight.withTo(there);
    }

    /** To whoever is further ahead as it is sent: furthest the way in which those lie of whom it may be. */
    private Pass withWhoIsAhead(Job job, Pass pass, Point from, double t) {
        List<RoleId> named = pass.to().match(Target.ToRole::among, place -> List.<RoleId>of());
        List<RoleId> among = named.stream().filter(r -> !r.equals(pass.role())).toList();
        if (among.isEmpty()) {
            return pass;
        }
        Point sum = Point.ORIGIN;
        for (RoleId role : among) {
            sum = sum.plus(run.runners.get(role).at(t).minus(from));
        }
        Point ahead = sum;
        RoleId first = wonBy(among, job.step)
                .orElseGet(() -> among.stream()
                        .max(Comparator.comparingDouble(
                                r -> run.runners.get(r).at(t).minus(from).dot(ahead)))
                        .orElseThrow());
        job.sent = pass.withTo(new Target.ToRole(first, named));
        return job.sent;
    }

    /**
     * Who is first among some on a way that somebody wants to see, whatever the clock has: from the step on in which they race, and not
     * before.
     */
    private Optional<RoleId> wonBy(List<RoleId> among, int step) {
        List<StepId> order = run.path.steps().stream().map(Step::id).toList();
        return run.path.course().forks().stream()
                .filter(f -> order.indexOf(f.after()) <= step)
                .filter(f ->
                        f.race().isPresent() && run.path.choices().branches().containsKey(f.id()))
                .flatMap(f -> f.branches().get(0).winner().stream())
                .filter(among::contains)
                .findFirst();
    }

    /** Whether a ball that does not go in comes back into play: off a ring always, off a post where the coach says so. */
    static boolean comesOff(Shot shot, GoalMouth goal) {
        return goal.shape() == GoalShape.RING || shot.rebound().isPresent();
    }

    private Optional<Runner> keeperAt(GoalMouth goal, double t) {
        return run.runners.values().stream()
                .filter(r -> r.role.side() == Side.KEEPER)
                .min(Comparator.comparingDouble(r -> r.at(t).distanceTo(goal.centre())));
    }

    private static Point past(GoalMouth goal, Shot shot, Point from) {
        Point aimed = Goals.target(goal, shot.aim(), from);
        double nearer = aimed.distanceTo(goal.rightPost()) - aimed.distanceTo(goal.leftPost());
        // one aimed at the middle goes past the far post
        boolean left = Math.abs(nearer) > 1e-6
                ? nearer > 0
                : from.distanceTo(goal.leftPost()) >= from.distanceTo(goal.rightPost());
        Point post = left ? goal.leftPost() : goal.rightPost();
        Point out = post.minus(goal.centre());
        return post.plus(out.times(MISS_METRES / Math.max(0.1, out.length())));
    }

    /** Where and when a ball under way is met, or comes down. Sets when it is met, and whether it is lost. */
    Flight flight(BallRun ball) {
        ball.lost = false;
        return ball.receiver != null ? toReceiver(ball) : toPlace(ball);
    }

    private Flight toReceiver(BallRun ball) {
        Flight flight = ball.flight();
        Runner receiver = ball.receiver;
        Lane lane = ball.lane;
        if (lane != null && !lane.isPlain()) {
            OptionalDouble meeting = Intercepts.earliest(
                    flight.start(),
                    p -> lane.to(p).map(f -> f.end() - f.start()).orElse(Double.POSITIVE_INFINITY),
                    receiver::at);
            if (meeting.isPresent()) {
                ball.meets = meeting.getAsDouble();
                return lane.to(receiver.at(ball.meets)).orElseThrow();
            }
            ball.lost = true;
            ball.meets = Double.NaN;
            Flight straight = lane.plain(receiver.at(flight.start()));
            return straight.withTo(lostAt(straight, receiver.at(flight.start()), lane.reach()));
        }
        OptionalDouble meeting = Intercepts.earliest(flight, receiver::at, receiver.fastest());
        ball.lost = meeting.isEmpty();
        ball.meets = meeting.orElse(Double.NaN);
        Point to = meeting.isPresent()
                ? receiver.at(meeting.getAsDouble())
                : lostAt(flight, receiver.at(flight.start()), Double.POSITIVE_INFINITY);
        return flight.withTo(to);
    }

    private Flight toPlace(BallRun ball) {
        Flight flight = ball.flight();
        ball.meets = Double.NaN;
        if (ball.lane != null && !ball.lane.isPlain()) {
            Optional<Flight> found = ball.lane.to(flight.to());
            if (found.isPresent() && found.get().length() <= found.get().range()) {
                return found.get();
            }
            ball.lost = true;
            double far = Math.min(
                    flight.from().distanceTo(flight.to()), 0.999 * Math.min(ball.lane.reach(), flight.range()));
            double whole = flight.from().distanceTo(flight.to());
            Flight shorter = flight.withTo(whole > 0 ? flight.from().towards(flight.to(), far / whole) : flight.to());
            return ball.lane
                    .to(shorter.to())
                    .filter(f -> Double.isFinite(f.end()))
                    .orElse(shorter);
        }
        double whole = flight.from().distanceTo(flight.to());
        if (whole > flight.range()) {
            ball.lost = true;
            return flight.withTo(flight.from().towards(flight.to(), flight.range() / whole));
        }
        return flight;
    }

    private static Point lostAt(Flight flight, Point receiver, double most) {
        double gap = flight.from().distanceTo(receiver);
        double reach = Math.min(gap, 0.999 * Math.min(most, flight.range()));
        return gap > 0 ? flight.from().towards(receiver, reach / gap) : receiver;
    }
}
