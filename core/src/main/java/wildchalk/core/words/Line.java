package wildchalk.core.words;

import java.util.List;
import java.util.stream.Collectors;
import wildchalk.core.drill.MoveId;

/**
 * What is said in one breath when a step is read to the players: one move, or several that belong together.
 *
 * @param moves what it tells, in the order in which it tells them
 * @param text with a capital and a full stop
 * @param measures what was worked out for the moves
 */
public record Line(List<MoveId> moves, String text, List<Measure> measures) {

    public Line {
        moves = List.copyOf(moves);
        measures = List.copyOf(measures);
    }

    /** What was worked out, as it stands beside the line: "14.6 m · caught at 1.3 s". */
    public String measure() {
        return measures.stream().map(Measure::text).distinct().collect(Collectors.joining(" · "));
    }
}
