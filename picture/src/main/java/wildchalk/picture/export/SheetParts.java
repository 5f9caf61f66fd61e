package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.words.Words;
import wildchalk.picture.export.ExportOptions.Reach;

/** What a sheet shows beside the path that it is made for: steps of other paths, and what other versions change. */
final class SheetParts {

    /**
     * Pictures that belong together.
     *
     * @param told whose steps they are
     * @param steps indices of its steps
     * @param marks what the version changes in its base, to be marked
     */
    record Part(Told told, List<Integer> steps, Optional<ChangeMarks> marks) {}

    private SheetParts() {}

    /** The path itself; if all ways are wanted, then steps of the version that are on others, each with a path that has it. */
    static List<Part> ofVersion(Told told, Reach ways) {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(told, all(told), Optional.empty()));
        if (ways == Reach.ONE) {
            return parts;
        }
        Set<StepId> shown = new HashSet<>();
        told.path().steps().forEach(s -> shown.add(s.id()));
        for (Step step : told.run().version().steps()) {
            if (!shown.contains(step.id())) {
                Choices way = Outcomes.leadingTo(
                        told.run().version(), step, told.run().choices());
                Told other = Told.of(told.drill(), Path.of(told.run().version(), way), told.reader());
                List<Integer> fresh = new ArrayList<>();
                for (int i = 0; i < other.path().steps().size(); i++) {
                    if (shown.add(other.path().steps().get(i).id())) {
                        fresh.add(i);
                    }
                }
                parts.add(new Part(other, fresh, Optional.empty()));
            }
        }
        return parts;
    }

    /** The other versions, each with the steps that it changes. */
    static List<Part> otherVersions(Told told) {
        List<Part> parts = new ArrayList<>();
        for (Progression p : told.drill().progressions()) {
            if (!p.equals(told.run().version())) {
                Told other = Told.of(told.drill(), p, told.reader());
                Optional<Path> base =
                        p.basedOn().flatMap(told.drill()::progression).map(Path::usual);
                Optional<ChangeMarks> marks = base.map(b -> ChangeMarks.between(b, other.path()));
                parts.add(new Part(other, marks.isPresent() ? changed(other, marks.get()) : all(other), marks));
            }
        }
        return parts;
    }

    private static List<Integer> all(Told told) {
        List<Integer> steps = new ArrayList<>();
        for (int i = 0; i < told.path().steps().size(); i++) {
            steps.add(i);
        }
        return steps;
    }

    private static List<Integer> changed(Told told, ChangeMarks marks) {
        List<Integer> steps = new ArrayList<>();
        for (int i = 0; i < told.path().steps().size(); i++) {
            boolean here = told.path().steps().get(i).moves().stream()
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
                part.told().drill(),
                part.told().run().version(),
                part.told().reader().unit());
    }
}
