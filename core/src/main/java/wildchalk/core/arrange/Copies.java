package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Lying;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.MovesMap;
import wildchalk.core.drill.Parts;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Slugs;

/**
 * Puts copies of elements beside what is there, under new ids. What roles do is copied with them, step by step, as far as it
 * stays among them: passes to others, and triggers at moves of others, are left out when those are not in the drill.
 */
public final class Copies {

    /** The progression with the copies, and their ids. */
    public record Pasted(Progression after, Set<ElementId> copies) {}

    /** They know each other, and are copied together. */
    private static final Set<Lying<?, ?>> PEOPLE = Set.of(Kinds.ROLES, Kinds.LINES, Kinds.BALLS);

    private final Scene from;
    private final Set<ElementId> ids;
    private final Surface surface;
    private final PlaneMap map;
    private final MovesMap places;
    private final Map<ElementId, ElementId> names = new HashMap<>();
    private Progression into;

    private Copies(Scene from, Set<ElementId> ids, Progression into, Surface surface, PlaneMap map) {
        this.from = from;
        this.ids = ids;
        this.into = into;
        this.surface = surface;
        this.map = map;
        this.places = new MovesMap(surface, map);
    }

    /**
     * Copies elements of one progression into one (the same or another).
     *
     * @param map where each copy goes
     */
    public static Pasted paste(Scene from, Set<ElementId> ids, Progression into, Surface surface, PlaneMap map) {
        return new Copies(from, closed(from, ids), into, surface, map).run();
    }

    /** Everything again at the other end, carried by a half turn about the middle of the surface. */
    public static Pasted atOtherEnd(Progression version, Set<ElementId> ids, Surface surface) {
        return paste(version, ids, version, surface, Symmetry.HALF_TURN);
    }

    /** With the lines that feed chosen roles, the roles that chosen lines feed, and the balls in their hands. */
    private static Set<ElementId> closed(Scene scene, Set<ElementId> chosen) {
        Set<ElementId> all = new LinkedHashSet<>(chosen);
        for (WaitingLine line : scene.lines()) {
            if (all.contains(line.id())) {
                all.addAll(line.feeds());
            } else if (line.feeds().stream()
                    .anyMatch(r ->
                            all.contains(r) && scene.role(r).orElseThrow().at().isEmpty())) {
                all.add(line.id());
            }
        }
        for (Ball ball : scene.balls()) {
            ball.start().match(with -> all.contains(with.role()) && all.add(ball.id()), loose -> false);
        }
        return all;
    }

    private Pasted run() {
        copyPeople();
        Kinds.LYING.stream().filter(kind -> !PEOPLE.contains(kind)).forEach(this::copyThings);
        copyLabels();
        copyMoves();
        Set<ElementId> made = new LinkedHashSet<>();
        Elements.all(from).stream().filter(names::containsKey).forEach(id -> made.add(names.get(id)));
        return new Pasted(into, made);
    }

    /** What points at nobody and nobody feeds: gear, and what lies on the surface. */
    private <T, I extends ElementId> void copyThings(Lying<T, I> kind) {
        for (T thing : kind.kind().of(from)) {
            I old = kind.idOf().apply(thing);
            if (ids.contains(old)) {
                I id = into.next(kind);
                names.put(old, id);
                T copy = kind.renamed().apply(kind.carried().apply(thing, map), id);
                into = kind.kind()
                        .changed(
                                Parts.of(into),
                                all -> Stream.concat(all.stream(), Stream.of(copy))
                                        .toList())
                        .whole(into.id(), into.title(), into.basedOn());
            }
        }
    }

    private void copyPeople() {
        List<Role> roles = new ArrayList<>(into.roles());
        for (Role role : from.roles()) {
            if (ids.contains(role.id())) {
                String label = freeLabel(role.label(), roles);
                RoleId id = freeId(label, roles);
                names.put(role.id(), id);
                roles.add(role.carried(map).withId(id).withLabel(label));
            }
        }
        List<WaitingLine> lines = new ArrayList<>(into.lines());
        for (WaitingLine line : from.lines()) {
            if (ids.contains(line.id())) {
                Set<String> taken = new LinkedHashSet<>();
                lines.forEach(l -> taken.add(l.id().text()));
                LineId id = new LineId(Slugs.next(into.stem("line"), taken));
                names.put(line.id(), id);
                List<RoleId> feeds = line.feeds().stream()
                        .filter(names::containsKey)
                        .map(r -> (RoleId) names.get(r))
                        .toList();
                lines.add(line.carried(map).withId(id).withFeeds(feeds));
            }
        }
        into = into.withPeople(lines, roles, into.balls(), into.steps());
        for (Ball ball : from.balls()) {
            if (ids.contains(ball.id())) {
                BallId id = into.next(Kinds.BALLS);
                names.put(ball.id(), id);
                into = into.with(ball.withId(id)
                        .withStart(ball.start()
                                .match(
                                        with -> names.containsKey(with.role())
                                                ? new Ball.With((RoleId) names.get(with.role()))
                                                : new Ball.Loose(map.apply(from.startOf(with.role()))),
                                        loose -> new Ball.Loose(map.apply(loose.at())))));
            }
        }
    }

