package wildchalk.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.geometry.Point;

class FormationTest {

    private static Gear cone(int n, Chalk colour, double x, double y) {
        return new Gear(new GearId("c" + n), GearKind.CONE, colour, new Point(x, y), 0);
    }

    private static Formation only(List<Gear> gear) {
        List<Formation> all = Formation.of(gear);
        assertEquals(1, all.size(), all.toString());
        return all.get(0);
    }

    @RepeatedTest(50)
    void fourCornersInAnyOrderAreOneRectangle(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        double x = random.nextInt(-10, 10);
        double y = random.nextInt(-10, 10);
        double length = 2 + random.nextInt(12);
        double width = 2 + random.nextInt(12);
        List<Gear> four = new ArrayList<>(List.of(
                cone(1, Chalk.BLUE, x, y),
                cone(2, Chalk.BLUE, x + length, y),
                cone(3, Chalk.BLUE, x + length, y + width),
                cone(4, Chalk.BLUE, x, y + width)));
        Collections.shuffle(four, random);
        Formation.Box box = assertInstanceOf(Formation.Box.class, only(four));
        assertEquals(length, box.lengthMetres(), 1e-9);
        assertEquals(width, box.widthMetres(), 1e-9);
        assertTrue(box.middle().isWithin(1e-9, new Point(x + length / 2, y + width / 2)));
    }

    @RepeatedTest(30)
    void aRegularPolygonIsARing(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        int n = 5 + random.nextInt(6);
        double radius = 3 + random.nextInt(6);
        double turn = random.nextInt(360);
        List<Gear> round = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point at = Point.polar(radius, turn + 360.0 * i / n).plus(new Point(4, -2));
            round.add(cone(i, Chalk.YELLOW, at.x(), at.y()));
        }
        Collections.shuffle(round, random);
        Formation.Ring ring = assertInstanceOf(Formation.Ring.class, only(round));
        assertEquals(radius, ring.radiusMetres(), 1e-9);
        assertTrue(ring.middle().isWithin(1e-9, new Point(4, -2)));
    }

    @RepeatedTest(20)
    void rowsBehindEachOtherAreOneThing(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        int rows = 2 + random.nextInt(3);
        int size = 3 + random.nextInt(4);
        List<Gear> gear = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            for (int i = 0; i < size; i++) {
                gear.add(cone(r * size + i, Chalk.GREEN, 3.0 * r, 2.0 * i));
            }
        }
        Formation.Rows all = assertInstanceOf(Formation.Rows.class, only(gear));
        assertEquals(rows, all.rows().size());
        assertEquals(3.0, all.step().length(), 1e-9);
        assertEquals(2.0, all.rows().get(0).stepMetres(), 1e-9);
    }

    @RepeatedTest(100)
    void everyPieceIsInOneFormation(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        List<Gear> gear = new ArrayList<>();
        for (int i = 0; i < random.nextInt(14); i++) {
            Chalk colour = random.nextBoolean() ? Chalk.RED : Chalk.WHITE;
            gear.add(cone(i, colour, 2 * random.nextInt(4), 2 * random.nextInt(4)));
        }
        Map<Gear, Integer> found = new IdentityHashMap<>();
        Formation.of(gear).forEach(f -> f.pieces().forEach(p -> found.merge(p, 1, Integer::sum)));
        assertEquals(gear.size(), found.size());
        assertTrue(found.values().stream().allMatch(n -> n == 1), found.toString());
    }
}
