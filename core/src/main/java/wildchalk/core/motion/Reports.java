package wildchalk.core.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;

/** Collects what cannot happen as drawn. */
final class Reports {

    private static final Flaw NO_GOAL = Flaw.stop("no-goal");
    private static final Flaw PASS_NOT_CAUGHT = Flaw.stop("pass-not-caught");
    private static final Flaw PASS_TOO_SOFT = Flaw.warn("pass-too-soft");
    private static final Flaw PASS_NO_WAY = Flaw.warn("pass-no-way");
    /** Who comes so near to a spot with a ball is at it. */
    private static final double AT_ITS_SPOT_METRES = 0.05;

    private static final Flaw AREA_PASS_LATE = Flaw.warn("area-pass-late");
    private static final Flaw AREA_PASS_EARLY = Flaw.warn("area-pass-early");
    private static final Flaw AREA_PASS_MISSED = Flaw.warn("area-pass-missed");
    private static final Flaw CONTEST_FAR = Flaw.warn("contest-far");
    private static final Flaw CHALLENGE_LATE = Flaw.warn("challenge-late");
    private static final Flaw CHALLENGE_NO_BALL = Flaw.stop("challenge-no-ball");
    private static final Flaw FOLLOWS_NO_GOAL = Flaw.stop("follow-no-goal");
    private static final Flaw FOLLOWS_CIRCLE = Flaw.stop("follow-circle");
    private static final Flaw TWO_BALLS = Flaw.warn("two-balls");
    private static final Flaw CIRCLE = Flaw.stop("circle");
    private static final Flaw EVENT_NEVER = Flaw.stop("event-never");
    private static final Flaw NOTHING_IN_REACH = Flaw.stop("nothing-in-reach");
    private static final Flaw NOTHING_TO_PICK_UP = Flaw.stop("nothing-to-pick-up");
    private static final Flaw NO_BALL = Flaw.stop("no-ball");
    private static final Flaw WAITS_FOR_NEVER = Flaw.stop("waits-for-never");
    private static final Flaw NEVER_CAUGHT = Flaw.stop("never-caught");
    private static final Flaw NOT_A_PASS = Flaw.stop("not-a-pass");
    /** What ends a travel comes after its end, before its start, never. */
    static final Flaw UNTIL_EARLY = Flaw.warn("until-early");

    static final Flaw UNTIL_BEFORE = Flaw.warn("until-before");
    static final Flaw UNTIL_NEVER = Flaw.warn("until-never");

    private final List<Finding> findings = new ArrayList<>();

    /** In the order in which they came to light. */
    List<Finding> all() {
        return List.copyOf(findings);
    }

    void noGoal(Shot shot, Point where, double t) {
        findings.add(Finding.of(NO_GOAL, shot.id()).named(shot.goal()).at(where, t));
    }

    void lostPass(Pass pass, Flight flight, Runner receiver, double t) {
        if (receiver == null) {
            double missing = pass.to().match(r -> 0.0, p -> p.at().distanceTo(flight.to()));
            Flaw flaw = missing < AT_ITS_SPOT_METRES ? PASS_NO_WAY : PASS_TOO_SOFT;
            findings.add(
                    Finding.of(flaw, pass.id()).with(Quantity.METRES, missing).at(flight.to(), t));
        } else {
            findings.add(Finding.of(PASS_NOT_CAUGHT, pass.id(), receiver.role.id())
                    .with(Quantity.METRES, flight.to().distanceTo(receiver.at(t)))
                    .at(flight.to(), t));
        }
    }

    /** The runner came to the spot after the ball. */
    void areaPassLate(Pass pass, Runner runner, Point spot, double seconds, double metres, double t) {
        findings.add(Finding.of(AREA_PASS_LATE, pass.id(), runner.role.id())
                .with(Quantity.SECONDS, seconds)
                .with(Quantity.METRES, metres)
                .at(spot, t));
    }

