package wildchalk.core.path;

import java.util.Comparator;
import java.util.List;
import wildchalk.core.drill.Gap;
import wildchalk.core.geometry.Point;

/** Rows of numbered gaps: where a number stands twice, the second gap of it is in the second row. */
public final class GapRows {

    private GapRows() {}

    /** How many rows there are. */
    public static int count(List<Gap> gaps) {
        return gaps.stream().mapToInt(g -> rowOf(gaps, g)).max().orElse(0);
    }

    /** From 1, in the order in which the gaps were set out. */
    public static int rowOf(List<Gap> gaps, Gap gap) {
        int row = 0;
        for (Gap g : gaps) {
            row += g.number() == gap.number() ? 1 : 0;
            if (g.id().equals(gap.id())) {
                break;
            }
        }
        return row;
    }

    /** The row of the gap that is nearest to a place; 1 where there is none. */
    public static int rowAt(List<Gap> gaps, Point place) {
        return gaps.stream()
                .min(Comparator.comparingDouble(g -> g.middle().distanceTo(place)))
                .map(g -> rowOf(gaps, g))
                .orElse(1);
    }
}
