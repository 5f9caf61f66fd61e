package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.session.SetUp;
import wildchalk.core.session.StationPlan;
import wildchalk.picture.style.Ground;

/** The floor of a session shows each station where it stands. */
class FloorPainterTest {

    private static final int WIDE = 400;
    private static final int HIGH = 240;
    private static final Drill DRILL = Demo.read("lantern-ladder");

    private static SetUp station(String id, double turn) {
        StationPlan plan = new StationPlan(
                new Station(new StationId(id), Point.ORIGIN, Point.ORIGIN, turn, false),
                DRILL.id(),
                Optional.empty(),
                Optional.empty(),
                List.of());
        return SetUp.of(plan, d -> Optional.of(DRILL)).orElseThrow();
    }

    private static int[] pixels(List<SetUp> stations) {
        BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        SurfaceUse floor = new SurfaceUse("handball", "whole");
        new FloorPainter(Ground.SLATE).paint(g, floor, stations, Viewport.fitting(floor, WIDE, HIGH));
        g.dispose();
        return image.getRGB(0, 0, WIDE, HIGH, null, 0, WIDE);
    }

    /** How many pixels differ in the outer third at an end: what reaches over halfway is no matter. */
    private static int differ(int[] a, int[] b, boolean right) {
        int count = 0;
        for (int i = 0; i < a.length; i++) {
            int x = i % WIDE;
            count += (right ? x > 2 * WIDE / 3 : x < WIDE / 3) && a[i] != b[i] ? 1 : 0;
        }
        return count;
    }

    /** The drill is drawn at the right end; turned, it is drawn at the left and nowhere else, and two are both. */
    @Test
    void eachStationIsDrawnWhereItStands() {
        int[] empty = pixels(List.of());
        int[] right = pixels(List.of(station("s1", 0)));
        int[] left = pixels(List.of(station("s1", 180)));
        int[] both = pixels(List.of(station("s1", 0), station("s2", 180)));
        assertTrue(differ(empty, right, true) > 50);
        assertEquals(0, differ(empty, right, false));
        assertTrue(differ(empty, left, false) > 50);
        assertEquals(0, differ(empty, left, true));
        assertTrue(differ(empty, both, true) > 50 && differ(empty, both, false) > 50);
    }
}
