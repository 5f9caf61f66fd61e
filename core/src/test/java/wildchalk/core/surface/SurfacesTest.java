package wildchalk.core.surface;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.geometry.Point;

/** The figures of the rule books, to a centimetre. */
class SurfacesTest {

    private static final double CENTIMETRE = 0.01;

    static Stream<Surface> all() {
        return Surfaces.all().stream();
    }

    @ParameterizedTest
    @CsvSource({"handball, 40, 20, 3, 20", "ice-60x30, 60, 30, 1.83, 26", "ice-200x85, 60.96, 25.908, 1.829, 27.127"})
    void sizesAndGoals(String id, double length, double width, double goal, double goalLine) {
        Surface s = Surfaces.find(id).orElseThrow();
        assertEquals(length, s.lengthMetres(), CENTIMETRE);
        assertEquals(width, s.widthMetres(), CENTIMETRE);
        for (GoalMouth mouth : s.goals()) {
            assertEquals(goal, mouth.widthMetres(), CENTIMETRE);
            assertEquals(goalLine, Math.abs(mouth.centre().x()), CENTIMETRE);
            assertEquals(goal, mouth.leftPost().distanceTo(mouth.rightPost()), CENTIMETRE);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "handball, penalty-mark, 13, 0",
        "handball, six-metre-line, 14, 0",
        "handball, nine-metre-line, 11, 0",
        "handball, left-corner, 20, 10",
        "handball, own-right-corner, -20, -10",
        "ice-60x30, left-dot, 20, 7",
        "ice-60x30, right-neutral-dot, 5.64, -7",
        "ice-200x85, left-dot, 21.031, 6.706",
        "ice-200x85, own-left-neutral-dot, -6.096, 6.706",
        "ice-200x85, left-circle-top, 16.46, 6.706"
    })
    void landmarks(String surface, String id, double x, double y) {
        Landmark mark = Surfaces.find(surface).orElseThrow().landmarks().stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow();
        assertEquals(x, mark.at().x(), CENTIMETRE);
        assertEquals(y, mark.at().y(), CENTIMETRE);
    }

    @Test
    void theNineMetreLineEndsWhereTheRulesHaveIt() {
        // the arc about the post meets the side line at x = 17.042
        boolean found = Surfaces.find("handball").orElseThrow().markings().stream()
                .filter(m -> m instanceof Marking.Arc)
                .map(m -> (Marking.Arc) m)
                .filter(a -> Math.abs(a.radiusMetres() - 9) < 1e-9)
                .anyMatch(a -> Math.abs(a.start().x() - 17.042) < CENTIMETRE
                        && Math.abs(a.start().y() - 10) < CENTIMETRE);
        assertTrue(found);
    }

    @Test
    void theGoalOpensAsWorkedByHand() {
        // handball from 7 m: 2 · atan(1.5 / 7) = 24.2 degrees
        GoalMouth goal = Surfaces.find("handball").orElseThrow().goal("right").orElseThrow();
        assertEquals(24.2, goal.openAngleDegrees(new Point(13, 0)), 0.05);
        assertEquals(0, goal.openAngleDegrees(new Point(20, 5)), 1e-9);
        // the end dot of the 200 x 85 ft rink: 7.8 degrees
        GoalMouth net = Surfaces.find("ice-200x85").orElseThrow().goal("right").orElseThrow();
        assertEquals(7.8, net.openAngleDegrees(new Point(21.031, 6.706)), 0.05);
    }

    @Test
    void aRinkHasRoundCorners() {
        Surface rink = Surfaces.find("ice-60x30").orElseThrow();
        assertTrue(rink.contains(new Point(29.9, 0)));
        assertTrue(rink.contains(new Point(21.5, 14.9)));
        assertFalse(rink.contains(new Point(29, 14)));
        // a point of the corner's circle: (21.5, 6.5) + 8.5 at 45 degrees
        Point edge = new Point(21.5, 6.5).plus(Point.polar(8.5, 45));
        assertTrue(rink.contains(edge.times(0.999)));
        assertFalse(rink.contains(edge.times(1.001)));
    }

    @ParameterizedTest
    @MethodSource("all")
    void namesAreWordsAndIdsAreUnique(Surface s) {
        Set<String> ids = new HashSet<>();
        for (Landmark mark : s.landmarks()) {
            assertTrue(ids.add(mark.id()), mark.id());
            assertFalse(mark.name().contains("["), "no text for " + mark.name());
            assertTrue(s.contains(mark.at()), mark.id() + " lies outside");
        }
        s.zones().forEach(z -> assertFalse(z.name().contains("["), z.name()));
        s.goals().forEach(g -> assertFalse(g.name().contains("["), g.name()));
        s.views().forEach(v -> assertFalse(v.name().contains("["), v.name()));
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyPlaceOfTheHandballLanesAndTheIceHasAZone(Surface s) {
        for (double x = -s.lengthMetres() / 2 + 0.25; x < s.lengthMetres() / 2; x += 0.5) {
            for (double y = -s.widthMetres() / 2 + 0.25; y < s.widthMetres() / 2; y += 0.5) {
                assertTrue(s.zoneAt(new Point(x, y)).isPresent(), "no zone at " + x + ", " + y);
            }
        }
    }
}
