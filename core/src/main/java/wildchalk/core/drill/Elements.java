package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.geometry.Point;

/** The elements of a progression whatever their kind. */
public final class Elements {

    private Elements() {}

    /** All ids, in the order in which the tab key visits them. */
    public static List<ElementId> all(Scene scene) {
        List<ElementId> ids = new ArrayList<>();
        Kinds.LYING.forEach(kind -> ids.addAll(kind.idsOf(scene)));
        scene.moves().forEach(m -> ids.add(m.id()));
        return ids;
    }

    /** Whether an id names one of some parts. */
    static Predicate<ElementId> among(Parts parts) {
        Layout l = parts.layout();
        if (l.groups().isEmpty() && l.locked().isEmpty() && l.labels().isEmpty()) {
            return id -> true;
        }
        Set<ElementId> ids = new HashSet<>();
        Kinds.LYING.forEach(kind -> ids.addAll(kind.idsOf(parts)));
        parts.steps().forEach(s -> s.moves().forEach(m -> ids.add(m.id())));
        return ids::contains;
    }

    public static boolean has(Scene scene, ElementId id) {
        return all(scene).contains(id);
    }

    /** Where an element stands at the whistle; empty for a move and for a ball in somebody's hands. */
    public static Optional<Point> place(Scene scene, ElementId id) {
        return Kinds.of(id).flatMap(kind -> kind.placeOf(scene, id));
    }

    /** The ids with everything that is grouped with one of them. */
    public static Set<ElementId> withGroups(Scene scene, Set<ElementId> ids) {
        Set<ElementId> all = new LinkedHashSet<>(ids);
        for (Set<ElementId> group : scene.layout().groups()) {
            if (group.stream().anyMatch(ids::contains)) {
                group.stream().sorted((a, b) -> a.text().compareTo(b.text())).forEach(all::add);
            }
        }
        return all;
    }

    public static boolean isLocked(Scene scene, ElementId id) {
        return scene.layout().locked().contains(id);
    }
}
