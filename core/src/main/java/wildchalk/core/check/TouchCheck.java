package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Shot;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Finds balls that are meant to be played at a touch and are held longer. */
public final class TouchCheck {

    /** A touch that takes no longer than this (s) is one. */
    private static final double ONE_TOUCH_SECONDS = 0.3;

    private static final Flaw TOUCH_HELD = Flaw.note("touch-held");

    private TouchCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        Map<MoveId, Double> held = Map.of();
        for (Move move : run.path().moves()) {
            if (isOneTouch(move)) {
                held = held.isEmpty() ? held(run.timeline()) : held;
                double seconds = held.getOrDefault(move.id(), 0.0);
                if (seconds > ONE_TOUCH_SECONDS) {
                    double t = run.timeline().move(move.id()).start();
                    found.add(Finding.of(TOUCH_HELD, move.id(), move.role())
                            .with(Quantity.SECONDS, seconds)
                            .at(run.timeline().poseAt(move.role(), t).at(), t));
                }
            }
        }
        return found;
    }

    private static boolean isOneTouch(Move move) {
        return move instanceof Pass pass ? pass.oneTouch() : move instanceof Shot shot && shot.oneTouch();
    }

    /** How long (s) balls were in hand before they were passed or shot; nothing for those that were there from the start. */
    private static Map<MoveId, Double> held(Timeline timeline) {
        Map<BallId, Double> since = new HashMap<>();
        Map<MoveId, Double> held = new HashMap<>();
        for (Happening h : timeline.happenings()) {
            if (h.kind() != Happening.Kind.RELEASED) {
                since.put(h.ball(), h.seconds());
            } else if (h.move().isPresent() && since.containsKey(h.ball())) {
                held.put(h.move().get(), h.seconds() - since.get(h.ball()));
            }
        }
        return held;
    }

    /** Passes and shots that are no matter of a touch: the ball was in hand longer. */
    public static Set<MoveId> heldTooLong(Timeline timeline) {
        Set<MoveId> tooLong = new HashSet<>();
        held(timeline).forEach((m, s) -> {
            if (s > ONE_TOUCH_SECONDS) {
                tooLong.add(m);
            }
        });
        return tooLong;
    }
}
