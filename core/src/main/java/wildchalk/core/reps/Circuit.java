package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.List;

/**
 * Groups at stations side by side that swap: each group plays at one station after another until it has been at all of them.
 *
 * @param groups what each group gets at all stations together
 */
public record Circuit(List<Total> groups) {

    /** One station: what is played there. */
    public record Stop(RepScript script, Conditions conditions) {}

    /**
     * What one group gets.
     *
     * @param turns of whoever in it has fewest, station by station
     * @param standSeconds of all its players together, swaps not counted
     */
    public record Total(int people, List<Integer> turns, double standSeconds) {

        public Total {
            turns = List.copyOf(turns);
        }

        public int turnsInAll() {
            return turns.stream().mapToInt(Integer::intValue).sum();
        }
    }

    public Circuit {
        groups = List.copyOf(groups);
    }

    /**
     * @param people of each group, coaches not counted; as many groups as there are stations
     * @param minutes of the whole block, swaps included
     * @param swapSeconds that it takes to change over
     */
    public static Circuit of(List<Stop> stations, List<Integer> people, double minutes, double swapSeconds) {
        int count = stations.size();
        if (people.size() != count) {
            throw new IllegalArgumentException("%d groups at %d stations: there must be as many groups as stations."
                    .formatted(people.size(), count));
        }
        double stint = (minutes - (count - 1) * swapSeconds / 60) / count;
        if (stint <= 0) {
            throw new IllegalArgumentException(
                    "%s minutes leave no time between %d swaps of %s s.".formatted(minutes, count - 1, swapSeconds));
        }
        List<Total> groups = new ArrayList<>();
        for (int group = 0; group < count; group++) {
            List<Integer> turns = new ArrayList<>();
            double stands = 0;
            for (int turn = 0; turn < count; turn++) {
                Stop at = stations.get((group + turn) % count);
                Conditions here = at.conditions().withPeople(at.script().path(), people.get(group));
                Block block = Block.of(at.script(), here, stint);
                turns.add(block.fewestTurns());
                stands += block.people().stream()
                        .mapToDouble(Block.Share::standSeconds)
                        .sum();
            }
            groups.add(new Total(people.get(group), turns, stands));
        }
        return new Circuit(groups);
    }
}
