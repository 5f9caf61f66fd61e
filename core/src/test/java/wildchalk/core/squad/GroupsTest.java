package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Hand;

/** Groups are fair: against every way of putting few people together, and by what has to hold for many. */
class GroupsTest {

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    private static List<PlayerId> all(Squad squad) {
        return squad.players().stream().map(Player::id).toList();
    }

    private static Squad plain(int players) {
        return new Squad(
                new SquadId("s"),
                "S",
                List.of(),
                IntStream.range(0, players)
                        .mapToObj(i -> Player.named(RandomSquads.id(i), "N" + i))
                        .toList(),
                List.of(),
                List.of());
    }

    /** The twin: the fairest of all ways to put seven people into groups. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsFairerThanWhatComesOut(long seed) {
        Squad squad = RandomSquads.of(seed, 7);
        Wanted.Sort sort = Wanted.Sort.values()[(int) (seed % 3)];
        Wanted wanted = Wanted.even(2 + (int) (seed % 2), seed)
                .withSort(sort)
                .withBefore(List.of(List.of(Set.of(RandomSquads.id(0), RandomSquads.id(1), RandomSquads.id(2)))));
        Fairness fairness = new Fairness(squad, all(squad), wanted);
        double least = Double.POSITIVE_INFINITY;
        int ways = (int) Math.pow(wanted.count(), 7);
        for (int way = 0; way < ways; way++) {
            int[] groups = new int[7];
            int[] size = new int[wanted.count()];
            for (int i = 0, rest = way; i < 7; i++, rest /= wanted.count()) {
                groups[i] = rest % wanted.count();
                size[groups[i]]++;
            }
            boolean even = true;
            for (int g = 0; g < size.length; g++) {
                even &= size[g] == 7 / size.length + (g < 7 % size.length ? 1 : 0);
            }
            least = even ? Math.min(least, fairness.all(groups)) : least;
        }
        Grouping grouping = Groups.of(squad, all(squad), wanted);
        int[] out = new int[7];
        for (int g = 0; g < grouping.groups().size(); g++) {
            for (PlayerId p : grouping.groups().get(g).players()) {
                out[all(squad).indexOf(p)] = g;
            }
        }
        assertEquals(least, fairness.all(out), 1e-6);
    }

    /** Everybody is somewhere once, counts are even to one, and the same seed gives the same. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everybodyIsInOneGroup(long seed) {
        Squad squad = RandomSquads.of(seed, 9 + (int) (seed % 20));
        for (Wanted.Odd odd : Wanted.Odd.values()) {
            Wanted wanted = Wanted.even(2 + (int) (seed % 4), seed).withOdd(odd);
            Grouping grouping = Groups.of(squad, all(squad), wanted);
            List<PlayerId> out = new ArrayList<>(grouping.over());
            grouping.groups().forEach(g -> out.addAll(g.players()));
            assertEquals(new HashSet<>(all(squad)), new HashSet<>(out));
            assertEquals(all(squad).size(), out.size());
            var sizes =
                    grouping.groups().stream().mapToInt(g -> g.players().size()).summaryStatistics();
            assertTrue(sizes.getMax() - sizes.getMin() <= (odd == Wanted.Odd.ONE_MORE ? 1 : 0), "even");
            assertEquals(grouping, Groups.of(squad, all(squad), wanted));
        }
    }

    /** What has to be kept is kept where nothing stands against it, and otherwise said. */
    @ParameterizedTest
    @MethodSource("seeds")
    void pairsStayTogetherAndApart(long seed) {
        Squad squad = RandomSquads.of(seed, 16);
        Grouping grouping = Groups.of(squad, all(squad), Wanted.even(3, seed));
        Map<PlayerId, String> in = new HashMap<>();
        grouping.groups().forEach(g -> g.players().forEach(p -> in.put(p, g.id())));
        Set<Grouping.Broken> found = new HashSet<>();
        squad.together().stream()
                .filter(b -> b.stream().map(in::get).distinct().count() > 1)
                .forEach(b -> found.add(new Grouping.Broken(Grouping.Wish.TOGETHER, b)));
        squad.apart().stream()
                .filter(b -> b.stream().map(in::get).distinct().count() == 1)
                .forEach(b -> found.add(new Grouping.Broken(Grouping.Wish.APART, b)));
        assertEquals(found, new HashSet<>(grouping.broken()));
        boolean against = squad.apart().stream().anyMatch(squad.together()::contains) || chained(squad);
        assertTrue(against || found.isEmpty(), found.toString());
    }

    /** Whether those who stay together share somebody with those who stay apart. */
    private static boolean chained(Squad squad) {
        return squad.together().stream()
                .anyMatch(t -> squad.apart().stream().anyMatch(a -> a.stream().anyMatch(t::contains)));
    }

