package wildchalk.core.path;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;

/**
 * Does again what is to be done again: behind the last step of a repeat come its steps once more, as often as it says, each
 * carried to where that repetition is. A move that goes by another one of them goes by its repetition.
 */
final class Unfolding {

    private final Progression scene;
    private final List<Step> steps;
    private final Map<StepId, Path.Again> again = new LinkedHashMap<>();
    private final Map<MoveId, MoveId> told = new HashMap<>();
    private final Set<String> taken = new HashSet<>();
    private int room;

    private Unfolding(Progression settled) {
        this.scene = settled;
        this.steps = new ArrayList<>(settled.steps());
        settled.steps().forEach(s -> taken.add(s.id().text()));
        settled.moves().forEach(m -> taken.add(m.id().text()));
        this.room = Limits.MOVES - settled.moves().size();
    }

    /** A settled version with its repeats written out, and which steps and moves those are. */
    record Unfolded(Progression settled, Map<StepId, Path.Again> again, Map<MoveId, MoveId> told) {}

    static Unfolded of(Progression settled) {
        if (settled.course().repeats().isEmpty()) {
            return new Unfolded(settled, Map.of(), Map.of());
        }
        Unfolding all = new Unfolding(settled);
        settled.course().repeats().forEach(all::unfold);
        return new Unfolded(all.written(), Map.copyOf(all.again), Map.copyOf(all.told));
    }

    /** Where somebody joins later, nothing of the first time may wait for what he does then. */
    private Progression written() {
        boolean grows = scene.course().repeats().stream()
                .anyMatch(r -> !r.growth().joining().isEmpty());
        return grows ? Pruning.withSteps(scene, steps, scene.course()) : scene.withSteps(steps);
    }

    private void unfold(Repeat repeat) {
        List<StepId> ids = steps.stream().map(Step::id).toList();
        int from = ids.indexOf(repeat.from());
        int to = ids.indexOf(repeat.to());
        if (from < 0 || to < from) {
            return; // not on this way
        }
        List<Step> drawn = List.copyOf(steps.subList(from, to + 1));
        int moves = drawn.stream().mapToInt(s -> s.moves().size()).sum();
        for (int i = from; i <= to; i++) {
            steps.set(i, step(repeat, 0, steps.get(i)));
        }
        int at = to + 1;
        for (int n = 1; n < repeat.times(); n++) {
            // no more than a version can hold
            if (steps.size() + drawn.size() > Limits.STEPS || moves > room) {
                return;
            }
            room -= moves;
            List<Step> copies = copies(repeat, n, drawn);
            steps.addAll(at, copies);
            at += copies.size();
        }
    }

    /** A step with those who are in it the n-th time. */
    private static Step step(Repeat repeat, int n, Step step) {
        return repeat.growth().joining().isEmpty()
                ? step
                : step.withMoves(step.moves().stream()
                        .filter(m -> repeat.growth().has(m.role(), n))
                        .toList());
    }

    private List<Step> copies(Repeat repeat, int n, List<Step> all) {
        List<Step> drawn = all.stream().map(s -> step(repeat, n, s)).toList();
        Map<MoveId, MoveId> names = new HashMap<>();
        drawn.forEach(s -> s.moves().forEach(m -> names.put(m.id(), new MoveId(free(m.id().text(), repeat, n)))));
        names.forEach((of, copy) -> told.put(copy, told.getOrDefault(of, of)));
        Repetition repetition = new Repetition(scene, repeat, n, names, false);
        List<Step> copies = new ArrayList<>();
        for (Step step : drawn) {
            StepId id = new StepId(free(step.id().text(), repeat, n));
            again.put(id, new Path.Again(repeat, n, step.id(), copies.isEmpty()));
            copies.add(new Step(id, repetition.moves(step), List.of(), Optional.empty(), Optional.empty()));
        }
        return copies;
    }

    private String free(String id, Repeat repeat, int n) {
        String end = "-" + repeat.id() + "-" + n;
        String stem = id.length() + end.length() > 60 ? id.substring(0, Math.max(1, 60 - end.length())) : id;
        String text = stem + end;
        for (int i = 2; !taken.add(text); i++) {
            text = "again-" + repeat.times() + "-" + n + "-" + i;
        }
        return text;
    }
}
