package wildchalk.desktop.surface;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Medium;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Parts of a surface under construction: drawn, listed and taken out again. */
class SurfacePartsTest {

    private static final Surface YARD = OwnSurfaces.blank("yard", "The yard", new Size(18, 12));
    private static final Point A = new Point(-3, 2);
    private static final Point B = new Point(3, -2);

    private static SurfaceParts.Pen pen(String name) {
        return new SurfaceParts.Pen(name, Ink.RED, true);
    }

    @ParameterizedTest
    @EnumSource(SurfaceTool.class)
    void whatIsDrawnIsListedAndTakingItOutGivesTheSurfaceBack(SurfaceTool tool) {
        Surface drawn = SurfaceParts.drawn(YARD, tool, A, B, pen("the drain"));
        List<String> names = SurfaceParts.names(drawn);
        int added = tool == SurfaceTool.RECTANGLE ? 4 : 1;
        assertEquals(added, names.size());
        Surface back = drawn;
        for (int i = 0; i < added; i++) {
            back = SurfaceParts.without(back, 0);
        }
        assertEquals(YARD, back);
    }

    @Test
    void lengthsAreThoseOfThePull() {
        Surface line = SurfaceParts.drawn(YARD, SurfaceTool.LINE, A, B, pen(""));
        // 6 m along and 4 m across: the hypotenuse is 7.21 m
        assertEquals(List.of("line, 7.21 m"), SurfaceParts.names(line));
        Surface circle = SurfaceParts.drawn(YARD, SurfaceTool.CIRCLE, A, new Point(-3, 4.5), pen(""));
        Marking.Arc arc = (Marking.Arc) circle.markings().get(0);
        assertEquals(2.5, arc.radiusMetres(), 1e-9);
        assertTrue(arc.dashed() && arc.ink() == Ink.RED);
    }

    @Test
    void namesBecomeIdsThatAreNotTakenTwice() {
        Surface once = SurfaceParts.drawn(YARD, SurfaceTool.LANDMARK, A, A, pen("the drain"));
        Surface twice = SurfaceParts.drawn(once, SurfaceTool.ZONE, A, B, pen("The drain"));
        Surface thrice = SurfaceParts.drawn(twice, SurfaceTool.LANDMARK, B, B, pen(""));
        assertEquals("drain", thrice.landmarks().get(0).id());
        assertNotEquals("drain", thrice.zones().get(0).id());
        assertEquals("the drain", thrice.landmarks().get(0).name());
        assertFalse(thrice.landmarks().get(1).name().isBlank(), "a point without a typed name gets one");
    }

    @Test
    void aGoalLooksIntoThePlaceUnlessPulled() {
        Surface click = SurfaceParts.drawn(YARD, SurfaceTool.GOAL, new Point(8, 0), new Point(8, 0), pen(""));
        assertEquals(180, Math.abs(click.goals().get(0).facingDegrees()), 1e-9);
        Surface pulled = SurfaceParts.drawn(YARD, SurfaceTool.GOAL, new Point(0, -5), new Point(0, -2), pen(""));
        assertEquals(90, pulled.goals().get(0).facingDegrees(), 1e-9);
    }

    @Test
    void thirdsDivideTheLengthEvenly() {
        Surface thirds = SurfaceParts.inThirds(YARD);
        assertEquals(3, thirds.zones().size());
        for (Zone zone : thirds.zones()) {
            double from = zone.outline().stream().mapToDouble(Point::x).min().orElseThrow();
            double to = zone.outline().stream().mapToDouble(Point::x).max().orElseThrow();
            assertEquals(6, to - from, 1e-9);
        }
        assertEquals(2, thirds.markings().size());
        assertTrue(thirds.zoneAt(new Point(0, 0)).orElseThrow().name().contains("middle"));
    }

    @Test
    void anotherSizeKeepsWhatWasDrawn() {
        Surface drawn = SurfaceParts.drawn(YARD, SurfaceTool.LINE, A, B, pen(""));
        Surface larger = SurfaceParts.with(drawn, new Size(24, 15), Medium.GRASS, true);
        assertEquals(drawn.markings(), larger.markings());
        assertEquals(24, larger.wholeView().width(), 1e-9);
        assertTrue(larger.boards() && larger.medium() == Medium.GRASS);
    }
}
