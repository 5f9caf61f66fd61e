package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.path.Coverage;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;

/**
 * Notes drills that shoot from one side alone, in all their versions and at all their stations, and keepers who have nothing to do
 * because all shots go to the other end.
 */
final class SidesCheck {

    private static final Flaw ONE_SIDE = Flaw.note("one-side");
    private static final Flaw ONE_END = Flaw.note("one-end");

    /** Who shoots from no further (m) than this off the middle shoots from the middle. */
    private static final double MIDDLE_METRES = 2;

    private static final double NOISE = 1e-6;

    /** More ways of one version are not looked at. */
    private static final int MOST_WAYS = 24;

    /** A keeper minds the goal that is no further (m) than this. */
    private static final double MINDS_METRES = 6;

    private SidesCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        boolean repeats = run.path().lines().stream().anyMatch(l -> !l.feeds().isEmpty());
        // said once: on the usual way of the first version
        if (repeats && run.path().isUsualOf(run.drill().base())) {
            oneSide(run, found);
        }
        oneEnd(run, found);
        return found;
    }

    private static void oneSide(RunThrough run, List<Finding> found) {
        List<Double> here = sides(run.path(), run.drill().surface());
        boolean mirrored = run.path().layout().stations().stream().anyMatch(Station::mirrored);
        if (here.isEmpty() || shots(run).isEmpty() || mirrored || !isOneSided(here)) {
            return;
        }
        List<Double> all = run.drill().progressions().stream()
                .flatMap(p -> Coverage.of(p, MOST_WAYS).choices().stream()
                        .flatMap(c -> sides(Path.of(p, c), run.drill().surface()).stream()))
                .toList();
        if (isOneSided(all)) {
            MoveSpan first = shots(run).get(0);
            RoleId shooter = run.path().move(first.move()).orElseThrow().role();
            found.add(Finding.of(ONE_SIDE, first.move(), shooter)
                    .named(here.get(0) > 0 ? "left" : "right")
                    .at(run.timeline().placeAt(shooter, first.start()), first.start()));
        }
    }

    private static boolean isOneSided(List<Double> sides) {
        return sides.stream().allMatch(s -> s > MIDDLE_METRES + NOISE)
                || sides.stream().allMatch(s -> s < -MIDDLE_METRES - NOISE);
    }

    private static List<MoveSpan> shots(RunThrough run) {
        return run.timeline().moves().stream()
                .filter(m -> m.happens() && run.path().move(m.move()).orElseThrow() instanceof Shot)
                .toList();
    }

    /**
     * How far (m) to the left of the goal's middle, as those see it who come towards it, each shot is taken: from where its shooter's
     * last run before it ends, which is told without timing a rep.
     */
    private static List<Double> sides(Path path, Surface surface) {
        Map<RoleId, Point> at = new HashMap<>();
        path.roles().forEach(r -> at.put(r.id(), path.startOf(r.id())));
        List<Double> sides = new ArrayList<>();
        for (Move move : path.moves()) {
            if (move instanceof Travel travel && !travel.path().isEmpty()) {
                at.put(
                        travel.role(),
                        travel.path().get(travel.path().size() - 1).at());
            } else if (move instanceof Shot shot) {
                Goals.find(path, surface, shot.goal()).ifPresent(g -> {
                    Point from = at.get(shot.role()).minus(g.centre());
                    // looking at the goal, left lies clockwise of the way out of its mouth
                    sides.add(-Point.polar(1, g.facingDegrees()).cross(from));
                });
            }
        }
        return sides;
    }

    /** Keepers at goals of their own of whom one never gets a shot, on no way and in no version. */
    private static void oneEnd(RunThrough run, List<Finding> found) {
        Surface surface = run.drill().surface();
        List<Role> keepers =
                run.path().roles().stream().filter(r -> r.side() == Side.KEEPER).toList();
        if (keepers.size() < 2) {
            return;
        }
        Set<String> shotAt = run.drill().progressions().stream()
                .flatMap(p -> p.moves().stream())
                .flatMap(m -> m instanceof Shot shot ? Stream.of(shot.goal()) : Stream.empty())
                .collect(Collectors.toSet());
        for (Role keeper : keepers) {
            Point at = run.path().startOf(keeper.id());
            List<GoalMouth> minds = Goals.all(run.path(), surface).stream()
                    .filter(g -> g.centre().isWithin(MINDS_METRES, at))
                    .toList();
            boolean idle = !minds.isEmpty() && minds.stream().noneMatch(g -> shotAt.contains(g.id()));
            boolean moves = run.path().moves().stream().anyMatch(m -> m.role().equals(keeper.id()));
            if (idle && !moves && !shotAt.isEmpty()) {
                Optional<MoveId> shot = run.path().moves().stream()
                        .filter(Shot.class::isInstance)
                        .map(Move::id)
                        .reduce((a, b) -> b);
                List<ElementId> about = new ArrayList<>(List.of(keeper.id()));
                shot.ifPresent(about::add);
                found.add(Finding.of(ONE_END, about).at(at, 0));
            }
        }
    }
}
