package wildchalk.core.reps;

import java.util.stream.IntStream;

/**
 * What a block gives where passes miss as they do at an age, drawn many times: the middle, and what nine of ten draws lie between.
 *
 * @param low turns of whoever has fewest, with which one draw of twenty is worse
 * @param usual the same in the middle
 * @param high with which one of twenty is better
 * @param ballsUsual balls that it takes so that none waits
 */
public record Spread(int low, int usual, int high, int ballsUsual) {

    /** @param draws how often it is drawn, 1 or more */
    public static Spread of(RepScript script, Conditions conditions, Misses misses, double minutes, int draws) {
        Block[] all = IntStream.range(0, draws)
                .mapToObj(i -> Block.of(script, conditions.withMisses(misses, conditions.seed() + i), minutes))
                .toArray(Block[]::new);
        int[] turns = java.util.Arrays.stream(all)
                .mapToInt(Block::fewestTurns)
                .sorted()
                .toArray();
        int[] balls = java.util.Arrays.stream(all)
                .mapToInt(Block::ballsForAll)
                .sorted()
                .toArray();
        return new Spread(at(turns, 0.05), at(turns, 0.5), at(turns, 0.95), at(balls, 0.5));
    }

    private static int at(int[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    }
}
