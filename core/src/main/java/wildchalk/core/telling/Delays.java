package wildchalk.core.telling;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Trigger;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** Makes moves start at other moments: what dragging a bar or a thread of the beat strip means. */
public final class Delays {

    /** Delays are kept to tenths of a second: finer than a whistle. */
    private static final double GRAIN_SECONDS = 0.1;

    private Delays() {}

    /**
     * A move that starts at another second. With a trigger its delay changes; without one it waits for what it started with:
     * its role's earlier move, another move of its step, the step before or the whistle.
     */
    public static Move startingAt(Path path, Timeline timeline, Move move, double seconds) {
        MoveSpan span = timeline.move(move.id());
        double now = span.start();
        if (move.trigger().isPresent()) {
            return move.withTrigger(move.trigger().map(t -> moved(t, seconds - now, span)));
        }
        if (seconds <= now + GRAIN_SECONDS / 2) {
            return move;
        }
        Event anchor = anchor(path, timeline, move);
        double from = anchor.move()
                .map(timeline::move)
                .map(m -> anchor instanceof Event.Starts ? m.start() : m.end())
                .orElse(0.0);
        double plus = rounded(Math.max(0, seconds - from));
        return move.withTrigger(Optional.of(new Trigger(anchor, plus, Optional.of(0.0))));
    }

    /**
     * A trigger with more or less delay. Who is put to a second that his reaction would not allow has rehearsed it.
     *
     * @param span when the move happens now
     */
    private static Trigger moved(Trigger trigger, double by, MoveSpan span) {
        if (Math.abs(by) < GRAIN_SECONDS / 2) {
            return trigger;
        }
        double now = span.cuedAt().map(c -> span.start() - c).orElse(trigger.plusSeconds());
        Trigger later = trigger.withPlus(rounded(Math.max(0, Math.min(Trigger.MAX_PLUS_SECONDS, now + by))));
        return span.reactionSeconds() > 0 && by < 0 ? later.withReaction(Optional.of(0.0)) : later;
    }

    private static double rounded(double seconds) {
        return Math.round(seconds / GRAIN_SECONDS) * GRAIN_SECONDS == 0 ? 0 : Math.round(seconds * 10) / 10.0;
    }

    private static Event anchor(Path path, Timeline timeline, Move move) {
        Step step = path.stepOf(move.id()).orElseThrow();
        Optional<Move> own = step.moves().stream()
                .takeWhile(m -> !m.id().equals(move.id()))
                .filter(m ->
                        m.role().equals(move.role()) && timeline.move(m.id()).happens())
                .reduce((a, b) -> b);
        if (own.isPresent()) {
            return new Event.Ends(own.get().id());
        }
        double start = timeline.move(move.id()).start();
        Optional<Move> beside = step.moves().stream()
                .filter(m -> !m.id().equals(move.id()) && m.trigger().isEmpty())
                .filter(m -> Math.abs(timeline.move(m.id()).start() - start) < 1e-6)
                .findFirst();
        if (beside.isPresent()) {
            return new Event.Starts(beside.get().id());
        }
        List<Step> before = path.steps().subList(0, path.steps().indexOf(step));
        return before.stream()
                .flatMap(s -> s.moves().stream())
                .filter(m -> timeline.move(m.id()).happens() && m.holdsStep())
                .reduce((a, b) ->
                        timeline.move(b.id()).end() >= timeline.move(a.id()).end() ? b : a)
                .<Event>map(m -> new Event.Ends(m.id()))
                .orElse(new Event.Whistle());
    }

    /** The moment of a move that is nearest to a second: its start, its end, or the catch of a pass. */
    public static Event momentOf(Timeline timeline, Move move, double seconds) {
        MoveSpan span = timeline.move(move.id());
        boolean start = Math.abs(seconds - span.start()) <= Math.abs(seconds - span.end());
        if (start) {
            return new Event.Starts(move.id());
        }
        return move instanceof Pass ? new Event.Caught(move.id()) : new Event.Ends(move.id());
    }

    /** A move that waits for another moment, without a delay. */
    public static Move waitingFor(Move move, Event event) {
        return move.withTrigger(Optional.of(Trigger.when(event)));
    }

    /** When a move's trigger fires, seconds from the whistle; empty for one that is of no other move. */
    public static Optional<Double> firesAt(Timeline timeline, Move move) {
        return move.trigger().flatMap(t -> comesAt(timeline, t.event()));
    }

    /** When a moment of a move comes, seconds from the whistle; empty for one that never does, or of no move. */
    public static Optional<Double> comesAt(Timeline timeline, Event event) {
        return timeline.comesAt(event);
    }
}
