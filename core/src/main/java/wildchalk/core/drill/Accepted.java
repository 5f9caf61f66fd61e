package wildchalk.core.drill;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import wildchalk.core.text.Slugs;

/**
 * A finding of the second look that the coach knows and leaves as it is.
 *
 * @param version in which it was accepted; in another it is another
 * @param rule what it is one of: "no-ball"
 * @param about ids of what it is about, the leading ones first
 * @param name what it is about that has no id here: a goal, a zone; else empty
 * @param figures what they were then, by the name of the quantity, in SI units
 * @param reason the coach's own words
 */
public record Accepted(
        ProgressionId version,
        String rule,
        List<String> about,
        String name,
        Map<String, Double> figures,
        String reason) {

    public Accepted {
        Objects.requireNonNull(version, "version");
        Slugs.check("rule", rule);
        about = List.copyOf(about);
        Limits.text("name", name, Limits.LINE);
        figures = Map.copyOf(figures);
        Limits.text("reason", reason, Limits.LINE);
        if (reason.isBlank()) {
            throw new IllegalArgumentException(
                    "The accepted finding %s needs a reason: why it may stay as it is.".formatted(rule));
        }
    }

    /** Whether both are of one finding, whatever its figures and the reason. */
    public boolean isOfSame(Accepted other) {
        return version.equals(other.version)
                && rule.equals(other.rule)
                && about.equals(other.about)
                && name.equals(other.name);
    }
}