    /** The label itself where nobody has it, else the first free number behind its letters. */
    private static String freeLabel(String label, List<Role> roles) {
        Set<String> taken = new LinkedHashSet<>();
        roles.forEach(r -> taken.add(r.label()));
        if (!taken.contains(label)) {
            return label;
        }
        String stem = label.replaceAll("\\d+$", "");
        return Slugs.next(stem.isEmpty() ? label + "-" : stem, taken);
    }

    private RoleId freeId(String label, List<Role> roles) {
        Set<String> taken = new LinkedHashSet<>();
        roles.forEach(r -> taken.add(r.id().text()));
        RoleId free = into.freeRoleId(label);
        return taken.contains(free.text()) ? new RoleId(Slugs.next(into.stem("r"), taken)) : free;
    }

    private void copyLabels() {
        from.layout().labels().forEach((of, by) -> {
            if (names.containsKey(of)) {
                into = into.withLayout(into.layout().withLabel(names.get(of), Optional.of(Transforms.way(map, by))));
            }
        });
    }

    // ---- moves ----

    private void copyMoves() {
        Set<String> taken = new LinkedHashSet<>();
        into.moves().forEach(m -> taken.add(m.id().text()));
        for (Move move : from.moves()) {
            if (names.get(move.role()) instanceof RoleId && staysAmong(move)) {
                MoveId id = new MoveId(Slugs.next(into.stem("m"), taken));
                taken.add(id.text());
                names.put(move.id(), id);
            }
        }
        List<Step> steps = new ArrayList<>(into.steps());
        for (int i = 0; i < from.steps().size(); i++) {
            List<Move> copies = from.steps().get(i).moves().stream()
                    .filter(m -> names.containsKey(m.id()))
                    .map(this::copy)
                    .toList();
            if (!copies.isEmpty()) {
                put(steps, from.steps().get(i).id(), i, copies);
            }
        }
        into = into.withSteps(steps);
    }

    /** Into the step of that id, else into the one at that place. */
    private void put(List<Step> steps, StepId id, int place, List<Move> copies) {
        int own = steps.stream().map(Step::id).toList().indexOf(id);
        int index = own >= 0 ? own : place;
        while (steps.size() <= index) {
            Set<String> taken = new LinkedHashSet<>();
            steps.forEach(s -> taken.add(s.id().text()));
            steps.add(new Step(new StepId(Slugs.next(into.stem("s"), taken)), List.of(), List.of()));
        }
        List<Move> all = new ArrayList<>(steps.get(index).moves());
        all.addAll(copies);
        steps.set(index, steps.get(index).withMoves(all));
    }

    private boolean staysAmong(Move move) {
        if (move instanceof Travel) {
            return true; // it goes where it was drawn where whoever it goes by is not there
        }
        return move instanceof Pass pass
                ? pass.to().match(r -> isThere(r.role()) || r.among().stream().anyMatch(this::isThere), p -> true)
                : move.others().stream().allMatch(this::isThere);
    }

    private boolean isThere(RoleId role) {
        return names.containsKey(role) || into.role(role).isPresent();
    }

    private RoleId renamed(RoleId role) {
        return (RoleId) names.getOrDefault(role, role);
    }

    private Target target(Target.ToRole to) {
        List<RoleId> left =
                to.among().stream().filter(this::isThere).map(this::renamed).toList();
        return left.size() > 1
                ? Target.ToRole.furthest(left)
                : new Target.ToRole(left.isEmpty() ? renamed(to.role()) : left.get(0));
    }

    private Move copy(Move move) {
        // the copy's id may be that of what the original goes on until: its own end is set last
        Move whole = move instanceof Travel t
                ? t.withUntil(Optional.empty()).withFollows(Optional.empty()).withFaces(Optional.empty())
                : move;
        Move carried = Transforms.move(whole, surface, map)
                .withRole((RoleId) names.get(move.role()))
                .withTrigger(trigger(move.trigger()))
                .withId((MoveId) names.get(move.id()));
        if (carried instanceof Pass pass) {
            return pass.withTo(pass.to()
                    .match(
                            this::target,
                            p -> p.withRunner(p.runner().filter(this::isThere).map(this::renamed))));
        } else if (carried instanceof Act act) {
            return act.withDeed(deed(act.deed()));
        } else if (carried instanceof Travel travel) {
            return travel.withPath(travel.path().stream()
                            .map(w -> w.withCalled(w.called()
                                    .filter(c -> into.course().call(c.call()).isPresent())))
                            .toList())
                    .withUntil(until((Travel) move))
                    .withFollows(following((Travel) move))
                    .withFaces(((Travel) move).faces().flatMap(this::mark));
        } else if (carried instanceof Shot shot) {
            Optional<RoleId> at = shot.at().filter(this::isThere).map(this::renamed);
            return at.map(shot::withAt)
                    .orElseGet(() -> copiedGoal(shot.goal()).map(shot::withGoal).orElse(shot));
        }
        return carried;
    }

