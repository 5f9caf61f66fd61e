package wildchalk.core.whistle;

import java.util.List;
import java.util.Optional;
import wildchalk.core.session.ChangeOver;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Round;

/**
 * A stretch of a session as it is run.
 *
 * @param block what runs; in a change-over, what comes
 * @param change the way to the block; empty for the block itself
 * @param seconds as planned
 * @param rounds of a block, seconds from its start
 */
public record Part(SessionBlock block, Optional<ChangeOver> change, double seconds, List<Round> rounds) {

    public Part {
        rounds = List.copyOf(rounds);
    }

    /** All parts of a plan, one after the other. */
    static List<Part> of(SessionPlan plan) {
        return plan.slots().stream()
                .map(s -> new Part(
                        s.block(),
                        s.change(),
                        s.to() - s.from(),
                        s.rounds().stream()
                                .map(r -> new Round(r.from() - s.from(), r.to() - s.from(), r.stations()))
                                .toList()))
                .toList();
    }

    public boolean isChange() {
        return change.isPresent();
    }

    boolean isLike(Part other) {
        return isChange() == other.isChange() && block.id().equals(other.block.id());
    }

    /** Whether this is the way to another one. */
    boolean isChangeTo(Part other) {
        return isChange() && !other.isChange() && block.id().equals(other.block.id());
    }
}
