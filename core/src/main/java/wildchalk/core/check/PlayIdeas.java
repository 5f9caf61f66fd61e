package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.runthrough.RunThrough;

/** Edits that might mend how sides stand to each other: opened up, further back, spread out, on the other side as well. */
final class PlayIdeas {

    private static final List<Double> WAITS_SECONDS = List.of(0.5, 1.0, 1.5, 2.5);
    private static final List<Double> BACK_METRES = List.of(1.0, 2.0, 3.0, 5.0, 8.0);
    private static final List<Double> SHORTER_METRES = List.of(1.0, 2.0, 3.0, 4.0);
    private static final int DIRECTIONS = 8;

    private final RunThrough run;
    private final Finding finding;
    private final List<Remedy> ideas = new ArrayList<>();

    private PlayIdeas(RunThrough run, Finding finding) {
        this.run = run;
        this.finding = finding;
    }

    /** For the rules about play; nothing for others. */
    static List<Remedy> of(RunThrough run, Finding finding) {
        PlayIdeas play = new PlayIdeas(run, finding);
        play.think();
        return play.ideas;
    }

    private void think() {
        switch (finding.rule()) {
            case "help-unseen" -> elsewhere("stand-open", finding.roles().get(0));
            case "knows-script" -> elsewhere("stand-off", finding.roles().get(0));
            case "no-head-start" -> {
                later(finding.moves().get(1));
                elsewhere("stand-off", finding.roles().get(1));
            }
            case "spacing-closes" -> {
                shorter(finding.moves().get(0));
                later(finding.moves().get(0));
                elsewhere("stand-off", finding.roles().get(1));
            }
            case "gap-unused" -> finding.moves().forEach(this::shorter);
            case "one-side" -> otherSideToo();
            case "one-end" -> finding.moves().forEach(this::otherGoal);
            case "little-room" -> {
                wider();
                moreTouches();
            }
            default -> {}
        }
    }

    private void add(
            String kind,
            List<? extends ElementId> about,
            Map<Quantity, Double> figures,
            UnaryOperator<Progression> change) {
        ideas.add(new Remedy(kind, List.copyOf(about), figures, "", change));
    }

    private void later(MoveId id) {
        for (double seconds : WAITS_SECONDS) {
            run.path()
                    .move(id)
                    .ifPresent(m -> add(
                            "wait-first",
                            List.of(m.role(), id),
                            Map.of(Quantity.SECONDS, seconds),
                            v -> Retellings.later(v, id, seconds)));
        }
    }

    private void shorter(MoveId id) {
        for (double metres : SHORTER_METRES) {
            add(
                    "shorter",
                    List.of(id),
                    Map.of(Quantity.METRES, metres),
                    v -> v.move(id)
                            .filter(Travel.class::isInstance)
                            .map(m -> v.withMove(Retellings.shorter((Travel) m, startOf((Travel) m), metres)))
                            .orElse(v));
        }
    }

    private Point startOf(Travel travel) {
        return run.timeline()
                .placeAt(travel.role(), run.timeline().move(travel.id()).start());
    }

    /** Whoever has a place of his own starts from another near it, the nearest that helps. */
    private void elsewhere(String kind, RoleId id) {
        Optional<Point> at = run.path().role(id).flatMap(Role::at);
        if (at.isEmpty()) {
            return;
        }
        for (double metres : BACK_METRES) {
            for (int i = 0; i < DIRECTIONS; i++) {
                Point to = at.get()
                        .plus(Point.polar(metres, i * 360.0 / DIRECTIONS))
                        .toMillimetres();
                if (run.drill().surface().contains(to)) {
                    add(
                            kind,
                            List.of(id),
                            Map.of(Quantity.METRES, metres),
                            v -> v.role(id).map(r -> v.with(r.withAt(to))).orElse(v));
                }
            }
        }
    }

    private void otherSideToo() {
        SecondStations.of(run.path(), run.drill().surface()).stream()
                .filter(Station::mirrored)
                .forEach(s -> add("mirrored-too", List.of(), Map.of(), v -> SecondStations.with(v, s)));
    }

    /** The last of several shots goes to the keeper who has none. */
    private void otherGoal(MoveId id) {
        long shots = run.path().moves().stream().filter(Shot.class::isInstance).count();
        if (shots < 2) {
            return;
        }
        Goals.all(run.version(), run.drill().surface())
                .forEach(g -> ideas.add(new Remedy(
                        "shoot-at",
                        List.of(id),
                        Map.of(),
                        g.id(),
                        v -> v.move(id)
                                .filter(Shot.class::isInstance)
                                .map(m -> v.withMove(((Shot) m).withGoal(g.id())))
                                .orElse(v))));
    }

    /** As much wider and longer as it takes, to whole tenths. */
    private void wider() {
        ZoneId id = finding.about().stream()
                .filter(ZoneId.class::isInstance)
                .map(ZoneId.class::cast)
                .findFirst()
                .orElseThrow();
        double lacks = finding.figures().get(Quantity.LIMIT) / finding.figures().get(Quantity.AREA);
        double factor = Math.ceil(10 * Math.sqrt(lacks) + 1e-9) / 10;
        add(
                "wider-zone",
                List.of(id),
                Map.of(Quantity.COUNT, Math.round(100 * factor) - 100.0),
                v -> v.layout().zones().stream()
                        .filter(z -> z.id().equals(id))
                        .findFirst()
                        .map(z -> v.withLayout(v.layout().with(grown(z, factor))))
                        .orElse(v));
    }

    private static MarkedZone grown(MarkedZone zone, double factor) {
        Point middle = zone.middle();
        return zone.withOutline(zone.outline().stream()
                .map(p -> middle.plus(p.minus(middle).times(factor)).toMillimetres())
                .toList());
    }

    private void moreTouches() {
        for (Rule.Limit limit : run.version().course().limits()) {
            if (limit.id().text().equals(finding.name())) {
                add(
                        "other-limit",
                        List.of(),
                        Map.of(Quantity.COUNT, (double) SpaceCheck.TOUCHES),
                        v -> v.withCourse(v.course().with(limit.withNumber(SpaceCheck.TOUCHES))));
            }
        }
    }
}
