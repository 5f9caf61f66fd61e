package wildchalk.core.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;

/** What is done with balls while a timeline is compiled: passes, shots, catches, pick-ups. */
final class BallPlay {

    /** A rebound comes down so far in front of the goal, m (estimate). */
    private static final double REBOUND_METRES = 2.5;
    /** A rebound is this much slower than the shot (estimate). */
    private static final double REBOUND_SHARE = 0.35;

    /** A ball that is won comes to the winner's hand or stick so fast, m/s (estimate). */
    private static final double WON_SPEED = 5;

    /** A keeper beats a ball away so far, m, at such an angle to where the goal looks (estimate). */
    private static final double PARRY_METRES = 4;

    private static final double PARRY_DEGREES = 55;
    /** After a ball is down it is taken, s: so that it has come to rest first. */
    private static final double LANDED_SECONDS = 1e-3;

    private final Simulation run;
    private final BallAim aim;
    /** Balls that have come off a goal. */
    private final Set<BallRun> cameBack = new HashSet<>();

    final List<BallRun> balls = new ArrayList<>();
    final List<Happening> happenings = new ArrayList<>();
    private final Deque<Job> pickUpsWaiting = new ArrayDeque<>();
    private final List<AreaPass> areaPasses = new ArrayList<>();
    private final List<Rule.Limit> touches;

    /** A pass to a spot that came down before its runner did. */
    private record AreaPass(Job job, BallRun ball, Runner runner, Point spot, double landed, double gap, Watch watch) {}

    BallPlay(Simulation run) {
        this.run = run;
        this.aim = new BallAim(run);
        this.touches = run.path.course().limits().stream()
                .filter(l -> l.kind() == Rule.Kind.TOUCHES && l.bound() != Rule.Bound.AT_LEAST)
                .toList();
    }

    void setOut(Ball ball) {
        BallRun fresh = new BallRun(ball);
        balls.add(fresh);
        fresh.set(ball.start()
                .match(with -> new BallState.Held(0, with.role()), loose -> new BallState.Loose(0, loose.at())));
        fresh.state().holder().ifPresent(r -> run.runners.get(r).holds.add(fresh));
    }

    void forget(Collection<Job> hopeless) {
        pickUpsWaiting.removeAll(hopeless);
        hopeless.forEach(job -> job.runner.waitingForBall.remove(job));
    }

    /** When a role that holds a ball can let it go. */
    double readyToRelease(BallRun ball, Job job) {
        return ball.heldSince + run.pace.controlSeconds(job.isOneTouch(), touchLimit(job.runner, ball.heldSince));
    }

    /** The fewest touches that somebody is allowed where he has the ball; 0 for any. */
    private int touchLimit(Runner runner, double t) {
        return touches.stream()
                .filter(l -> l.isFor(run.path, runner.role.id()))
                .filter(l -> l.zone()
                        .map(z -> Zones.find(run.path, run.surface, z, firstAt(t))
                                .filter(zone -> zone.contains(runner.at(t)))
                                .isPresent())
                        .orElse(true))
                .mapToInt(Rule.Limit::number)
                .min()
                .orElse(0);
    }

    /** Where the ball is that zones go with. */
    private Optional<Point> firstAt(double t) {
        return balls.stream().findFirst().map(b -> b.at(t, run.runners));
    }

    // ---- picking up ----

    Void startPickUp(Job job, double t) {
        PickUp pickUp = (PickUp) job.move;
        Optional<BallRun> near = freeNear(job.runner.at(t), Pace.REACH_METRES);
        if (near.isEmpty()) {
            park(job);
            return null;
        }
        job.parked = false;
        boolean onTheRun = pickUp.how() == PickUpKind.SCOOP && job.runner.goesOn();
        if (!onTheRun) {
            job.runner.stand(t);
        }
        take(near.get(), job.runner, t, Happening.Kind.PICKED_UP, job);
        run.endsAfter(job, t, run.pace.pickUpSeconds(pickUp.how()), onTheRun);
        return null;
    }

