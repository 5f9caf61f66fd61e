package wildchalk.core.drill;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.text.Misplaced;

/** What points at what within a progression; all of it must exist. */
final class References {

    private final List<WaitingLine> lines;
    private final List<Role> roles;
    private final List<Ball> balls;
    private final List<Step> steps;
    private final Course course;
    private final Set<RoleId> knownRoles;
    private final Set<BallId> knownBalls;
    private final Set<MoveId> knownMoves;
    private final Set<GearId> knownGear;
    private final Set<GearId> carriable;

    References(
            List<Gear> gear,
            List<WaitingLine> lines,
            List<Role> roles,
            List<Ball> balls,
            List<Step> steps,
            Course course) {
        this.knownGear = gear.stream().map(Gear::id).collect(Collectors.toSet());
        this.carriable = HandlingGear.carriable(gear);
        this.lines = lines;
        this.roles = roles;
        this.balls = balls;
        this.steps = steps;
        this.course = course;
        knownRoles = roles.stream().map(Role::id).collect(Collectors.toCollection(HashSet::new));
        knownBalls = balls.stream().map(Ball::id).collect(Collectors.toCollection(HashSet::new));
        knownMoves = steps.stream()
                .flatMap(s -> s.moves().stream())
                .map(Move::id)
                .collect(Collectors.toCollection(HashSet::new));
    }

    void check() {
        people();
        steps.stream().flatMap(s -> s.moves().stream()).forEach(this::move);
        if (!course.equals(Course.PLAIN)) {
            course();
        }
        branches();
    }

    private void people() {
        Set<RoleId> fed = new HashSet<>();
        for (WaitingLine line : lines) {
            line.feeds().forEach(r -> role(r, "line " + line.id()));
            fed.addAll(line.feeds());
        }
        for (Role role : roles) {
            if (role.at().isEmpty() && !fed.contains(role.id())) {
                throw new Misplaced(
                        "The role %s has no place: give it \"at\" or a line that feeds it.".formatted(role.id()),
                        role.id().text(),
                        "");
            }
        }
        for (Ball ball : balls) {
            ball.start()
                    .match(
                            with -> {
                                role(with.role(), "ball " + ball.id());
                                return null;
                            },
                            l -> null);
        }
    }

    private void move(Move move) {
        String what = "move " + move.id();
        role(move.role(), what);
        move.others().forEach(r -> role(r, what));
        move.trigger().map(Trigger::event).ifPresent(e -> event(e, what));
        if (move instanceof Travel travel) {
            travel.until().ifPresent(e -> event(e, what));
            travel.marks().forEach(m -> m.ballId().ifPresent(b -> need(knownBalls.contains(b), what, "ball", b)));
        }
        if (move instanceof Act act && act.deed() instanceof HandlingGear h) {
            need(knownGear.contains(h.gear()), what, "piece of gear", h.gear());
            if (!carriable.contains(h.gear())) {
                throw new Misplaced(
                        "The %s is about %s, a goal or a ball supply, which nobody carries: choose another piece of gear."
                                .formatted(what, h.gear()),
                        move.id().text(),
                        h.gear().text());
            }
        }
        if (move instanceof Act act && act.deed() instanceof Looking look) {
            look.at().ballId().ifPresent(b -> need(knownBalls.contains(b), what, "ball", b));
        }
    }

    private void event(Event event, String what) {
        event.move().ifPresent(m -> need(knownMoves.contains(m), what, "move", m));
        if (event instanceof Event.Handles handles) {
            role(handles.role(), what);
        } else if (event instanceof Event.Reaches reaches) {
            reaches.who()
                    .match(
                            r -> {
                                role(r.role(), what);
                                return null;
                            },
                            b -> {
                                need(knownBalls.contains(b.ball()), what, "ball", b.ball());
                                return null;
                            });
            if (reaches.where() instanceof Region.NearRole near) {
                role(near.role(), what);
            }
        }
    }