    private static final double HANDLING_SECONDS = 0.5;

    private Deed deed(Deed deed) {
        if (deed instanceof Looking l) {
            // what is not copied cannot be looked at: he takes as long
            return mark(l.at()).<Deed>map(l::withAt).orElse(new Deed.Waiting(Looking.SECONDS));
        }
        if (deed instanceof HandlingGear h) {
            // what is not there cannot be carried: he takes as long
            boolean there =
                    into.gear().stream().anyMatch(g -> g.id().equals(h.gear()) && HandlingGear.canBeCarried(g.kind()));
            return names.get(h.gear()) instanceof GearId copy
                    ? h.withGear(copy)
                    : there ? h : new Deed.Waiting(HANDLING_SECONDS);
        }
        return deed instanceof Deed.Calling c
                ? new Deed.Calling(
                        c.words(), c.set().filter(x -> into.course().call(x).isPresent()))
                : deed.withRoles(this::renamed);
    }

    /** By those who are there; empty where one of them is not. */
    private Optional<Following> following(Travel move) {
        return move.follows()
                .flatMap(f -> mark(f.of())
                        .flatMap(one -> f.to().isEmpty()
                                ? Optional.of(f.withMarks(one, Optional.empty()))
                                : f.to().flatMap(this::mark).map(other -> f.withMarks(one, Optional.of(other)))));
    }

    private Optional<Mark> mark(Mark mark) {
        return mark.match(new Mark.Cases<Optional<Mark>>() {
            @Override
            public Optional<Mark> somebody(Mark.Somebody s) {
                return Optional.<Mark>of(s.withRole(Copies.this::renamed)).filter(m -> isThere(s.who()));
            }

            @Override
            public Optional<Mark> ball(Mark.TheBall b) {
                return Optional.<Mark>of(new Mark.TheBall((BallId) names.getOrDefault(b.ball(), b.ball())))
                        .filter(m -> isThere(b.ball()));
            }

            @Override
            public Optional<Mark> goal(Mark.TheGoal g) {
                return Optional.of(
                        copiedGoal(g.goal()).<Mark>map(Mark.TheGoal::new).orElseGet(() -> places.mark(g)));
            }

            @Override
            public Optional<Mark> spot(Mark.Spot s) {
                return Optional.of(places.mark(s));
            }
        });
    }

    private boolean isThere(BallId ball) {
        return names.containsKey(ball) || into.ball(ball).isPresent();
    }

    /** The copy of a goal that was set out and is copied too. */
    private Optional<String> copiedGoal(String goal) {
        return from.gear().stream()
                .filter(g -> g.id().text().equals(goal) && names.containsKey(g.id()))
                .findFirst()
                .map(g -> names.get(g.id()).text());
    }

    private Optional<Event> until(Travel move) {
        return trigger(move.until().map(Trigger::when)).map(Trigger::event);
    }

    /** A trigger at a copied move points at its copy; one at a move that is not there is dropped. */
    private Optional<Trigger> trigger(Optional<Trigger> when) {
        if (when.isEmpty()) {
            return when;
        }
        Event event = when.get().event();
        if (event.move().isPresent()) {
            MoveId at = event.move().get();
            if (names.containsKey(at)) {
                return when.map(t -> t.withMove((MoveId) names.get(at)));
            }
            return into.move(at).isPresent() ? when : Optional.empty();
        }
        return pointed(places.event(event))
                .map(e -> new Trigger(e, when.get().plusSeconds(), when.get().reaction()));
    }

    private Optional<Event> pointed(Event event) {
        if (event instanceof Event.Handles h) {
            return Optional.<Event>of(new Event.Handles(renamed(h.role()), h.what()))
                    .filter(e -> isThere(h.role()));
        } else if (event instanceof Event.Reaches r) {
            Optional<Mover> who = r.who()
                    .match(
                            s -> Optional.<Mover>of(new Mover.Somebody(renamed(s.role())))
                                    .filter(x -> isThere(s.role())),
                            b -> Optional.<Mover>of(new Mover.TheBall((BallId) names.getOrDefault(b.ball(), b.ball())))
                                    .filter(x -> isThere(b.ball())));
            Region where = r.where() instanceof Region.NearRole n
                    ? new Region.NearRole(renamed(n.role()), n.metres())
                    : r.where();
            boolean near = !(r.where() instanceof Region.NearRole n) || isThere(n.role());
            return who.filter(w -> near).map(w -> new Event.Reaches(w, where));
        }
        return Optional.of(event);
    }
}
