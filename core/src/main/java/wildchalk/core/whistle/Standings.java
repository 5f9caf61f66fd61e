package wildchalk.core.whistle;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Scoring;
import wildchalk.core.log.LoggedBlock;

/**
 * How a game stands.
 *
 * @param points of each side, in their order
 * @param ahead sides that are ahead: several while they are even, none while nobody has any
 * @param over whether somebody has got to what it goes to
 */
public record Standings(Map<String, Integer> points, List<String> ahead, boolean over) {

    public Standings {
        points = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(points));
        ahead = List.copyOf(ahead);
    }

    /** @param sides ids of groups, or names of sides */
    public static Standings of(Scoring scoring, List<String> sides, LoggedBlock counted) {
        Map<String, Integer> points = new LinkedHashMap<>();
        sides.forEach(s -> points.put(s, counted.points(s)));
        boolean any = points.values().stream().anyMatch(n -> n != 0);
        int best = points.values().stream()
                .mapToInt(Integer::intValue)
                .reduce(scoring.against() ? Math::min : Math::max)
                .orElse(0);
        List<String> ahead =
                any ? sides.stream().filter(s -> points.get(s) == best).toList() : List.<String>of();
        boolean over = scoring.target() > 0 && points.values().stream().anyMatch(n -> n >= scoring.target());
        return new Standings(points, ahead, over);
    }
}
