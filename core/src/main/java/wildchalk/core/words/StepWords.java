package wildchalk.core.words;

import java.util.List;
import wildchalk.core.drill.StepId;

/**
 * One step of the talk-through.
 *
 * @param title "Step 2"
 * @param span "3.1 – 6.4 s"
 * @param points the coach's own coaching points
 */
public record StepWords(StepId step, String title, String span, List<Sentence> sentences, List<String> points) {

    public StepWords {
        sentences = List.copyOf(sentences);
        points = List.copyOf(points);
    }
}
