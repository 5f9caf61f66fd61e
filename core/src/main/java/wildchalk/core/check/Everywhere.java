package wildchalk.core.check;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Finding;
import wildchalk.core.path.Coverage;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.runthrough.RunThrough;

/**
 * What the rules find on all versions and ways of a drill, each finding once.
 *
 * @param found worst first, then in the order of versions and ways
 * @param accepted those that the coach has accepted
 * @param looked how many ways were looked at
 * @param of how many there are
 * @param orMore whether there are more than that
 */
public record Everywhere(List<Found> found, List<Found> accepted, int looked, long of, boolean orMore) {

    /** More ways than these of one version are not looked at. */
    private static final int MOST_WAYS = 240;

    /**
     * A finding and where it holds.
     *
     * @param run the first run-through that has it: with it it can be said and shown
     * @param where the versions that have it, and of each how many ways
     */
    public record Found(Finding finding, RunThrough run, Map<ProgressionId, Integer> where) {
        public Found {
            where = Map.copyOf(where);
        }
    }

    public Everywhere {
        found = List.copyOf(found);
        accepted = List.copyOf(accepted);
    }

    /** On one path alone. */
    public static Everywhere on(RunThrough run) {
        Collected all = new Collected();
        all.look(run);
        return all.everywhere(1, false);
    }

    public static Everywhere of(Drill drill) {
        return of(drill, drill.progressions(), OwnFigures.NONE);
    }

    public static Everywhere of(Drill drill, OwnFigures own) {
        return of(drill, drill.progressions(), own);
    }

    public static Everywhere of(Drill drill, List<Progression> versions, OwnFigures own) {
        Collected all = new Collected();
        long of = 0;
        boolean orMore = false;
        for (Progression version : versions) {
            Coverage ways = Coverage.of(version, MOST_WAYS);
            of += ways.of();
            orMore |= ways.orMore();
            ways.choices().forEach(c -> all.look(RunThrough.of(drill, Path.of(version, c), own)));
        }
        return all.everywhere(of, orMore);
    }

    private static Found joined(Found before, Found more) {
        Map<ProgressionId, Integer> where = new LinkedHashMap<>(before.where());
        more.where().forEach((id, ways) -> where.merge(id, ways, Integer::sum));
        return new Found(before.finding(), before.run(), where);
    }

    /** What is found, while one way is looked at after the other. */
    private static final class Collected {
        private final Map<Key, Found> open = new LinkedHashMap<>();
        private final Map<Key, Found> accepted = new LinkedHashMap<>();
        private int looked;

        void look(RunThrough run) {
            looked++;
            ProgressionId version = run.version().id();
            for (Finding f : Checks.of(run)) {
                boolean known = Acceptance.in(run.drill(), version, f).isPresent();
                Map<Key, Found> list = known ? accepted : open;
                // what is found of somebody is found of whoever does it in his place
                Key drawn = asDrawn(run, Key.of(f));
                Key key = list.containsKey(drawn) ? drawn : Key.of(f);
                list.merge(key, new Found(f, run, Map.of(version, 1)), Everywhere::joined);
            }
        }

        private static Key asDrawn(RunThrough run, Key key) {
            if (!run.choices().otherSide()) {
                return key;
            }
            Map<RoleId, RoleId> of = new HashMap<>();
            run.version().course().alternation().ifPresent(a -> a.instead().forEach((one, by) -> of.put(by, one)));
            List<ElementId> about = key.about().stream()
                    .map(id -> id instanceof RoleId r ? of.getOrDefault(r, r) : id)
                    .toList();
            return new Key(key.rule(), about, key.name());
        }

        Everywhere everywhere(long of, boolean orMore) {
            return new Everywhere(sorted(open), sorted(accepted), looked, of, orMore);
        }

        private static List<Found> sorted(Map<Key, Found> found) {
            return found.values().stream()
                    .sorted(Comparator.comparing(f -> f.finding().severity()))
                    .toList();
        }
    }
}
