package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Outcomes;
import wildchalk.core.drill.Progression;
import wildchalk.core.motion.ForkTimes;

/**
 * One path of one version, as a page plays it.
 *
 * @param id what its parts of the page are named by: empty for the one that is shown first
 */
record Play(Rep rep, String id) {

    /** More paths of one version than a phone should carry. */
    static final int MOST_WAYS = 24;

    /** Every path of every version, versions in their order; the one that is given is shown first. */
    static List<Play> all(Rep first) {
        List<Play> plays = new ArrayList<>();
        for (Progression p : first.drill().progressions()) {
            boolean own = p.equals(first.whole());
            Rep rep = own ? first : Rep.of(first.drill(), p, first.reader());
            for (Rep way : rep.everyWay(MOST_WAYS)) {
                boolean isFirst = own && way.progression().equals(first.progression());
                plays.add(new Play(way, isFirst ? "" : "p" + plays.size() + "-"));
            }
        }
        return plays;
    }

    /** A place at which this path could go another way. */
    record Turn(double seconds, Fork fork, List<Integer> plays) {}

    /** Where it could go other ways, and to which of all plays; those that are not among them are left out. */
    List<Turn> turns(List<Play> all) {
        List<Turn> turns = new ArrayList<>();
        List<Fork> before = new ArrayList<>();
        for (Fork fork : Outcomes.forksOn(rep.whole(), rep.choices())) {
            if (fork.branches().size() > 1 && fork.by() != Fork.By.CALL) {
                List<Integer> to = new ArrayList<>();
                for (Branch branch : fork.branches()) {
                    to.add(index(all, before, fork.id(), branch.id()));
                }
                turns.add(new Turn(ForkTimes.at(rep.progression(), rep.timeline(), fork), fork, to));
            }
            before.add(fork);
        }
        return turns;
    }

    private int index(List<Play> all, List<Fork> before, ForkId fork, BranchId branch) {
        for (int i = 0; i < all.size(); i++) {
            Rep other = all.get(i).rep;
            if (other.whole().equals(rep.whole())
                    && other.choices().calls().equals(rep.choices().calls())
                    && Optional.of(branch)
                            .equals(Optional.ofNullable(taken(other).get(fork)))
                    && before.stream()
                            .allMatch(f ->
                                    taken(other).get(f.id()).equals(taken(rep).get(f.id())))) {
                return i;
            }
        }
        return -1;
    }

    private static Map<ForkId, BranchId> taken(Rep rep) {
        Map<ForkId, BranchId> map = new HashMap<>();
        Choices choices = rep.choices();
        Outcomes.forksOn(rep.whole(), choices)
                .forEach(f ->
                        map.put(f.id(), Outcomes.taken(rep.whole(), f, choices).id()));
        return map;
    }
}
