package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
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
        for (Move move : run.path().moves()) {
            if (isOneTouch(move)) {
                heldFor(run.timeline(), move)
                        .filter(s -> s > ONE_TOUCH_SECONDS)
                        .ifPresent(s -> found.add(Finding.of(TOUCH_HELD, move.id(), move.role())
                                .with(Quantity.SECONDS, s)
                                .at(
                                        run.timeline()
                                                .poseAt(move.role(), start(run, move))
                                                .at(),
                                        start(run, move))));
            }
        }
        return found;
    }

    private static double start(RunThrough run, Move move) {
        return run.timeline().move(move.id()).start();
    }

    private static boolean isOneTouch(Move move) {
        return move instanceof Pass pass ? pass.oneTouch() : move instanceof Shot shot && shot.oneTouch();
    }

    /** How long (s) the ball of a pass or a shot was in hand before; empty where it was there from the start. */
    public static Optional<Double> heldFor(Timeline timeline, Move move) {
        Map<BallId, Double> since = new HashMap<>();
        for (Happening h : timeline.happenings()) {
            if (h.kind() == Happening.Kind.RELEASED && h.move().equals(Optional.of(move.id()))) {
                return Optional.ofNullable(since.get(h.ball())).map(s -> h.seconds() - s);
            }
            if (h.role().equals(Optional.of(move.role()))) {
                since.put(h.ball(), h.seconds());
            }
        }
        return Optional.empty();
    }

    /** Whether what is meant to be at one touch is played so. */
    public static boolean isAtATouch(Timeline timeline, Move move) {
        return heldFor(timeline, move).map(s -> s <= ONE_TOUCH_SECONDS).orElse(true);
    }
}
