package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ObjDoubleConsumer;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Segments;

/**
 * Those who go by where others are while a timeline is compiled. A way by others is worked out anew whenever the plans of those
 * others change. It ends with what it goes on until; else once those it goes by have done what they do in its step.
 */
final class Followers {

    /** Time between two points of a way that is shown as if it had been drawn, s. */
    private static final double POINT_SECONDS = 0.25;
    /** A point of such a way is left out where it goes by no more (m) without it. */
    private static final double FLAT_METRES = 0.1;

    private static final int MOST_POINTS = 60;
    /** Two who go by a ball that comes to one of them could change their minds for ever. */
    private static final int MOST_REPLANS = 500;
    /** Who stands by then (s) does not run on to something else. */
    private static final double SOON_SECONDS = 0.5;

    private final Simulation run;
    private final Marks marks;
    private final Reactions reactions;
    private final Shadow.Line goalLine;
    /** Plans an end. */
    private final ObjDoubleConsumer<Job> endsAt;

    private final Map<Job, Shadow> going = new LinkedHashMap<>();

    Followers(Simulation run, Marks marks, Reactions reactions, ObjDoubleConsumer<Job> endsAt) {
        this.run = run;
        this.marks = marks;
        this.reactions = reactions;
        this.endsAt = endsAt;
        this.goalLine = Shadow.Line.of(Goals.all(run.path, run.surface), run.surface.lengthMetres() / 2);
    }

    void start(Job job, Following following, double t) {
        List<Mark> settled = following.marks().stream()
                .map(marks::settled)
                .flatMap(Optional::stream)
                .toList();
        if (settled.size() < following.marks().size()) {
            run.reports.followsNoGoal((Travel) job.move, job.runner.at(t), t);
            run.giveUp(job, t);
            return;
        }
        Optional<RoleId> back = settled.stream()
                .flatMap(m -> m.role().stream())
                .filter(r -> goesBy(r, job.runner.role.id(), going.size()))
                .findFirst();
        if (back.isPresent()) {
            run.reports.followsCircle((Travel) job.move, job.runner, back.get(), t);
            run.giveUp(job, t);
            return;
        }
        double late = following.roles().stream()
                .findFirst()
                .map(r -> reactions.seesSeconds(job.runner.role.id(), r))
                .orElseGet(() -> run.pace.reactionSeconds(Cue.SIGHT, 1));
        Optional<Mark> faces = job.faces.or(() -> looks(job, settled));
        Shadow shadow = new Shadow(job, following, settled, faces, marks, run.pace, late, goalLine, t);
        going.put(job, shadow);
        job.end = Double.POSITIVE_INFINITY;
        job.roleFree = Double.POSITIVE_INFINITY;
        run.begin(job, t);
        plan(shadow, t);
    }

    /** Who goes sideways looks at whom he goes by. */
    private static Optional<Mark> looks(Job job, List<Mark> settled) {
        return job.legs().manner() == Manner.SHUFFLE ? Optional.of(settled.get(0)) : Optional.empty();
    }

    /** Whether one goes by another, himself or through others. */
    private boolean goesBy(RoleId one, RoleId other, int deep) {
        return one.equals(other)
                || deep > 0
                        && going.values().stream()
                                .filter(s -> s.job.runner.role.id().equals(one) && s.job.state == Job.State.RUNNING)
                                .flatMap(s -> s.settled().stream())
                                .flatMap(m -> m.role().stream())
                                .anyMatch(r -> goesBy(r, other, deep - 1));
    }

    private void plan(Shadow shadow, double t) {
        shadow.replans++;
        shadow.job.runner.follow(t, shadow);
        run.replanned(shadow.job.runner);
        // a ball that is on its way to him comes down elsewhere now: that is no news to him
        shadow.plans = shadow.plansNow();
    }

