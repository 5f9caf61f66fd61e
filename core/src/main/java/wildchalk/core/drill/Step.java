package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Moves that belong to one sentence of the explanation.
 *
 * @param moves in the order in which they were said
 * @param points the coach's own coaching points for this step
 */
public record Step(StepId id, List<Move> moves, List<String> points) {

    public Step {
        Objects.requireNonNull(id, "id");
        moves = List.copyOf(moves);
        points = List.copyOf(points);
    }

    public Step withMoves(List<Move> list) {
        return new Step(id, list, points);
    }

    public Step withPoints(List<String> list) {
        return new Step(id, moves, list);
    }

    public Step withMoveAdded(Move move) {
        List<Move> list = new ArrayList<>(moves);
        list.add(move);
        return withMoves(list);
    }
}
