package wildchalk.core.binder;

import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import wildchalk.core.drill.Audience.HeadCount;
import wildchalk.core.drill.Drill;

/**
 * Which drills are wanted: of each facet one of some values, for so many players, within so many minutes. What is not asked
 * for is all the same.
 *
 * @param wanted the keys of values, one of which a drill must have; a facet without is not asked for
 */
public record Sieve(Map<Facet, Set<String>> wanted, OptionalInt players, OptionalInt minutes) {

    /** Lets everything through. */
    public static final Sieve OPEN = new Sieve(Map.of(), OptionalInt.empty(), OptionalInt.empty());

    public Sieve {
        Map<Facet, Set<String>> copy = new EnumMap<>(Facet.class);
        wanted.forEach((facet, keys) -> {
            if (!keys.isEmpty()) {
                copy.put(facet, Set.copyOf(keys));
            }
        });
        wanted = Map.copyOf(copy);
    }

    public boolean isOpen() {
        return equals(OPEN);
    }

    public boolean passes(Drill drill) {
        HeadCount count = drill.audience().players();
        return (players.isEmpty() || count.min() <= players.getAsInt() && players.getAsInt() <= count.max())
                && (minutes.isEmpty() || drill.audience().minutes() <= minutes.getAsInt())
                && wanted.entrySet().stream()
                        .allMatch(e -> e.getKey().of(drill).stream()
                                .anyMatch(v -> e.getValue().contains(v.key())));
    }

    /** The keys that are wanted of a facet. */
    public Set<String> of(Facet facet) {
        return wanted.getOrDefault(facet, Set.of());
    }

    public Sieve with(Facet facet, Set<String> keys) {
        Map<Facet, Set<String>> changed = new EnumMap<>(Facet.class);
        changed.putAll(wanted);
        changed.put(facet, keys);
        return new Sieve(changed, players, minutes);
    }

    /** With one value more of a facet, or one less where it was wanted before. */
    public Sieve toggled(Facet facet, String key) {
        Set<String> keys = new LinkedHashSet<>(of(facet));
        if (!keys.remove(key)) {
            keys.add(key);
        }
        return with(facet, keys);
    }

    public Sieve withPlayers(OptionalInt count) {
        return new Sieve(wanted, count, minutes);
    }

    public Sieve withMinutes(OptionalInt most) {
        return new Sieve(wanted, players, most);
    }

    /** What can be chosen of a facet, and how many drills that are wanted otherwise have it. */
    public SortedMap<Facet.Value, Integer> choices(Facet facet, Collection<Drill> among) {
        Sieve others = with(facet, Set.of());
        SortedMap<Facet.Value, Integer> counts = new TreeMap<>();
        for (Drill drill : among) {
            boolean passes = others.passes(drill);
            facet.of(drill).forEach(v -> counts.merge(v, passes ? 1 : 0, Integer::sum));
        }
        return counts;
    }
}
