package wildchalk.core.words;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.MoveId;
import wildchalk.core.text.LengthUnit;

/**
 * A progression in words.
 *
 * @param gear what to bring: "2 orange cones", "1 ball"
 * @param setUp where everything stands, with distances
 * @param unit what its lengths are said in
 */
public record TalkThrough(List<String> gear, List<String> setUp, List<StepWords> steps, LengthUnit unit) {

    public TalkThrough {
        gear = List.copyOf(gear);
        setUp = List.copyOf(setUp);
        steps = List.copyOf(steps);
    }

    public Optional<Sentence> sentence(MoveId move) {
        return steps.stream()
                .flatMap(s -> s.sentences().stream())
                .filter(s -> s.move().equals(move))
                .findFirst();
    }
}
