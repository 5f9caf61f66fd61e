package wildchalk.core.path;

import java.util.List;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.MoveId;

/**
 * What hangs on one call of a path.
 *
 * @param moves that call it, or go where it says
 * @param forks that it decides
 */
public record Asked(Ask ask, List<MoveId> moves, List<ForkId> forks) {

    public Asked {
        moves = List.copyOf(moves);
        forks = List.copyOf(forks);
    }
}
