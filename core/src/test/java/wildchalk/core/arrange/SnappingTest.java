package wildchalk.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Progression;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;

/** What a hand probably meant, case by case. */
class SnappingTest {

    private static final double REACH = 0.4;

    private static Progression cones(double... xy) {
        Progression p = Drills.blank().progression();
        for (int i = 0; i < xy.length; i += 2) {
            p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.ORANGE, new Point(xy[i], xy[i + 1]), 0));
        }
        return p;
    }

    private static Snapping on(Progression version) {
        return Snapping.of(version, Drills.HANDBALL, Set.of(), REACH);
    }

    @Test
    void gearAndLandmarksDrawFirst() {
        assertEquals(
                new Point(3.33, 3.33),
                on(cones(3.33, 3.33)).place(new Point(3.5, 3.2)).at());
        Snapping.Snapped mark = on(cones()).place(new Point(13.1, 0.2));
        assertEquals(new Point(13, 0), mark.at(), "the 7 m mark");
        assertEquals(Snapping.Reason.NAMED, mark.reason());
    }

    @Test
    void theSameSpacingAgainAndHalfWayBetween() {
        Snapping.Snapped beyond = on(cones(0.5, 4, 2.7, 4)).place(new Point(4.8, 4.1));
        assertEquals(Snapping.Reason.SPACING, beyond.reason());
        assertEquals(new Point(4.9, 4), beyond.at());
        assertEquals(2.2, beyond.guides().get(0).metres(), 1e-9);
        assertEquals(2.2, beyond.guides().get(1).metres(), 1e-9);
        Snapping.Snapped between = on(cones(0.5, 4, 6.5, 4)).place(new Point(3.55, 4.15));
        assertEquals(new Point(3.5, 4), between.at());
        assertEquals(3, between.guides().get(0).metres(), 1e-9);
    }

    @Test
    void onTheLineOfAnotherWhereItIsNear() {
        Snapping.Snapped line = on(cones(5.55, 8)).place(new Point(5.7, 2.33));
        assertEquals(Snapping.Reason.LINE, line.reason());
        assertEquals(5.55, line.at().x(), 1e-9);
        assertEquals(2.3, line.at().y(), 1e-9);
    }

    @Test
    void anEvenAngleFromWhereALineBegan() {
        Point start = new Point(2.2, 5.1);
        Snapping.Snapped angle = on(cones()).end(start.plus(Point.polar(4.03, 46)), start);
        assertEquals(Snapping.Reason.ANGLE, angle.reason());
        assertEquals(45, angle.at().minus(start).headingDegrees(), 0.05);
        assertEquals(4.0, angle.at().distanceTo(start), 0.001);
    }

    @Test
    void elseWholeDecimetres() {
        Snapping.Snapped free = on(cones()).place(new Point(-3.337, 2.561));
        assertEquals(Snapping.Reason.GRID, free.reason());
        assertEquals(new Point(-3.3, 2.6), free.at());
    }

    @Test
    void whatMovesWithTheHandDrawsNothing() {
        Progression drill = cones(3.33, 3.33);
        Snapping own =
                Snapping.of(drill, Drills.HANDBALL, Set.of(drill.gear().get(0).id()), REACH);
        assertEquals(Snapping.Reason.GRID, own.place(new Point(3.5, 3.2)).reason());
    }

    @ParameterizedTest
    @MethodSource("wildchalk.core.arrange.TransformsTest#seeds")
    void aPlaceNeverMovesFartherThanTheReach(long seed) {
        Random random = new Random(seed);
        Progression drill = RandomDrills.of(seed, 8, 2, 6);
        Snapping snapping = Snapping.of(drill, Drills.HANDBALL, Set.of(), REACH);
        for (int i = 0; i < 200; i++) {
            Point p = new Point(random.nextDouble() * 36 - 18, random.nextDouble() * 18 - 9);
            Point start = new Point(random.nextDouble() * 36 - 18, random.nextDouble() * 18 - 9);
            // a decimetre's rounding on one axis comes on top where the other axis keeps to a line
            for (Snapping.Snapped s : List.of(snapping.place(p), snapping.end(p, start), snapping.pull(p, start))) {
                assertTrue(s.at().distanceTo(p) <= REACH + 0.1, s.reason() + " " + s.at().distanceTo(p));
            }
        }
    }
}
