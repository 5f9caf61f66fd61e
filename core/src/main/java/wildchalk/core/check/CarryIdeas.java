package wildchalk.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.runthrough.RunThrough;

/** What would mend that gear is not at hand, or is left elsewhere. */
final class CarryIdeas {

    private final RunThrough run;
    private final Finding finding;
    private final Gear gear;

    private CarryIdeas(RunThrough run, Finding finding, Gear gear) {
        this.run = run;
        this.finding = finding;
        this.gear = gear;
    }

    static List<Remedy> of(RunThrough run, Finding finding) {
        Optional<Gear> gear = run.path().gear().stream()
                .filter(g -> finding.about().contains(g.id()))
                .findFirst();
        return gear.map(g -> new CarryIdeas(run, finding, g).think()).orElse(List.of());
    }

    private List<Remedy> think() {
        List<Remedy> ideas = new ArrayList<>();
        switch (finding.rule()) {
            case "gear-too-far" -> ideas.add(remedy("go-to-gear", before(run(role(), now()))));
            case "gear-not-in-hand" -> ideas.add(remedy("take-gear", before(handle(role(), HandlingGear.Way.TAKE))));
            default -> ideas.add(new Remedy("bring-gear-back", List.of(nearest()), Map.of(), "", v -> broughtBack(v)));
        }
        return ideas;
    }

    private Remedy remedy(String kind, UnaryOperator<Progression> change) {
        return new Remedy(kind, List.of(role()), Map.of(), "", change);
    }

    private RoleId role() {
        return finding.roles().get(0);
    }

    /** Where it is when it is wanted. */
    private Point now() {
        return CarriedGear.of(run.path(), run.timeline())
                .at(gear, run.timeline().move(finding.moves().get(0)).end())
                .at();
    }

    /** Who is nearest to it in the end. */
    private RoleId nearest() {
        double end = run.timeline().seconds();
        Point there = finding.where().orElse(gear.at());
        return run.path().roles().stream()
                .map(r -> r.id())
                .min(Comparator.comparingDouble(
                        (RoleId r) -> run.timeline().placeAt(r, end).distanceTo(there)))
                .orElseThrow();
    }

    private static Move run(RoleId role, Point to) {
        return new Travel(
                new MoveId("new"),
                role,
                Optional.empty(),
                false,
                Manner.FORWARD,
                Effort.STEADY,
                List.of(new Waypoint(to.toMillimetres(), Passing.STOP)));
    }

    private Move handle(RoleId role, HandlingGear.Way way) {
        return new Act(new MoveId("new"), role, Optional.empty(), false, new HandlingGear(gear.id(), way));
    }

    /** Done before the move that does not come off, in its step. */
    private UnaryOperator<Progression> before(Move first) {
        MoveId of = finding.moves().get(0);
        return v -> v.withSteps(v.steps().stream()
                .map(s -> {
                    List<Move> moves = new ArrayList<>(s.moves());
                    int at = moves.stream().map(Move::id).toList().indexOf(of);
                    if (at >= 0) {
                        moves.add(at, first.withId(v.nextMoveId()));
                    }
                    return s.withMoves(moves);
                })
                .toList());
    }

    /** A step in which somebody fetches it and puts it down where the next rep has it. */
    private Progression broughtBack(Progression v) {
        RoleId who = nearest();
        Progression after = v;
        StepId id = v.nextStepId();
        after = after.withSteps(plus(after.steps(), new Step(id, List.of(), List.of())));
        boolean has =
                CarriedGear.of(run.path(), run.timeline()).holder(gear.id()).equals(Optional.of(who));
        List<Move> moves = has
                ? List.of(run(who, gear.at()), handle(who, HandlingGear.Way.PUT))
                : List.of(
                        run(who, finding.where().orElse(gear.at())),
                        handle(who, HandlingGear.Way.TAKE),
                        run(who, gear.at()),
                        handle(who, HandlingGear.Way.PUT));
        for (Move move : moves) {
            Move named = move.withId(after.nextMoveId());
            after = after.withSteps(after.steps().stream()
                    .map(s -> s.id().equals(id) ? s.withMoves(plus(s.moves(), named)) : s)
                    .toList());
        }
        return after;
    }

    private static <T> List<T> plus(List<T> list, T one) {
        List<T> all = new ArrayList<>(list);
        all.add(one);
        return all;
    }
}
