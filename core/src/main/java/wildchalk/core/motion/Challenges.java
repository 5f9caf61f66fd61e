package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Verdict;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;

/**
 * How a ball is lost while a timeline is compiled: whoever tries for one goes flat out to the earliest place at which he and the
 * ball, or its carrier, can be at the same time, and what is said to become of it comes true only if he gets there.
 */
final class Challenges {

    /** Sports in which who is tackled keeps the ball and goes down, or stands. */
    private static final Set<String> KEEPS_THE_BALL = Set.of("rugby-union", "rugby-league", "gridiron", "flag");

    /** Nobody is chased for longer, s. */
    private static final double HORIZON_SECONDS = 12;
    /** Time between two looks along a way, s. */
    private static final double LOOK_SECONDS = 0.05;

    private static final int HALVINGS = 24;
    /** Who comes so much later than he should (s) is in time all the same: a rounding. */
    private static final double SAME_SECONDS = 1e-6;
    /** A high ball can be had this long before it comes down, s (estimate). */
    private static final double HIGH_SECONDS = 0.3;
    /** A ball that is knocked away keeps this share of its speed (estimate). */
    private static final double KNOCKED_SHARE = 0.4;
    /** It comes to rest so far on, m (estimate). */
    private static final double SPILL_METRES = 2.5;
    /** It goes off so much to the side, degrees (estimate). */
    private static final double SPILL_DEGREES = 50;
    /** Who comes at a ball with less to the side (m) comes straight. */
    private static final double STRAIGHT_METRES = 1e-3;
    /** A ball that is knocked out of somebody's hands, m/s (estimate). */
    private static final double SPILL_SPEED = 4;
    /** So much further away (m) than he reaches somebody may be who was within reach a moment ago. */
    private static final double SLACK_METRES = 0.5;

    private final Simulation run;
    private final BallPlay balls;
    private final Reactions reactions;
    /** Those who wait until somebody has or sends a ball. */
    private final List<Job> waiting = new ArrayList<>();

    private final Map<MoveId, Came> came = new LinkedHashMap<>();

    Challenges(Simulation run, BallPlay balls, Reactions reactions) {
        this.run = run;
        this.balls = balls;
        this.reactions = reactions;
    }

    /** What became of a challenge, and when they met, seconds from the whistle. */
    record Came(Verdict verdict, double seconds) {}

    Map<MoveId, Came> came() {
        return came;
    }

    void forget(Collection<Job> hopeless) {
        waiting.removeAll(hopeless);
    }

    static Optional<Challenge> of(Job job) {
        return job.move instanceof Act act && act.deed() instanceof Challenge c ? Optional.of(c) : Optional.empty();
    }

    // ---- it begins ----

    Void start(Job job, Challenge c, double t) {
        Runner on = run.runners.get(c.on());
        if (c.bid() == Bid.BOX_OUT) {
            came.put(job.move.id(), new Came(c.verdict(), t));
            job.runner.stand(t);
            run.endsAfter(job, t, run.pace.challengeSeconds(c.bid()), false);
            return null;
        }
        Optional<BallRun> ball = c.bid().isForPass() ? balls.sentBy(on) : Optional.ofNullable(on.holds.peek());
        if (ball.isEmpty()) {
            job.parked = true;
            waiting.add(job);
            return null;
        }
        job.parked = false;
        if (c.bid().isForPass() && job.move.trigger().isEmpty()) {
            BallRun sent = ball.get();
            double seen = sent.flight().start()
                    + reactions.seconds(job.move.role(), new Event.Starts(sent.flyingFor.move.id()));
            if (t < seen) {
                run.schedule(job, seen);
                return null;
            }
        }
        job.contested = ball.get();
        run.leaves(job.runner, t);
        Optional<Meeting> met = c.bid().isForPass() ? lane(job, ball.get(), t) : body(job, on, t);
        job.inTime = met.isPresent();
        double ends = met.map(Meeting::seconds).orElse(t);
        if (met.isPresent() && met.get().foot().isPresent()) {
            goesTo(job, met.get().foot().get(), t);
        } else {
            job.runner.stand(t);
        }
        run.endsAfter(job, t, Math.max(0, ends - t), false);
        return null;
    }

    private void goesTo(Job job, Point foot, double t) {
        job.legs = to(job, foot);
        job.ending = Endings.Ending.THROUGH;
        run.goes(job, t);
    }

    private static Travel to(Job job, Point place) {
        return new Travel(
                job.move.id(),
                job.move.role(),
                Optional.empty(),
                false,
                Manner.FORWARD,
                Effort.FLAT_OUT,
                List.of(new Waypoint(place, false)));
    }

    /** Somebody sends a ball, or has one: whoever waits for it sees that. */
    void happens(RoleId who, boolean sent, Event event, double t) {
        for (Job job : List.copyOf(waiting)) {
            Challenge c = of(job).orElseThrow();
            if (c.on().equals(who) && c.bid().isForPass() == sent) {
                waiting.remove(job);
                double reaction = job.move
                        .trigger()
                        .flatMap(Trigger::reaction)
                        .orElseGet(() -> reactions.seconds(job.move.role(), event));
                run.schedule(job, t + reaction);
            }
        }
    }

    // ---- where they meet ----

    /** @param foot where he goes; empty where he has it in reach as he stands */
    private record Meeting(double seconds, Optional<Point> foot) {}

    /** The earliest place on a ball's way at which he can be when it is. */
    private Optional<Meeting> lane(Job job, BallRun ball, double t) {
        Flight flight = ball.flight();
        double end = Double.isNaN(ball.meets) ? flight.end() : ball.meets;
        double from = flight.high() ? Math.max(t, end - HIGH_SECONDS) : t;
        return earliest(job, t, from, end, flight::at);
    }

