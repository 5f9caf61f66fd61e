package wildchalk.core.check;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Progression;
import wildchalk.core.finding.Quantity;

/**
 * An edit that clears a finding; {@code words} names it.
 *
 * @param kind short and stable: "give-ball"; its text stands under {@code mend.<kind>}
 * @param about what it is about, the leading ones first
 * @param figures in SI units
 * @param name what is no element and stands by its name: a goal, the weight of a pass; else empty
 * @param change what it makes of a version, whatever the version is by then
 */
public record Remedy(
        String kind,
        List<ElementId> about,
        Map<Quantity, Double> figures,
        String name,
        UnaryOperator<Progression> change) {

    public Remedy {
        Objects.requireNonNull(kind, "kind");
        about = List.copyOf(about);
        figures = Map.copyOf(figures);
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(change, "change");
    }
}