    /** Until a ball lies where it can be had. */
    void park(Job job) {
        job.parked = true;
        pickUpsWaiting.add(job);
    }

    /** The nearest loose ball within reach; without one, the nearest that lies in a goal. */
    Optional<BallRun> freeNear(Point place, double reach) {
        Optional<BallRun> loose = nearest(place, reach, BallState.Loose.class);
        return loose.isPresent() ? loose : nearest(place, reach, BallState.Dead.class);
    }

    private Optional<BallRun> nearest(Point place, double reach, Class<? extends BallState> kind) {
        return balls.stream()
                .filter(b -> kind.isInstance(b.state()) && lies(b).isWithin(reach, place))
                .min(Comparator.comparingDouble(b -> lies(b).distanceTo(place)));
    }

    static Point lies(BallRun ball) {
        return ball.state()
                .match(h -> Point.ORIGIN, l -> l.at(), f -> f.flight().to(), d -> d.at());
    }

    // ---- passes and shots ----

    Void release(Job job, double t) {
        Runner runner = job.runner;
        if (runner.holds.isEmpty()) {
            job.parked = true;
            runner.waitingForBall.add(job);
            return null;
        }
        BallRun ball = runner.holds.peek();
        double ready = readyToRelease(ball, job);
        if (t < ready) {
            if (runner.goesOn() && !job.freeTold) {
                job.freeTold = true;
                runner.leaving++;
                run.tell(job.onFree, t);
            }
            run.schedule(job, ready);
            return null;
        }
        if (waitsToHandOff(job, t)) {
            return null;
        }
        Optional<Flight> flight = aim.send(job, ball, runner.at(t), t);
        if (flight.isEmpty()) {
            run.reports.noGoal((Shot) job.move, runner.at(t), t);
            run.giveUp(job, t);
            return null;
        }
        job.parked = false;
        runner.holds.remove(ball);
        ball.flyingFor = job;
        ball.set(new BallState.InFlight(flight.get()));
        job.roleFree = t;
        happened(Happening.Kind.RELEASED, ball, job, runner, t, flight.get().from());
        run.begin(job, t);
        planLanding(ball);
        run.ballMoves(runner, true, job, t);
        run.happened(new Event.Handles(runner.role.id(), Event.Handling.RELEASES), t);
        if (job.freeTold) {
            runner.leaving--;
        } else {
            run.tell(job.onFree, t);
        }
        run.touched(runner);
        return null;
    }

    /** A hand-off waits until both are within reach of each other. */
    private boolean waitsToHandOff(Job job, double t) {
        if (!(job.move instanceof Pass pass)
                || pass.kind() != PassKind.HAND_OFF
                || pass.receiver().isEmpty()) {
            return false;
        }
        Runner other = run.runners.get(pass.receiver().get());
        if (job.runner.at(t).isWithin(Pace.HAND_OFF_METRES, other.at(t)) || job.watch != null && job.watch.hasFired()) {
            return false;
        }
        job.watch = run.watches.add(
                new Event.Reaches(
                        new Mover.Somebody(job.runner.role.id()),
                        new Region.NearRole(other.role.id(), Pace.HAND_OFF_METRES)),
                job.step);
        job.watch.armed = true;
        job.watch.links.add(new Job.Link(job, 0));
        job.unmet++;
        return true;
    }

    /** Somebody moves otherwise than was planned: balls on their way to him are met elsewhere. */
    void replanFor(Runner runner) {
        for (BallRun ball : balls) {
            if (ball.flies() && ball.receiver == runner) {
                planLanding(ball);
            }
        }
    }

