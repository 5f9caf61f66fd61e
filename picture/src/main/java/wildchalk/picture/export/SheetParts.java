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
import wildchalk.core.progress.Progress;
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
            StepWords own = told.talk().steps().get(index);
            // what is done again is told with the last of its steps
            return index + 1 < told.path().steps().size() && isAgain(told, index + 1)
                    ? own.withLines(told.talk().steps().get(index + 1).lines())
                    : own;
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
    static List<Page> of(Told told, Reach versions, Reach ways, Progress progress) {
        List<Page> pages = new ArrayList<>();
        pages.add(new Page(told, shots(told, ways, progress), Optional.empty()));
        List<Progression> all = versions == Reach.ALL ? told.drill().progressions() : List.of();
        for (Progression p : all) {
            if (!p.equals(told.run().version())) {
                Progress.tell(progress, LAST * (0.5 + 0.5 * pages.size() / all.size()));
                pages.add(other(told.inPassing(Path.usual(p)), ways, progress));
            }
        }
        return pages;
    }

    /** How far the whole sheet is when all is known that it shows. */
    static final double LAST = 0.15;

    /** Another version: the steps that it changes; all of them where it is based on nothing. */
    private static Page other(Told told, Reach ways, Progress progress) {
        Optional<ChangeMarks> marks = told.run()
                .version()
                .basedOn()
                .flatMap(told.drill()::progression)
                .map(Path::usual)
                .map(b -> ChangeMarks.between(b, told.path()));
        // what is changed is known of the path that is told: steps of other ways are those of the base
        List<Shot> all = shots(told, marks.isPresent() ? Reach.ONE : ways, progress);
        List<Shot> shown = marks.isEmpty()
                ? all
                : all.stream().filter(s -> isChanged(s, marks.get())).toList();
        return new Page(told, shown, marks);
    }

    private static boolean isChanged(Shot shot, ChangeMarks marks) {
        return shot.told().path().steps().get(shot.index()).moves().stream()
                .anyMatch(m -> marks.moves().contains(m.id()));
    }

    /** Whether a step is a repetition, which needs no picture of its own. */
    private static boolean isAgain(Told told, int index) {
        return told.path().isMereRepetition(told.path().steps().get(index));
    }

    /** Where a step comes: one that is done again behind the last of those that are done again with it. */
    private static double place(Shot shot, List<StepId> order) {
        return shot.told()
                .path()
                .again(shot.id())
                .map(a -> order.indexOf(a.repeat().to()) + 0.5)
                .orElse((double) order.indexOf(shot.id()));
    }

    /** The steps of the path; if all ways are wanted, then those of other ways too, each on a path that has it. */
    private static List<Shot> shots(Told told, Reach ways, Progress progress) {
        List<Shot> shots = new ArrayList<>();
        for (int i = 0; i < told.path().steps().size(); i++) {
            if (!isAgain(told, i)) {
                shots.add(new Shot(told, i));
            }
        }
        if (ways == Reach.ONE) {
            return shots;
        }
        Set<StepId> shown = new HashSet<>();
        shots.forEach(s -> shown.add(s.id()));
        List<StepId> order = told.run().version().steps().stream().map(Step::id).toList();
        for (Step step : told.run().version().steps()) {
            if (!shown.contains(step.id())) {
                Progress.tell(progress, LAST * 0.5 * shown.size() / order.size());
                Choices way = Outcomes.leadingTo(
                        told.run().version(), step, told.run().choices());
                Told other = told.inPassing(Path.of(told.run().version(), way));
                for (int i = 0; i < other.path().steps().size(); i++) {
                    Shot shot = new Shot(other, i);
                    if (!isAgain(other, i) && shown.add(shot.id())) {
                        shots.add(shot);
                    }
                }
            }
        }
        // what is done again with somebody new comes behind what it is again
        shots.sort(Comparator.comparingDouble(s -> place(s, order)));
        return shots;
    }
}
