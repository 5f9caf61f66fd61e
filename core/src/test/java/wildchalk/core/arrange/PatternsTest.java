package wildchalk.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;

/** Patterns measured with the tape: side lengths, angles and numbers worked by hand. */
class PatternsTest {

    private static final double CENTIMETRE = 0.01;
    private static final Progression EMPTY = Drills.blank().progression();

    private static List<Point> laid(Pattern pattern, double heading) {
        return Patterns.lay(EMPTY, pattern, new Point(3, -2), heading).after().gear().stream()
                .map(g -> g.at())
                .toList();
    }

    private static Pattern pattern(PatternKind kind, int count, double spacing, double second) {
        return new Pattern(kind, count, spacing, second, true, GearKind.CONE, Chalk.YELLOW);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 30, 90, -135})
    void aSquareOfTenYardsHasFourSidesOfTenYardsAndRightAngles(double heading) {
        List<Point> corners = laid(pattern(PatternKind.SQUARE, 4, 9.144, 0), heading);
        for (int i = 0; i < 4; i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % 4);
            Point c = corners.get((i + 2) % 4);
            assertEquals(9.144, a.distanceTo(b), CENTIMETRE);
            assertEquals(90, Measures.angle(a, b, c), 0.05);
        }
        assertEquals(9.144 * 9.144, Measures.area(corners), 0.05);
        assertEquals(4 * 9.144, Measures.length(corners) + corners.get(3).distanceTo(corners.get(0)), CENTIMETRE);
    }

    @Test
    void theTipsOfAStarAreAsFarFromTheMiddleAndFromEachOther() {
        List<Point> tips = laid(pattern(PatternKind.STAR, 5, 6, 0), 0);
        for (int i = 0; i < 5; i++) {
            assertEquals(6, tips.get(i).distanceTo(new Point(3, -2)), CENTIMETRE);
            assertEquals(72, Measures.angle(tips.get(i), new Point(3, -2), tips.get((i + 1) % 5)), 0.05);
            // side of a regular pentagon in a circle of 6 m: 2 · 6 · sin 36°
            assertEquals(7.053, tips.get(i).distanceTo(tips.get((i + 1) % 5)), CENTIMETRE);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {30, 45, 60, 90, 120})
    void threeConesOpenTheAngleThatWasAskedFor(double degrees) {
        List<Point> cones = laid(pattern(PatternKind.ANGLE, 3, 8, degrees), 20);
        assertEquals(degrees, Measures.angle(cones.get(0), cones.get(1), cones.get(2)), 0.05);
        assertEquals(new Point(3, -2), cones.get(1), "the corner is where it was put");
        assertEquals(8, cones.get(0).distanceTo(cones.get(1)), CENTIMETRE);
        assertEquals(8, cones.get(2).distanceTo(cones.get(1)), CENTIMETRE);
    }

    @Test
    void aGridHasRowsAndColumns() {
        List<Point> points = laid(pattern(PatternKind.GRID, 4, 2, 3), 0);
        assertEquals(12, points.size());
        assertEquals(
                4,
                points.stream().mapToDouble(Point::x).max().orElseThrow()
                        - points.stream().mapToDouble(Point::x).min().orElseThrow(),
                CENTIMETRE);
        assertEquals(
                6,
                points.stream().mapToDouble(Point::y).max().orElseThrow()
                        - points.stream().mapToDouble(Point::y).min().orElseThrow(),
                CENTIMETRE);
    }

    @Test
    void aZigzagGoesLeftAndRightByTurns() {
        List<Point> points = laid(pattern(PatternKind.ZIGZAG, 6, 2, 3), 0);
        for (int i = 1; i < points.size(); i++) {
            assertEquals(2, points.get(i).x() - points.get(i - 1).x(), 1e-9);
            assertEquals(3, Math.abs(points.get(i).y() - points.get(i - 1).y()), 1e-9);
            // each leg: the hypotenuse of 2 and 3
            assertEquals(Math.sqrt(13), points.get(i).distanceTo(points.get(i - 1)), CENTIMETRE);
        }
    }

    @Test
    void anAlleyIsAsWideAsWasAskedForAllAlong() {
        List<Point> points = laid(pattern(PatternKind.ALLEY, 5, 2, 3.5), 0);
        for (int i = 0; i < 5; i++) {
            assertEquals(3.5, points.get(i).distanceTo(points.get(i + 5)), 1e-9);
        }
    }

    @Test
    void aGateIsTwoOfThem() {
        List<Point> posts = laid(pattern(PatternKind.GATE, 2, 1.5, 0), 90);
        assertEquals(1.5, posts.get(0).distanceTo(posts.get(1)), 1e-3);
    }

    // ---- gaps ----

    private static List<Gap> gaps(boolean oddLeft) {
        Pattern rows = new Pattern(PatternKind.GAPS, 5, 2, 3, oddLeft, GearKind.CONE, Chalk.ORANGE);
        return Patterns.lay(EMPTY, rows, Point.ORIGIN, 0).after().layout().gaps();
    }

    @Test
    void twoRowsOfFiveHaveSixGapsOddOnesLeftAndEvenOnesRight() {
        List<Gap> gaps = gaps(true);
        assertEquals(List.of(5, 3, 1, 2, 4, 6), gaps.stream().map(Gap::number).toList());
        for (Gap gap : gaps) {
            assertEquals(2, gap.widthMetres(), 1e-9);
            // who looks along +x has the left at +y
            assertEquals(gap.number() % 2 == 1, gap.middle().y() > 0, "gap " + gap.number());
        }
    }

    @Test
    void orTheyAreCountedFromLeftToRight() {
        List<Gap> gaps = gaps(false);
        assertEquals(List.of(1, 2, 3, 4, 5, 6), gaps.stream().map(Gap::number).toList());
        for (int i = 1; i < gaps.size(); i++) {
            assertTrue(gaps.get(i).middle().y() < gaps.get(i - 1).middle().y());
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 8, 12})
    void everyNumberIsThereOnce(int cones) {
        Pattern rows = new Pattern(PatternKind.GAPS, cones, 1, 3, true, GearKind.CONE, Chalk.ORANGE);
        Progression after = Patterns.lay(EMPTY, rows, Point.ORIGIN, 0).after();
        assertEquals(2 * cones, after.gear().size());
        Set<Integer> numbers = new TreeSet<>();
        after.layout().gaps().forEach(g -> numbers.add(g.number()));
        assertEquals(cones + 1, numbers.size());
        assertEquals(
                Set.copyOf(numbers),
                Set.copyOf(IntStream.rangeClosed(1, cones + 1).boxed().toList()));
    }

    // ---- lines ----

    @Test
    void twoLinesStandNineMetresApartAndGiveARoleEach() {
        Copies.Pasted pasted = Patterns.lay(EMPTY, pattern(PatternKind.LINES, 2, 9, 0), new Point(-10, 0), 0);
        List<WaitingLine> lines = pasted.after().lines();
        assertEquals(9, lines.get(0).at().distanceTo(lines.get(1).at()), 1e-9);
        assertEquals(2, pasted.after().roles().size());
        for (WaitingLine line : lines) {
            assertEquals(line.at(), pasted.after().startOf(line.feeds().get(0)));
            assertTrue(pasted.copies().contains(line.id()));
        }
    }

    @ParameterizedTest
    @EnumSource(PatternKind.class)
    void aPatternTurnsAboutItsPlaceAndKeepsItsMeasures(PatternKind kind) {
        Pattern usual = Pattern.usual(kind);
        List<Point> straight = Patterns.points(usual);
        Progression turned = Patterns.lay(EMPTY, usual, new Point(1, 1), 37).after();
        List<Point> places = kind == PatternKind.LINES
                ? turned.lines().stream().map(WaitingLine::at).toList()
                : turned.gear().stream().map(g -> g.at()).toList();
        assertEquals(straight.size(), places.size());
        for (int i = 0; i < places.size(); i++) {
            for (int j = 0; j < places.size(); j++) {
                assertEquals(
                        straight.get(i).distanceTo(straight.get(j)),
                        places.get(i).distanceTo(places.get(j)),
                        CENTIMETRE);
            }
        }
    }

    @Test
    void measuresThatMakeNoPatternAreRefused() {
        String tooMany = assertThrows(IllegalArgumentException.class, () -> pattern(PatternKind.GRID, 13, 2, 3))
                .getMessage();
        assertTrue(tooMany.contains("13") && tooMany.contains("12"), tooMany);
        assertThrows(IllegalArgumentException.class, () -> pattern(PatternKind.ROW, 5, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> pattern(PatternKind.ANGLE, 3, 5, 181));
    }
}
