package wildchalk.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.finding.Finding;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.runthrough.RunThrough;

/**
 * What the rules find on all versions and ways of a drill, each finding once.
 *
 * @param found worst first, then in the order of versions and ways
 * @param looked how many ways were looked at
 * @param of how many there are
 */
public record Everywhere(List<Found> found, int looked, double of) {

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

    /** What makes two findings one. */
    private record Key(String rule, List<Object> about) {
        static Key of(Finding f) {
            return new Key(
                    f.rule(),
                    Stream.concat(f.about().stream(), Stream.of(f.name())).toList());
        }
    }

    public Everywhere {
        found = List.copyOf(found);
    }

    /** On one path alone. */
    public static Everywhere on(RunThrough run) {
        List<Found> found = Checks.of(run).stream()
                .map(f -> new Found(f, run, Map.of(run.version().id(), 1)))
                .toList();
        return new Everywhere(found, 1, 1);
    }

    public static Everywhere of(Drill drill) {
        return of(drill, drill.progressions());
    }

    public static Everywhere of(Drill drill, List<Progression> versions) {
        Map<Key, Found> all = new LinkedHashMap<>();
        int looked = 0;
        double of = 0;
        for (Progression version : versions) {
            List<Path> paths = paths(version);
            looked += paths.size();
            of += Math.max(paths.size(), count(version));
            for (Path path : paths) {
                RunThrough run = RunThrough.of(drill, path);
                Checks.of(run)
                        .forEach(f ->
                                all.merge(Key.of(f), new Found(f, run, Map.of(version.id(), 1)), Everywhere::joined));
            }
        }
        List<Found> sorted = new ArrayList<>(all.values());
        sorted.sort((a, b) -> a.finding().severity().compareTo(b.finding().severity()));
        return new Everywhere(sorted, looked, of);
    }

    private static Found joined(Found before, Found more) {
        Map<ProgressionId, Integer> where = new LinkedHashMap<>(before.where());
        more.where().forEach((id, ways) -> where.merge(id, ways, Integer::sum));
        return new Found(before.finding(), before.run(), where);
    }

    private static List<Path> paths(Progression version) {
        if (!Outcomes.areMany(version)) {
            return List.of(Path.usual(version));
        }
        List<Way> ways = Outcomes.ways(version);
        int some = Math.min(ways.size(), MOST_WAYS);
        // spread over all of them, so that no call is left out because others stand before it
        return IntStream.range(0, some)
                .mapToObj(i -> ways.get((int) ((long) i * ways.size() / some)))
                .map(w -> Path.of(version, w.choices()))
                .toList();
    }

    /** How many ways there are, calls multiplied; forks as they were found. */
    private static double count(Progression version) {
        return version.course().calls().stream().mapToDouble(c -> c.count()).reduce(1, (a, b) -> a * b);
    }
}
