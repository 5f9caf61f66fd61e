package wildchalk.core.arrange;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Lying;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.MovesMap;
import wildchalk.core.drill.Parts;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.View;

/** Carries elements to other places: moved, turned, mirrored. A map that undoes itself gives the progression back. */
public final class Transforms {

    /** Two parts whose edges differ by less are the same: rounding noise. */
    private static final double SAME_METRES = 1e-6;

    private Transforms() {}

    /** Everything. */
    public static Progression all(Progression version, Surface surface, PlaneMap map) {
        MovesMap moves = new MovesMap(surface, map);
        Progression carried = of(version, surface, new LinkedHashSet<>(Elements.all(version)), map);
        Course course = carried.course();
        return carried.withCourse(course.withRules(each(course.rules(), moves::rule))
                .withForks(each(course.forks(), moves::fork))
                .withRepeats(each(course.repeats(), moves::repeat))
                .withAlternation(course.alternation().map(moves::alternation))
                .withLaunch(course.launch().map(l -> new Launch(l.at().map(moves::event), l.seconds(), l.goesOn()))));
    }

    /** A whole drill, with goals that were moved and the part of the surface that is shown. */
    public static Drill drill(Drill drill, Symmetry symmetry) {
        SurfaceUse use = drill.surfaceUse();
        Surface fixed = use.withGoals(List.of()).surface();
        List<MovedGoal> goals = use.goals().stream()
                .map(g -> new MovedGoal(
                        goal(g.goal(), fixed, symmetry),
                        symmetry.apply(g.at()),
                        symmetry.applyToHeading(g.facingDegrees())))
                .toList();
        SurfaceUse there = use.withGoals(goals).withView(view(use, symmetry));
        return drill.withSurfaceUse(there).withProgressions(each(drill.progressions(), p -> all(p, fixed, symmetry)));
    }

    /** The part with a name that lies where this one is carried, else a part without. */
    private static View view(SurfaceUse use, Symmetry symmetry) {
        View now = use.view();
        View carried = View.of(
                symmetry.apply(new Point(now.minX(), now.minY())), symmetry.apply(new Point(now.maxX(), now.maxY())));
        return use.floor().views().stream()
                .filter(v -> v.isWithin(SAME_METRES, carried))
                .findFirst()
                .orElse(carried);
    }

    /** Some elements; a role that starts at the head of a line takes the line along. */
    public static Progression of(Progression version, Surface surface, Set<ElementId> ids, PlaneMap map) {
        Set<ElementId> chosen = withLines(version, ids);
        MovesMap moves = new MovesMap(surface, map);
        Parts parts = Parts.of(version);
        // who takes the whole drill elsewhere takes its stations along; who takes a station takes it alone
        boolean whole = Kinds.LYING.stream()
                .filter(kind -> kind != Kinds.STATIONS)
                .allMatch(kind -> chosen.containsAll(kind.idsOf(version)));
        for (Lying<?, ?> kind : Kinds.LYING) {
            parts = kind == Kinds.STATIONS && whole
                    ? Kinds.STATIONS.kind().each(parts, s -> chosen.contains(s.id()) ? s.withItsDrill(map) : s)
                    : kind.carry(parts, chosen, map);
        }
        List<Step> steps = each(
                parts.steps(), s -> s.withMoves(each(s.moves(), m -> chosen.contains(m.id()) ? moves.move(m) : m)));
        return parts.withSteps(steps)
                .withLayout(parts.layout().withLabels(labels(parts.layout(), chosen, map)))
                .whole(version.id(), version.title(), version.basedOn());
    }

    /** The ids with all moves of the roles among them, so that a part of a drill moves as it is. */
    public static Set<ElementId> withTheirMoves(Scene scene, Set<ElementId> ids) {
        Set<ElementId> all = new LinkedHashSet<>(ids);
        Set<RoleId> roles = new LinkedHashSet<>();
        for (Role role : scene.roles()) {
            boolean fed = scene.lineFeeding(role.id())
                    .filter(l -> ids.contains(l.id()))
                    .isPresent();
            if (ids.contains(role.id()) || role.at().isEmpty() && fed) {
                roles.add(role.id());
            }
        }
        scene.moves().stream().filter(m -> roles.contains(m.role())).forEach(m -> all.add(m.id()));
        return all;
    }

    private static Set<ElementId> withLines(Progression version, Set<ElementId> ids) {
        Set<ElementId> all = new LinkedHashSet<>(ids);
        for (Role role : version.roles()) {
            if (role.at().isEmpty() && ids.contains(role.id())) {
                version.lineFeeding(role.id()).ifPresent(l -> all.add(l.id()));
            }
        }
        return all;
    }

    private static Map<ElementId, Point> labels(Layout l, Set<ElementId> chosen, PlaneMap map) {
        Map<ElementId, Point> carried = new HashMap<>(l.labels());
        carried.replaceAll((id, by) -> chosen.contains(id) ? way(map, by) : by);
        return carried;
    }

    /** A way instead of a place: where it is from does not matter. */
    static Point way(PlaneMap map, Point by) {
        return map.apply(by).minus(map.apply(Point.ORIGIN));
    }

    static Move move(Move move, Surface surface, PlaneMap map) {
        return new MovesMap(surface, map).move(move);
    }

    private static String goal(String id, Surface surface, PlaneMap map) {
        return MovesMap.goal(surface, map, id);
    }

    private static <T> List<T> each(List<T> list, UnaryOperator<T> change) {
        return list.stream().map(change).toList();
    }
}
