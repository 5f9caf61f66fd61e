package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import wildchalk.core.drill.Chalk;

/**
 * Puts players into groups: from several beginnings two players change places as long as that makes the groups fairer, and the best
 * that comes out is taken. The same people, wishes and seed give the same groups.
 */
public final class Groups {

    private static final int BEGINNINGS = 32;

    /** Of many people fewer beginnings are tried: of 200, seven. */
    private static final int PEOPLE = 40;

    private final Fairness fairness;
    private final List<PlayerId> people;
    private final Wanted wanted;
    private final int[] sizes;
    /** Group of each of the people who does not move; -1 for who does. */
    private final int[] fixed;

    private Groups(Squad squad, List<PlayerId> people, Wanted wanted) {
        this.people = people;
        this.wanted = wanted;
        this.fairness = new Fairness(squad, people, wanted);
        this.sizes = new int[wanted.count()];
        for (int i = 0; i < people.size(); i++) {
            sizes[i % sizes.length]++;
        }
        this.fixed = new int[people.size()];
        fix();
    }

    /**
     * @param there who has come; whoever is not in the squad is left out
     */
    public static Grouping of(Squad squad, List<PlayerId> there, Wanted wanted) {
        List<PlayerId> people = new ArrayList<>();
        for (Player p : squad.players()) {
            if (there.contains(p.id())) {
                people.add(p.id());
            }
        }
        List<PlayerId> over = over(squad, people, wanted);
        people.removeAll(over);
        return new Groups(squad, people, wanted).grouping(squad, over);
    }

    /** Whoever is over when the groups are to be equal: by lot, but no keeper, captain, or who is kept in a group. */
    private static List<PlayerId> over(Squad squad, List<PlayerId> people, Wanted wanted) {
        int count = wanted.odd() == Wanted.Odd.ONE_MORE ? 0 : people.size() % wanted.count();
        List<PlayerId> free = new ArrayList<>(people);
        free.removeAll(wanted.captains());
        free.removeAll(wanted.locked().keySet());
        free.removeIf(p -> squad.player(p).filter(Player::keeper).isPresent());
        Collections.shuffle(free, new Random(wanted.seed()));
        List<PlayerId> over = new ArrayList<>(free.subList(0, Math.min(count, free.size())));
        Collections.sort(over);
        return over;
    }

    /** Who is kept in a group, and captains, each in his own, as far as there is room. */
    private void fix() {
        Arrays.fill(fixed, -1);
        int[] room = sizes.clone();
        for (int i = 0; i < people.size(); i++) {
            Integer group = wanted.locked().get(people.get(i));
            if (group != null && room[group] > 0) {
                fixed[i] = group;
                room[group]--;
            }
        }
        Set<Integer> led = new HashSet<>();
        for (PlayerId captain : wanted.captains()) {
            int i = people.indexOf(captain);
            if (i >= 0 && fixed[i] >= 0) {
                led.add(fixed[i]);
            }
        }
        for (PlayerId captain : wanted.captains()) {
            int i = people.indexOf(captain);
            for (int g = 0; i >= 0 && fixed[i] < 0 && g < room.length; g++) {
                if (room[g] > 0 && led.add(g)) {
                    fixed[i] = g;
                    room[g]--;
                }
            }
        }
    }

    private int[] best() {
        Random random = new Random(wanted.seed());
        int[] best = null;
        double least = Double.POSITIVE_INFINITY;
        int beginnings = Math.min(BEGINNINGS, 1 + BEGINNINGS * PEOPLE / Math.max(1, people.size()));
        for (int i = 0; i < beginnings; i++) {
            int[] groups = beginning(random);
            double unfair = improve(groups);
            if (unfair < least - 1e-9) {
                least = unfair;
                best = groups;
            }
        }
        return best;
    }

