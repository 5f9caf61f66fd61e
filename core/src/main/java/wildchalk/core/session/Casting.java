package wildchalk.core.session;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import wildchalk.core.reps.Block;
import wildchalk.core.squad.PlayerId;

/** Who of those at a station takes which of the parts that are worked out for so many people. */
final class Casting {

    private Casting() {}

    /**
     * Keepers get what keepers get, the others take the other parts in turn; in the order of the players.
     *
     * @param keeps whether somebody keeps goal
     */
    static Map<PlayerId, Block.Share> of(Block block, List<PlayerId> players, Predicate<PlayerId> keeps) {
        List<PlayerId> keepers = players.stream().filter(keeps).toList();
        List<Block.Share> goal = block.keepers();
        Map<PlayerId, Block.Share> cast = new LinkedHashMap<>();
        List<PlayerId> field = new ArrayList<>(players);
        for (int i = 0; i < Math.min(goal.size(), keepers.size()); i++) {
            field.remove(keepers.get(i));
            cast.put(keepers.get(i), goal.get(i));
        }
        List<Block.Share> others = others(block, keepers.size());
        for (int i = 0; i < field.size() && !others.isEmpty(); i++) {
            cast.put(field.get(i), others.get(i % others.size()));
        }
        return cast;
    }

    /** What is left where so many keepers have taken theirs. */
    static List<Block.Share> others(Block block, int keepers) {
        List<Block.Share> goal = block.keepers();
        return block.people().stream()
                .filter(p -> !p.keeper() || goal.size() > keepers && goal.indexOf(p) >= keepers)
                .toList();
    }
}
