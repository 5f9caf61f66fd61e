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
 * @param rules limits and what nobody may do until something happens
 * @param rotation when the next rep starts and where everybody goes
 * @param changes what this version changes in the one it is based on
 * @param cautions what to look out for where bodies meet
 * @param unit what its lengths are said in
 */
public record TalkThrough(
        List<String> gear,
        List<String> setUp,
        List<StepWords> steps,
        List<String> rules,
        List<String> rotation,
        List<String> changes,
        List<String> cautions,
        LengthUnit unit) {

    public TalkThrough {
        gear = List.copyOf(gear);
        setUp = List.copyOf(setUp);
        steps = List.copyOf(steps);
        rules = List.copyOf(rules);
        rotation = List.copyOf(rotation);
        changes = List.copyOf(changes);
        cautions = List.copyOf(cautions);
    }

    public Optional<Sentence> sentence(MoveId move) {
        return steps.stream()
                .flatMap(s -> s.sentences().stream())
                .filter(s -> s.move().equals(move))
                .findFirst();
    }
}
