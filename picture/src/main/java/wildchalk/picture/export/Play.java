package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Progression;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.picture.export.ExportOptions.Reach;

/**
 * One path of one version, as a page plays it.
 *
 * @param id what its parts of the page are named by: empty for the one that is shown first
 */
record Play(Told told, String id) {

    /** More paths of one version than a phone should carry. */
    static final int MOST_WAYS = 24;

    /** The paths of the versions that are wanted, versions in their order; the one that is given is shown first. */
    static List<Play> all(Told first, ExportOptions how) {
        List<Play> plays = new ArrayList<>();
        for (Progression p : first.drill().progressions()) {
            boolean own = p.equals(first.run().version());
            if (!own && how.versions() == Reach.ONE) {
                continue;
            }
            Told told = own ? first : first.inPassing(Path.usual(p));
            for (Told way : how.ways() == Reach.ALL ? told.everyWay(MOST_WAYS) : List.of(told)) {
                boolean isFirst = own && way.path().equals(first.path());
                plays.add(new Play(way, isFirst ? "" : "p" + plays.size() + "-"));
            }
        }
        return plays;
    }

    /** A place at which this path could go another way: for each way, which of all plays; -1 for one that is left out. */
    record Turn(Turning turning, List<Integer> plays) {}

    /** Where it could go otherwise; nothing where the page shows no other way of its version. */
    List<Turn> turns(List<Play> all) {
        List<Turn> turns = new ArrayList<>();
        if (all.stream()
                        .filter(p -> p.told.run().version().equals(told.run().version()))
                        .count()
                == 1) {
            return turns;
        }
        List<String> before = new ArrayList<>();
        for (Turning turning : told.run().turnings()) {
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
        Map<String, String> here = taken(told.run().version(), told.run().choices());
        Map<String, String> wanted = taken(told.run().version(), way.choices());
        for (int i = 0; i < all.size(); i++) {
            Told other = all.get(i).told;
            Map<String, String> there = taken(other.run().version(), other.run().choices());
            if (other.run().version().equals(told.run().version())
                    && wanted.get(turning.id()).equals(there.get(turning.id()))
                    && before.stream().allMatch(t -> here.get(t).equals(there.get(t)))) {
                return i;
            }
        }
        return -1;
    }

    /** The branch that is taken at each fork that is met, and what is called each time. */
    private static Map<String, String> taken(Progression whole, Choices choices) {
        Map<String, String> map = new HashMap<>();
        Choices all = Outcomes.way(whole, choices).choices();
        all.calls().forEach((ask, said) -> map.put(ask.text(), said.toString()));
        all.branches().forEach((fork, branch) -> map.put(fork.text(), branch.text()));
        return map;
    }
}
