package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.Comparator;
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
import wildchalk.core.words.StepWords;
import wildchalk.picture.export.ExportOptions.Reach;

/** What a sheet shows: for each version a page, with a picture for each of its steps. */
final class SheetParts {

    /**
     * A picture of a step.
     *
     * @param told the path that has the step
     * @param index of the step on that path
     */
    record Shot(Told told, int index) {

        StepWords words() {
            return told.talk().steps().get(index);
        }

        private StepId id() {
            return told.path().steps().get(index).id();
        }
    }

    /**
     * A version.
     *
     * @param told the version along the path that it is told on
     * @param shots its pictures, in the order in which steps follow each other; those of other ways too
     * @param marks what the version changes in its base, to be marked
     */
    record Page(Told told, List<Shot> shots, Optional<ChangeMarks> marks) {

        Page {
            shots = List.copyOf(shots);
        }
    }

    private SheetParts() {}

    /** The version that is told, and the others if they are wanted. */
    static List<Page> of(Told told, Reach versions, Reach ways) {
        List<Page> pages = new ArrayList<>();
        pages.add(new Page(told, shots(told, ways), Optional.empty()));
        if (versions == Reach.ALL) {
            for (Progression p : told.drill().progressions()) {
                if (!p.equals(told.run().version())) {
                    pages.add(other(Told.of(told.drill(), p, told.reader()), ways));
                }
            }
        }
        return pages;
    }

    /** Another version: the steps that it changes; all of them where it is based on nothing. */
    private static Page other(Told told, Reach ways) {
        Optional<ChangeMarks> marks = told.run()
                .version()
                .basedOn()
                .flatMap(told.drill()::progression)
                .map(Path::usual)
                .map(b -> ChangeMarks.between(b, told.path()));
        List<Shot> all = shots(told, ways);
        List<Shot> shown = marks.isEmpty()
                ? all
                : all.stream().filter(s -> isChanged(s, marks.get())).toList();
        return new Page(told, shown, marks);
    }

    private static boolean isChanged(Shot shot, ChangeMarks marks) {
        return shot.told().path().steps().get(shot.index()).moves().stream()
                .anyMatch(m -> marks.moves().contains(m.id()));
    }

    /** The steps of the path; if all ways are wanted, then those of other ways too, each on a path that has it. */
    private static List<Shot> shots(Told told, Reach ways) {
        List<Shot> shots = new ArrayList<>();
        for (int i = 0; i < told.path().steps().size(); i++) {
            shots.add(new Shot(told, i));
        }
        if (ways == Reach.ONE) {
            return shots;
        }
        Set<StepId> shown = new HashSet<>();
        shots.forEach(s -> shown.add(s.id()));
        List<StepId> order = told.run().version().steps().stream().map(Step::id).toList();
        for (Step step : told.run().version().steps()) {
            if (!shown.contains(step.id())) {
                Choices way = Outcomes.leadingTo(
                        told.run().version(), step, told.run().choices());
                Told other = Told.of(told.drill(), Path.of(told.run().version(), way), told.reader());
                for (int i = 0; i < other.path().steps().size(); i++) {
                    Shot shot = new Shot(other, i);
                    if (shown.add(shot.id())) {
                        shots.add(shot);
                    }
                }
            }
        }
        shots.sort(Comparator.comparingInt(s -> order.indexOf(s.id())));
        return shots;
    }
}
