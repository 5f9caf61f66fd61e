package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Outcomes;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.words.Words;

/** What a sheet shows beside the path that it is made for: steps of other paths, and what other versions change. */
final class SheetParts {

    /**
     * Pictures that belong together.
     *
     * @param rep whose steps they are
     * @param steps indices of its steps
     * @param marks what the version changes in its base, to be marked
     */
    record Part(Rep rep, List<Integer> steps, Optional<ChangeMarks> marks) {}

    private SheetParts() {}

    /** The path itself, then steps of the same version that are on other paths, each with a path that has it. */
    static List<Part> ofVersion(Rep rep) {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(rep, all(rep), Optional.empty()));
        Set<StepId> shown = new HashSet<>();
        rep.progression().steps().forEach(s -> shown.add(s.id()));
        for (Step step : rep.whole().steps()) {
            if (!shown.contains(step.id())) {
                Choices way = Outcomes.leadingTo(rep.whole(), step, rep.choices());
                Rep other = Rep.of(rep.drill(), rep.whole(), way, rep.reader());
                List<Integer> fresh = new ArrayList<>();
                for (int i = 0; i < other.progression().steps().size(); i++) {
                    if (shown.add(other.progression().steps().get(i).id())) {
                        fresh.add(i);
                    }
                }
                parts.add(new Part(other, fresh, Optional.empty()));
            }
        }
        return parts;
    }

    /** The other versions, each with the steps that it changes. */
    static List<Part> otherVersions(Rep rep) {
        List<Part> parts = new ArrayList<>();
        for (Progression p : rep.drill().progressions()) {
            if (!p.equals(rep.whole())) {
                Rep other = Rep.of(rep.drill(), p, rep.reader());
                Optional<Progression> base =
                        p.basedOn().flatMap(rep.drill()::progression).map(b -> Outcomes.along(b, Choices.USUAL));
                Optional<ChangeMarks> marks = base.map(b -> ChangeMarks.between(b, other.progression()));
                parts.add(new Part(other, marks.isPresent() ? changed(other, marks.get()) : all(other), marks));
            }
        }
        return parts;
    }

    private static List<Integer> all(Rep rep) {
        List<Integer> steps = new ArrayList<>();
        for (int i = 0; i < rep.progression().steps().size(); i++) {
            steps.add(i);
        }
        return steps;
    }

    private static List<Integer> changed(Rep rep, ChangeMarks marks) {
        List<Integer> steps = new ArrayList<>();
        for (int i = 0; i < rep.progression().steps().size(); i++) {
            boolean here = rep.progression().steps().get(i).moves().stream()
                    .anyMatch(m -> marks.moves().contains(m.id()));
            if (here || i == 0 && !marks.added().isEmpty()) {
                steps.add(i);
            }
        }
        return steps;
    }

    /** What a version changes, in words. */
    static List<String> changes(Part part) {
        return Words.changes(
                part.rep().drill(), part.rep().whole(), part.rep().reader().unit());
    }
}
