package wildchalk.core.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;

/** One role while a timeline is compiled: where it has been planned to be so far, and what it holds. */
final class Runner {

    /** So much longer than the hardest braking allows, so that rounding asks nothing impossible. */
    private static final double BRAKING_SLACK = 1.01;

    private static final double LEAST_BRAKING_METRES = 0.05;

    /** Who is slower (m/s) stands within a step. */
    private static final double SLOW = 0.3;

    /** Below a millimetre nobody runs out: a rounding. */
    private static final double LEAST_RUN_OUT_METRES = 1e-3;

    final Role role;
    final List<Job> jobs = new ArrayList<>();
    /** Passes and shots that wait for a ball. */
    final Deque<Job> waitingForBall = new ArrayDeque<>();
    /** Balls in hand, the longest held first. */
    final Deque<BallRun> holds = new ArrayDeque<>();

    /** Whether he still has to get up. */
    boolean down;

    /** Until then (s) somebody holds him, and he goes nowhere. */
    double busyUntil;

    /** How many of the balls in hand are on their way out of it while he runs on. */
    int leaving;

    private final Pace pace;
    /** His pace against that of his age. */
    final double own;

    private final double whistleFacing;
    private final List<Trajectory.Piece> pieces = new ArrayList<>();
    private final List<Trajectory.Sweep> sweeps = new ArrayList<>();
    /** Goes up whenever the plan changes. */
    int plans;

    /** The travel that is under way, and those that follow it without a stop. */
    private List<Job> chain = List.of();

    private List<Boolean> chainCarries = List.of();

    /** Where on the planned line (m) each travel of the chain starts. */
    private List<Double> chainFrom = List.of();

    /** @param tempo share of his pace at which all is run */
    Runner(Role role, Point start, double facing, Pace pace, double tempo) {
        this.own = role.pace() * tempo;
        this.role = role;
        this.pace = pace;
        this.whistleFacing = facing;
        this.down = role.posture() != Posture.STANDING;
        pieces.add(new Trajectory.Still(0, start, facing));
    }

