package wildchalk.core.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Wait;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;

/**
 * Compiles a timeline by running the rep once: a queue of moments in time order, each of which may set off others.
 * Work lives inside one {@link #run}. O(n log n) in the moves.
 */
final class Simulation {

    /** What happens at a moment; at one instant in this order. */
    private enum Kind {
        END,
        LANDING,
        STEP,
        START
    }

    private record Moment(double t, Kind kind, int index, int version) {
        static final Comparator<Moment> ORDER = Comparator.comparingDouble(Moment::t)
                .thenComparing(Moment::kind)
                .thenComparingInt(Moment::index)
                .thenComparingInt(Moment::version);
    }

    private final Progression drill;
    private final Surface surface;
    private final Pace pace;

    private final List<Job> jobs = new ArrayList<>();
    private final Map<MoveId, Job> jobOf = new LinkedHashMap<>();
    private final Map<RoleId, Runner> runners = new LinkedHashMap<>();
    private final List<BallRun> balls = new ArrayList<>();
    private final StepBook steps;
    private final Deque<Job> pickUpsWaiting = new ArrayDeque<>();

    private final PriorityQueue<Moment> queue = new PriorityQueue<>(Moment.ORDER);
    private final List<Happening> happenings = new ArrayList<>();
    private final Reports reports;
    private final Set<Runner> changed = new LinkedHashSet<>();
    private double now;

    Simulation(Progression drill, Surface surface, Pace pace) {
        this.drill = drill;
        this.surface = surface;
        this.pace = pace;
        this.reports = new Reports(drill);
        this.steps = new StepBook(drill.steps());
    }

    Timeline run() {
        setOut();
        new Wiring(jobs, jobOf, steps).connect();
        beginStep(0, 0);
        for (Job job : jobs) {
            if (job.unmet == 0 && job.move.trigger().isPresent()) {
                schedule(job, job.readyAt);
            }
        }
        drain();
        while (giveUpOnSomething()) {
            drain();
        }
        return result();
    }

    private void setOut() {
        for (Role role : drill.roles()) {
            runners.put(role.id(), new Runner(role, drill.startOf(role.id()), drill.startFacingOf(role.id()), pace));
        }
        for (Ball ball : drill.balls()) {
            BallRun run = new BallRun(ball.id());
            balls.add(run);
            run.set(ball.start()
                    .match(with -> new BallState.Held(0, with.role()), loose -> new BallState.Loose(0, loose.at())));
            run.state().holder().ifPresent(r -> runners.get(r).holds.add(run));
        }
        for (int s = 0; s < drill.steps().size(); s++) {
            Step step = drill.steps().get(s);
            for (Move move : step.moves()) {
                Job job = new Job(move, jobs.size(), s, runners.get(move.role()));
                jobs.add(job);
                jobOf.put(move.id(), job);
                job.runner.jobs.add(job);
                steps.expect(job);
            }
        }
    }

    private void drain() {
        while (!queue.isEmpty()) {
            Moment m = queue.poll();
            now = Math.max(now, m.t);
            switch (m.kind) {
                case END -> end(jobs.get(m.index), m);
                case LANDING -> land(balls.get(m.index), m);
                case STEP -> beginStep(m.index, m.t);
                case START -> start(jobs.get(m.index), m.t);
            }
            settle(m.t);
        }
    }

    // ---- steps ----

    private void beginStep(int s, double t) {
        if (s >= steps.count()) {
            return;
        }
        steps.begin(s, t);
        tell(steps.waitingFor(s), t);
        goOnIfOver(s, t);
    }

    private void goOnIfOver(int s, double t) {
        if (steps.isOver(s)) {
            steps.end(s, t);
            queue.add(new Moment(t, Kind.STEP, s + 1, 0));
        }
    }

    private void tell(List<Job.Link> links, double t) {
        for (Job.Link link : links) {
            Job job = link.job();
            job.readyAt = Math.max(job.readyAt, t + link.delay());
            job.unmet--;
            changed.add(job.runner);
            if (job.unmet == 0 && job.state == Job.State.WAITING) {
                schedule(job, job.readyAt);
            }
        }
    }

    private void schedule(Job job, double t) {
        queue.add(new Moment(Math.max(t, now), Kind.START, job.index, 0));
    }

    // ---- moves ----

    private void start(Job job, double t) {
        if (job.state != Job.State.WAITING) {
            return;
        }
        job.move.match(
                travel -> startTravel(job, t),
                pass -> release(job, t),
                shot -> release(job, t),
                pickUp -> startPickUp(job, t),
                wait -> startWait(job, wait, t));
    }

    private void begin(Job job, double t) {
        job.state = Job.State.RUNNING;
        job.start = t;
        tell(job.onStart, t);
    }

    private Void startTravel(Job job, double t) {
        Runner runner = job.runner;
        job.carrying = !runner.holds.isEmpty();
        if (runner.plannedNext(job, job.carrying)) {
            runner.advanceTo(job);
        } else {
            job.route = null;
            planChain(runner, job, t);
        }
        begin(job, t);
        queue.add(new Moment(job.end, Kind.END, job.index, jobVersion(job)));
        return null;
    }

