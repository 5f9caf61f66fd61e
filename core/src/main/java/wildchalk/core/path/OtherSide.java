package wildchalk.core.path;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.MovesMap;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.geometry.PlaneMap;

/** A rep the other way round, as the one after it is where reps change sides. Moves and steps keep their names. */
final class OtherSide {

    private final Progression settled;
    private final Alternation sides;
    private final Repetition once;
    private final PlaneMap plane;

    private OtherSide(Progression settled, Alternation sides) {
        this.settled = settled;
        this.sides = sides;
        Map<MoveId, MoveId> same = new HashMap<>();
        settled.moves().forEach(m -> same.put(m.id(), m.id()));
        List<Step> steps = settled.steps();
        Repeat all = sides.once(steps.get(0).id(), steps.get(steps.size() - 1).id());
        this.plane = all.map(1);
        this.once = new Repetition(settled, all, 1, same, true);
    }

    /** @param settled with its repeats written out; as it is where its reps do not change sides */
    static Unfolding.Unfolded of(Unfolding.Unfolded settled) {
        return settled.settled()
                .course()
                .alternation()
                .map(sides -> new OtherSide(settled.settled(), sides))
                .map(other -> new Unfolding.Unfolded(other.turned(), other.again(settled.again()), settled.told()))
                .orElse(settled);
    }

    private Progression turned() {
        List<Step> steps =
                settled.steps().stream().map(s -> s.withMoves(once.moves(s))).toList();
        return settled.withPeople(settled.lines(), roles(), balls(), steps).withCourse(course());
    }

    /** Those who change places stand where they stand; anybody else where the map has him. */
    private List<Role> roles() {
        return settled.roles().stream()
                .map(r -> r.at().isEmpty() || sides.instead().containsKey(r.id()) ? r : r.carried(plane))
                .toList();
    }

    private List<Ball> balls() {
        return settled.balls().stream()
                .map(b -> b.start()
                        .match(with -> b.withStart(new Ball.With(once.role(with.role()))), loose -> b.carried(plane)))
                .toList();
    }

    private Course course() {
        Course course = settled.course();
        MovesMap map = once.map();
        return course.withRules(
                        course.rules().stream().map(r -> rule(map.rule(r))).toList())
                .withForks(course.forks().stream().map(this::fork).toList())
                .withLaunch(course.launch().map(l -> new Launch(l.at().flatMap(once::event), l.seconds(), l.goesOn())))
                .withRotation(AfterRep.otherWay(settled, sides, course.rotation()))
                .withTeams(course.teams().stream()
                        .map(t -> t.withRoles(t.roles().stream().map(once::role).toList()))
                        .toList());
    }

    private Rule rule(Rule rule) {
        return rule instanceof Rule.Hold h
                ? new Rule.Hold(
                        h.id(),
                        once.role(h.role()),
                        h.what(),
                        h.where(),
                        h.until().flatMap(once::event))
                : rule;
    }

    private Fork fork(Fork fork) {
        Fork there = once.map().fork(fork);
        List<Branch> branches = there.branches().stream()
                .map(b -> b.winner().map(w -> b.withWinner(once.role(w))).orElse(b))
                .toList();
        Fork told = there.withBranches(branches);
        return there.race()
                .map(r -> told.withRace(
                        r.withRunners(r.runners().stream().map(once::role).toList())))
                .orElse(told);
    }

    /** What is done again goes the other way round too. */
    private Map<StepId, Path.Again> again(Map<StepId, Path.Again> all) {
        Map<StepId, Path.Again> turned = new HashMap<>();
        all.forEach((step, a) -> {
            Map<RoleId, RoleId> instead = new HashMap<>();
            a.repeat().instead().forEach((of, by) -> instead.put(once.role(of), once.role(by)));
            Repeat repeat = once.map().repeat(a.repeat()).withInstead(instead);
            turned.put(step, new Path.Again(repeat, a.n(), a.of(), a.begins()));
        });
        return turned;
    }
}
