package wildchalk.core.ladder;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;

/**
 * What one version changes in another: whole elements by id, and whole lists where elements have none.
 *
 * @param steps steps without their moves, in so far as they are new or other
 * @param moves for each step, by its id, what becomes of its moves
 * @param groups all of them where they differ; likewise what is locked, labels, launch and whom it suits
 */
public record Changes(
        ListChange<Gear> gear,
        ListChange<WaitingLine> lines,
        ListChange<Role> roles,
        ListChange<Ball> balls,
        ListChange<MarkedZone> zones,
        ListChange<Note> notes,
        ListChange<Gap> gaps,
        ListChange<Step> steps,
        Map<String, ListChange<Move>> moves,
        ListChange<Fork> forks,
        ListChange<CallSet> calls,
        ListChange<Rule> rules,
        ListChange<Rotation> rotation,
        Optional<List<Set<ElementId>>> groups,
        Optional<Set<ElementId>> locked,
        Optional<Map<ElementId, Point>> labels,
        Optional<Optional<Launch>> launch,
        Optional<Suits> suits) {

    /** What is to be done to one version to get another; ids and titles of the versions do not count. */
    public static Changes between(Progression before, Progression after) {
        Layout a = before.layout();
        Layout b = after.layout();
        Course c = before.course();
        Course d = after.course();
        Map<String, ListChange<Move>> moves = new LinkedHashMap<>();
        for (Step step : after.steps()) {
            List<Move> old = before.step(step.id()).map(Step::moves).orElse(List.of());
            ListChange<Move> change = ListChange.between(old, step.moves(), m -> m.id().text());
            if (!change.isEmpty()) {
                moves.put(step.id().text(), change);
            }
        }
        return new Changes(
                ListChange.between(before.gear(), after.gear(), g -> g.id().text()),
                ListChange.between(before.lines(), after.lines(), l -> l.id().text()),
                ListChange.between(before.roles(), after.roles(), r -> r.id().text()),
                ListChange.between(before.balls(), after.balls(), x -> x.id().text()),
                ListChange.between(a.zones(), b.zones(), z -> z.id().text()),
                ListChange.between(a.notes(), b.notes(), n -> n.id().text()),
                ListChange.between(a.gaps(), b.gaps(), g -> g.id().text()),
                ListChange.between(bare(before), bare(after), s -> s.id().text()),
                moves,
                ListChange.between(c.forks(), d.forks(), f -> f.id().text()),
                ListChange.between(c.calls(), d.calls(), x -> x.id().text()),
                ListChange.between(c.rules(), d.rules(), r -> r.id().text()),
                ListChange.between(c.rotation(), d.rotation(), r -> r.role().text()),
                other(a.groups(), b.groups()),
                other(a.locked(), b.locked()),
                other(a.labels(), b.labels()),
                other(c.launch(), d.launch()),
                other(c.suits(), d.suits()));
    }

    private static List<Step> bare(Progression p) {
        return p.steps().stream().map(s -> s.withMoves(List.of())).toList();
    }

    private static <T> Optional<T> other(T before, T after) {
        return before.equals(after) ? Optional.empty() : Optional.of(after);
    }

    public boolean isEmpty() {
        return gear.isEmpty()
                && lines.isEmpty()
                && roles.isEmpty()
                && balls.isEmpty()
                && zones.isEmpty()
                && notes.isEmpty()
                && gaps.isEmpty()
                && steps.isEmpty()
                && moves.isEmpty()
                && forks.isEmpty()
                && calls.isEmpty()
                && rules.isEmpty()
                && rotation.isEmpty()
                && groups.isEmpty()
                && locked.isEmpty()
                && labels.isEmpty()
                && launch.isEmpty()
                && suits.isEmpty();
    }

    /** Does it to a version; what points at nothing then goes. */
    public Progression applyTo(Progression base, ProgressionId id, String title) {
        Parts p = new Parts(base);
        return Pruning.valid(
                id, title, p.gear, p.lines, p.roles, p.balls, p.steps, p.layout, p.course, Optional.of(base.id()));
    }

    /** Does it to a version, which stays the version that it is; what points at nothing then goes. */
    public Progression within(Progression whole) {
        Parts p = new Parts(whole);
        return Pruning.valid(
                whole.id(),
                whole.title(),
                p.gear,
                p.lines,
                p.roles,
                p.balls,
                p.steps,
                p.layout,
                p.course,
                whole.basedOn());
    }

    /**
     * Does it to a version that it was made for.
     *
     * @throws IllegalArgumentException when something would point at nothing
     */
    public Progression exactly(Progression base, ProgressionId id, String title) {
        Parts p = new Parts(base);
        return new Progression(
                id, title, p.gear, p.lines, p.roles, p.balls, p.steps, p.layout, p.course, Optional.of(base.id()));
    }

    /** The lists after the change, not yet looked at for what points at nothing. */
    private final class Parts {
        final List<Gear> gear;
        final List<WaitingLine> lines;
        final List<Role> roles;
        final List<Ball> balls;
        final List<Step> steps;
        final Layout layout;
        final Course course;

        Parts(Progression base) {
            Changes c = Changes.this;
            gear = c.gear.applyTo(base.gear(), g -> g.id().text());
            lines = c.lines.applyTo(base.lines(), l -> l.id().text());
            roles = c.roles.applyTo(base.roles(), r -> r.id().text());
            balls = c.balls.applyTo(base.balls(), b -> b.id().text());
            Layout l = base.layout();
            layout = new Layout(
                    c.zones.applyTo(l.zones(), z -> z.id().text()),
                    c.notes.applyTo(l.notes(), n -> n.id().text()),
                    c.gaps.applyTo(l.gaps(), g -> g.id().text()),
                    groups.orElse(l.groups()),
                    locked.orElse(l.locked()),
                    labels.orElse(l.labels()));
            Course k = base.course();
            course = new Course(
                    forks.applyTo(k.forks(), f -> f.id().text()),
                    calls.applyTo(k.calls(), x -> x.id().text()),
                    rules.applyTo(k.rules(), r -> r.id().text()),
                    launch.orElse(k.launch()),
                    rotation.applyTo(k.rotation(), r -> r.role().text()),
                    suits.orElse(k.suits()));
            steps = steps(base);
        }

        private List<Step> steps(Progression base) {
            Set<String> own = new HashSet<>();
            moves.values().forEach(m -> m.set().forEach(x -> own.add(x.id().text())));
            List<Step> result = new ArrayList<>();
            for (Step step : Changes.this.steps.applyTo(bare(base), s -> s.id().text())) {
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
}
