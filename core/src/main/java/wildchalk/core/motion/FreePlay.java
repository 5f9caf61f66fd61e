package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Joining;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;

/**
 * Open play while a timeline is compiled: nobody knows what happens in it, so everybody mills about in a way that could be, the same
 * at every look: attackers look for room, defenders stay near them, the ball goes round among those of its side. Only how long it
 * lasts and how it ends are said by the drill.
 */
final class FreePlay {

    /** Share of a steady run that somebody covers who plays: half of the time he looks or waits (estimate). */
    private static final double COVERS_SHARE = 0.55;
    /** He changes his mind about so often, s (estimate). */
    private static final double CHANGES_SECONDS = 1.6;
    /** A defender stays so far from his attacker, m (estimate). */
    private static final double MARKS_METRES = 1.5;
    /** Two of a side keep so far apart, m (estimate). */
    private static final double APART_METRES = 3;

    private static final int TRIES = 12;
    /** The ball is held so long, and then flies so long, s (estimate). */
    private static final double HELD_SECONDS = 1.6;

    private static final double HELD_SPREAD = 0.9;
    private static final double FLIES_SECONDS = 0.6;
    /** A ball that goes out comes to rest so far outside, m. */
    private static final double OUT_METRES = 1.5;
    /** A shot that does not go in comes to rest so far before the goal, m. */
    private static final double BEFORE_GOAL_METRES = 3;

    private final Simulation run;
    private final BallPlay balls;
    private final Map<Job, BallRun> ballOf = new HashMap<>();

    FreePlay(Simulation run, BallPlay balls) {
        this.run = run;
        this.balls = balls;
    }

    Void start(Job job, OpenPlay play, double t) {
        Random random = new Random(job.move.id().text().hashCode());
        double end = t + play.typicalSeconds();
        List<Runner> players = new ArrayList<>(List.of(job.runner));
        play.with().stream()
                .map(run.runners::get)
                .filter(r -> !players.contains(r))
                .forEach(players::add);
        PlayArea area = PlayArea.of(run.path, run.surface, play.zone(), places(players, t));
        Map<Runner, List<Point>> ways = ways(players, area, t, end, random);
        ways.forEach((runner, way) -> goes(job, runner, way, t, end));
        Optional<BallRun> ball = ballOf(players);
        Map<RoleId, Double> touches = new LinkedHashMap<>();
        ball.ifPresent(b -> {
            ballOf.put(job, b);
            goesRound(job.step, play, b, players, touches, t, end, random);
        });
        for (Joining joining : play.joining()) {
            Runner comes = run.runners.get(joining.who());
            double at = touches.getOrDefault(joining.at(), t + play.typicalSeconds() / 2);
            if (!players.contains(comes) && comes.restsAt() <= at) {
                goes(job, comes, List.of(area.near(comes.at(at))), at, end);
                players.add(comes);
            }
        }
        run.endsAfter(job, t, play.typicalSeconds(), false);
        return null;
    }

    private static List<Point> places(List<Runner> players, double t) {
        return players.stream().map(r -> r.at(t)).toList();
    }

    private Optional<BallRun> ballOf(List<Runner> players) {
        return players.stream()
                .flatMap(r -> r.holds.stream())
                .findFirst()
                .or(() -> balls.balls.stream()
                        .filter(b -> b.state() instanceof BallState.Loose)
                        .findFirst());
    }

    // ---- people ----

    /**
     * Directions as those see them who play, so that a drill that is mirrored or turned is played mirrored or turned.
     *
     * @param northDegrees from the first of them to where all of them are
     * @param sense 1 or -1; 0 where they and the middle of the surface stand in one line
     */
    private record Compass(double northDegrees, int sense) {

        static Compass of(List<Point> places) {
            List<Point> all = new ArrayList<>(places);
            all.add(Point.ORIGIN);
            Point own = places.get(0);
            Point sum = Point.ORIGIN;
            double turn = 0;
            for (int i = 1; i < all.size(); i++) {
                sum = sum.plus(all.get(i).minus(own));
                for (int j = i + 1; j < all.size(); j++) {
                    turn += all.get(i).minus(own).cross(all.get(j).minus(own)) / j;
                }
            }
            double north = sum.length() < 1e-6 ? 0 : sum.headingDegrees();
            return new Compass(north, Math.abs(turn) < 1e-6 ? 0 : (int) Math.signum(turn));
        }

        /** @param share of the whole round */
        double heading(double share) {
            return sense == 0 ? northDegrees + (share < 0.5 ? 0 : 180) : northDegrees + sense * 360 * share;
        }
    }

