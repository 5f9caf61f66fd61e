package wildchalk.core.squad;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import wildchalk.core.drill.Chalk;

/**
 * What groups are to be like.
 *
 * @param count how many, 1 to 12
 * @param odd what becomes of those who are over when all groups are to be equal
 * @param colours of bibs there are, in the order in which they are given out
 * @param captains who each go into a group of their own
 * @param locked who stays in the group of a number, counted from 0
 * @param before groups that there were, the newest first: who was with whom is mixed anew
 * @param seed the same seed gives the same groups
 */
public record Wanted(
        int count,
        Sort sort,
        Odd odd,
        List<Chalk> colours,
        List<PlayerId> captains,
        Map<PlayerId, Integer> locked,
        List<List<Set<PlayerId>>> before,
        long seed) {

    public static final int MOST_GROUPS = 12;

    /** How players are put together. */
    public enum Sort {
        /** Each group as good as the others, with its share of every position. */
        EVEN,
        /** Those of one level together. */
        LEVEL,
        /** Those of one position together. */
        POSITION
    }

    /** When the players do not go into the groups evenly. */
    public enum Odd {
        /** Some groups have one more. */
        ONE_MORE,
        /** Those who are over play for whoever has the ball. */
        JOKER,
        /** Those who are over wait, and come in for somebody of another group after each go. */
        COME_IN
    }

    public Wanted {
        Objects.requireNonNull(sort, "sort");
        Objects.requireNonNull(odd, "odd");
        colours = List.copyOf(colours);
        captains = List.copyOf(captains);
        locked = Map.copyOf(locked);
        before = before.stream().map(List::copyOf).toList();
        if (count < 1 || count > MOST_GROUPS) {
            throw new IllegalArgumentException("The groups (%d) must be 1 to %d.".formatted(count, MOST_GROUPS));
        }
        if (captains.size() > count) {
            throw new IllegalArgumentException(
                    "There are %d captains for %d groups: one each.".formatted(captains.size(), count));
        }
        locked.forEach((who, group) -> {
            if (group < 0 || group >= count) {
                throw new IllegalArgumentException(
                        "%s is kept in group %d, and there are %d.".formatted(who, group + 1, count));
            }
        });
    }

    /** So many groups, even, without anything else that is asked for. */
    public static Wanted even(int count, long seed) {
        return new Wanted(count, Sort.EVEN, Odd.ONE_MORE, List.of(), List.of(), Map.of(), List.of(), seed);
    }

    public Wanted withSort(Sort other) {
        return new Wanted(count, other, odd, colours, captains, locked, before, seed);
    }

    public Wanted withOdd(Odd other) {
        return new Wanted(count, sort, other, colours, captains, locked, before, seed);
    }

    public Wanted withColours(List<Chalk> bibs) {
        return new Wanted(count, sort, odd, bibs, captains, locked, before, seed);
    }

    public Wanted withCaptains(List<PlayerId> one) {
        return new Wanted(count, sort, odd, colours, one, locked, before, seed);
    }

    public Wanted withLocked(Map<PlayerId, Integer> places) {
        return new Wanted(count, sort, odd, colours, captains, places, before, seed);
    }

    public Wanted withBefore(List<List<Set<PlayerId>>> history) {
        return new Wanted(count, sort, odd, colours, captains, locked, history, seed);
    }
}