    /** No speed of this role exceeds it, m/s. */
    double fastest() {
        return pace.topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false) * own;
    }

    Point at(double t) {
        return Trajectory.pieceAt(pieces, t).at(t);
    }

    Trajectory trajectory() {
        return new Trajectory(pieces, sweeps);
    }

    List<Job> chain() {
        return chain;
    }

    boolean plannedNext(Job job, boolean carrying) {
        int i = chain.indexOf(job);
        return i > 0 && chainCarries.get(i) == carrying;
    }

    /** Drops the travels before {@code job} from the chain: it is under way now. */
    void advanceTo(Job job) {
        int i = chain.indexOf(job);
        // copies, since views of views of views would grow with every travel
        chain = List.copyOf(chain.subList(i, chain.size()));
        chainCarries = List.copyOf(chainCarries.subList(i, chainCarries.size()));
        chainFrom = List.copyOf(chainFrom.subList(i, chainFrom.size()));
    }

    /** Whether the travel that has just ended goes over into the next without a stop. */
    boolean goesOn() {
        return chain.size() > 1;
    }

    /** How long before a second (s) he was last within reach of a place; empty if he never was. */
    Optional<Double> lastWithin(Point place, double metres, double t) {
        for (double back = 0; back <= t; back += 0.05) {
            if (at(t - back).isWithin(metres, place)) {
                return Optional.of(back);
            }
        }
        return Optional.empty();
    }

    /** From when on he stands, as things are planned now. */
    double restsAt() {
        return pieces.get(pieces.size() - 1).restsAt();
    }

    Point velocity(double t) {
        return Trajectory.pieceAt(pieces, t).velocity(t);
    }

    /** Goes by others from a second on. */
    void follow(double t, Shadow shadow) {
        Trajectory.Piece now = Trajectory.pieceAt(pieces, t);
        Tracked way = shadow.plan(t, now, heading(now, t), whistleFacing);
        plans++;
        leavesChain();
        cutFrom(t);
        pieces.add(way);
    }

    /** Where somebody goes, or looks if he stands, degrees. */
    private static double heading(Trajectory.Piece now, double t) {
        Point v = now.velocity(t);
        return v.length() > LEAST_BRAKING_METRES ? v.headingDegrees() : now.facing(t);
    }

    /** The way by others that he is on; empty for another. */
    Optional<Tracked> tracked(double t) {
        return Trajectory.pieceAt(pieces, t) instanceof Tracked way ? Optional.of(way) : Optional.empty();
    }

    /** Leaves off going by others: straight on until he stands. */
    void brake(Job job, double t) {
        Point v = velocity(t);
        if (v.length() < SLOW) {
            stand(t);
            return;
        }
        double metres = BRAKING_SLACK * gait(job, job.carrying).stopMetres(v.length()) + LEAST_BRAKING_METRES;
        Point here = at(t);
        Route straight = new Route(
                new Polyline(List.of(here, here.plus(Point.polar(metres, v.headingDegrees())))),
                List.of(),
                Map.of(),
                Map.of());
        Job braking = new Job(job.move, job.index, job.step, this);
        braking.legs = job.legs();
        braking.faces = job.faces;
        braking.route = straight;
        plan(t, new Chains.Chain(List.of(braking), List.of(job.carrying), List.of(1.0)));
        job.runOut = braking.metres;
        chain = List.of(job);
    }

    /** Turns where he stands, or while he goes on; his own plan says where he looks then. */
    void turn(double t, double seconds, double sweepDegrees, boolean onTheRun) {
        Trajectory.Piece now = Trajectory.pieceAt(pieces, t);
        double from = now.facing(Math.max(now.start(), t - 1e-9));
        if (onTheRun) {
            List<Trajectory.Piece> before =
                    pieces.stream().filter(p -> p.start() < t).toList();
            from = before.isEmpty() ? from : before.get(before.size() - 1).facing(t - 1e-9);
        } else {
            stand(t);
            pieces.add(new Trajectory.Still(t + seconds, now.at(t), Headings.normalise(from + sweepDegrees)));
        }
        sweeps.add(new Trajectory.Sweep(t, t + seconds, from, sweepDegrees));
    }

    void stand(double t) {
        plans++;
        Trajectory.Piece last = Trajectory.pieceAt(pieces, t);
        chain = List.of();
        chainCarries = List.of();
        chainFrom = List.of();
        cutFrom(t);
        pieces.add(new Trajectory.Still(t, last.at(t), last.facing(t)));
    }

    /**
     * Plans a chain of travels from second {@code t} on, the first of them just starting or under way, the others joined
     * to it. Sets the times and lengths of all of them.
     */
    void plan(double t, Chains.Chain next) {
        plans++;
        if (runsOut(t)) {
            Job over = chain.get(chain.size() - 1);
            over.runOut -= at(t).distanceTo(pieces.get(pieces.size() - 1).at(t));
        }
        List<Job> jobs = next.jobs();
        List<Boolean> carries = next.carries();
        Trajectory.Piece now = Trajectory.pieceAt(pieces, t);
        double speed = now.speed(t);
        Job first = jobs.get(0);
        double already = 0;
        double standing = 0;
        if (first.route == null) {
            first.route = from(now, t, first.legs());
        } else if (now instanceof Trajectory.Under under) {
            already = under.profile().metresAt(t - under.clock()) - chainFrom.get(0);
            standing = under.profile().standsFor(t - under.clock());
        }
        List<Route> routes = new ArrayList<>(List.of(first.route));
        double[] ends = new double[jobs.size()];
        Polyline before = first.route.line();
        for (int i = 1; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            job.route = Route.of(before.point(before.size() - 1), job.legs());
            routes.add(job.route);
            before = job.route.line();
        }
        Route whole = Route.joined(routes, next.keeps());
        int joint = 0;
        for (int i = 0; i < ends.length; i++) {
            joint += routes.get(i).line().size() - 1;
            ends[i] = whole.line().metresAt(joint);
        }
        SpeedProfile profile =
                SpeedProfile.of(limits(whole, already, standing, ends, jobs, carries), speed, next.runsThrough());
        setPieces(t, already, jobs, ends, withRunOut(whole.line(), profile.metres()), profile);
        chain = jobs;
        chainCarries = carries;
        chainFrom = new ArrayList<>(List.of(0.0));
        for (int i = 1; i < ends.length; i++) {
            chainFrom.add(ends[i - 1]);
        }
    }

    /** The route of a travel; where somebody still runs out of an earlier one, straight on first, until he is slow enough to turn. */
    private Route from(Trajectory.Piece now, double t, Travel travel) {
        Route route = Route.of(now.at(t), travel);
        double speed = now.speed(t);
        if (speed <= 0) {
            return route;
        }
        double heading = now.velocity(t).headingDegrees();
        double turn = Headings.between(heading, route.line().headingAt(0));
        Gait legs = pace.gait(travel.manner(), Effort.FLAT_OUT, false, own);
        double metres = legs.stopMetres(speed) - legs.stopMetres(Math.min(speed, pace.cornerSpeed(turn, own)));
        if (metres <= LEAST_BRAKING_METRES) {
            return route;
        }
        Point corner = now.at(t).plus(Point.polar(metres, heading));
        Route straightOn = new Route(new Polyline(List.of(now.at(t), corner)), List.of(), Map.of(), Map.of());
        return Route.joined(List.of(straightOn, Route.of(corner, travel)), List.of(1.0, 1.0));
    }

    /** When he would be at the end of a run that begins now, going through it; nothing is planned by it. */
    double wouldArrive(double t, Travel travel) {
        Trajectory.Piece now = Trajectory.pieceAt(pieces, t);
        Job trial = new Job(travel, 0, 0, this);
        Route route = from(now, t, travel);
        double end = route.line().length();
        SpeedProfile profile = SpeedProfile.of(
                limits(route, 0, 0, new double[] {end}, List.of(trial), List.of(false)), now.speed(t), true);
        return t + profile.secondsAt(end);
    }

    /** Something else has taken him out of what he was running. */
    void leavesChain() {
        chain = List.of();
        chainCarries = List.of();
        chainFrom = List.of();
    }

    /** How far (m) he has come of the travel under way. */
    double gone(double t) {
        return Trajectory.pieceAt(pieces, t) instanceof Trajectory.Under under && !chainFrom.isEmpty()
                ? under.profile().metresAt(t - under.clock()) - chainFrom.get(0)
                : 0;
    }

    /** Whether he is past the end of his last run and not standing yet. */
    boolean runsOut(double t) {
        return !chain.isEmpty() && chain.get(chain.size() - 1).end <= t && t < restsAt();
    }

    /** A line drawn out straight to a length in metres. */
    private static Polyline withRunOut(Polyline line, double metres) {
        double more = metres - line.length();
        if (more <= LEAST_RUN_OUT_METRES) {
            return line;
        }
        List<Point> points = new ArrayList<>(line.points());
        points.add(points.get(points.size() - 1).plus(Point.polar(more, line.headingAt(line.length()))));
        return new Polyline(points);
    }

    /** Shortens a travel that is under way to where he can stop from a second on; false if its path is no longer. */
    boolean cutShort(Job job, double t) {
        Trajectory.Piece now = Trajectory.pieceAt(pieces, t);
        double gone = gone(t);
        double speed = now.speed(t);
        double metres = gone + BRAKING_SLACK * gait(job, job.carrying).stopMetres(speed) + LEAST_BRAKING_METRES;
        if (metres >= job.route.line().length()) {
            return false;
        }
        job.route = job.route.upTo(metres);
        return true;
    }

    private Gait gait(Job job, boolean carrying) {
        Travel travel = job.legs();
        return pace.gait(travel.manner(), travel.effort(), carrying, own);
    }

    private void setPieces(
            double t, double already, List<Job> jobs, double[] ends, Polyline line, SpeedProfile profile) {
        cutFrom(t);
        double from = t;
        for (int i = 0; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            double until = t + profile.secondsAt(ends[i]);
            pieces.add(new Trajectory.Under(from, line, profile, t, job.legs().manner(), job.faces, whistleFacing));
            job.end = until;
            job.roleFree = until;
            job.metres = ends[i] - (i == 0 ? 0 : ends[i - 1]);
            job.peakSpeed =
                    Math.max(already > 0 && i == 0 ? job.peakSpeed : 0, profile.peakBetween(from - t, until - t));
            job.runOut = 0;
            from = until;
        }
        Trajectory.Piece last = pieces.get(pieces.size() - 1);
        double rest = t + profile.seconds();
        jobs.get(jobs.size() - 1).runOut = Math.max(0, profile.metres() - ends[ends.length - 1]);
        pieces.add(new Trajectory.Still(Math.max(from, rest), last.at(rest), last.facing(rest)));
    }

    /** Forgets what was planned from a second on; the first piece stays, for it holds the place at the whistle. */
    private void cutFrom(double t) {
        while (pieces.size() > 1 && pieces.get(pieces.size() - 1).start() >= t) {
            pieces.remove(pieces.size() - 1);
        }
    }

    private SpeedProfile.Limits limits(
            Route route, double already, double standing, double[] ends, List<Job> jobs, List<Boolean> carries) {
        var line = route.line();
        int firstPoint = 1;
        while (firstPoint < line.size() - 1 && line.metresAt(firstPoint) <= already) {
            firstPoint++;
        }
        int n = line.size() - firstPoint;
        double[] metresAt = new double[n + 1];
        double[] cap = new double[n];
        double[] speedAt = new double[n + 1];
        double[] stop = new double[n + 1];
        Gait[] gaits = new Gait[n];
        metresAt[0] = already;
        speedAt[0] = Double.POSITIVE_INFINITY;
        stop[0] = standing;
        int job = 0;
        for (int i = 0; i < n; i++) {
            metresAt[i + 1] = line.metresAt(firstPoint + i);
            double middle = (metresAt[i] + metresAt[i + 1]) / 2;
            int before = job;
            while (job + 1 < ends.length && middle > ends[job]) {
                job++;
            }
            gaits[i] = i > 0 && job == before ? gaits[i - 1] : gait(jobs.get(job), carries.get(job));
            cap[i] = Double.POSITIVE_INFINITY;
            speedAt[i + 1] = Double.POSITIVE_INFINITY;
        }
        boolean[] corners = route.cornerMarks();
        if (firstPoint > 1 && !corners[firstPoint - 1]) {
            double curvature = route.curvatureAt(firstPoint - 1);
            cap[0] = curvature > 0 ? Math.min(cap[0], Math.sqrt(pace.lateral() / curvature)) : cap[0];
        }
        for (int i = 1; i < n; i++) {
            if (corners[firstPoint + i - 1]) {
                corner(route, firstPoint + i - 1, i, gaits, speedAt, stop);
            } else {
                curve(route, firstPoint + i - 1, i, cap, speedAt);
            }
        }
        stop[n] = route.stops().getOrDefault(line.size() - 1, 0.0);
        return new SpeedProfile.Limits(metresAt, cap, speedAt, stop, gaits);
    }

    /** Slows what passes a corner, by the turn. */
    private void corner(Route route, int point, int i, Gait[] gaits, double[] speedAt, double[] stop) {
        double turn = route.turnDegreesAt(point);
        speedAt[i] = pace.cornerSpeed(turn, own);
        stop[i] = pace.plantSeconds(turn);
        if (route.keeps().containsKey(point)) {
            double top = Math.min(gaits[i - 1].top(), gaits[i].top());
            speedAt[i] = Math.min(speedAt[i], route.keeps().get(point) * top);
        }
        if (route.stops().containsKey(point)) {
            speedAt[i] = 0;
            stop[i] = Math.max(stop[i], route.stops().get(point));
        }
    }

    /** Slows what passes an inner point of a curve, by the lateral limit. */
    private void curve(Route route, int point, int i, double[] cap, double[] speedAt) {
        double curvature = route.curvatureAt(point);
        double fastest = curvature > 0 ? Math.sqrt(pace.lateral() / curvature) : Double.POSITIVE_INFINITY;
        // pieces on both sides obey it, so that it holds between the points too
        cap[i - 1] = Math.min(cap[i - 1], fastest);
        cap[i] = Math.min(cap[i], fastest);
        speedAt[i] = fastest;
    }
}