    private int[] beginning(Random random) {
        int[] room = sizes.clone();
        int[] groups = fixed.clone();
        for (int g : fixed) {
            if (g >= 0) {
                room[g]--;
            }
        }
        List<Integer> places = new ArrayList<>();
        for (int g = 0; g < room.length; g++) {
            places.addAll(Collections.nCopies(Math.max(0, room[g]), g));
        }
        Collections.shuffle(places, random);
        int next = 0;
        for (int i = 0; i < groups.length; i++) {
            groups[i] = groups[i] >= 0 ? groups[i] : places.get(next++);
        }
        return groups;
    }

    /** Two change places as long as that helps. */
    private double improve(int[] groups) {
        double now = fairness.unfair(groups);
        double met = fairness.all(groups) - now;
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < groups.length; i++) {
                for (int k = i + 1; k < groups.length; k++) {
                    if (fixed[i] < 0 && fixed[k] < 0 && groups[i] != groups[k]) {
                        double more = fairness.metAfterSwap(groups, i, k);
                        swap(groups, i, k);
                        double then = fairness.unfair(groups);
                        if (then + more < now - 1e-9) {
                            now = then;
                            met += more;
                            better = true;
                        } else {
                            swap(groups, i, k);
                        }
                    }
                }
            }
        }
        return now + met;
    }

    private static void swap(int[] groups, int i, int k) {
        int g = groups[i];
        groups[i] = groups[k];
        groups[k] = g;
    }

    // ---- what comes out ----

    private Grouping grouping(Squad squad, List<PlayerId> over) {
        int[] best = best();
        List<List<PlayerId>> members = new ArrayList<>();
        for (int g = 0; g < sizes.length; g++) {
            List<PlayerId> in = new ArrayList<>();
            for (int i = 0; i < best.length; i++) {
                if (best[i] == g) {
                    in.add(people.get(i));
                }
            }
            members.add(in);
        }
        List<Optional<Chalk>> bibs = Bibs.of(squad, members, wanted.colours());
        List<Group> groups = new ArrayList<>();
        for (int g = 0; g < sizes.length; g++) {
            List<PlayerId> in = members.get(g);
            Optional<PlayerId> captain =
                    wanted.captains().stream().filter(in::contains).findFirst();
            groups.add(new Group("g" + (g + 1), name(g, bibs.get(g)), bibs.get(g), captain, in));
        }
        return new Grouping(groups, over, broken(squad, groups));
    }

    private static String name(int number, Optional<Chalk> bib) {
        return bib.map(c -> c.name().charAt(0) + c.name().substring(1).toLowerCase(Locale.ROOT))
                .orElse("Group " + (number + 1));
    }

    private List<Grouping.Broken> broken(Squad squad, List<Group> groups) {
        List<Grouping.Broken> broken = new ArrayList<>();
        Map<PlayerId, String> in = new HashMap<>();
        groups.forEach(g -> g.players().forEach(p -> in.put(p, g.id())));
        for (Set<PlayerId> bond : squad.together()) {
            Set<PlayerId> here = new TreeSet<>(bond);
            here.retainAll(in.keySet());
            if (here.stream().map(in::get).distinct().count() > 1) {
                broken.add(new Grouping.Broken(Grouping.Wish.TOGETHER, here));
            }
        }
        for (Set<PlayerId> bond : squad.apart()) {
            for (Group group : groups) {
                Set<PlayerId> both = new LinkedHashSet<>(group.players());
                both.retainAll(bond);
                if (both.size() > 1) {
                    broken.add(new Grouping.Broken(Grouping.Wish.APART, both));
                }
            }
        }
        wanted.locked().forEach((who, group) -> {
            if (in.containsKey(who) && !in.get(who).equals(groups.get(group).id())) {
                broken.add(new Grouping.Broken(Grouping.Wish.LOCKED, Set.of(who)));
            }
        });
        for (Group group : groups) {
            Set<PlayerId> captains = new LinkedHashSet<>(group.players());
            captains.retainAll(wanted.captains());
            if (captains.size() > 1) {
                broken.add(new Grouping.Broken(Grouping.Wish.CAPTAIN, captains));
            }
        }
        return broken;
    }
}
