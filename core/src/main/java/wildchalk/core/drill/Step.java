package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Moves that belong to one sentence of the explanation.
 *
 * @param moves in the order in which they were said
 * @param points the coach's own coaching points for this step
 * @param on the branch that it belongs to; empty for a step of every path
 * @param question what is asked while it is shown
 */
public record Step(
        StepId id, List<Move> moves, List<String> points, Optional<OnBranch> on, Optional<Question> question) {

    public Step {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(on, "on");
        Objects.requireNonNull(question, "question");
        moves = List.copyOf(moves);
        points = List.copyOf(points);
        points.forEach(p -> Limits.text("coaching point", p, Limits.TEXT));
        Limits.count("coaching points", points.size(), Limits.STEPS);
    }

    /** A step of every path, with nothing asked. */
    public Step(StepId id, List<Move> moves, List<String> points) {
        this(id, moves, points, Optional.empty(), Optional.empty());
    }

    public Step withMoves(List<Move> list) {
        return new Step(id, list, points, on, question);
    }

    public Step withPoints(List<String> list) {
        return new Step(id, moves, list, on, question);
    }

    public Step withOn(Optional<OnBranch> branch) {
        return new Step(id, moves, points, branch, question);
    }

    public Step withQuestion(Optional<Question> asked) {
        return new Step(id, moves, points, on, asked);
    }

    public Step withMoveAdded(Move move) {
        List<Move> list = new ArrayList<>(moves);
        list.add(move);
        return withMoves(list);
    }
}