    private Map<Runner, List<Point>> ways(List<Runner> players, PlayArea area, double t, double end, Random random) {
        Map<Runner, List<Point>> ways = new LinkedHashMap<>();
        Map<Runner, Point> now = new LinkedHashMap<>();
        players.forEach(r -> {
            ways.put(r, new ArrayList<>());
            now.put(r, r.at(t));
        });
        int changes = (int) Math.max(1, Math.floor((end - t - CHANGES_SECONDS / 2) / CHANGES_SECONDS));
        Side first = players.get(0).role.side();
        Compass compass = Compass.of(places(players, t));
        for (int i = 0; i < changes; i++) {
            for (Runner runner : players) {
                double most = COVERS_SHARE * CHANGES_SECONDS * steady(runner);
                Point from = now.get(runner);
                Point to = runner.role.side() == first || runner.role.side() == Side.NEUTRAL
                        ? room(runner, from, most, now, area, compass, random)
                        : beside(runner, from, most, now, first, area);
                ways.get(runner).add(to);
                now.put(runner, to);
            }
        }
        return ways;
    }

    private double steady(Runner runner) {
        return run.pace.topSpeed(Manner.FORWARD, Effort.STEADY, false) * runner.own;
    }

    /** Somewhere near, in the area, away from the others of his side. */
    private Point room(
            Runner runner,
            Point from,
            double most,
            Map<Runner, Point> now,
            PlayArea area,
            Compass compass,
            Random random) {
        for (int i = 0; i < TRIES; i++) {
            double metres = most * (0.4 + 0.6 * random.nextDouble());
            Point to = from.plus(Point.polar(metres, compass.heading(random.nextDouble())));
            boolean free = now.entrySet().stream()
                    .filter(e -> e.getKey() != runner && e.getKey().role.side() == runner.role.side())
                    .noneMatch(e -> e.getValue().isWithin(APART_METRES, to));
            if (free && area.contains(to) && mayBe(runner, to)) {
                return to.toMillimetres();
            }
        }
        return from;
    }

    /** Towards the attacker who is nearest. */
    private Point beside(Runner runner, Point from, double most, Map<Runner, Point> now, Side first, PlayArea area) {
        Optional<Point> attacker = now.entrySet().stream()
                .filter(e -> e.getKey().role.side() == first)
                .map(Map.Entry::getValue)
                .min((a, b) -> Double.compare(a.distanceTo(from), b.distanceTo(from)));
        if (runner.role.side() == Side.KEEPER || attacker.isEmpty()) {
            return from;
        }
        double gap = attacker.get().distanceTo(from) - MARKS_METRES;
        double step = Math.max(-most, Math.min(most, gap));
        double whole = attacker.get().distanceTo(from);
        if (whole < 1e-6) {
            return from;
        }
        Point to = from.plus(attacker.get().minus(from).times(step / whole));
        return area.contains(to) && mayBe(runner, to) ? to.toMillimetres() : from;
    }

    /** Whether a rule binds him to a zone that a place is not in. */
    private boolean mayBe(Runner runner, Point place) {
        return run.path.course().holds().stream()
                .filter(h -> h.role().equals(runner.role.id()))
                .allMatch(h -> PlayArea.allows(run.path, run.surface, h, place));
    }

    private void goes(Job job, Runner runner, List<Point> way, double t, double end) {
        if (runner != job.runner) {
            run.leaves(runner, t);
        }
        runner.busyUntil = Math.max(runner.busyUntil, end);
        List<Waypoint> points = new ArrayList<>();
        Point before = runner.at(t);
        for (Point p : way) {
            if (!p.isWithin(0.2, before)) {
                points.add(new Waypoint(p, false));
                before = p;
            }
        }
        if (points.isEmpty()) {
            runner.stand(t);
            return;
        }
        Job legs = new Job(job.move, job.index, job.step, runner);
        legs.legs = new Travel(
                job.move.id(), runner.role.id(), Optional.empty(), false, Manner.FORWARD, Effort.STEADY, points);
        legs.ending = Endings.Ending.TO_A_STOP;
        runner.plan(t, new Chains.Chain(List.of(legs), List.of(false), List.of(1.0)));
    }

    // ---- the ball ----

