package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * How unfair groups are: the less, the better. What has to be kept weighs more than everything that is only to be even, and that more
 * than who was with whom before.
 */
final class Fairness {

    private static final double MUST = 1e6;
    private static final double KEEPERS = 1e3;
    private static final double LEVELS = 30;
    private static final double POSITIONS = 10;

    private final int count;
    private final Wanted.Sort sort;
    /** Who is a tenth faster than usual counts as a level better, where groups are to be as good as each other (estimate). */
    private static final double LEVELS_FOR_PACE = 10;

    private final int[] keeper;
    private final double[] rank;
    /** Position of each, by number; -1 for none. */
    private final int[] position;

    private final int positions;
    private final List<int[]> together = new ArrayList<>();
    private final List<int[]> apart = new ArrayList<>();
    /** How much two have been together before. */
    private final double[][] met;

    Fairness(Squad squad, List<PlayerId> people, Wanted wanted) {
        this.count = wanted.count();
        this.sort = wanted.sort();
        int n = people.size();
        keeper = new int[n];
        rank = new double[n];
        position = new int[n];
        List<String> names = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Player p = squad.player(people.get(i)).orElseThrow();
            keeper[i] = p.keeper() ? 1 : 0;
            rank[i] = squad.rank(p) - (sort == Wanted.Sort.EVEN ? LEVELS_FOR_PACE * (p.pace() - 1) : 0);
            String name = p.position();
            if (!name.isEmpty() && !names.contains(name)) {
                names.add(name);
            }
            position[i] = names.indexOf(name);
        }
        positions = names.size();
        squad.together().forEach(b -> together.add(numbers(b, people)));
        squad.apart().forEach(b -> apart.add(numbers(b, people)));
        met = new double[n][n];
        for (int age = 0; age < wanted.before().size(); age++) {
            for (Set<PlayerId> group : wanted.before().get(age)) {
                int[] in = numbers(group, people);
                for (int a : in) {
                    for (int b : in) {
                        met[a][b] += 1.0 / (1 + age);
                    }
                }
            }
        }
    }

    private static int[] numbers(Set<PlayerId> some, List<PlayerId> people) {
        return some.stream()
                .mapToInt(people::indexOf)
                .filter(i -> i >= 0)
                .sorted()
                .toArray();
    }

    /** All of it. @param groups of each of the people, from 0 */
    double all(int[] groups) {
        return unfair(groups) + metBefore(groups);
    }

    /** Without who was with whom. */
    double unfair(int[] groups) {
        double sum = 0;
        for (int[] bond : together) {
            sum += MUST * (distinct(bond, groups) - 1);
        }
        for (int[] bond : apart) {
            sum += MUST * (bond.length - distinct(bond, groups));
        }
        int[] size = new int[count];
        int[] keepers = new int[count];
        double[] ranks = new double[count];
        double[] squares = new double[count];
        int[][] posts = new int[count][positions];
        for (int i = 0; i < groups.length; i++) {
            int g = groups[i];
            size[g]++;
            keepers[g] += keeper[i];
            ranks[g] += rank[i];
            squares[g] += rank[i] * rank[i];
            if (position[i] >= 0) {
                posts[g][position[i]]++;
            }
        }
        sum += switch (sort) {
            case EVEN -> KEEPERS * spread(keepers) + LEVELS * evenLevels(ranks, size) + POSITIONS * evenPosts(posts);
            case LEVEL -> KEEPERS * spread(keepers) + LEVELS * sameLevels(ranks, squares, size);
            case POSITION -> POSITIONS * mixedPosts(posts, size);
        };
        return sum;
    }

    private static int distinct(int[] bond, int[] groups) {
        int count = 0;
        for (int i = 0; i < bond.length; i++) {
            boolean first = true;
            for (int k = 0; k < i; k++) {
                first &= groups[bond[k]] != groups[bond[i]];
            }
            count += first ? 1 : 0;
        }
        return Math.max(1, count);
    }

    /** Sum of squares of what is more or less than the mean. */
    private static double spread(int[] counts) {
        double mean = 0;
        for (int c : counts) {
            mean += (double) c / counts.length;
        }
        double sum = 0;
        for (int c : counts) {
            sum += (c - mean) * (c - mean);
        }
        return sum;
    }

    /** How far the mean level of each group is from that of all. */
    private double evenLevels(double[] ranks, int[] size) {
        double all = 0;
        for (double r : rank) {
            all += r / rank.length;
        }
        double sum = 0;
        for (int g = 0; g < count; g++) {
            double off = size[g] == 0 ? 0 : ranks[g] / size[g] - all;
            sum += off * off;
        }
        return sum;
    }

    private double evenPosts(int[][] posts) {
        double sum = 0;
        for (int p = 0; p < positions; p++) {
            int[] counts = new int[count];
            for (int g = 0; g < count; g++) {
                counts[g] = posts[g][p];
            }
            sum += spread(counts);
        }
        return sum;
    }

    private double sameLevels(double[] ranks, double[] squares, int[] size) {
        double sum = 0;
        for (int g = 0; g < count; g++) {
            sum += size[g] == 0 ? 0 : squares[g] - ranks[g] * ranks[g] / size[g];
        }
        return sum;
    }

    /** Pairs of different positions in one group. */
    private double mixedPosts(int[][] posts, int[] size) {
        double sum = 0;
        for (int g = 0; g < count; g++) {
            double pairs = size[g] * size[g];
            for (int c : posts[g]) {
                pairs -= c * c;
            }
            sum += pairs;
        }
        return sum;
    }

    /** By how much who was with whom changes where two change places. */
    double metAfterSwap(int[] groups, int a, int b) {
        double sum = 0;
        for (int i = 0; i < groups.length; i++) {
            if (i != a && i != b) {
                sum += (groups[i] == groups[b] ? met[a][i] - met[b][i] : 0)
                        + (groups[i] == groups[a] ? met[b][i] - met[a][i] : 0);
            }
        }
        return sum;
    }

    private double metBefore(int[] groups) {
        double sum = 0;
        for (int i = 0; i < groups.length; i++) {
            for (int k = i + 1; k < groups.length; k++) {
                sum += groups[i] == groups[k] ? met[i][k] : 0;
            }
        }
        return sum;
    }
}
