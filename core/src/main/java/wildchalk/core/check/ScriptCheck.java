package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Dash;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/**
 * Finds passes that a defender gets who knows the drill, and does not get who plays what he sees: where there is but one way to go,
 * everybody knows it after the second rep.
 */
final class ScriptCheck {

    private static final Flaw KNOWS_SCRIPT = Flaw.note("knows-script");

    /** Nobody leaves his player earlier than this (s) before the pass, however well he knows the drill (estimate). */
    private static final double EARLY_SECONDS = 1.5;

    /** In time by less than this (s) is luck. */
    private static final double SURE_SECONDS = 0.3;

    /** The way of the ball is looked at so finely, m. */
    private static final double STEP_METRES = 0.5;

    /** Who sees the ball leave chooses between going for it and staying. */
    private static final int CHOICES = 2;

    private final RunThrough run;
    private final Timeline timeline;
    private final Pace pace;
    private final List<Finding> found = new ArrayList<>();

    private ScriptCheck(RunThrough run) {
        this.run = run;
        this.timeline = run.timeline();
        this.pace = Pace.of(run.drill());
    }

    static List<Finding> of(RunThrough run) {
        boolean guesses = !run.path().course().forks().isEmpty()
                || !run.path().course().calls().isEmpty();
        if (guesses) {
            return List.of();
        }
        List<Role> defence = run.path().roles().stream()
                .filter(r -> r.side() == Side.DEFENCE)
                .toList();
        if (defence.isEmpty()) {
            return List.of();
        }
        ScriptCheck check = new ScriptCheck(run);
        List<Asked> passes = BallWays.of(run).stream()
                .filter(check::isOfTheAttack)
                .map(w -> new Asked(w, check.knows(w)))
                .toList();
        defence.forEach(d -> check.look(d, passes));
        return check.found;
    }

    /** A pass, and from when on (s) somebody may go for it who knows that it comes. */
    private record Asked(Way way, double leaves) {}

    /** The pass that he is in front of by most. */
    private void look(Role defender, List<Asked> passes) {
        Optional<Finding> most = Optional.empty();
        double best = SURE_SECONDS;
        Dash dash = Dash.of(pace, defender.pace());
        for (Asked pass : passes) {
            Point at = timeline.placeAt(defender.id(), pass.leaves());
            // nobody gets to a way that is farther off than he can run meanwhile
            double reach = dash.topSpeed() * (pass.way().to() - pass.leaves()) + Pace.REACH_METRES;
            double off = Math.min(
                            at.distanceTo(pass.way().start()),
                            at.distanceTo(pass.way().end()))
                    - pass.way().start().distanceTo(pass.way().end());
            double early = off > reach ? Double.NEGATIVE_INFINITY : early(defender, dash, at, pass);
            if (early >= best) {
                best = early;
                most = Optional.of(Finding.of(KNOWS_SCRIPT, pass.way().move().id(), defender.id())
                        .with(Quantity.SECONDS, early)
                        .at(at, pass.leaves()));
            }
        }
        most.ifPresent(found::add);
    }

    private boolean isOfTheAttack(Way way) {
        return way.pass().isPresent()
                && !way.isHigh()
                && run.path()
                        .role(way.move().role())
                        .filter(r -> r.side() == Side.ATTACK)
                        .isPresent()
                && way.pass()
                        .flatMap(p -> p.receiver())
                        .flatMap(run.path()::role)
                        .filter(r -> r.side() == Side.ATTACK)
                        .isPresent();
    }

    /** When he may leave: not before the step of the pass, and not so early that the passer sees it. */
    private double knows(Way way) {
        double step = run.path()
                .stepOf(way.move().id())
                .map(Step::id)
                .map(s -> timeline.step(s).start())
                .orElse(0.0);
        return Math.max(step, way.from() - EARLY_SECONDS);
    }

    /** How long (s) he is there before the ball who leaves early; none where he is there as well who waits for it. */
    private double early(Role defender, Dash dash, Point atFirst, Asked pass) {
        Way way = pass.way();
        double leaves = pass.leaves();
        double metres = way.start().distanceTo(way.end());
        double flies = way.to() - way.from();
        double sees = way.from() + pace.callReactionSeconds(CHOICES);
        Point later = timeline.placeAt(defender.id(), sees);
        double early = Double.NEGATIVE_INFINITY;
        for (double s = BallWays.AT_HAND_METRES; s <= metres - BallWays.AT_HAND_METRES; s += STEP_METRES) {
            Point place = way.start().towards(way.end(), s / metres);
            double ball = way.from() + flies * s / metres;
            if (spare(dash, later, place, ball - sees) >= 0) {
                return Double.NEGATIVE_INFINITY;
            }
            early = Math.max(early, spare(dash, atFirst, place, ball - leaves));
        }
        return early;
    }

    /** How many of so many seconds are left when he has an arm at a place; surely fewer than none where it is too far. */
    private static double spare(Dash dash, Point at, Point place, double seconds) {
        double metres = at.distanceTo(place) - Pace.REACH_METRES;
        if (metres <= 0) {
            return seconds;
        }
        double least = metres / dash.topSpeed();
        return least > seconds
                ? seconds - least
                : seconds - dash.seconds(at, Point.ORIGIN, at.towards(place, metres / (metres + Pace.REACH_METRES)));
    }
}