    /** From one to the next of those who have it, and at last to where the ending leaves it. */
    private void goesRound(
            int step,
            OpenPlay play,
            BallRun ball,
            List<Runner> players,
            Map<RoleId, Double> touches,
            double t,
            double end,
            Random random) {
        Runner has = ball.state().holder().map(run.runners::get).orElse(null);
        if (has == null) {
            has = nearest(players, BallPlay.lies(ball), t);
            Point from = BallPlay.lies(ball);
            double there = t + FLIES_SECONDS;
            flies(ball, from, has.at(there), t, there);
            ball.set(new BallState.Held(there, has.role.id()));
        }
        has.holds.remove(ball);
        run.touched(has);
        touches.put(has.role.id(), t);
        Side side = has.role.side();
        List<Runner> own = players.stream().filter(r -> r.role.side() == side).toList();
        double now = Math.max(t, ball.state().start());
        while (own.size() > 1) {
            double leaves = now + HELD_SECONDS + HELD_SPREAD * (random.nextDouble() - 0.5);
            double arrives = leaves + FLIES_SECONDS;
            if (arrives > end - 2 * FLIES_SECONDS) {
                break;
            }
            Runner from = has;
            List<Runner> others = own.stream().filter(r -> r != from).toList();
            Runner next = others.get(random.nextInt(others.size()));
            flies(ball, has.at(leaves), next.at(arrives), leaves, arrives);
            ball.set(new BallState.Held(arrives, next.role.id()));
            touches.putIfAbsent(next.role.id(), arrives);
            has = next;
            now = arrives;
        }
        ends(step, play, ball, has, players, end);
    }

    private void ends(int step, OpenPlay play, BallRun ball, Runner has, List<Runner> players, double end) {
        double leaves = Math.max(ball.state().start() + 0.05, end - FLIES_SECONDS);
        Point from = has.at(leaves);
        Optional<GoalMouth> goal = Goals.all(run.path, run.surface).stream()
                .min((a, b) ->
                        Double.compare(a.centre().distanceTo(from), b.centre().distanceTo(from)));
        switch (play.ending()) {
            case GOAL ->
                goal.ifPresent(g -> {
                    flies(ball, from, g.centre(), leaves, end);
                    ball.set(new BallState.Dead(end, g.centre()));
                });
            case SHOT ->
                goal.ifPresent(g -> {
                    Point rest = g.centre().plus(Point.polar(BEFORE_GOAL_METRES, g.facingDegrees()));
                    flies(ball, from, rest, leaves, end);
                    ball.set(new BallState.Loose(end, rest));
                });
            case OUT -> {
                PlayArea area = PlayArea.of(run.path, run.surface, play.zone(), places(players, end));
                Point out = area.outside(from, OUT_METRES);
                flies(ball, from, out, leaves, end);
                ball.set(new BallState.Loose(end, out));
            }
            case WON ->
                winner(step, has, players, from, end).ifPresent(r -> {
                    flies(ball, from, r.at(end), leaves, end);
                    ball.set(new BallState.Held(end, r.role.id()));
                });
            case PASSES, WHISTLE -> {}
        }
        ball.version++;
        ball.receiver = null;
        ball.flyingFor = null;
    }

    /** Of the other side whoever goes on first after play; where nobody does, who is nearest. */
    private static Optional<Runner> winner(int step, Runner has, List<Runner> players, Point from, double end) {
        return players.stream()
                .filter(r -> r.role.side() != has.role.side())
                .min(Comparator.<Runner>comparingInt(r -> r.jobs.stream()
                                .mapToInt(j -> j.step)
                                .filter(s -> s > step)
                                .min()
                                .orElse(Integer.MAX_VALUE))
                        .thenComparingDouble(r -> r.at(end).distanceTo(from)));
    }

    private static void flies(BallRun ball, Point from, Point to, double leaves, double arrives) {
        double speed = Math.max(1e-6, from.distanceTo(to) / (arrives - leaves));
        ball.set(new BallState.InFlight(new Flight(leaves, from, to, speed, 0, true)));
    }

    private static Runner nearest(List<Runner> players, Point place, double t) {
        return players.stream()
                .min((a, b) -> Double.compare(a.at(t).distanceTo(place), b.at(t).distanceTo(place)))
                .orElseThrow();
    }

    /** It is over: whoever has the ball has it. */
    void end(Job job, OpenPlay play, double t) {
        BallRun ball = ballOf.remove(job);
        if (ball == null) {
            return;
        }
        ball.state().holder().map(run.runners::get).ifPresent(r -> {
            r.holds.add(ball);
            ball.heldSince = t;
            boolean won = play.ending() == PlayEnd.WON;
            balls.happened(won ? Happening.Kind.WON : Happening.Kind.CAUGHT_IN_PLAY, ball, job, r, t, r.at(t));
            run.touched(r);
            run.ballMoves(r, false, job, t);
            run.happened(new Event.Handles(r.role.id(), Event.Handling.GETS), t);
        });
        if (ball.state() instanceof BallState.Dead dead) {
            balls.happened(Happening.Kind.AT_GOAL, ball, job, null, t, dead.at());
        } else if (ball.state() instanceof BallState.Loose loose) {
            balls.happened(Happening.Kind.LANDED, ball, job, null, t, loose.at());
        }
        balls.wakePickUps(t);
    }
}