    /** The runner was never there after the ball came down: too early, or somewhere else. */
    void areaPassMissed(Pass pass, Runner runner, Point spot, double metres, double t) {
        Optional<Double> early = runner.lastWithin(spot, Pace.HAND_OFF_METRES, t);
        findings.add(Finding.of(early.isPresent() ? AREA_PASS_EARLY : AREA_PASS_MISSED, pass.id(), runner.role.id())
                .with(Quantity.SECONDS, early.orElse(0.0))
                .with(Quantity.METRES, metres)
                .at(spot, t));
    }

    void contestFar(Move move, Runner winner, Point where, double metres, double t) {
        findings.add(Finding.of(CONTEST_FAR, move.id(), winner.role.id())
                .with(Quantity.METRES, metres)
                .at(where, t));
    }

    /** Who tried for a ball did not get to it. */
    void challengeLate(Move move, Runner own, Runner on, Point where, double metres, double t) {
        findings.add(Finding.of(CHALLENGE_LATE, move.id(), own.role.id(), on.role.id())
                .with(Quantity.METRES, metres)
                .at(where, t));
    }

    void followsNoGoal(Travel travel, Point where, double t) {
        String goal = travel.follows().stream()
                .flatMap(f -> f.marks().stream())
                .map(m -> m instanceof Mark.TheGoal g ? g.goal() : "")
                .filter(g -> !g.isEmpty())
                .findFirst()
                .orElse("");
        findings.add(Finding.of(FOLLOWS_NO_GOAL, travel.id(), travel.role())
                .named(goal)
                .at(where, t));
    }

    /** Two go by each other, so that neither knows where to go. */
    void followsCircle(Travel travel, Runner own, RoleId other, double t) {
        findings.add(
                Finding.of(FOLLOWS_CIRCLE, travel.id(), own.role.id(), other).at(own.at(t), t));
    }

    /** What should have ended a travel came after its end, before its start or never. */
    void until(Flaw flaw, Travel travel, Point where, double seconds, double t) {
        findings.add(Finding.of(flaw, travel.id())
                .waitingFor(travel.until().orElseThrow())
                .with(Quantity.SECONDS, seconds)
                .at(where, t));
    }

    void twoBalls(Runner runner, Move move, Point where, double t) {
        findings.add(Finding.of(TWO_BALLS, move.id(), runner.role.id()).at(where, t));
    }

    /**
     * Says why moves are stuck, and returns those to give up on: circles first, then what lacks a ball, then what waits
     * for something that never comes, then the rest.
     */
    List<Job> explainStuck(List<Job> stuck, Map<MoveId, Job> jobOf, List<BallRun> balls, double now) {
        List<Job> circle = circle(stuck);
        if (!circle.isEmpty()) {
            findings.add(
                    Finding.of(CIRCLE, circle.stream().map(j -> j.move.id()).toList())
                            .at(circle.get(0).runner.at(now), now));
            return circle;
        }
        List<Job> parked = stuck.stream().filter(j -> j.parked).toList();
        if (!parked.isEmpty()) {
            parked.forEach(j -> noBall(j, balls, now));
            return parked;
        }
        Set<Job> orphans = orphans(stuck, jobOf);
        if (!orphans.isEmpty()) {
            orphans.forEach(j -> neverComes(j, orphans, jobOf, now));
            return List.copyOf(orphans);
        }
        List<Job> watching = stuck.stream()
                .filter(j -> j.watch != null && j.watch.armed && !j.watch.hasFired())
                .toList();
        watching.forEach(j -> findings.add(
                Finding.of(EVENT_NEVER, j.move.id()).waitingFor(j.watch.event).at(j.runner.at(now), now)));
        return watching.isEmpty() ? stuck : watching;
    }

