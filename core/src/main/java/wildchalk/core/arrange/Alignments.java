package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Progression;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;

/** Lines elements up and spaces them evenly. Elements without a place of their own are left alone. */
public final class Alignments {

    /** The line that elements are brought to: along the length, or along the width. */
    public enum Axis {
        LENGTH,
        WIDTH
    }

    private Alignments() {}

    /** All on one straight line along an axis, through the mean of their places. */
    public static Progression align(Progression version, Surface surface, Set<ElementId> ids, Axis along) {
        List<ElementId> placed = placed(version, ids);
        if (placed.size() < 2) {
            return version;
        }
        double mean = placed.stream()
                .mapToDouble(id -> across(along).applyAsDouble(place(version, id)))
                .average()
                .orElseThrow();
        double level = Math.round(mean * 1000) / 1000.0;
        Progression result = version;
        for (ElementId id : placed) {
            Point p = place(version, id);
            Point to = along == Axis.LENGTH ? new Point(p.x(), level) : new Point(level, p.y());
            result = moved(result, surface, id, to.minus(p));
        }
        return result;
    }

    /** The same distance between neighbours along an axis; the outermost stay. */
    public static Progression distribute(Progression version, Surface surface, Set<ElementId> ids, Axis along) {
        List<ElementId> placed = placed(version, ids);
        if (placed.size() < 3) {
            return version;
        }
        ToDoubleFunction<Point> value = along == Axis.LENGTH ? Point::x : Point::y;
        placed.sort(Comparator.comparingDouble((ElementId id) -> value.applyAsDouble(place(version, id)))
                .thenComparing(ElementId::text));
        double first = value.applyAsDouble(place(version, placed.get(0)));
        double last = value.applyAsDouble(place(version, placed.get(placed.size() - 1)));
        Progression result = version;
        for (int i = 1; i + 1 < placed.size(); i++) {
            double wanted = first + (last - first) * i / (placed.size() - 1);
            double by = wanted - value.applyAsDouble(place(version, placed.get(i)));
            result = moved(result, surface, placed.get(i), along == Axis.LENGTH ? new Point(by, 0) : new Point(0, by));
        }
        return result;
    }

    private static ToDoubleFunction<Point> across(Axis along) {
        return along == Axis.LENGTH ? Point::y : Point::x;
    }

    private static List<ElementId> placed(Progression version, Set<ElementId> ids) {
        List<ElementId> list = new ArrayList<>();
        for (ElementId id : Elements.all(version)) {
            if (ids.contains(id) && Elements.place(version, id).isPresent()) {
                list.add(id);
            }
        }
        return list;
    }

    private static Point place(Progression version, ElementId id) {
        return Elements.place(version, id).orElseThrow();
    }

    private static Progression moved(Progression version, Surface surface, ElementId id, Point by) {
        return Transforms.of(version, surface, Set.of(id), PlaneMap.shift(by));
    }
}
