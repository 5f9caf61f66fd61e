package wildchalk.core.surface;

import java.util.Arrays;
import java.util.List;
import wildchalk.core.text.SportTexts;

/**
 * A part that players of a sport take.
 *
 * @param label what stands on the mark: "LB"
 * @param name in words: "left back"
 */
public record Position(String label, String name) {

    /** The positions of a sport, in the order in which its players count them. */
    static List<Position> of(String sport) {
        String all = SportTexts.get("sport", sport, "positions");
        return Arrays.stream(all.split(";"))
                .map(String::strip)
                .filter(p -> p.contains(" "))
                .map(p -> new Position(p.substring(0, p.indexOf(' ')), p.substring(p.indexOf(' ') + 1)))
                .toList();
    }
}