    /** Those that wait for what will never come, and those that wait for them. */
    private static Set<Job> orphans(List<Job> stuck, Map<MoveId, Job> jobOf) {
        Map<Job, List<Job>> waiters = new HashMap<>();
        Deque<Job> found = new ArrayDeque<>();
        for (Job job : stuck) {
            job.move.trigger().flatMap(Trigger::move).map(jobOf::get).ifPresent(other -> {
                waiters.computeIfAbsent(other, o -> new ArrayList<>()).add(job);
                if (other.state == Job.State.NEVER || other.state == Job.State.DONE) {
                    found.add(job);
                }
            });
        }
        Set<Job> orphans = new LinkedHashSet<>();
        while (!found.isEmpty()) {
            Job job = found.poll();
            if (orphans.add(job)) {
                found.addAll(waiters.getOrDefault(job, List.of()));
            }
        }
        return orphans;
    }

    private void noBall(Job job, List<BallRun> balls, double now) {
        Point at = job.runner.at(now);
        Optional<Challenge> challenge = Challenges.of(job);
        if (challenge.isPresent()) {
            findings.add(Finding.of(
                            CHALLENGE_NO_BALL,
                            job.move.id(),
                            job.runner.role.id(),
                            challenge.get().on())
                    .at(at, now));
            return;
        }
        if (!(job.move instanceof PickUp || job.isWorkedOut())) {
            findings.add(
                    Finding.of(NO_BALL, job.move.id(), job.runner.role.id()).at(at, now));
            return;
        }
        OptionalDouble nearest = balls.stream()
                .filter(b -> b.state() instanceof BallState.Loose || b.state() instanceof BallState.Dead)
                .mapToDouble(b -> BallPlay.lies(b).distanceTo(at))
                .min();
        Flaw flaw = nearest.isPresent() ? NOTHING_IN_REACH : NOTHING_TO_PICK_UP;
        findings.add(Finding.of(flaw, job.move.id(), job.runner.role.id())
                .with(Quantity.METRES, nearest.orElse(0.0))
                .at(at, now));
    }

    private void neverComes(Job job, Set<Job> orphans, Map<MoveId, Job> jobOf, double now) {
        Trigger trigger = job.move.trigger().orElseThrow();
        Job other = jobOf.get(trigger.move().orElseThrow());
        boolean isCatch = trigger.event() instanceof Event.Caught;
        Flaw flaw = !isCatch || other.state == Job.State.NEVER || orphans.contains(other)
                ? WAITS_FOR_NEVER
                : other.move instanceof Pass ? NEVER_CAUGHT : NOT_A_PASS;
        findings.add(Finding.of(flaw, job.move.id(), other.move.id()).at(job.runner.at(now), now));
    }

    /** The first circle among stuck moves, in the order in which each waits for the next; empty if there is none. */
    private static List<Job> circle(List<Job> stuck) {
        // steps open one after the other, so whoever waits for a step waits for what is stuck in the earliest one
        int open = stuck.stream().mapToInt(j -> j.step).min().orElse(0);
        List<Job> holdUp =
                stuck.stream().filter(j -> j.step == open && j.move.holdsStep()).toList();
        Set<Job> done = new HashSet<>();
        boolean[] holdUpDone = {false};
        for (Job start : stuck) {
            List<Job> found = search(start, new LinkedHashSet<>(), done, holdUp, holdUpDone);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    private static List<Job> search(
            Job job, LinkedHashSet<Job> path, Set<Job> done, List<Job> holdUp, boolean[] holdUpDone) {
        if (path.contains(job)) {
            List<Job> round = new ArrayList<>(path);
            return round.subList(round.indexOf(job), round.size());
        }
        if (job.state != Job.State.WAITING || job.parked || !done.add(job)) {
            return List.of();
        }
        path.add(job);
        List<Job> next = new ArrayList<>(job.waitsFor);
        if (job.waitsForStep && !holdUp.isEmpty() && job.step > holdUp.get(0).step && !holdUpDone[0]) {
            next.addAll(holdUp);
        }
        for (Job other : next) {
            List<Job> found = search(other, path, done, holdUp, holdUpDone);
            if (!found.isEmpty()) {
                return found;
            }
        }
        if (next.size() > job.waitsFor.size()) {
            holdUpDone[0] = true; // looked at once with nothing found: no need to look again
        }
        path.remove(job);
        return List.of();
    }
}
