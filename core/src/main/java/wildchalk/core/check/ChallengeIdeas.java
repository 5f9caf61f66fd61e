package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Verdict;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.runthrough.RunThrough;

/** Edits that might bring somebody to the ball that he tries for: nearer, sooner, or not at all. */
final class ChallengeIdeas {

    /** Further than he comes too short, m. */
    private static final List<Double> SPARE_METRES = List.of(0.3, 1.0, 2.0);

    private final RunThrough run;
    private final Finding finding;
    private final List<Remedy> ideas = new ArrayList<>();

    private ChallengeIdeas(RunThrough run, Finding finding) {
        this.run = run;
        this.finding = finding;
    }

    /** For what is said of challenges; nothing for other rules. */
    static List<Remedy> of(RunThrough run, Finding finding) {
        ChallengeIdeas all = new ChallengeIdeas(run, finding);
        switch (finding.rule()) {
            case "challenge-late" -> {
                all.nearer();
                all.expected();
                all.missed();
            }
            case "challenge-no-ball" -> all.ofWhoHasIt();
            default -> {}
        }
        return all.ideas;
    }

    private MoveId move() {
        return finding.moves().get(0);
    }

    private void add(
            String kind,
            List<? extends ElementId> about,
            Map<Quantity, Double> figures,
            UnaryOperator<Progression> change) {
        ideas.add(new Remedy(kind, List.copyOf(about), figures, "", change));
    }

    /** His place at the whistle towards where the ball went past. */
    private void nearer() {
        RoleId own = finding.roles().get(0);
        Optional<Point> ball = finding.where();
        double gap = finding.figures().getOrDefault(Quantity.METRES, 0.0);
        Optional<Point> start = run.path().role(own).flatMap(Role::at);
        if (start.isEmpty() || ball.isEmpty()) {
            return;
        }
        for (double spare : SPARE_METRES) {
            double metres = gap + spare;
            double way = start.get().distanceTo(ball.get());
            if (metres < way) {
                Point there = start.get().towards(ball.get(), metres / way).toMillimetres();
                add(
                        "start-nearer",
                        List.of(own),
                        Map.of(Quantity.METRES, metres),
                        v -> v.role(own).map(r -> v.with(r.withAt(there))).orElse(v));
            }
        }
    }

    /** He knows that it comes, and goes with it. */
    private void expected() {
        run.path()
                .move(move())
                .filter(m -> m.trigger().isPresent())
                .ifPresent(m -> add(
                        "expects-it",
                        List.of(m.role(), move()),
                        Map.of(),
                        v -> v.move(move())
                                .map(now -> v.withMove(
                                        now.withTrigger(now.trigger().map(t -> t.withReaction(Optional.of(0.0))))))
                                .orElse(v)));
    }

    private void missed() {
        add("goes-past", List.of(move()), Map.of(), v -> changed(v, c -> c.withVerdict(Verdict.MISSED)));
    }

    /** Against somebody else, who has a ball at the whistle. */
    private void ofWhoHasIt() {
        for (Role role : run.path().roles()) {
            boolean has = run.timeline().ballIds().stream()
                    .anyMatch(b -> run.timeline().ballStateAt(b, 0).holder().equals(Optional.of(role.id())));
            if (has && !role.id().equals(finding.roles().get(0))) {
                add("against", List.of(role.id()), Map.of(), v -> changed(v, c -> c.withOn(role.id())));
            }
        }
    }

    private Progression changed(Progression version, UnaryOperator<Challenge> change) {
        return version.move(move())
                .filter(m -> m instanceof Act a && a.deed() instanceof Challenge)
                .map(m -> version.withMove(((Act) m).withDeed(change.apply((Challenge) ((Act) m).deed()))))
                .orElse(version);
    }
}
