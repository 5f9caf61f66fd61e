package wildchalk.core.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Letters;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Puts into words what cannot happen as drawn. */
final class Reports {

    private final Path drill;
    private final Surface surface;
    private final Map<MoveId, Integer> order;
    /** Made when something is to be named. */
    private EventNames events;

    private final List<Finding> findings = new ArrayList<>();

    Reports(Path drill, Surface surface) {
        this.drill = drill;
        this.surface = surface;
        this.order = drill.moveOrder();
    }

    private EventNames events() {
        events = events == null ? new EventNames(drill, surface) : events;
        return events;
    }

    List<Finding> sorted() {
        return findings.stream()
                .sorted(Comparator.comparing(Finding::severity)
                        .thenComparing(f ->
                                f.moves().isEmpty() ? -1 : order.get(f.moves().get(0))))
                .toList();
    }

    void noGoal(Shot shot, Point where, double t) {
        add(Severity.STOP, "no-goal", List.of(shot.id()), where, t, name(shot), shot.goal());
    }

    void lostPass(Pass pass, Flight flight, Runner receiver, double t) {
        if (receiver == null) {
            double missing = flight.range() > 1e6 ? 0 : pass.to().match(r -> 0.0, p -> p.at().distanceTo(flight.to()));
            add(
                    Severity.WARN,
                    "pass-too-soft",
                    List.of(pass.id()),
                    flight.to(),
                    t,
                    name(pass),
                    Numbers.metres(missing));
        } else {
            double gap = flight.to().distanceTo(receiver.at(t));
            add(
                    Severity.STOP,
                    "pass-not-caught",
                    List.of(pass.id()),
                    flight.to(),
                    t,
                    name(pass),
                    receiver.role.label(),
                    Numbers.metres(gap));
        }
    }

    /** The runner came to the spot after the ball. */
    void areaPassLate(Pass pass, Runner runner, Point spot, double seconds, double metres, double t) {
        add(
                Severity.WARN,
                "area-pass-late",
                List.of(pass.id()),
                spot,
                t,
                name(pass),
                runner.role.label(),
                Numbers.seconds(seconds),
                Numbers.metres(metres));
    }

    /** The runner was never there after the ball came down: too early, or somewhere else. */
    void areaPassMissed(Pass pass, Runner runner, Point spot, double metres, double t) {
        Optional<Double> early = runner.lastWithin(spot, Pace.HAND_OFF_METRES, t);
        add(
                Severity.WARN,
                early.isPresent() ? "area-pass-early" : "area-pass-missed",
                List.of(pass.id()),
                spot,
                t,
                name(pass),
                runner.role.label(),
                Numbers.seconds(early.orElse(0.0)),
                Numbers.metres(metres));
    }

    void contestFar(Move move, Runner winner, Point where, double metres, double t) {
        add(
                Severity.WARN,
                "contest-far",
                List.of(move.id()),
                where,
                t,
                name(move),
                winner.role.label(),
                Numbers.metres(metres));
    }

    /** Somebody does what a rule forbids him. */
    void holdBroken(Rule.Hold hold, Point where, double t) {
        add(
                Severity.WARN,
                "hold-" + hold.what().name().toLowerCase(Locale.ROOT),
                List.of(),
                where,
                t,
                drill.role(hold.role()).orElseThrow().label(),
                Numbers.seconds(t));
    }

    /** What is drawn does not keep to a rule. */
    void limitBroken(Rule.Limit limit, List<MoveId> moves, Point where, double t, Object... figures) {
        add(Severity.WARN, "limit-" + limit.kind().name().toLowerCase(Locale.ROOT), moves, where, t, figures);
    }

    /** A zone of a rule or a trigger that is neither drawn nor on the surface. */
    void noZone(String id) {
        add(Severity.WARN, "no-zone", List.of(), Point.ORIGIN, 0, id);
    }

