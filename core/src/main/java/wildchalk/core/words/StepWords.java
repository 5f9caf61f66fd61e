package wildchalk.core.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.StepId;

/**
 * One step of the talk-through.
 *
 * @param title "Step 2"; with the branch that it belongs to
 * @param span "3.1 – 6.4 s"
 * @param sentences one for each move, as they are put together on the board
 * @param lines the same as it is read to the players
 * @param brief the same in a few words: "GK to LB · RB shoots"
 * @param points the coach's own coaching points
 * @param numbers "5 v 4 to the right"; empty where no two sides meet
 * @param question what is asked while it is shown
 */
public record StepWords(
        StepId step,
        String title,
        String span,
        List<Sentence> sentences,
        List<Line> lines,
        String brief,
        List<String> points,
        String numbers,
        Optional<Question> question) {

    public StepWords {
        sentences = List.copyOf(sentences);
        lines = List.copyOf(lines);
        points = List.copyOf(points);
    }

    /** With more lines behind its own. */
    public StepWords withLines(List<Line> more) {
        return new StepWords(
                step,
                title,
                span,
                sentences,
                Stream.concat(lines.stream(), more.stream()).toList(),
                brief,
                points,
                numbers,
                question);
    }
}
