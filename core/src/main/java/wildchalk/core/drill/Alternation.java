package wildchalk.core.drill;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.geometry.Point;

/**
 * That reps change sides: some are done as drawn, some the other way round. A link and no copy, like a {@link Repeat}.
 *
 * @param how on the other side, or at the other end
 * @param after how long it stays as it is before it changes
 * @param instead who does it in whose place; who is not named does it again himself, from where the map has him
 * @param goals which goal stands for which
 */
public record Alternation(Repeat.How how, Stint after, Map<RoleId, RoleId> instead, Map<String, String> goals) {

    public Alternation {
        Objects.requireNonNull(how, "how");
        Objects.requireNonNull(after, "after");
        instead = Map.copyOf(instead);
        goals = Map.copyOf(goals);
        if (how != Repeat.How.OTHER_SIDE && how != Repeat.How.OTHER_END) {
            throw new IllegalArgumentException(
                    "Reps change to the OTHER_SIDE or to the OTHER_END, not to %s.".formatted(how));
        }
    }

    public Alternation withAfter(Stint stint) {
        return new Alternation(how, stint, instead, goals);
    }

    public Alternation withInstead(Map<RoleId, RoleId> others) {
        return new Alternation(how, after, others, goals);
    }

    public Alternation withGoals(Map<String, String> others) {
        return new Alternation(how, after, instead, others);
    }

    /** All steps from one to another once more, the other way round. */
    public Repeat once(StepId from, StepId to) {
        return new Repeat(
                new RepeatId("other"), from, to, how, 2, Hand.NONE, Point.ORIGIN, instead, goals, Optional.empty());
    }

    /** In one order wherever they are written. */
    public Map<RoleId, RoleId> insteadInOrder() {
        return new TreeMap<>(instead);
    }

    public Map<String, String> goalsInOrder() {
        return new TreeMap<>(goals);
    }
}