    /** Works out where and when a ball under way is met, or comes down. */
    private void planLanding(BallRun ball) {
        ball.version++;
        Flight flight = aim.flight(ball);
        ball.states.set(ball.states.size() - 1, new BallState.InFlight(flight));
        double land = Double.isNaN(ball.meets) ? flight.end() : ball.meets;
        run.scheduleLanding(balls.indexOf(ball), ball.version, land);
        if (ball.flyingFor != null && !ball.rebounding && !(ball.flyingFor.move instanceof Act)) {
            ball.flyingFor.metres = flight.length();
            ball.flyingFor.peakSpeed = flight.speed();
        }
    }

    // ---- landing ----

    void land(int index, int version, double t) {
        BallRun ball = balls.get(index);
        if (version != ball.version || !ball.flies()) {
            return;
        }
        Job job = ball.flyingFor;
        Flight flight = ball.flight();
        if (ball.rebounding) {
            ball.rebounding = false;
            liesLoose(ball, job, t, flight.to());
            ball.flyingFor = null;
            return;
        }
        job.end = t;
        if (ball.receiver != null && !ball.lost) {
            take(ball, ball.receiver, t, howTaken(job), job);
            run.caught(job, t);
        } else if (job.move instanceof Act) {
            liesLoose(ball, job, t, flight.to()); // the winner ran away from it
        } else if (job.move instanceof Shot shot) {
            shotLands(ball, job, shot, flight, t);
        } else {
            passLands(ball, job, (Pass) job.move, flight, t);
        }
        if (!ball.rebounding) {
            ball.flyingFor = null;
        }
        ball.receiver = null;
        run.finish(job, t);
    }

    private static Happening.Kind howTaken(Job job) {
        return job.move.match(
                t -> Happening.Kind.CAUGHT,
                p -> Happening.Kind.CAUGHT,
                s -> Happening.Kind.SAVED,
                u -> Happening.Kind.PICKED_UP,
                a -> Happening.Kind.WON);
    }

    /** The ball comes from where it is to whoever has won it, however fast he goes. */
    void sendTo(BallRun ball, Runner winner, Point from, Job job, double t) {
        ball.lane = null;
        ball.rebounding = false;
        ball.receiver = winner;
        ball.flyingFor = job;
        ball.set(new BallState.InFlight(
                new Flight(t, from, from, Math.max(WON_SPEED, 1.5 * winner.fastest()), 0, false)));
        planLanding(ball);
    }

    private void shotLands(BallRun ball, Job job, Shot shot, Flight flight, double t) {
        if (shot.at().isPresent()) {
            if (shot.end() == ShotEnd.GOAL) {
                happened(Happening.Kind.AT_GOAL, ball, job, null, t, flight.to());
            }
            liesLoose(ball, job, t, flight.to());
            return;
        }
        GoalMouth goal = Goals.find(run.path, run.surface, shot.goal()).orElseThrow();
        switch (shot.end()) {
            case GOAL -> {
                ball.set(new BallState.Dead(t, flight.to()));
                happened(Happening.Kind.AT_GOAL, ball, job, null, t, flight.to());
                wakePickUps(t);
            }
            case MISS -> {
                if (BallAim.comesOff(shot, goal)) {
                    rebounds(ball, job, shot, goal, t);
                } else {
                    liesLoose(ball, job, t, flight.to());
                }
            }
            case SAVE, COVER, REBOUND, PARRY -> rebounds(ball, job, shot, goal, t);
        }
    }

    private void rebounds(BallRun ball, Job job, Shot shot, GoalMouth goal, double t) {
        Flight flight = ball.flight();
        happened(Happening.Kind.REBOUNDS, ball, job, null, t, flight.to());
        Point usual = shot.end() == ShotEnd.PARRY
                ? parried(goal, flight)
                : goal.centre().plus(Point.polar(REBOUND_METRES, goal.facingDegrees()));
        Point to = shot.rebound().orElse(usual);
        if (to.isWithin(1e-6, flight.to())) {
            liesLoose(ball, job, t, to);
        } else {
            cameBack.add(ball);
            comesBack(ball, new Flight(t, flight.to(), to, REBOUND_SHARE * flight.speed(), 0, true), t);
        }
    }

