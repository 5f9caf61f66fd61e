package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Gear;
import wildchalk.core.geometry.Point;

/** Finds rows in gear: pieces of one kind and colour that follow each other at the same step. */
final class GearRows {

    private static final int FEWEST = 3;
    /** Steps that differ by less are the same: a hand's breadth on a floor, and rounding in files. */
    private static final double SAME_STEP_METRES = 0.02;

    private GearRows() {}

    /** All gear in its order, cut into rows; a piece that stands in none is a row of one. */
    static List<List<Gear>> of(List<Gear> gear) {
        List<List<Gear>> rows = new ArrayList<>();
        int i = 0;
        while (i < gear.size()) {
            int end = i + 1;
            while (end < gear.size() && continues(gear, i, end)) {
                end++;
            }
            if (end - i < FEWEST) {
                end = i + 1;
            }
            rows.add(gear.subList(i, end));
            i = end;
        }
        return rows;
    }

    private static boolean continues(List<Gear> gear, int from, int next) {
        Gear first = gear.get(from);
        Gear g = gear.get(next);
        if (g.kind() != first.kind()
                || g.colour() != first.colour()
                || !g.label().equals(first.label())) {
            return false;
        }
        Point step = gear.get(from + 1).at().minus(first.at());
        Point here = g.at().minus(gear.get(next - 1).at());
        return !g.kind().isSupply() && here.isWithin(SAME_STEP_METRES, step);
    }
}
