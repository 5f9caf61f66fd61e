package wildchalk.core.finding;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.MoveId;
import wildchalk.core.geometry.Point;

/**
 * What a check says.
 *
 * @param rule short name of the rule that found it, stable: "no-ball"
 * @param message one sentence with its figures
 * @param remedy what would mend it, one sentence
 * @param moves the moves it is about, the first one leading; perhaps none
 * @param where where on the surface, if somewhere
 * @param atSeconds when, from the whistle, if at a moment
 */
public record Finding(
        Severity severity,
        String rule,
        String message,
        String remedy,
        List<MoveId> moves,
        Optional<Point> where,
        Optional<Double> atSeconds) {

    public Finding {
        Objects.requireNonNull(severity, "severity");
        Objects.requireNonNull(rule, "rule");
        Objects.requireNonNull(message, "message");
        Objects.requireNonNull(remedy, "remedy");
        moves = List.copyOf(moves);
    }
}
