package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whom a version is for.
 *
 * @param ages empty for those of the drill
 * @param level in the coach's words: "once they catch on the run"; perhaps empty
 */
public record Suits(List<AgeBand> ages, String level) {

    public static final Suits EVERYBODY = new Suits(List.of(), "");

    public Suits {
        Objects.requireNonNull(level, "level");
        Limits.text("level", level, Limits.LINE);
        ages = List.copyOf(ages);
    }

    /** For one age more, in the order of the ages. */
    public Suits withAlso(AgeBand age) {
        return new Suits(
                Stream.of(AgeBand.values())
                        .filter(a -> a == age || ages.contains(a))
                        .toList(),
                level);
    }

    public boolean isEmpty() {
        return ages.isEmpty() && level.isEmpty();
    }

    /** "U10–U14, Adult": neighbouring bands run together; empty for those of the drill. */
    public String agesInWords() {
        List<String> runs = new ArrayList<>();
        AgeBand[] all = AgeBand.values();
        for (int from = 0; from < all.length; from++) {
            if (!ages.contains(all[from])) {
                continue;
            }
            int to = from;
            while (to + 1 < all.length && ages.contains(all[to + 1])) {
                to++;
            }
            runs.add(
                    from == to
                            ? all[from].label()
                            : all[from].label() + (to == from + 1 ? ", " : "–") + all[to].label());
            from = to;
        }
        return String.join(", ", runs);
    }

    /** "U10–U14 · once they catch on the run"; empty for everybody. */
    public String inWords() {
        return Stream.of(agesInWords(), level).filter(t -> !t.isEmpty()).collect(Collectors.joining(" · "));
    }
}
