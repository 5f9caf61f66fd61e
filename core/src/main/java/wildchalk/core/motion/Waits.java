package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.path.Path;

/** Who stands and waits for a step to begin, only since somebody else is not done with the one before. */
public final class Waits {

    /** Shorter waits (s) than this are not felt. */
    public static final double LEAST_SECONDS = 0.5;

    /** A step begins when the last of the one before is done: rounding noise. */
    private static final double SAME_SECONDS = 0.02;

    /**
     * Such a wait.
     *
     * @param next what it keeps somebody from
     * @param from seconds from the whistle
     * @param until when the step begins
     * @param since the move that holds the step up
     */
    public record Wait(RoleId role, MoveId next, double from, double until, MoveId since) {
        public double seconds() {
            return until - from;
        }
    }

    private Waits() {}

    /** All of a path, in order of time. */
    public static List<Wait> of(Path path, Timeline timeline) {
        List<Wait> all = new ArrayList<>();
        Map<RoleId, Double> free = new HashMap<>();
        // who holds a step up is found by the moment at which it ends
        NavigableMap<Double, Move> ends = new TreeMap<>();
        for (Step step : path.steps()) {
            for (Move move : step.moves()) {
                MoveSpan span = timeline.move(move.id());
                Double since = free.get(move.role());
                if (span.happens() && since != null && move.trigger().isEmpty()) {
                    double from = since;
                    if (span.start() - from >= LEAST_SECONDS) {
                        holder(ends, move, span.start())
                                .ifPresent(by -> all.add(new Wait(move.role(), move.id(), from, span.start(), by)));
                    }
                }
                if (span.happens()) {
                    free.merge(move.role(), span.roleFree(), Math::max);
                }
            }
            step.moves().stream()
                    .filter(m -> timeline.move(m.id()).happens() && m.holdsStep())
                    .forEach(m -> ends.put(timeline.move(m.id()).end(), m));
        }
        all.sort(Comparator.comparingDouble(Wait::from));
        return all;
    }

    /** The move of an earlier step, by somebody else, whose end is the moment at which this one starts. */
    private static Optional<MoveId> holder(NavigableMap<Double, Move> ends, Move move, double start) {
        return ends.subMap(start - SAME_SECONDS, true, start + SAME_SECONDS, true).values().stream()
                .filter(m -> !m.role().equals(move.role()))
                .findFirst()
                .map(Move::id);
    }
}
