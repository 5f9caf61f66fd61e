package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Side;
import wildchalk.core.inspect.Inspection.Gap;
import wildchalk.core.inspect.Inspection.Shape;
import wildchalk.core.inspect.Inspection.ShapeList;
import wildchalk.core.inspect.Moment.Player;

/** How wide and deep each side stands, and how far its people are from each other. */
final class Shapes {

    private Shapes() {}

    static ShapeList of(Moment moment) {
        List<Shape> shapes = new ArrayList<>();
        for (Side side : List.of(Side.ATTACK, Side.DEFENCE)) {
            List<Player> own =
                    moment.field().stream().filter(p -> p.role().side() == side).toList();
            if (own.size() > 1) {
                shapes.add(new Shape(
                        side,
                        span(own.stream().mapToDouble(p -> p.at().y()).toArray()),
                        span(own.stream().mapToDouble(p -> p.at().x()).toArray()),
                        gaps(own)));
            }
        }
        return new ShapeList(shapes);
    }

    private static double span(double[] all) {
        java.util.DoubleSummaryStatistics s = java.util.Arrays.stream(all).summaryStatistics();
        return s.getMax() - s.getMin();
    }

    /** From each to whoever is nearest. */
    private static List<Gap> gaps(List<Player> own) {
        Map<java.util.Set<Object>, Gap> pairs = new LinkedHashMap<>();
        for (Player p : own) {
            own.stream()
                    .filter(o -> o != p)
                    .min(Comparator.comparingDouble(o -> o.at().distanceTo(p.at())))
                    .ifPresent(o -> pairs.putIfAbsent(
                            java.util.Set.of(p.role().id(), o.role().id()),
                            new Gap(p.role().id(), o.role().id(), p.at(), o.at(), p.at().distanceTo(o.at()))));
        }
        return pairs.values().stream()
                .sorted(Comparator.comparingDouble(Gap::metres))
                .toList();
    }
}
