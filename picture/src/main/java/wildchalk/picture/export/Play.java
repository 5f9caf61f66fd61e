package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Outcomes;
import wildchalk.core.drill.Progression;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;

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

    /** A place at which this path could go another way: for each way, which of all plays; -1 for one that is left out. */
    record Turn(Turning turning, List<Integer> plays) {}

    List<Turn> turns(List<Play> all) {
        List<Turn> turns = new ArrayList<>();
        List<String> before = new ArrayList<>();
        for (Turning turning : rep.turnings()) {
            List<Integer> to = turning.ways().stream()
                    .map(w -> index(all, before, turning, w))
                    .toList();
            turns.add(new Turn(turning, to));
            before.add(turning.id());
        }
        return turns;
    }

    /** The play that is the same up to a turning and goes one of its ways there. */
    private int index(List<Play> all, List<String> before, Turning turning, Turnings.Option way) {
        Map<String, String> here = taken(rep.whole(), rep.choices());
        Map<String, String> wanted = taken(rep.whole(), way.choices());
        for (int i = 0; i < all.size(); i++) {
            Rep other = all.get(i).rep;
            Map<String, String> there = taken(other.whole(), other.choices());
            if (other.whole().equals(rep.whole())
                    && wanted.get(turning.id()).equals(there.get(turning.id()))
                    && before.stream().allMatch(t -> here.get(t).equals(there.get(t)))) {
                return i;
            }
        }
        return -1;
    }

    /** The branch that is taken at each fork that is met, and what is called from each set. */
    private static Map<String, String> taken(Progression whole, Choices choices) {
        Map<String, String> map = new HashMap<>();
        whole.course()
                .calls()
                .forEach(c -> map.put(
                        c.id().text(), Outcomes.called(whole, c.id(), choices).toString()));
        Outcomes.forksOn(whole, choices)
                .forEach(f -> map.put(
                        f.id().text(), Outcomes.taken(whole, f, choices).id().text()));
        return map;
    }
}