    /** Twelve people, four a level: each group has two of each; by level each has one level. */
    @ParameterizedTest
    @EnumSource(Wanted.Sort.class)
    void levelsAndPositionsAreSharedOutOrKeptTogether(Wanted.Sort sort) {
        List<Player> people = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String mark = List.of("A", "B", "C").get(i % 3);
            people.add(new Player(
                    RandomSquads.id(i), "N" + i, List.of("P" + mark), Hand.NONE, mark, false, List.of(), 1, List.of()));
        }
        Squad squad = new Squad(new SquadId("s"), "S", List.of("A", "B", "C"), people, List.of(), List.of());
        int groups = sort == Wanted.Sort.EVEN ? 2 : 3;
        for (Group g : Groups.of(squad, all(squad), Wanted.even(groups, 3).withSort(sort))
                .groups()) {
            Map<String, Long> levels = g.players().stream()
                    .collect(Collectors.groupingBy(
                            p -> squad.player(p).orElseThrow().level(), Collectors.counting()));
            assertEquals(
                    sort == Wanted.Sort.EVEN ? Map.of("A", 2L, "B", 2L, "C", 2L).size() : 1, levels.size());
            assertTrue(levels.values().stream().allMatch(n -> n == (sort == Wanted.Sort.EVEN ? 2 : 4)), levels + "");
        }
    }

    /** After three times of pairs among four everybody has been with everybody: each time with somebody new. */
    @Test
    void whoWasWithWhomIsMixedAnew() {
        Squad squad = plain(4);
        List<List<Set<PlayerId>>> before = new ArrayList<>();
        Set<Set<PlayerId>> pairs = new HashSet<>();
        for (int day = 0; day < 3; day++) {
            Grouping grouping = Groups.of(squad, all(squad), Wanted.even(2, day).withBefore(before));
            List<Set<PlayerId>> sets = grouping.groups().stream()
                    .map(g -> (Set<PlayerId>) new HashSet<>(g.players()))
                    .toList();
            pairs.addAll(sets);
            before.add(0, sets);
        }
        assertEquals(6, pairs.size());
    }

    @Test
    void captainsAndWhoIsKeptStayWhereTheyAre() {
        Squad squad = plain(11);
        Wanted wanted = Wanted.even(3, 8)
                .withCaptains(List.of(RandomSquads.id(4), RandomSquads.id(5), RandomSquads.id(6)))
                .withLocked(Map.of(RandomSquads.id(0), 2, RandomSquads.id(1), 2));
        Grouping grouping = Groups.of(squad, all(squad), wanted);
        assertEquals(List.of(), grouping.broken());
        assertTrue(grouping.groups().get(2).players().containsAll(List.of(RandomSquads.id(0), RandomSquads.id(1))));
        grouping.groups().forEach(g -> assertTrue(g.captain().isPresent()));
        // four in a group for three: one of them has no room there, and it is said
        Grouping crowded = Groups.of(
                squad,
                all(squad),
                Wanted.even(4, 8)
                        .withLocked(Map.of(RandomSquads.id(0), 3, RandomSquads.id(1), 3, RandomSquads.id(2), 3)));
        assertEquals(
                List.of(Grouping.Wish.LOCKED),
                crowded.broken().stream().map(Grouping.Broken::wish).toList());
    }

    /** Two who own blue and two who own red: they get what they own. */
    @Test
    void asManyAsCanBeWearABibOfTheirOwn() {
        List<Player> people = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            people.add(new Player(
                    RandomSquads.id(i),
                    "N" + i,
                    List.of(i < 2 ? "X" : "Y"),
                    Hand.NONE,
                    "",
                    false,
                    List.of(),
                    1,
                    List.of(i < 2 ? Chalk.BLUE : Chalk.RED)));
        }
        Squad squad = new Squad(new SquadId("s"), "S", List.of(), people, List.of(), List.of());
        Wanted wanted = Wanted.even(2, 1)
                .withSort(Wanted.Sort.POSITION)
                .withColours(List.of(Chalk.GREEN, Chalk.RED, Chalk.BLUE));
        for (Group g : Groups.of(squad, all(squad), wanted).groups()) {
            boolean xs = g.players().contains(RandomSquads.id(0));
            assertEquals(Optional.of(xs ? Chalk.BLUE : Chalk.RED), g.bib());
            assertEquals(xs ? "Blue" : "Red", g.name());
        }
    }

    @Test
    void anotherSeedGivesOtherGroups() {
        Squad squad = plain(12);
        assertNotEquals(
                Groups.of(squad, all(squad), Wanted.even(3, 1)).groups(),
                Groups.of(squad, all(squad), Wanted.even(3, 2)).groups());
    }

    /** A pasted list names people in whole, by first name or by its beginning; who is not clear is given back. */
    @Test
    void aPastedListIsRead() {
        Squad squad = new Squad(
                new SquadId("s"),
                "S",
                List.of(),
                List.of(
                        Player.named(RandomSquads.id(0), "Ada Lind"),
                        Player.named(RandomSquads.id(1), "Bo Marsh"),
                        Player.named(RandomSquads.id(2), "Bo Østby"),
                        Player.named(RandomSquads.id(3), "José Peel")),
                List.of(),
                List.of());
        Roll roll = Roll.of(squad, "1. ada lind\n- Bo M.; Jose, ADA\nBo\nNobody At All\n\n");
        assertEquals(List.of(RandomSquads.id(0), RandomSquads.id(1), RandomSquads.id(3)), roll.found());
        assertEquals(List.of("Bo", "Nobody At All"), roll.unclear());
    }
}
