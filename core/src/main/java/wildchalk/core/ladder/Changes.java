package wildchalk.core.ladder;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Kind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Parts;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Suits;
import wildchalk.core.geometry.Point;

/**
 * What one version changes in another: whole elements by id, and whole lists where elements have none.
 *
 * @param lists what becomes of the list of each kind; steps stand in it without their moves
 * @param moves for each step, by its id, what becomes of its moves
 * @param groups all of them where they differ; likewise what is locked, labels, launch, alternation, stint, whom it suits and how it is run
 */
public record Changes(
        Map<Kind<?>, ListChange<?>> lists,
        Map<String, ListChange<Move>> moves,
        Optional<List<Set<ElementId>>> groups,
        Optional<Set<ElementId>> locked,
        Optional<Map<ElementId, Point>> labels,
        Optional<Optional<Launch>> launch,
        Optional<Optional<Alternation>> alternation,
        Optional<Stint> stint,
        Optional<Scoring> scoring,
        Optional<Suits> suits,
        Optional<Conduct> conduct) {

    /** What is to be done to one version to get another; ids and titles of the versions do not count. */
    public static Changes between(Progression before, Progression after) {
        Map<String, ListChange<Move>> moves = new LinkedHashMap<>();
        for (Step step : after.steps()) {
            List<Move> old = before.step(step.id()).map(Step::moves).orElse(List.of());
            ListChange<Move> change = ListChange.between(old, step.moves(), m -> m.id().text());
            if (!change.isEmpty()) {
                moves.put(step.id().text(), change);
            }
        }
        Parts a = bare(before);
        Parts b = bare(after);
        Map<Kind<?>, ListChange<?>> lists = new LinkedHashMap<>();
        Kinds.ALL.forEach(kind -> lists.put(kind, between(kind, a, b)));
        return new Changes(
                lists,
                moves,
                other(a.layout().groups(), b.layout().groups()),
                other(a.layout().locked(), b.layout().locked()),
                other(a.layout().labels(), b.layout().labels()),
                other(a.course().launch(), b.course().launch()),
                other(a.course().alternation(), b.course().alternation()),
                other(a.course().stint(), b.course().stint()),
                other(a.course().scoring(), b.course().scoring()),
                other(a.course().suits(), b.course().suits()),
                other(a.course().conduct(), b.course().conduct()));
    }

    private static <T> ListChange<T> between(Kind<T> kind, Parts a, Parts b) {
        return ListChange.between(kind.list().apply(a), kind.list().apply(b), kind.name());
    }

    private static Parts bare(Scene p) {
        return Parts.of(p)
                .withSteps(p.steps().stream().map(s -> s.withMoves(List.of())).toList());
    }

    private static <T> Optional<T> other(T before, T after) {
        return before.equals(after) ? Optional.empty() : Optional.of(after);
    }

    /** What becomes of the list of one kind. */
    @SuppressWarnings("unchecked") // whoever puts a change in takes it from the list of that kind
    public <T> ListChange<T> of(Kind<T> kind) {
        return (ListChange<T>) lists.getOrDefault(kind, ListChange.none());
    }

    public boolean isEmpty() {
        return lists.values().stream().allMatch(ListChange::isEmpty)
                && moves.isEmpty()
                && groups.isEmpty()
                && locked.isEmpty()
                && labels.isEmpty()
                && launch.isEmpty()
                && alternation.isEmpty()
                && stint.isEmpty()
                && scoring.isEmpty()
                && suits.isEmpty()
                && conduct.isEmpty();
    }

    /** Does it to a version; what points at nothing then goes. */
    public Progression applyTo(Progression base, ProgressionId id, String title) {
        return appliedTo(base).pruned(id, title, Optional.of(base.id()));
    }

    /** Does it to a version, which stays the version that it is; what points at nothing then goes. */
    public Progression within(Progression whole) {
        return appliedTo(whole).prunedAs(whole);
    }

    /**
     * Does it to a version that it was made for.
     *
     * @throws IllegalArgumentException when something would point at nothing
     */
    public Progression exactly(Progression base, ProgressionId id, String title) {
        return appliedTo(base).whole(id, title, Optional.of(base.id()));
    }

    private Parts appliedTo(Progression base) {
        Parts parts = bare(base);
        for (Kind<?> kind : Kinds.ALL) {
            parts = applied(kind, parts);
        }
        return parts.withSteps(withMoves(parts.steps(), base))
                .withLayout(parts.layout()
                        .withGroups(groups.orElse(parts.layout().groups()))
                        .withLocked(locked.orElse(parts.layout().locked()))
                        .withLabels(labels.orElse(parts.layout().labels())))
                .withCourse(parts.course()
                        .withLaunch(launch.orElse(parts.course().launch()))
                        .withAlternation(alternation.orElse(parts.course().alternation()))
                        .withStint(stint.orElse(parts.course().stint()))
                        .withScoring(scoring.orElse(parts.course().scoring()))
                        .withSuits(suits.orElse(parts.course().suits()))
                        .withConduct(conduct.orElse(parts.course().conduct())));
    }

    private <T> Parts applied(Kind<T> kind, Parts parts) {
        return kind.changed(parts, list -> of(kind).applyTo(list, kind.name()));
    }

    private List<Step> withMoves(List<Step> bare, Progression base) {
        Set<String> own = new HashSet<>();
        moves.values().forEach(m -> m.set().forEach(x -> own.add(x.id().text())));
        List<Step> result = new ArrayList<>();
        for (Step step : bare) {
            List<Move> inherited = base.step(step.id()).map(Step::moves).orElse(List.of());
            ListChange<Move> change = moves.getOrDefault(step.id().text(), ListChange.none());
            Set<String> here = new HashSet<>();
            change.set().forEach(m -> here.add(m.id().text()));
            // a move that this version has put elsewhere is not here too
            List<Move> there = inherited.stream()
                    .filter(m -> !own.contains(m.id().text()) || here.contains(m.id().text()))
                    .toList();
            result.add(step.withMoves(change.applyTo(there, m -> m.id().text())));
        }
        return result;
    }
}
