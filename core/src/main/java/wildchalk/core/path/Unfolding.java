package wildchalk.core.path;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.MovesMap;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;

/**
 * Does again what is to be done again: behind the last step of a repeat come its steps once more, as often as it says, each
 * carried to where that repetition is. A move that goes by another one of them goes by its repetition.
 */
final class Unfolding {

    private final List<Step> steps;
    private final Map<StepId, Path.Again> again = new LinkedHashMap<>();
    private final Set<String> taken = new HashSet<>();
    private int room;

    private Unfolding(Progression settled) {
        this.steps = new ArrayList<>(settled.steps());
        settled.steps().forEach(s -> taken.add(s.id().text()));
        settled.moves().forEach(m -> taken.add(m.id().text()));
        this.room = Limits.MOVES - settled.moves().size();
    }

    /** A settled version with its repeats written out, and which steps those are. */
    record Unfolded(Progression settled, Map<StepId, Path.Again> again) {}

    static Unfolded of(Progression settled) {
        if (settled.course().repeats().isEmpty()) {
            return new Unfolded(settled, Map.of());
        }
        Unfolding all = new Unfolding(settled);
        settled.course().repeats().forEach(all::unfold);
        return new Unfolded(settled.withSteps(all.steps), Map.copyOf(all.again));
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
        int at = to + 1;
        for (int n = 1; n < repeat.times(); n++) {
            // no more than a version can hold
            if (steps.size() + drawn.size() > Limits.STEPS || moves > room) {
                return;
            }
            room -= moves;
            List<Step> copies = new Repetition(repeat, n, drawn).steps();
            steps.addAll(at, copies);
            at += copies.size();
        }
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

    /** The n-th time that steps are done once more. */
    private final class Repetition {
        private final Repeat repeat;
        private final int n;
        private final List<Step> drawn;
        private final MovesMap map;
        private final Map<MoveId, MoveId> names = new HashMap<>();

        Repetition(Repeat repeat, int n, List<Step> drawn) {
            this.repeat = repeat;
            this.n = n;
            this.drawn = drawn;
            this.map = new MovesMap(g -> repeat.goal(g, n), UnaryOperator.identity(), repeat.map(n));
            drawn.forEach(s -> s.moves().forEach(m -> names.put(m.id(), new MoveId(free(m.id().text(), repeat, n)))));
        }

        List<Step> steps() {
            List<Step> copies = new ArrayList<>();
            for (Step step : drawn) {
                StepId id = new StepId(free(step.id().text(), repeat, n));
                again.put(id, new Path.Again(repeat, n, step.id(), copies.isEmpty()));
                copies.add(new Step(
                        id,
                        step.moves().stream().map(this::move).toList(),
                        List.of(),
                        Optional.empty(),
                        Optional.empty()));
            }
            return copies;
        }

        private RoleId role(RoleId role) {
            return repeat.role(role, n);
        }

        private Move move(Move move) {
            // whoever does it instead may be whom it goes by: that is put in last
            Move plain =
                    move instanceof Travel t ? t.withFollows(Optional.empty()).withFaces(Optional.empty()) : move;
            Move carried = map.move(plain.withTrigger(Optional.empty()))
                    .withId(names.get(move.id()))
                    .withRole(role(move.role()))
                    .withTrigger(trigger(move));
            if (carried instanceof Pass pass) {
                return pass.withTo(pass.to()
                        .match(this::target, p -> p.withRunner(p.runner().map(this::role))));
            } else if (carried instanceof Act act) {
                return act.withDeed(act.deed().withRoles(this::role));
            } else if (carried instanceof Travel travel) {
                Travel told = (Travel) move;
                return travel.withUntil(told.until().flatMap(this::event))
                        .withFollows(told.follows().map(f -> f.withMarks(mark(f.of()), f.to().map(this::mark))))
                        .withFaces(told.faces().map(this::mark));
            }
            return carried;
        }

        private Mark mark(Mark mark) {
            return map.mark(mark).withRole(this::role);
        }

        private Target target(Target.ToRole to) {
            List<RoleId> among = to.among().stream().map(this::role).distinct().toList();
            return among.size() > 1 ? Target.ToRole.furthest(among) : new Target.ToRole(role(to.role()));
        }

        /** What is outside the repeat was long ago: then it starts with its step. */
        private Optional<Trigger> trigger(Move move) {
            return move.trigger()
                    .flatMap(t -> event(t.event()).map(e -> new Trigger(e, t.plusSeconds(), t.reaction())));
        }

        private Optional<Event> event(Event event) {
            if (event.move().isPresent()) {
                return event.move().map(names::get).map(event::withMove);
            } else if (event instanceof Event.Whistle) {
                return Optional.empty();
            } else if (event instanceof Event.Handles h) {
                return Optional.of(new Event.Handles(role(h.role()), h.what()));
            } else if (event instanceof Event.Reaches r) {
                Event.Reaches there = (Event.Reaches) map.event(r);
                Mover who = r.who().match(s -> new Mover.Somebody(role(s.role())), b -> b);
                Region where = there.where() instanceof Region.NearRole near
                        ? new Region.NearRole(role(near.role()), near.metres())
                        : there.where();
                return Optional.of(new Event.Reaches(who, where));
            }
            return Optional.of(event);
        }
    }
}
