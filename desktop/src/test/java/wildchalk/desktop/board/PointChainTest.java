package wildchalk.desktop.board;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wildchalk.core.geometry.Point;

class PointChainTest {

    private static final double LEAST = 0.3;

    /** To whole metres. */
    private static Point snap(Point p) {
        return new Point(Math.round(p.x()), Math.round(p.y()));
    }

    @Test
    void theTwoPressesOfADoubleClickAreOnePoint() {
        PointChain chain = new PointChain(new Point(1, 1), p -> p, LEAST);
        chain.add(new Point(1.1, 1));
        assertEquals(List.of(new Point(1, 1)), chain.points());
        chain.moveTo(new Point(4, 1));
        assertEquals(List.of(new Point(1, 1), new Point(4, 1)), chain.withPointer());
        assertEquals(List.of(new Point(1, 1)), chain.points(), "the pointer alone puts nothing down");
    }

    @RepeatedTest(60)
    void aChainIsWhatWasClickedSnappedWithoutRepeats(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        Point first = new Point(random.nextDouble() * 10, random.nextDouble() * 10);
        PointChain chain = new PointChain(first, PointChainTest::snap, LEAST);
        List<Point> expected = new ArrayList<>(List.of(snap(first)));
        for (int i = 0; i < 30; i++) {
            Point place = new Point(random.nextDouble() * 4, random.nextDouble() * 4);
            if (random.nextBoolean()) {
                chain.moveTo(place);
            } else {
                chain.add(place);
                if (!snap(place).equals(expected.get(expected.size() - 1))) {
                    expected.add(snap(place));
                }
            }
            assertEquals(snap(place), chain.pointer());
            assertEquals(expected, chain.points());
            List<Point> shown = chain.withPointer();
            assertEquals(expected, shown.subList(0, expected.size()));
            assertTrue(shown.size() == expected.size()
                    || shown.get(expected.size()).equals(snap(place)));
            for (int k = 1; k < shown.size(); k++) {
                assertTrue(shown.get(k - 1).distanceTo(shown.get(k)) >= LEAST);
            }
        }
    }
}