    /** A keeper beats the ball away to the side on which it comes. */
    private static Point parried(GoalMouth goal, Flight flight) {
        Point out = Point.polar(1, goal.facingDegrees());
        double aside = out.cross(flight.to().minus(goal.centre()));
        double shooter = out.cross(flight.from().minus(goal.centre()));
        // one at the middle goes back to the other side of the shooter
        double side =
                Math.abs(aside) > 1e-3 ? Math.signum(aside) : Math.abs(shooter) > 1e-3 ? -Math.signum(shooter) : 0;
        return flight.to().plus(Point.polar(PARRY_METRES, goal.facingDegrees() + side * PARRY_DEGREES));
    }

    /** Who has sent a ball that is under way. */
    Optional<BallRun> sentBy(Runner runner) {
        return balls.stream()
                .filter(b -> b.flies() && !b.rebounding && b.flyingFor != null && b.flyingFor.runner == runner)
                .filter(b -> b.flyingFor.move.isBallRelease())
                .findFirst();
    }

    /** A pass or a shot is over where the ball is now. */
    void breakOff(BallRun ball, Point at, double t) {
        Job job = ball.flyingFor;
        ball.version++;
        ball.states.set(
                ball.states.size() - 1, new BallState.InFlight(ball.flight().upTo(t)));
        job.end = t;
        job.neverCaught = true;
        job.metres = ball.flight().length();
        ball.receiver = null;
        ball.flyingFor = null;
        run.finish(job, t);
    }

    /** A ball comes free and rolls to a place. */
    void spill(BallRun ball, Point from, Point to, double speed, Job job, double t) {
        happened(Happening.Kind.KNOCKED_FREE, ball, job, job.runner, t, from);
        ball.lane = null;
        ball.receiver = null;
        ball.flyingFor = job;
        comesBack(ball, new Flight(t, from, to, speed, 0, false), t);
    }

    /** A ball under way that nobody is meant to have. */
    private void comesBack(BallRun ball, Flight flight, double t) {
        ball.rebounding = true;
        ball.version++;
        ball.set(new BallState.InFlight(flight));
        run.scheduleLanding(balls.indexOf(ball), ball.version, flight.end());
        wakeSeekers(t);
    }

    // ---- going for a ball wherever it lies ----

    /** The nearest ball that is free, or will be where it comes down. */
    Optional<BallRun> freeFor(Job job, Seeks what, double t) {
        Point here = job.runner.at(t);
        return balls.stream()
                .filter(b -> what == Seeks.REBOUND ? b.rebounding || cameBack.contains(b) && isFree(b) : isFree(b))
                .min(Comparator.comparingDouble(b -> lies(b).distanceTo(here)));
    }

    private static boolean isFree(BallRun ball) {
        return ball.state()
                .match(
                        h -> false,
                        l -> true,
                        f -> ball.rebounding || ball.receiver == null && isForNobody(ball.flyingFor),
                        d -> true);
    }

    private static boolean isForNobody(Job job) {
        return job != null && job.move instanceof Pass pass && pass.receiver().isEmpty();
    }

    /** Whoever was to go for it is there: he has it, or waits until it is down. False while he waits. */
    boolean fetched(Job job, double t) {
        BallRun ball = job.sought;
        boolean comes = ball.flies() && isFree(ball);
        if (comes) {
            run.prolong(job, t, Math.max(0, ball.flight().end() - t) + LANDED_SECONDS);
            return false;
        }
        if ((ball.state() instanceof BallState.Loose || ball.state() instanceof BallState.Dead)
                && lies(ball).isWithin(Pace.REACH_METRES, job.runner.at(t))) {
            take(ball, job.runner, t, Happening.Kind.PICKED_UP, job);
        }
        return true;
    }

