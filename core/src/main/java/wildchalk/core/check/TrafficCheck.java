package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Encounters.Encounter;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.RunThrough;

/**
 * Finds two who run into each other. Those who are meant to be close are no traffic: who fight for a ball or play one against one,
 * who marks or follows somebody, who joins somebody or hands him the ball.
 */
final class TrafficCheck {

    private static final Flaw TRAFFIC = Flaw.warn("traffic");
    private static final Flaw RUNS_INTO = Flaw.warn("runs-into");

    /** Who ends so near another (m) means to come to him. */
    private static final double MEANT_METRES = 2.5;

    /** What they do with each other so long (s) before or after is why they are close. */
    private static final double ABOUT_SECONDS = 1.5;

    /** Who is so near to another (m) for so long (s) marks or follows him. */
    private static final double FOLLOWS_METRES = 2;

    private static final double FOLLOWS_SECONDS = 1;

    /** Looked for so long (s) before and after they are nearest. */
    private static final double AROUND_SECONDS = 4;

    private final Path path;
    private final Timeline timeline;
    private final Clearances clear;

    private TrafficCheck(RunThrough run) {
        this.path = run.path();
        this.timeline = run.timeline();
        this.clear = run.clearances();
    }

    static List<Finding> of(RunThrough run) {
        TrafficCheck check = new TrafficCheck(run);
        return Encounters.of(run).stream()
                .filter(check::isTooNear)
                .filter(e -> !check.isMeant(e))
                .map(check::finding)
                .toList();
    }

    private boolean isTooNear(Encounter e) {
        // who stands does nothing that is not foreseen: whoever runs past him has to miss him and no more
        return bothMove(e)
                ? clear.areTooNear(e.metres(), e.closing())
                : e.closing() > Clearances.STEPS_PAST && e.metres() < clear.bodyMetres();
    }

    private static boolean bothMove(Encounter e) {
        return e.moves().stream().allMatch(Optional::isPresent);
    }

    private Finding finding(Encounter e) {
        RoleId first = e.moveOf(e.first()).isPresent() ? e.first() : e.second();
        List<ElementId> about = new ArrayList<>(List.of(first, e.other(first)));
        e.moveOf(first).ifPresent(about::add);
        e.moveOf(e.other(first)).ifPresent(about::add);
        return Finding.of(bothMove(e) ? TRAFFIC : RUNS_INTO, about)
                .with(Quantity.NEARNESS, e.metres())
                .with(Quantity.SPEED, e.closing())
                .at(e.at(), e.seconds());
    }

    private boolean isMeant(Encounter e) {
        return comesTo(e, e.first())
                || comesTo(e, e.second())
                || haveToDo(e)
                || areOpponents(e) && (isOneOnOne(e) || follows(e));
    }

    /** Whether somebody's run ends there, to a stop. */
    private boolean comesTo(Encounter e, RoleId role) {
        Optional<MoveSpan> run = e.moveOf(role).map(timeline::move);
        return run.filter(r -> r.runOutMetres() == 0)
                .filter(r -> timeline.poseAt(role, r.end())
                        .at()
                        .isWithin(
                                MEANT_METRES,
                                timeline.poseAt(e.other(role), r.end()).at()))
                .filter(r -> r.end() - e.seconds() < ABOUT_SECONDS)
                .isPresent();
    }

    /** Whether one does something with the other about then: a screen, a contact, a fight for the ball, a hand-off. */
    private boolean haveToDo(Encounter e) {
        return path.moves().stream().anyMatch(m -> isBetween(m, e) && isAbout(m.id(), e.seconds()));
    }

    private static boolean isBetween(Move move, Encounter e) {
        if (move instanceof Act act && act.deed() instanceof OpenPlay play) {
            List<RoleId> all = new ArrayList<>(play.others());
            all.add(move.role());
            return all.contains(e.first()) && all.contains(e.second());
        }
        boolean own = move.role().equals(e.first()) || move.role().equals(e.second());
        if (!own) {
            return false;
        }
        RoleId other = e.other(move.role());
        return move instanceof Act act && act.deed().others().contains(other)
                || move instanceof Pass pass && pass.receiver().equals(Optional.of(other));
    }

    private boolean isAbout(MoveId id, double t) {
        MoveSpan span = timeline.move(id);
        return span.happens() && span.start() - ABOUT_SECONDS < t && t < span.end() + ABOUT_SECONDS;
    }

    private boolean areOpponents(Encounter e) {
        Side a = side(e.first());
        Side b = side(e.second());
        return a != b && a != Side.COACH && b != Side.COACH && (a != Side.NEUTRAL || b != Side.NEUTRAL);
    }

    private Side side(RoleId role) {
        return path.role(role).orElseThrow().side();
    }

    /** Whether one of them has the ball. */
    private boolean isOneOnOne(Encounter e) {
        return timeline.ballIds().stream()
                .flatMap(b -> timeline.ballStateAt(b, e.seconds()).holder().stream())
                .anyMatch(h -> h.equals(e.first()) || h.equals(e.second()));
    }

    private boolean follows(Encounter e) {
        double close = 0;
        double step = 0.1;
        double end = Math.min(timeline.seconds(), e.seconds() + AROUND_SECONDS);
        for (double t = Math.max(0, e.seconds() - AROUND_SECONDS); t <= end && close < FOLLOWS_SECONDS; t += step) {
            boolean is = timeline.placeAt(e.first(), t).isWithin(FOLLOWS_METRES, timeline.placeAt(e.second(), t));
            close = is ? close + step : 0;
        }
        return close >= FOLLOWS_SECONDS;
    }
}