    private Optional<Meeting> body(Job job, Runner on, double t) {
        return earliest(job, t, t, t + HORIZON_SECONDS, on::at);
    }

    private Optional<Meeting> earliest(Job job, double t, double from, double until, DoubleFunction<Point> way) {
        double reach = reach(job);
        DoublePredicate can = s -> isThere(job, t, s, way.apply(s), reach);
        double before = from;
        for (double s = from; s < until; s += LOOK_SECONDS) {
            if (can.test(s)) {
                double late = s;
                for (int i = 0; i < HALVINGS && late > before; i++) {
                    double middle = (before + late) / 2;
                    if (can.test(middle)) {
                        late = middle;
                    } else {
                        before = middle;
                    }
                }
                return Optional.of(new Meeting(late, foot(job, t, way.apply(late), reach)));
            }
            before = s;
        }
        return Optional.empty();
    }

    private boolean isThere(Job job, double t, double when, Point place, double reach) {
        Optional<Point> foot = foot(job, t, place, reach);
        return foot.isEmpty() || job.runner.wouldArrive(t, to(job, foot.get())) <= when + SAME_SECONDS;
    }

    /** Where he has a place just within reach, straight from where he is. */
    private static Optional<Point> foot(Job job, double t, Point place, double reach) {
        Point own = job.runner.at(t);
        double gap = own.distanceTo(place);
        return gap <= reach ? Optional.empty() : Optional.of(own.towards(place, (gap - reach) / gap));
    }

    private double reach(Job job) {
        return run.pace.challengeMetres(of(job).orElseThrow().bid());
    }

    // ---- what becomes of it ----

    /** False while a ball that was won is still on its way to the winner. */
    boolean end(Job job, Challenge c, double t) {
        if (job.met || c.bid() == Bid.BOX_OUT) {
            return true;
        }
        job.met = true;
        Runner on = run.runners.get(c.on());
        Point ballAt = placeOf(job.contested, on, t);
        double gap = job.runner.at(t).distanceTo(ballAt);
        boolean there = job.inTime && isStillThere(job.contested, on, c) && gap <= reach(job) + SLACK_METRES;
        Verdict verdict = there ? c.verdict() : Verdict.MISSED;
        if (!there && c.verdict() != Verdict.MISSED) {
            run.reports.challengeLate(job.move, job.runner, on, ballAt, Math.max(0, gap - reach(job)), t);
        }
        came.put(job.move.id(), new Came(verdict, t));
        return switch (verdict) {
            case MISSED -> beaten(job, c, t);
            case WON -> wins(job, c, on, ballAt, t);
            case OUT -> knocks(job, c, on, ballAt, t);
            case HELD_UP -> bind(job, on, run.pace.heldUpSeconds(), t);
        };
    }

    private boolean isStillThere(BallRun ball, Runner on, Challenge c) {
        return c.bid().isForPass()
                ? ball.flies() && ball.flyingFor != null && ball.flyingFor.runner == on && !ball.rebounding
                : on.holds.contains(ball);
    }

    private Point placeOf(BallRun ball, Runner on, double t) {
        return ball.state().match(h -> on.at(t), l -> l.at(), f -> f.flight().at(t), d -> d.at());
    }

    /** It went past him: it takes him a moment to be in the game again. */
    private boolean beaten(Job job, Challenge c, double t) {
        run.prolong(job, t, run.pace.beatenSeconds(c.bid()));
        return true;
    }

    private boolean wins(Job job, Challenge c, Runner on, Point at, double t) {
        boolean keeps = c.bid() == Bid.TACKLE && KEEPS_THE_BALL.contains(run.surface.sport());
        if (keeps) {
            return bind(job, on, run.pace.challengeSeconds(c.bid()), t);
        }
        if (c.bid().isBodily()) {
            stop(job.runner, on, t, run.pace.challengeSeconds(c.bid()));
        }
        comesLoose(job, on, at, t);
        balls.sendTo(job.contested, job.runner, at, job, t);
        return false;
    }

    private boolean knocks(Job job, Challenge c, Runner on, Point at, double t) {
        double heading = job.contested.flies()
                ? job.contested.flight().headingAt(t)
                : at.minus(job.runner.at(t)).headingDegrees();
        double speed =
                job.contested.flies() ? KNOCKED_SHARE * job.contested.flight().speed() : SPILL_SPEED;
        if (c.bid().isBodily()) {
            stop(job.runner, on, t, run.pace.challengeSeconds(c.bid()));
        }
        double across = Point.polar(1, heading).cross(job.runner.at(t).minus(at));
        // straight on where he comes straight at it
        double side = Math.abs(across) < STRAIGHT_METRES ? 0 : -Math.signum(across);
        comesLoose(job, on, at, t);
        balls.spill(
                job.contested,
                at,
                c.spill().orElseGet(() -> at.plus(Point.polar(SPILL_METRES, heading + side * SPILL_DEGREES))),
                speed,
                job,
                t);
        run.prolong(job, t, run.pace.challengeSeconds(c.bid()));
        return true;
    }

    /** The pass is over, or the carrier has nothing any more. */
    private void comesLoose(Job job, Runner on, Point at, double t) {
        if (job.contested.flies()) {
            balls.breakOff(job.contested, at, t);
        } else {
            on.holds.remove(job.contested);
            run.touched(on);
        }
    }

    /** Both stand, and nobody lets go. */
    private boolean bind(Job job, Runner on, double seconds, double t) {
        stop(job.runner, on, t, seconds);
        run.prolong(job, t, seconds);
        return true;
    }

    private void stop(Runner own, Runner on, double t, double seconds) {
        own.stand(t);
        run.leaves(on, t);
        on.stand(t);
        on.busyUntil = t + seconds;
    }
}