    private void wakeSeekers(double t) {
        double sees = t + run.pace.reactionSeconds(Cue.SIGHT, 1);
        for (Job job : List.copyOf(pickUpsWaiting)) {
            if (job.move instanceof Travel) {
                pickUpsWaiting.remove(job);
                run.schedule(job, sees);
            }
        }
    }

    private void passLands(BallRun ball, Job job, Pass pass, Flight flight, double t) {
        if (ball.lost) {
            run.reports.lostPass(pass, flight, ball.receiver, t);
        }
        Optional<Runner> runner =
                pass.to().match(r -> Optional.empty(), p -> p.runner().map(run.runners::get));
        if (runner.isPresent() && !ball.lost) {
            Point there = runner.get().at(t);
            if (there.isWithin(Pace.HAND_OFF_METRES, flight.to())) {
                take(ball, runner.get(), t, Happening.Kind.CAUGHT, job);
                run.caught(job, t);
                return;
            }
            waitForRunner(ball, job, runner.get(), flight.to(), t);
        } else {
            job.neverCaught = true;
        }
        liesLoose(ball, job, t, flight.to());
    }

    private void waitForRunner(BallRun ball, Job job, Runner runner, Point spot, double t) {
        Watch watch = run.watches.add(
                new Event.Reaches(
                        new Mover.Somebody(runner.role.id()), new Region.NearPlace(spot, Pace.HAND_OFF_METRES)),
                job.step);
        watch.armed = true;
        AreaPass open = new AreaPass(job, ball, runner, spot, t, runner.at(t).distanceTo(spot), watch);
        areaPasses.add(open);
        watch.then = when -> arrive(open, when);
    }

    private void arrive(AreaPass open, double t) {
        if (open.ball.state() instanceof BallState.Loose loose && loose.at().isWithin(1e-6, open.spot)) {
            run.reports.areaPassLate((Pass) open.job.move, open.runner, open.spot, t - open.landed, open.gap, t);
            take(open.ball, open.runner, t, Happening.Kind.CAUGHT, open.job);
            run.caught(open.job, t);
        }
    }

    /** Says which passes to a spot found nobody there. */
    void reportMissed() {
        for (AreaPass open : areaPasses) {
            if (!open.watch.hasFired()) {
                run.reports.areaPassMissed((Pass) open.job.move, open.runner, open.spot, open.gap, open.landed);
            }
        }
    }

    void liesLoose(BallRun ball, Job job, double t, Point at) {
        ball.set(new BallState.Loose(t, at));
        happened(Happening.Kind.LANDED, ball, job, null, t, at);
        wakePickUps(t);
    }

    void take(BallRun ball, Runner runner, double t, Happening.Kind how, Job job) {
        if (!runner.holds.isEmpty()) {
            run.reports.twoBalls(runner, job.move, runner.at(t), t);
        }
        ball.set(new BallState.Held(t, runner.role.id()));
        ball.heldSince = t;
        runner.holds.add(ball);
        happened(how, ball, job, runner, t, runner.at(t));
        run.touched(runner);
        run.ballMoves(runner, false, job, t);
        run.happened(new Event.Handles(runner.role.id(), Event.Handling.GETS), t);
        while (!runner.waitingForBall.isEmpty()) {
            Job next = runner.waitingForBall.poll();
            run.schedule(next, readyToRelease(ball, next));
        }
    }

    void wakePickUps(double t) {
        List<Job> waiting = List.copyOf(pickUpsWaiting);
        pickUpsWaiting.clear();
        waiting.forEach(job -> run.schedule(job, t));
    }

    void happened(Happening.Kind kind, BallRun ball, Job job, Runner runner, double t, Point at) {
        happenings.add(new Happening(
                t,
                kind,
                ball.id,
                Optional.of(job.move.id()),
                Optional.ofNullable(runner).map(r -> r.role.id()),
                at));
    }
}
