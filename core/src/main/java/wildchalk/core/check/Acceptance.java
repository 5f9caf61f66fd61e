package wildchalk.core.check;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;

/**
 * Which findings a coach has accepted. One is known by its rule, what it is about and its version; it comes back when its figures
 * get worse by more than a tenth.
 */
public final class Acceptance {

    /** A distance or a time that is longer by more than this share, or one that is kept and is shorter, is another matter. */
    private static final double WORSE = 0.1;

    private Acceptance() {}

    public static Accepted of(Finding finding, ProgressionId version, String reason) {
        Map<String, Double> figures = new TreeMap<>();
        finding.figures().forEach((q, f) -> figures.put(name(q), rounded(f)));
        List<String> about = finding.about().stream().map(ElementId::text).toList();
        return new Accepted(version, finding.rule(), about, finding.name(), figures, reason);
    }

    /** What was accepted of a finding, if it still covers it. */
    public static Optional<Accepted> in(Drill drill, ProgressionId version, Finding finding) {
        if (drill.accepted().isEmpty()) {
            return Optional.empty();
        }
        Accepted now = of(finding, version, "-");
        return drill.accepted().stream()
                .filter(a -> a.isOfSame(now) && !isWorse(now, a))
                .findFirst();
    }

    private static boolean isWorse(Accepted now, Accepted then) {
        return now.figures().entrySet().stream().anyMatch(e -> {
            Double was = then.figures().get(e.getKey());
            boolean counted =
                    e.getKey().equals(name(Quantity.COUNT)) || e.getKey().equals(name(Quantity.LIMIT));
            if (was == null || counted) {
                return !e.getValue().equals(was);
            }
            return isWorseWhenLess(e.getKey()) ? e.getValue() < (1 - WORSE) * was : e.getValue() > (1 + WORSE) * was;
        });
    }

    private static boolean isWorseWhenLess(String name) {
        return Arrays.stream(Quantity.values()).anyMatch(q -> name(q).equals(name) && q.isWorseWhenLess());
    }

    private static String name(Quantity quantity) {
        return quantity.name().toLowerCase(Locale.ROOT);
    }

    /** To the millimetre and millisecond, as files have it. */
    private static double rounded(double figure) {
        return Math.round(figure * 1000) / 1000.0;
    }
}