    private Void startWait(Job job, Wait wait, double t) {
        job.runner.stand(t);
        job.end = t + wait.seconds();
        job.roleFree = job.end;
        begin(job, t);
        queue.add(new Moment(job.end, Kind.END, job.index, jobVersion(job)));
        return null;
    }

    private Void startPickUp(Job job, double t) {
        Optional<BallRun> near = looseNear(job.runner.at(t));
        if (near.isEmpty()) {
            job.parked = true;
            pickUpsWaiting.add(job);
            return null;
        }
        job.parked = false;
        job.runner.stand(t);
        take(near.get(), job.runner, t, Happening.Kind.PICKED_UP, job);
        job.end = t + pace.pickUpSeconds();
        job.roleFree = job.end;
        begin(job, t);
        queue.add(new Moment(job.end, Kind.END, job.index, jobVersion(job)));
        return null;
    }

    private Optional<BallRun> looseNear(Point place) {
        BallRun best = null;
        double nearest = Pace.REACH_METRES;
        for (BallRun ball : balls) {
            if (ball.state() instanceof BallState.Loose loose && loose.at().distanceTo(place) <= nearest) {
                if (best == null || loose.at().distanceTo(place) < nearest) {
                    best = ball;
                    nearest = loose.at().distanceTo(place);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private void end(Job job, Moment m) {
        if (job.state != Job.State.RUNNING || m.version != jobVersion(job)) {
            return;
        }
        tell(job.onFree, m.t);
        finish(job, m.t);
    }

    private void finish(Job job, double t) {
        job.state = Job.State.DONE;
        job.end = t;
        tell(job.onEnd, t);
        closeInStep(job, t);
    }

    private void closeInStep(Job job, double t) {
        if (!job.move.runsOn()) {
            steps.close(job);
            goOnIfOver(job.step, t);
        }
    }

    // ---- passes and shots ----

    private Void release(Job job, double t) {
        Runner runner = job.runner;
        if (runner.holds.isEmpty()) {
            job.parked = true;
            runner.waitingForBall.add(job);
            return null;
        }
        BallRun ball = runner.holds.peek();
        double ready = ball.heldSince + pace.controlSeconds();
        if (t < ready) {
            schedule(job, ready);
            return null;
        }
        Optional<Flight> flight = aim(job, runner.at(t), t);
        if (flight.isEmpty()) {
            reports.noGoal((Shot) job.move, runner.at(t), t);
            giveUp(job, t);
            return null;
        }
        job.parked = false;
        runner.holds.remove(ball);
        ball.flyingFor = job;
        ball.receiver =
                job.move instanceof Pass pass ? pass.to().match(role -> runners.get(role.role()), place -> null) : null;
        ball.set(new BallState.InFlight(flight.get()));
        job.roleFree = t;
        happened(Happening.Kind.RELEASED, ball, job, runner, t, flight.get().from());
        begin(job, t);
        planLanding(ball);
        tell(job.onFree, t);
        changed.add(runner);
        return null;
    }

    private Optional<Flight> aim(Job job, Point from, double t) {
        if (job.move instanceof Pass pass) {
            double speed = pace.passSpeed(pass.kind(), pass.weight());
            Flight flight =
                    new Flight(t, from, from, speed, pace.ballSlowing(pass.kind()), pass.kind() == PassKind.AIR);
            return Optional.of(pass.to().match(role -> flight, place -> flight.withTo(place.at())));
        }
        Shot shot = (Shot) job.move;
        return Goals.find(drill, surface, shot.goal())
                .map(goal -> new Flight(
                        t, from, Goals.target(goal, shot.aim(), from), pace.shotSpeed(shot.weight()), 0, true));
    }

    /** Works out where and when a ball under way is met, or comes down. */
    private void planLanding(BallRun ball) {
        Flight flight = ball.flight();
        ball.version++;
        ball.lost = false;
        if (ball.receiver != null) {
            var meeting = Intercepts.earliest(flight, ball.receiver::at, ball.receiver.fastest());
            ball.lost = meeting.isEmpty();
            Point to = meeting.isPresent()
                    ? ball.receiver.at(meeting.getAsDouble())
                    : lostAt(flight, ball.receiver.at(flight.start()));
            flight = flight.withTo(to);
            double land = meeting.orElse(flight.end());
            replaceFlight(ball, flight);
            queue.add(new Moment(land, Kind.LANDING, balls.indexOf(ball), ball.version));
        } else {
            double whole = flight.from().distanceTo(flight.to());
            if (whole > flight.range()) {
                ball.lost = true;
                flight = flight.withTo(flight.from().towards(flight.to(), flight.range() / whole));
                replaceFlight(ball, flight);
            }
            queue.add(new Moment(flight.end(), Kind.LANDING, balls.indexOf(ball), ball.version));
        }
        ball.flyingFor.metres = flight.from().distanceTo(flight.to());
        ball.flyingFor.peakSpeed = flight.speed();
    }

    private static Point lostAt(Flight flight, Point receiver) {
        double gap = flight.from().distanceTo(receiver);
        double reach = Math.min(gap, 0.999 * flight.range());
        return gap > 0 ? flight.from().towards(receiver, reach / gap) : receiver;
    }

    private static void replaceFlight(BallRun ball, Flight flight) {
        ball.states.set(ball.states.size() - 1, new BallState.InFlight(flight));
    }

    private void land(BallRun ball, Moment m) {
        if (m.version != ball.version || !ball.flies()) {
            return;
        }
        Job job = ball.flyingFor;
        Flight flight = ball.flight();
        job.end = m.t;
        if (job.move instanceof Shot) {
            ball.set(new BallState.Dead(m.t, flight.to()));
            happened(Happening.Kind.AT_GOAL, ball, job, null, m.t, flight.to());
        } else if (ball.receiver != null && !ball.lost) {
            take(ball, ball.receiver, m.t, Happening.Kind.CAUGHT, job);
            tell(job.onCaught, m.t);
        } else {
            if (ball.lost) {
                reports.lostPass((Pass) job.move, flight, ball.receiver, m.t);
            }
            job.neverCaught = true;
            ball.set(new BallState.Loose(m.t, flight.to()));
            happened(Happening.Kind.LANDED, ball, job, null, m.t, flight.to());
            wakePickUps(m.t);
        }
        ball.flyingFor = null;
        ball.receiver = null;
        finish(job, m.t);
    }

    private void take(BallRun ball, Runner runner, double t, Happening.Kind how, Job job) {
        if (!runner.holds.isEmpty()) {
            reports.twoBalls(runner, job.move, runner.at(t), t);
        }
        ball.set(new BallState.Held(t, runner.role.id()));
        ball.heldSince = t;
        runner.holds.add(ball);
        happened(how, ball, job, runner, t, runner.at(t));
        changed.add(runner);
        while (!runner.waitingForBall.isEmpty()) {
            schedule(runner.waitingForBall.poll(), t + pace.controlSeconds());
        }
    }

    private void wakePickUps(double t) {
        List<Job> waiting = List.copyOf(pickUpsWaiting);
        pickUpsWaiting.clear();
        waiting.forEach(job -> schedule(job, t));
    }

    private void happened(Happening.Kind kind, BallRun ball, Job job, Runner runner, double t, Point at) {
        happenings.add(new Happening(
                t,
                kind,
                ball.id,
                Optional.of(job.move.id()),
                Optional.ofNullable(runner).map(r -> r.role.id()),
                at));
    }

    // ---- joining travels ----

    /** After each moment: whoever learnt something may now run on where he had planned to stop. */
    private void settle(double t) {
        for (Runner runner : List.copyOf(changed)) {
            changed.remove(runner);
            if (!runner.chain().isEmpty()) {
                Job current = runner.chain().get(0);
                if (current.state == Job.State.RUNNING
                        && t < current.end
                        && !Chains.after(current, t, pace).jobs().equals(runner.chain())) {
                    planChain(runner, current, t);
                    queue.add(new Moment(current.end, Kind.END, current.index, jobVersion(current)));
                }
            }
        }
    }

    private void planChain(Runner runner, Job first, double t) {
        Chains.Chain chain = Chains.after(first, t, pace);
        runner.plan(t, chain.jobs(), chain.carries());
        for (BallRun ball : balls) {
            if (ball.flies() && ball.receiver == runner) {
                planLanding(ball);
            }
        }
    }

    /** Ends that were planned before the last change of plan are passed over. */
    private static int jobVersion(Job job) {
        return Double.hashCode(job.end);
    }

    // ---- what cannot happen ----

    /** Gives up on what can never start, so that the rest can go on; false when nothing is left. */
    private boolean giveUpOnSomething() {
        List<Job> stuck =
                jobs.stream().filter(j -> j.state == Job.State.WAITING).toList();
        if (stuck.isEmpty()) {
            return false;
        }
        List<Job> hopeless = reports.explainStuck(stuck, jobOf, surface, balls, now);
        pickUpsWaiting.removeAll(hopeless);
        for (Job job : hopeless) {
            job.runner.waitingForBall.remove(job);
            giveUp(job, now);
        }
        settle(now);
        return true;
    }

    private void giveUp(Job job, double t) {
        job.state = Job.State.NEVER;
        job.neverCaught = true;
        job.start = t;
        job.roleFree = t;
        job.end = t;
        tell(job.onFree, t);
        closeInStep(job, t);
    }

    private Timeline result() {
        Map<RoleId, Trajectory> trajectories = new LinkedHashMap<>();
        runners.forEach((id, r) -> trajectories.put(id, r.trajectory()));
        Map<BallId, List<BallState>> states = new LinkedHashMap<>();
        balls.forEach(b -> states.put(b.id, List.copyOf(b.states)));
        Map<MoveId, MoveSpan> spans = new LinkedHashMap<>();
        jobs.forEach(j -> spans.put(j.move.id(), j.span()));
        happenings.sort(Comparator.comparingDouble(Happening::seconds));
        List<Finding> findings = reports.sorted();
        return new Timeline(trajectories, states, spans, steps.spans(jobs), happenings, findings);
    }
}
