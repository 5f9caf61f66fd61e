package wildchalk.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Corners of the least convex figure: every place is inside, every corner is a place, and every turn is to the left. */
class HullTest {

    @Test
    void everyPlaceIsInsideAndEveryTurnIsToTheLeft() {
        Random random = new Random(7);
        for (int round = 0; round < 300; round++) {
            List<Point> places = new ArrayList<>();
            for (int i = 0; i < 3 + random.nextInt(20); i++) {
                places.add(new Point(random.nextInt(9), random.nextInt(9)));
            }
            List<Point> hull = Hull.of(places);
            assertTrue(places.containsAll(hull));
            for (int i = 0; i < hull.size() && hull.size() > 2; i++) {
                Point a = hull.get(i);
                Point b = hull.get((i + 1) % hull.size());
                Point next = hull.get((i + 2) % hull.size());
                assertTrue(b.minus(a).cross(next.minus(b)) > 0, "a turn to the left");
                places.forEach(p -> assertTrue(b.minus(a).cross(p.minus(a)) >= -1e-9, p + " is outside"));
            }
        }
    }

    @Test
    void fewPlacesAreTheirOwnHull() {
        Point a = new Point(1, 2);
        assertEquals(List.of(a), Hull.of(List.of(a, a)));
        assertEquals(List.of(), Hull.of(List.of()));
    }
}
