package wildchalk.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Lengths, headings, curves and symmetries. */
class GeometryTest {

    private static final double TINY = 1e-9;

    static LongStream seeds() {
        return LongStream.range(0, 50);
    }

    private static List<Point> walk(long seed) {
        Random random = new Random(seed);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(6); i++) {
            points.add(new Point(random.nextDouble() * 40 - 20, random.nextDouble() * 20 - 10));
        }
        return points;
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "180, 180", "-180, 180", "190, -170", "-190, 170", "720, 0", "-540, 180"})
    void headingsAreBroughtIntoOneTurn(double degrees, double expected) {
        assertEquals(expected, Headings.normalise(degrees), TINY);
    }

    @Test
    void theAngleBetweenHeadingsIsTheSmallerOne() {
        assertEquals(20, Headings.between(170, -170), TINY);
        assertEquals(180, Headings.between(0, 180), TINY);
    }

    @Test
    void polarAndHeadingAreInverse() {
        for (int d = -179; d <= 180; d++) {
            assertEquals(d, Point.polar(3, d).headingDegrees(), TINY);
        }
    }

    @ParameterizedTest
    @EnumSource(Symmetry.class)
    void aSymmetryKeepsDistancesAndUndoesItself(Symmetry symmetry) {
        Point a = new Point(3.5, -2);
        Point b = new Point(-1, 7.25);
        assertEquals(a.distanceTo(b), symmetry.apply(a).distanceTo(symmetry.apply(b)), TINY);
        assertEquals(a, symmetry.apply(symmetry.apply(a)));
        for (int d = -175; d <= 180; d += 5) {
            assertEquals(d, symmetry.applyToHeading(symmetry.applyToHeading(d)), TINY);
            Point turned = symmetry.apply(Point.polar(1, d));
            assertEquals(0, Headings.between(turned.headingDegrees(), symmetry.applyToHeading(d)), TINY);
        }
        assertEquals(symmetry != Symmetry.HALF_TURN, symmetry.swapsHands());
    }

    @Test
    void aPolylineIsMeasuredAlongItsLength() {
        Polyline line = new Polyline(List.of(new Point(0, 0), new Point(3, 0), new Point(3, 4)));
        assertEquals(7, line.length(), TINY);
        assertEquals(new Point(3, 1), line.at(4));
        assertEquals(0, line.headingAt(2.9), TINY);
        assertEquals(90, line.headingAt(3), TINY, "at a corner, the piece that follows");
        assertEquals(new Point(0, 0), line.at(-1));
        assertEquals(new Point(3, 4), line.at(99));
        assertEquals(2, line.distanceTo(new Point(1, 2)), TINY);
        assertEquals(1, line.distanceTo(new Point(3, 5)), TINY, "beyond the end it is the end that counts");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void walkingALineInSmallStepsAddsUpToIt(long seed) {
        Polyline line = new Polyline(walk(seed));
        double walked = 0;
        int steps = 4000;
        for (int i = 1; i <= steps; i++) {
            Point a = line.at(line.length() * (i - 1) / steps);
            Point b = line.at(line.length() * i / steps);
            walked += a.distanceTo(b);
        }
        assertEquals(line.length(), walked, 0.02 * line.length());
        assertTrue(walked <= line.length() + 1e-6);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aCurveGoesThroughItsPointsInTheirOrder(long seed) {
        List<Point> knots = walk(seed);
        List<Point> curve = Splines.centripetal(knots, 0.2);
        int at = 0;
        for (Point knot : knots) {
            int found = curve.subList(at, curve.size()).indexOf(knot);
            assertTrue(found >= 0, "the curve misses " + knot);
            at += found;
        }
        assertEquals(knots.get(0), curve.get(0));
        assertEquals(knots.get(knots.size() - 1), curve.get(curve.size() - 1));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aCurveIsFineWhereItBends(long seed) {
        List<Point> curve = Splines.centripetal(walk(seed), 0.2);
        Polyline coarse = new Polyline(curve);
        for (Point p : Splines.centripetal(walk(seed), 0.01)) {
            assertTrue(coarse.distanceTo(p) < 0.06, "the cut curve strays " + coarse.distanceTo(p) + " m");
        }
    }

    @Test
    void pointsOnALineGiveTheLine() {
        Polyline line =
                new Polyline(Splines.centripetal(List.of(new Point(0, 0), new Point(2, 1), new Point(8, 4)), 0.2));
        assertEquals(new Point(0, 0).distanceTo(new Point(8, 4)), line.length(), 1e-6);
    }

    @Test
    void onePlaceIsACurveWithoutLength() {
        Point p = new Point(1, 1);
        assertEquals(0, new Polyline(Splines.centripetal(List.of(p, p, p), 0.2)).length(), TINY);
    }

    @Test
    void numbersThatAreNoneAreRefused() {
        var e = assertThrows(IllegalArgumentException.class, () -> new Point(Double.NaN, 1));
        assertEquals("The point (NaN, 1.0) needs two finite numbers.", e.getMessage());
        assertThrows(IllegalArgumentException.class, () -> new Polyline(List.of(Point.ORIGIN)));
    }

    @Test
    void equalPlacesAreEqualRecords() {
        assertEquals(new Point(0, 1.235), new Point(-0.0001, 1.2349).toMillimetres());
        assertEquals(new Point(0, 0), new Point(-0.0, -0.00001).toMillimetres());
    }
}
