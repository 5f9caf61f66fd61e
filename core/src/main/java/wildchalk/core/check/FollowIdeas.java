package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.runthrough.RunThrough;

/** Edits that might let somebody keep up whom he goes by: harder, the other easier, with more between them, facing where he goes. */
final class FollowIdeas {

    /** More between the two by so much than he falls behind, m. */
    private static final List<Double> SPARE_METRES = List.of(0.0, 1.0);

    /** Between these it can be told how far somebody stays from another. */
    private static final Set<Following.How> CUSHIONED =
            Set.of(Following.How.TOWARDS, Following.How.TRAIL, Following.How.PRESS, Following.How.INSIDE);

    private final RunThrough run;
    private final Finding finding;
    private final List<Remedy> ideas = new ArrayList<>();

    private FollowIdeas(RunThrough run, Finding finding) {
        this.run = run;
        this.finding = finding;
    }

    /** For what is said of those who go by others; nothing for other rules. */
    static List<Remedy> of(RunThrough run, Finding finding) {
        FollowIdeas all = new FollowIdeas(run, finding);
        switch (finding.rule()) {
            case "follow-behind" -> {
                all.harder();
                all.cushion();
                all.easierLeader();
                all.forward();
                all.nearer();
            }
            case "follow-circle", "follow-no-goal" -> all.asDrawn();
            default -> {}
        }
        return all.ideas;
    }

    private MoveId move() {
        return finding.moves().get(0);
    }

    private Optional<Travel> travel() {
        return run.path().move(move()).filter(Travel.class::isInstance).map(Travel.class::cast);
    }

    private void add(
            String kind, MoveId about, Map<Quantity, Double> figures, String name, UnaryOperator<Travel> change) {
        ideas.add(new Remedy(kind, List.of(about), figures, name, v -> changed(v, about, change)));
    }

    private static Progression changed(Progression version, MoveId move, UnaryOperator<Travel> change) {
        return version.move(move)
                .filter(Travel.class::isInstance)
                .map(m -> version.withMove(change.apply((Travel) m)))
                .orElse(version);
    }

    private void harder() {
        for (Effort effort : List.of(Effort.HARD, Effort.FLAT_OUT)) {
            if (travel().filter(t -> t.effort().compareTo(effort) < 0).isPresent()) {
                add("harder", move(), Map.of(), effort.name(), t -> t.withEffort(effort));
            }
        }
    }

    private void cushion() {
        double gap = finding.figures().getOrDefault(Quantity.METRES, 0.0);
        travel().flatMap(Travel::follows)
                .filter(f -> CUSHIONED.contains(f.how()))
                .ifPresent(f -> {
                    for (double spare : SPARE_METRES) {
                        double metres = Math.min(Following.MOST_METRES, Math.ceil(2 * (f.metres() + gap + spare)) / 2);
                        add(
                                "cushion",
                                move(),
                                Map.of(Quantity.METRES, metres),
                                "",
                                t -> t.withFollows(t.follows().map(now -> now.withMetres(metres))));
                    }
                });
    }

    private void easierLeader() {
        List<RoleId> leaders =
                travel().flatMap(Travel::follows).map(Following::roles).orElse(List.of());
        double at = finding.atSeconds().orElse(0.0);
        run.path().moves().stream()
                .filter(m -> m instanceof Travel t
                        && leaders.contains(m.role())
                        && t.effort().compareTo(Effort.STEADY) > 0)
                .filter(m -> run.timeline().move(m.id()).start() <= at)
                .reduce((a, b) -> b)
                .ifPresent(m -> add("easier", m.id(), Map.of(), "", t -> t.withEffort(Effort.STEADY)));
    }

    private void forward() {
        if (travel().filter(t -> t.manner() != Manner.FORWARD).isPresent()) {
            add("forward", move(), Map.of(), "", t -> t.withManner(Manner.FORWARD));
        }
    }

    /** He starts where he should be. */
    private void nearer() {
        RoleId own = finding.roles().get(0);
        Optional<Point> start = run.path().role(own).flatMap(r -> r.at());
        Optional<Mark> of = travel().flatMap(Travel::follows).map(Following::of);
        Optional<Point> other = of.flatMap(Mark::role).map(r -> run.path().startOf(r));
        if (start.isEmpty() || other.isEmpty()) {
            return;
        }
        double metres = start.get().distanceTo(other.get()) - Following.How.TRAIL.usualMetres();
        if (metres > 0.5) {
            Point there = start.get()
                    .towards(other.get(), metres / start.get().distanceTo(other.get()))
                    .toMillimetres();
            ideas.add(new Remedy(
                    "start-nearer",
                    List.of(own),
                    Map.of(Quantity.METRES, metres),
                    "",
                    v -> v.role(own).map(r -> v.with(r.withAt(there))).orElse(v)));
        }
    }

    private void asDrawn() {
        add("as-drawn", move(), Map.of(), "", t -> t.withFollows(Optional.empty()));
    }
}