    /** After each moment: those whose plans have changed are followed where they go now. */
    void goOn(double t) {
        if (going.isEmpty()) {
            return;
        }
        going.keySet().removeIf(j -> j.state != Job.State.RUNNING);
        boolean changed = true;
        for (int round = 0; changed && round <= going.size(); round++) {
            changed = false;
            for (Shadow shadow : List.copyOf(going.values())) {
                if (shadow.plans != shadow.plansNow() && shadow.replans < MOST_REPLANS) {
                    plan(shadow, t);
                    changed = true;
                }
            }
        }
        for (Shadow shadow : going.values()) {
            boolean open = ((Travel) shadow.job.move).until().isPresent();
            if (!open && !shadow.ending && othersAreDone(shadow)) {
                ends(shadow, t);
            }
        }
    }

    /** Now, if whoever he goes by runs on to something else; else once he stands where he should. */
    private void ends(Shadow shadow, double t) {
        shadow.ending = true;
        double rest = shadow.settled().stream()
                .filter(m -> m.role().isPresent())
                .mapToDouble(marks::restsAt)
                .max()
                .orElse(t);
        double end = rest > t + SOON_SECONDS
                ? t
                : shadow.job
                        .runner
                        .tracked(t)
                        .map(w -> w.thereFrom(Math.max(t, rest)))
                        .orElse(t);
        endsAt.accept(shadow.job, end);
    }

    /** What those whom he goes by do in his step; where that is nothing, what everybody does in it. */
    private boolean othersAreDone(Shadow shadow) {
        List<Job> own = shadow.settled().stream()
                .flatMap(m -> m.role().stream())
                .flatMap(r -> run.runners.get(r).jobs.stream())
                .filter(j -> j.step == shadow.job.step)
                .toList();
        List<Job> others = own.isEmpty()
                ? run.jobsOf(shadow.job.step).stream()
                        .filter(j -> j != shadow.job && j.move.holdsStep() && !going.containsKey(j))
                        .toList()
                : own;
        return others.stream().allMatch(j -> j.state == Job.State.DONE || j.state == Job.State.NEVER);
    }

    /** When nothing else happens any more: the first of those who still go on ends; false where nobody does. */
    boolean endOne(double t) {
        Optional<Shadow> next = going.values().stream()
                .filter(s -> s.job.state == Job.State.RUNNING && !s.ending)
                .findFirst();
        next.ifPresent(s -> ends(s, t));
        return next.isPresent();
    }

    boolean has(Job job) {
        return going.containsKey(job);
    }

    /** It is over: what he has run is as if it had been drawn so. */
    void over(Job job, double t) {
        going.remove(job);
        Travel travel = (Travel) job.move;
        List<Point> way = new ArrayList<>();
        double metres = 0;
        double peak = 0;
        Point before = job.runner.at(job.start);
        int steps = (int) Math.ceil((t - job.start) / POINT_SECONDS);
        for (int i = 1; i <= steps; i++) {
            double at = Math.min(t, job.start + i * POINT_SECONDS);
            Point here = job.runner.at(at);
            metres += here.distanceTo(before);
            peak = Math.max(peak, job.runner.velocity(at).length());
            way.add(here);
            before = here;
        }
        job.metres = metres;
        job.peakSpeed = peak;
        job.legs = travel.withPath(drawn(job.runner.at(job.start), way, before));
    }

    /** Few points that stand for many. */
    private static List<Waypoint> drawn(Point start, List<Point> way, Point end) {
        List<Waypoint> few = new ArrayList<>();
        Point from = start;
        for (int i = 0; i + 1 < way.size() && few.size() < MOST_POINTS; i++) {
            Point here = way.get(i);
            double off = Segments.distance(here, from, way.get(i + 1));
            if (off > FLAT_METRES / 4 && here.distanceTo(from) > FLAT_METRES) {
                few.add(new Waypoint(here.toMillimetres(), false));
                from = here;
            }
        }
        few.add(new Waypoint(end.toMillimetres(), false));
        return few;
    }
}
