package wildchalk.core.squad;

import java.util.List;
import java.util.Set;

/**
 * Groups as they came out.
 *
 * @param over those for whom there is no even place: jokers, or those who come in
 * @param broken what could not be kept, by whom
 */
public record Grouping(List<Group> groups, List<PlayerId> over, List<Broken> broken) {

    /** A wish that does not go with the others. */
    public enum Wish {
        TOGETHER,
        APART,
        LOCKED,
        CAPTAIN
    }

    /** @param who those whom it is about */
    public record Broken(Wish wish, Set<PlayerId> who) {
        public Broken {
            who = Set.copyOf(who);
        }
    }

    public Grouping {
        groups = List.copyOf(groups);
        over = List.copyOf(over);
        broken = List.copyOf(broken);
    }
}
