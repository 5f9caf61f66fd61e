package wildchalk.core.words;

import java.util.List;
import java.util.stream.Collectors;
import wildchalk.core.drill.MoveId;

/**
 * What one move says.
 *
 * @param letter its name in the talk-through: a, b, c…
 * @param measures what was worked out for it
 */
public record Sentence(MoveId move, String letter, List<Phrase> phrases, List<Measure> measures) {

    public Sentence {
        phrases = List.copyOf(phrases);
        measures = List.copyOf(measures);
    }

    /** What was worked out, as it stands beside the sentence: "14.6 m · caught at 1.3 s". */
    public String measure() {
        return measures.stream().map(Measure::text).collect(Collectors.joining(" · "));
    }

    /** The sentence as text, with a capital and a full stop. */
    public String text() {
        String joined = phrases.stream()
                .map(Phrase::text)
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(" "))
                .replace(" ,", ",")
                .replaceFirst(",$", "");
        return Character.toUpperCase(joined.charAt(0)) + joined.substring(1) + ".";
    }
}
