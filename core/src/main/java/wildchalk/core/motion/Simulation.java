package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.PriorityQueue;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * Compiles a timeline by running the rep once: a queue of moments in time order, each of which may set off others.
 * {@link BallPlay} knows what is done with balls, {@link Deeds} what is done on the spot. Work lives inside one
 * {@link #run}. O(n log n) in the moves.
 */
final class Simulation {

    /** What happens at a moment; at one instant in this order. */
    private enum Kind {
        END,
        LANDING,
        WATCH,
        STEP,
        START
    }

    private record Moment(double t, Kind kind, int index, int version) {
        static final Comparator<Moment> ORDER = Comparator.comparingDouble(Moment::t)
                .thenComparing(Moment::kind)
                .thenComparingInt(Moment::index)
                .thenComparingInt(Moment::version);
    }

    final Path path;
    final Surface surface;
    final Pace pace;
    final Map<RoleId, Runner> runners = new LinkedHashMap<>();
    final Reports reports;
    final Watches watches;

    /** Whoever goes for a ball stops so far (m) from it. */
    private static final double AT_HAND_METRES = 0.4;

    private final List<Job> jobs = new ArrayList<>();
    private final Map<MoveId, Job> jobOf = new LinkedHashMap<>();
    private final StepBook steps;
    private final BallPlay ballPlay;
    private final Deeds deeds;
    private final Challenges challenges;
    private final Untils untils;
    private final Marks marks;
    private final Followers followers;
    private final Map<Rule.Hold, Watch> holdWatches = new LinkedHashMap<>();
    private Optional<Watch> launchWatch = Optional.empty();
    private final PriorityQueue<Moment> queue = new PriorityQueue<>(Moment.ORDER);
    private final Set<Runner> changed = new LinkedHashSet<>();
    private double now;

    Simulation(Path path, Surface surface, Pace pace) {
        this.path = path;
        this.surface = surface;
        this.pace = pace;
        this.reports = new Reports();
        this.steps = new StepBook(path.steps());
        this.ballPlay = new BallPlay(this);
        this.watches = new Watches(path, surface, runners, ballPlay.balls);
        Reactions reactions = new Reactions(path, pace);
        this.marks = new Marks(path, surface, runners, ballPlay.balls);
        this.followers = new Followers(this, marks, reactions, this::endsAt);
        this.challenges = new Challenges(this, ballPlay, reactions);
        this.deeds = new Deeds(this, ballPlay, challenges);
        this.untils = new Untils(watches, reports, this::cutShort);
    }

    Timeline run() {
        setOut();
        new Wiring(jobs, jobOf, steps, watches, new Reactions(path, pace))
                .connect(path.course().holds());
        watchHolds();
        watchLaunch();
        jobs.forEach(untils::add);
        beginStep(0, 0);
        for (Job job : jobs) {
            if (job.unmet == 0 && job.move.trigger().isPresent()) {
                schedule(job, job.readyAt);
            }
        }
        drain();
        while (followers.endOne(now) || giveUpOnSomething()) {
            drain();
        }
        return result();
    }

    private void setOut() {
        for (Role role : path.roles()) {
            runners.put(
                    role.id(),
                    new Runner(
                            role,
                            path.startOf(role.id()),
                            path.startFacingOf(role.id()),
                            pace,
                            path.course().conduct().tempo()));
        }
        for (Ball ball : path.balls()) {
            ballPlay.setOut(ball);
        }
        for (int s = 0; s < path.steps().size(); s++) {
            Step step = path.steps().get(s);
            for (Move move : step.moves()) {
                Job job = new Job(move, jobs.size(), s, runners.get(move.role()));
                if (move instanceof Travel travel) {
                    job.faces = travel.faces().flatMap(marks::settled);
                }
                jobs.add(job);
                jobOf.put(move.id(), job);
                job.runner.jobs.add(job);
                steps.expect(job);
            }
        }
        Endings endings = new Endings(path, surface);
        runners.values().forEach(r -> endings.settle(r.jobs));
    }

    private void watchHolds() {
        for (Rule.Hold hold : path.course().holds()) {
            hold.until()
                    .filter(e -> e.move().isEmpty() && !(e instanceof Event.Whistle))
                    .ifPresent(e -> holdWatches.put(hold, watches.add(e, 0)));
        }
    }

    private void watchLaunch() {
        launchWatch = path.course()
                .launch()
                .flatMap(Launch::at)
                .filter(e -> e.move().isEmpty() && !(e instanceof Event.Whistle))
                .map(e -> watches.add(e, 0));
    }

    private void drain() {
        while (!queue.isEmpty()) {
            Moment m = queue.poll();
            now = Math.max(now, m.t);
            switch (m.kind) {
                case END -> end(jobs.get(m.index), m);
                case LANDING -> ballPlay.land(m.index, m.version, m.t);
                case WATCH -> fire(watches.all.get(m.index), m);
                case STEP -> beginStep(m.index, m.t);
                case START -> start(jobs.get(m.index), m.t);
            }
            settle(m.t);
            followers.goOn(m.t);
            if (!watches.all.isEmpty()) {
                look(m.t);
            }
        }
    }

    // ---- steps ----

    private void beginStep(int s, double t) {
        if (s >= steps.count()) {
            return;
        }
        steps.begin(s, t);
        for (Watch watch : watches.all) {
            watch.armed |= watch.step == s;
        }
        tell(steps.waitingFor(s), t);
        goOnIfOver(s, t);
    }

    private void goOnIfOver(int s, double t) {
        if (steps.isOver(s)) {
            steps.end(s, t);
            queue.add(new Moment(t, Kind.STEP, s + 1, 0));
        }
    }

    void tell(List<Job.Link> links, double t) {
        for (Job.Link link : links) {
            Job job = link.job();
            job.readyFrom(t + link.delay(), link.reaction());
            job.cuedAt = link.cue() ? t : job.cuedAt;
            job.unmet--;
            changed.add(job.runner);
            if (job.unmet == 0 && job.state == Job.State.WAITING) {
                schedule(job, job.readyAt);
            }
        }
    }

    void schedule(Job job, double t) {
        queue.add(new Moment(Math.max(t, now), Kind.START, job.index, 0));
    }

    void scheduleLanding(int ball, int version, double t) {
        queue.add(new Moment(t, Kind.LANDING, ball, version));
    }

    /** Somebody knows or has something new: what he had planned may change. */
    void touched(Runner runner) {
        changed.add(runner);
    }

    // ---- what is waited for ----

    private void fire(Watch watch, Moment m) {
        if (m.version == watch.version) {
            fire(watch, m.t);
        }
    }

    private void fire(Watch watch, double t) {
        if (!watch.hasFired()) {
            watch.firedAt = t;
            tell(watch.links, t);
            watch.then.accept(t);
        }
    }

    /** Somebody sends a ball, or has one: whoever wants it may have waited for that. */
    void ballMoves(Runner who, boolean sent, Job job, double t) {
        Event event = sent ? new Event.Starts(job.move.id()) : new Event.Handles(who.role.id(), Event.Handling.GETS);
        challenges.happens(who.role.id(), sent, event, t);
    }

    /** Somebody has the ball that a move has sent. */
    void caught(Job job, double t) {
        tell(job.onCaught, t);
        moment(new Event.Caught(job.move.id()), t);
    }

    /** Ends travels that go on until a moment of a move. */
    private void moment(Event event, double t) {
        if (!untils.isEmpty()) {
            untils.waitingFor(event).forEach(w -> fire(w, t));
        }
    }

    /** Fires what waits for something that has just happened. */
    void happened(Event event, double t) {
        for (Watch watch : List.copyOf(watches.all)) {
            if (watch.armed && !watch.hasFired() && isOneOf(event, watch.event)) {
                fire(watch, t);
            }
        }
    }

    private static boolean isOneOf(Event happened, Event wanted) {
        if (happened instanceof Event.Handles did && wanted instanceof Event.Handles want) {
            boolean same = want.what() == did.what() || want.what() == Event.Handling.TOUCHES;
            return same && want.role().equals(did.role());
        }
        if (happened instanceof Event.IsCalled did && wanted instanceof Event.IsCalled want) {
            return want.isHeardIn(did.words());
        }
        return false;
    }

    /** Works out anew when places are reached, where plans have changed. */
    private void look(double t) {
        for (int i = 0; i < watches.all.size(); i++) {
            Watch watch = watches.all.get(i);
            if (watch.armed && !watch.hasFired() && watch.event instanceof Event.Reaches reaches) {
                long plans = watches.plans(reaches);
                if (plans != watch.plans) {
                    watch.plans = plans;
                    watch.version++;
                    OptionalDouble when = watches.earliest(reaches, t);
                    if (when.isPresent()) {
                        queue.add(new Moment(Math.max(t, when.getAsDouble()), Kind.WATCH, i, watch.version));
                    }
                }
            }
        }
    }

    // ---- moves ----

    private void start(Job job, double t) {
        if (job.state != Job.State.WAITING || job.unmet > 0) {
            return;
        }
        if (job.runner.down && job.move.needsLegs()) {
            // he gets up once his cue has come
            job.runner.down = false;
            double up = pace.getUpSeconds(job.runner.role.posture());
            job.reaction += up;
            schedule(job, t + up);
            return;
        }
        if (t < job.runner.busyUntil && job.move.needsLegs()) {
            schedule(job, job.runner.busyUntil);
            return;
        }
        if (job.runner.runsOut(t)
                && job.move.needsLegs()
                && !(job.move instanceof Travel)
                && Challenges.of(job).isEmpty()) {
            // what is done on the spot waits until he stands
            schedule(job, job.runner.restsAt());
            return;
        }
        job.move.match(
                travel -> startLegs(job, travel, t),
                pass -> ballPlay.release(job, t),
                shot -> ballPlay.release(job, t),
                pickUp -> ballPlay.startPickUp(job, t),
                act -> deeds.start(job, (Act) job.move, t));
    }

    void begin(Job job, double t) {
        job.state = Job.State.RUNNING;
        job.start = t;
        tell(job.onStart, t);
        tell(job.onUnderWay, t);
        moment(new Event.Starts(job.move.id()), t);
    }

    /** It ends so many seconds from now; its role is free then, or at once. */
    void endsAfter(Job job, double t, double seconds, boolean freeAtOnce) {
        job.end = t + seconds;
        job.roleFree = freeAtOnce ? t : job.end;
        job.freeTold = freeAtOnce;
        begin(job, t);
        if (freeAtOnce) {
            tell(job.onFree, t);
        }
        queue.add(new Moment(job.end, Kind.END, job.index, jobVersion(job)));
    }

    private Void startLegs(Job job, Travel travel, double t) {
        if (travel.seeks().isPresent()) {
            return startSeeking(job, travel, t);
        } else if (travel.follows().isPresent()) {
            job.carrying = job.runner.holds.size() > job.runner.leaving;
            followers.start(job, travel.follows().get(), t);
            return null;
        }
        return startTravel(job, t);
    }

    private Void startTravel(Job job, double t) {
        Runner runner = job.runner;
        job.carrying = runner.holds.size() > runner.leaving;
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

    /** To a ball that lies free, or comes down, wherever that is. */
    private Void startSeeking(Job job, Travel travel, double t) {
        Optional<BallRun> ball = ballPlay.freeFor(job, travel.seeks().orElseThrow(), t);
        if (ball.isEmpty()) {
            ballPlay.park(job);
            return null;
        }
        job.parked = false;
        job.sought = ball.get();
        Point there = BallPlay.lies(ball.get());
        Point here = job.runner.at(t);
        double gap = here.distanceTo(there);
        // the ball is taken with a hand or a stick, not with the middle of the body
        job.legs = travel.withEnd(gap > AT_HAND_METRES ? there.towards(here, AT_HAND_METRES / gap) : here);
        return startTravel(job, t);
    }

    /** Somebody leaves what he is running. */
    void leaves(Runner runner, double t) {
        for (Job job : runner.jobs) {
            if (job.state == Job.State.RUNNING && job.move instanceof Travel) {
                job.brokenOff = true;
                if (followers.has(job)) {
                    followers.over(job, t);
                } else {
                    job.metres = runner.gone(t);
                }
                job.runOut = 0;
                job.roleFree = t;
                if (!job.freeTold) {
                    tell(job.onFree, t);
                }
                finish(job, t);
            }
        }
        runner.leavesChain();
    }

    /** Somebody goes to where a challenge takes him. */
    void goes(Job job, double t) {
        job.route = null;
        planChain(job.runner, job, t);
    }

    /** Something goes on for so many seconds from now. */
    void prolong(Job job, double t, double seconds) {
        job.end = t + seconds;
        job.roleFree = job.end;
        queue.add(new Moment(job.end, Kind.END, job.index, jobVersion(job)));
    }

    private void endsAt(Job job, double t) {
        job.end = t;
        queue.add(new Moment(t, Kind.END, job.index, jobVersion(job)));
    }

    /** Somebody goes by others no longer. */
    private void followedUntil(Job job, double t) {
        followers.over(job, t);
        job.end = t;
        job.roleFree = t;
        job.runner.brake(job, t);
        replanned(job.runner);
        tell(job.onFree, t);
        finish(job, t);
    }

    void replanned(Runner runner) {
        ballPlay.replanFor(runner);
    }

    List<Job> jobsOf(int step) {
        return jobs.stream().filter(j -> j.step == step).toList();
    }

    private void end(Job job, Moment m) {
        if (job.state != Job.State.RUNNING || m.version != jobVersion(job)) {
            return;
        }
        if (followers.has(job)) {
            followedUntil(job, m.t);
            return;
        }
        boolean over = job.move instanceof Act ? deeds.end(job, m.t) : job.sought == null || ballPlay.fetched(job, m.t);
        if (job.end > m.t) {
            return; // it goes on
        }
        if (!job.freeTold) {
            tell(job.onFree, m.t);
        }
        if (over) {
            finish(job, m.t);
        }
    }

    void finish(Job job, double t) {
        job.state = Job.State.DONE;
        job.end = t;
        tell(job.onEnd, t);
        moment(new Event.Ends(job.move.id()), t);
        closeInStep(job, t);
    }

    private void closeInStep(Job job, double t) {
        if (job.move.holdsStep()) {
            steps.close(job);
            goOnIfOver(job.step, t);
        }
    }

    /** What it goes on until has come. */
    private void cutShort(Job job, double t) {
        if (followers.has(job)) {
            followedUntil(job, t);
        } else if (t < job.end && job.runner.cutShort(job, t)) {
            planChain(job.runner, job, t);
            queue.add(new Moment(job.end, Kind.END, job.index, jobVersion(job)));
        }
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
                        && !Chains.after(current, t).jobs().equals(runner.chain())) {
                    planChain(runner, current, t);
                    queue.add(new Moment(current.end, Kind.END, current.index, jobVersion(current)));
                }
            }
        }
    }

    private void planChain(Runner runner, Job first, double t) {
        runner.plan(t, Chains.after(first, t));
        ballPlay.replanFor(runner);
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
        List<Job> hopeless = reports.explainStuck(stuck, jobOf, ballPlay.balls, now);
        ballPlay.forget(hopeless);
        challenges.forget(hopeless);
        for (Job job : hopeless) {
            giveUp(job, now);
        }
        settle(now);
        return true;
    }

    void giveUp(Job job, double t) {
        job.state = Job.State.NEVER;
        job.neverCaught = true;
        job.start = t;
        job.roleFree = t;
        job.end = t;
        tell(job.onUnderWay, t);
        if (!job.freeTold) {
            tell(job.onFree, t);
        }
        closeInStep(job, t);
    }

    private Timeline result() {
        Map<RoleId, Trajectory> trajectories = new LinkedHashMap<>();
        runners.forEach((id, r) -> trajectories.put(id, r.trajectory()));
        Map<BallId, List<BallState>> states = new LinkedHashMap<>();
        ballPlay.balls.forEach(b -> states.put(b.id, List.copyOf(b.states)));
        Map<MoveId, MoveSpan> spans = new LinkedHashMap<>();
        jobs.forEach(j -> spans.put(j.move.id(), j.span()));
        ballPlay.happenings.sort(Comparator.comparingDouble(Happening::seconds));
        ballPlay.reportMissed();
        untils.report();
        Map<Rule.Hold, Double> until = new LinkedHashMap<>();
        holdWatches.forEach((hold, watch) -> {
            if (watch.hasFired()) {
                until.put(hold, watch.firedAt);
            }
        });
        Optional<Double> launch = launchWatch.filter(Watch::hasFired).map(w -> w.firedAt);
        Map<MoveId, Move> workedOut = new LinkedHashMap<>();
        jobs.stream().filter(j -> j.legs != null).forEach(j -> workedOut.put(j.move.id(), j.legs));
        jobs.stream().filter(j -> j.sent != null).forEach(j -> workedOut.put(j.move.id(), j.sent));
        return new Timeline(
                surface,
                trajectories,
                states,
                spans,
                steps.spans(jobs),
                ballPlay.happenings,
                reports.all(),
                until,
                launch,
                workedOut,
                challenges.came());
    }
}
