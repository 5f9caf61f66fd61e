package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.runthrough.RunThrough;

/** Finds calls that come too late for whoever is under way already: before he has understood, he is past where the ways part. */
final class CueCheck {

    private static final Flaw CUE_LATE = Flaw.warn("cue-late");

    private static final double LOOK_SECONDS = 0.02;

    private CueCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Move move : run.path().moves()) {
            MoveSpan span = run.timeline().move(move.id());
            // what is called on this path stands in its version: a path knows where it goes
            if (span.happens() && run.version().move(move.id()).orElse(move) instanceof Travel travel) {
                find(run, travel, span).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> find(RunThrough run, Travel travel, MoveSpan span) {
        for (int i = 0; i < travel.path().size(); i++) {
            Optional<CallId> set = travel.path().get(i).called().map(Called::call);
            Optional<Move> call = set.flatMap(s -> call(run, s, span));
            if (call.isPresent()) {
                double parts = i == 0
                        ? span.start()
                        : passes(run, travel, span, travel.path().get(i - 1));
                int of = run.version()
                        .course()
                        .call(set.get())
                        .map(c -> c.options().size())
                        .orElse(1);
                double reaction = Pace.of(run.drill()).callReactionSeconds(of);
                double late = run.timeline().move(call.get().id()).start() + reaction - parts;
                Point there = run.timeline()
                        .poseAt(travel.role(), Math.max(0, parts - reaction))
                        .at();
                return late <= LOOK_SECONDS
                        ? Optional.empty()
                        : Optional.of(
                                Finding.of(CUE_LATE, travel.id(), call.get().id(), travel.role())
                                        .with(Quantity.SECONDS, late)
                                        .at(there, Math.max(0, parts - reaction)));
            }
        }
        return Optional.empty();
    }

    /** A call from the set while the run is under way; where it is called before, there is time. */
    private static Optional<Move> call(RunThrough run, CallId set, MoveSpan span) {
        return run.path().moves().stream()
                .filter(m -> m instanceof Act a
                        && a.deed() instanceof Deed.Calling c
                        && c.set().equals(Optional.of(set)))
                .filter(m -> run.timeline().move(m.id()).happens())
                .filter(m -> run.timeline().move(m.id()).start() > span.start() - 1e-9
                        && run.timeline().move(m.id()).start() < span.end())
                .findFirst();
    }

    /** When a run is nearest to a point of its path. */
    private static double passes(RunThrough run, Travel travel, MoveSpan span, Waypoint point) {
        double best = span.start();
        double least = Double.POSITIVE_INFINITY;
        for (double t = span.start(); t <= span.end(); t += LOOK_SECONDS) {
            double metres = run.timeline().poseAt(travel.role(), t).at().distanceTo(point.leave());
            if (metres < least - 1e-9) {
                least = metres;
                best = t;
            }
        }
        return best;
    }
}