    /** What should have ended a travel came after its end, before its start or never. */
    void until(String rule, Travel travel, Point where, double seconds, double t) {
        String what = events().of(travel.until().orElseThrow());
        add(Severity.WARN, rule, List.of(travel.id()), where, t, name(travel), what, Numbers.seconds(seconds));
    }

    void twoBalls(Runner runner, Move move, Point where, double t) {
        add(Severity.WARN, "two-balls", List.of(move.id()), where, t, name(move), runner.role.label());
    }

    /**
     * Says why moves are stuck, and returns those to give up on: circles first, then what lacks a ball, then what waits
     * for something that never comes, then the rest.
     */
    List<Job> explainStuck(List<Job> stuck, Map<MoveId, Job> jobOf, List<BallRun> balls, double now) {
        List<Job> circle = circle(stuck);
        if (!circle.isEmpty()) {
            String names = circle.stream().map(j -> name(j.move)).collect(Collectors.joining(" → "));
            add(
                    Severity.STOP,
                    "circle",
                    circle.stream().map(j -> j.move.id()).toList(),
                    circle.get(0).runner.at(now),
                    now,
                    names + " → " + name(circle.get(0).move));
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
        watching.forEach(j -> add(
                Severity.STOP,
                "event-never",
                List.of(j.move.id()),
                j.runner.at(now),
                now,
                name(j.move),
                events().of(j.watch.event)));
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
        String label = job.runner.role.label();
        if (job.move instanceof PickUp) {
            Optional<Double> nearest = balls.stream()
                    .filter(b -> b.state() instanceof BallState.Loose || b.state() instanceof BallState.Dead)
                    .map(b -> BallPlay.lies(b).distanceTo(at))
                    .min(Double::compare);
            String key = nearest.isPresent() ? "nothing-in-reach" : "nothing-to-pick-up";
            add(
                    Severity.STOP,
                    key,
                    List.of(job.move.id()),
                    at,
                    now,
                    name(job.move),
                    label,
                    surface.ballName(),
                    Numbers.metres(nearest.orElse(0.0)));
        } else {
            add(Severity.STOP, "no-ball", List.of(job.move.id()), at, now, name(job.move), label, surface.ballName());
        }
    }

    private void neverComes(Job job, Set<Job> orphans, Map<MoveId, Job> jobOf, double now) {
        Trigger trigger = job.move.trigger().orElseThrow();
        Job other = jobOf.get(trigger.move().orElseThrow());
        boolean isCatch = trigger.event() instanceof Event.Caught;
        String key = !isCatch || other.state == Job.State.NEVER || orphans.contains(other)
                ? "waits-for-never"
                : other.move instanceof Pass ? "never-caught" : "not-a-pass";
        add(
                Severity.STOP,
                key,
                List.of(job.move.id(), other.move.id()),
                job.runner.at(now),
                now,
                name(job.move),
                name(other.move));
    }

    /** The first circle among stuck moves, in the order in which each waits for the next; empty if there is none. */
    private static List<Job> circle(List<Job> stuck) {
        // steps open one after the other, so whoever waits for a step waits for what is stuck in the earliest one
        int open = stuck.stream().mapToInt(j -> j.step).min().orElse(0);
        List<Job> holdUp =
                stuck.stream().filter(j -> j.step == open && !j.move.runsOn()).toList();
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

    private String name(Move move) {
        return Texts.CORE.get(
                "move.name",
                Letters.of(order.get(move.id())),
                drill.role(move.role()).orElseThrow().label(),
                Texts.CORE.get("move.kind." + MoveKinds.of(move)));
    }

    private void add(Severity severity, String rule, List<MoveId> moves, Point where, double t, Object... arguments) {
        findings.add(new Finding(
                severity,
                rule,
                Texts.CORE.get("finding." + rule, arguments),
                Texts.CORE.get("remedy." + rule, arguments),
                moves,
                Optional.of(where),
                Optional.of(t)));
    }
}
