package wildchalk.core.session;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.DrillId;

/**
 * What a session is to be like, roughly.
 *
 * @param aims words that themes or titles of drills have
 * @param minutes that there are, 15 to 240
 * @param people who come
 * @param kit what there is to set out
 * @param game whether it ends with a game
 * @param lately days since a drill was run last; one that is not in it was not run
 * @param seed the same seed proposes the same
 */
public record Sketch(
        List<String> aims, int minutes, int people, Kit kit, boolean game, Map<DrillId, Integer> lately, long seed) {

    public static final int LEAST_MINUTES = 15;
    public static final int MOST_MINUTES = 240;
    private static final int MOST_AIMS = 8;

    public Sketch {
        Set<String> all = new LinkedHashSet<>();
        aims.stream().map(String::strip).filter(a -> !a.isEmpty()).forEach(all::add);
        aims = List.copyOf(all);
        lately = Map.copyOf(lately);
        if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) {
            throw new IllegalArgumentException(
                    "A proposal (%d minutes) can have %d to %d.".formatted(minutes, LEAST_MINUTES, MOST_MINUTES));
        }
        if (aims.size() > MOST_AIMS) {
            throw new IllegalArgumentException(
                    "A proposal (%d aims) can have %d at most.".formatted(aims.size(), MOST_AIMS));
        }
    }

    public Sketch withSeed(long other) {
        return new Sketch(aims, minutes, people, kit, game, lately, other);
    }
}