    private void course() {
        Set<StepId> stepIds = steps.stream().map(Step::id).collect(Collectors.toSet());
        for (Fork fork : course.forks()) {
            String what = "fork " + fork.id();
            need(stepIds.contains(fork.after()), what, "step", fork.after());
            fork.decider().ifPresent(m -> need(knownMoves.contains(m), what, "move", m));
            fork.call().ifPresent(c -> need(course.call(c).isPresent(), what, "set of calls", c));
            fork.race().ifPresent(r -> race(r, what));
            fork.branches().forEach(b -> b.winner().ifPresent(r -> role(r, what)));
        }
        List<StepId> order = steps.stream().map(Step::id).toList();
        for (Repeat repeat : course.repeats()) {
            String what = "repeat " + repeat.id();
            need(stepIds.contains(repeat.from()), what, "step", repeat.from());
            need(stepIds.contains(repeat.to()), what, "step", repeat.to());
            if (order.indexOf(repeat.to()) < order.indexOf(repeat.from())) {
                throw new Misplaced(
                        "The %s ends with step %s, which comes before step %s, with which it begins."
                                .formatted(what, repeat.to(), repeat.from()),
                        repeat.id().text(),
                        repeat.to().text());
            }
            repeat.growth().joining().forEach(r -> role(r, what));
            repeat.instead().forEach((a, b) -> {
                role(a, what);
                role(b, what);
            });
        }
        for (Team team : course.teams()) {
            team.roles().forEach(r -> role(r, "team " + team.id()));
        }
        for (TeamTurn turn : course.teamTurns()) {
            for (TeamId team : List.of(turn.first(), turn.second())) {
                need(course.team(team).isPresent(), "team-turn of " + turn.first(), "team", team);
            }
        }
        course.alternation()
                .ifPresent(a -> a.instead().forEach((one, other) -> {
                    role(one, "alternation");
                    role(other, "alternation");
                }));
        for (Rule.Limit limit : course.limits()) {
            limit.team().ifPresent(t -> need(course.team(t).isPresent(), "rule " + limit.id(), "team", t));
        }
        for (Rule.Duty duty : course.duties()) {
            duty.team().ifPresent(t -> need(course.team(t).isPresent(), "rule " + duty.id(), "team", t));
        }
        for (Rule.Hold hold : course.holds()) {
            role(hold.role(), "rule " + hold.id());
            hold.until().ifPresent(e -> event(e, "rule " + hold.id()));
        }
        course.launch().flatMap(Launch::at).ifPresent(e -> event(e, "launch"));
        Set<LineId> lineIds = lines.stream().map(WaitingLine::id).collect(Collectors.toSet());
        for (Rotation turn : course.rotation()) {
            role(turn.role(), "rotation of " + turn.role());
            turn.next().ifPresent(r -> role(r, "rotation of " + turn.role()));
            turn.line().ifPresent(l -> need(lineIds.contains(l), "rotation of " + turn.role(), "line", l));
        }
    }

    private void race(Race race, String what) {
        race.runners().forEach(r -> role(r, what));
        race.ball().ifPresent(b -> need(knownBalls.contains(b), what, "ball", b));
        if (race.where().isPresent() && race.where().get() instanceof Region.NearRole near) {
            role(near.role(), what);
        }
    }

    /** A step of a branch comes after the step at which the fork is, so that no fork waits for itself. */
    private void branches() {
        Map<StepId, Integer> order = new HashMap<>();
        for (Step step : steps) {
            Optional<OnBranch> on = step.on();
            if (on.isPresent()) {
                String what = "step " + step.id();
                Fork fork = course.fork(on.get().fork()).orElse(null);
                need(fork != null, what, "fork", on.get().fork());
                need(
                        fork.branch(on.get().branch()).isPresent(),
                        what,
                        "branch",
                        on.get().branch());
                if (!order.containsKey(fork.after())) {
                    throw new Misplaced(
                            "The step %s of the fork %s must come after step %s, where it forks."
                                    .formatted(step.id(), fork.id(), fork.after()),
                            step.id().text(),
                            fork.id().text());
                }
            }
            order.put(step.id(), order.size());
        }
        for (Step step : steps) {
            for (Move move : step.moves()) {
                if (move instanceof Travel travel) {
                    travel.path()
                            .forEach(w -> w.called()
                                    .ifPresent(c -> need(
                                            course.call(c.call()).isPresent(),
                                            "move " + move.id(),
                                            "set of calls",
                                            c.call())));
                } else if (move instanceof Act act && act.deed() instanceof Deed.Calling calling) {
                    calling.set()
                            .ifPresent(c -> need(course.call(c).isPresent(), "move " + move.id(), "set of calls", c));
                }
            }
        }
    }

    private void role(RoleId role, String who) {
        need(knownRoles.contains(role), who, "role", role);
    }

    private static void need(boolean known, String who, String kind, Object id) {
        if (!known) {
            // "move m3", "rotation of lb", "launch": the last word is the id of what names it
            throw new Misplaced(
                    "The %s names the %s \"%s\", which is not in this progression.".formatted(who, kind, id),
                    who.substring(who.lastIndexOf(' ') + 1),
                    id.toString());
        }
    }
}
