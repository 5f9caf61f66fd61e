package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.picture.style.Ground;

/** Labels keep off each other and off what they name, and stay where a hand has put them. */
class PlacedLabelsTest {

    private static final double WIDE = 880;
    private static final double HIGH = 440;

    static Stream<String> demos() {
        return Demo.files().stream().map(f -> f.getFileName().toString().replace(".drill.json", ""));
    }

    private static Frame frame(Drill drill) {
        return Frame.at(drill, Path.usual(drill.base()), Timeline.of(drill, Path.usual(drill.base())), 0);
    }

    private static Viewport viewport(Drill drill) {
        return Viewport.fitting(drill.surfaceUse(), WIDE, HIGH);
    }

    private static boolean overlap(Rectangle2D a, Rectangle2D b) {
        Rectangle2D both = a.createIntersection(b);
        return both.getWidth() > 0.01 && both.getHeight() > 0.01;
    }

    @ParameterizedTest
    @MethodSource("demos")
    void noneLiesOnAnotherOrOnAPlayerInTheDemoDrills(String id) {
        Drill drill = Demo.read(id);
        Viewport v = viewport(drill);
        List<PlacedLabels.Label> labels = PlacedLabels.of(Ground.SLATE, v, frame(drill));
        for (int i = 0; i < labels.size(); i++) {
            Rectangle2D box = labels.get(i).box();
            for (int j = 0; j < i; j++) {
                assertFalse(overlap(box, labels.get(j).box()), labels.get(i) + " lies on " + labels.get(j));
            }
            for (Role role : drill.base().roles()) {
                Point2D p = Bodies.of(frame(drill), v, role.id());
                assertFalse(box.contains(p), labels.get(i).words() + " lies on " + role.label());
            }
            assertTrue(new Rectangle2D.Double(0, 0, WIDE, HIGH).contains(box), labels.get(i) + " sticks out");
        }
    }

    @Test
    void twelveConesWithLabelsInARowAllFindRoom() {
        Drill drill = Drill.blank("Row", new SurfaceUse("handball", "whole"), Audience.USUAL);
        Progression p = drill.base();
        for (int i = 0; i < 12; i++) {
            p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.YELLOW, new Point(-11 + 2 * i, 0), 0)
                    .withLabel("cone " + i));
        }
        Drill rows = drill.withProgression(p);
        List<PlacedLabels.Label> labels = PlacedLabels.of(Ground.SLATE, viewport(rows), frame(rows));
        assertEquals(12, labels.size());
        for (int i = 1; i < 12; i++) {
            assertFalse(overlap(labels.get(i).box(), labels.get(i - 1).box()), "label " + i);
        }
    }

    @Test
    void aLabelPutByHandStaysThereAndTheOthersMakeRoom() {
        Drill drill = Demo.read("tideline-serve-receive");
        MarkedZone zone = drill.base().layout().zones().get(0);
        Viewport v = viewport(drill);
        Point by = new Point(-3, -1);
        Drill moved = drill.withProgression(
                drill.base().withLayout(drill.base().layout().withLabel(zone.id(), Optional.of(by))));
        PlacedLabels.Label label = PlacedLabels.of(zone.id(), v, frame(moved)).orElseThrow();
        Point2D expected = v.toPixels(zone.middle().plus(by));
        assertEquals(expected.getX(), label.box().getCenterX(), 1e-6);
        assertEquals(expected.getY(), label.box().getCenterY(), 1e-6);
        assertEquals(
                Optional.of(zone.id()),
                PlacedLabels.at(v, frame(moved), expected.getX(), expected.getY())
                        .map(PlacedLabels.Label::of));
        assertEquals(
                label.box().getCenterX(),
                v.toPixels(PlacedLabels.anchor(v, frame(moved), zone.id()).plus(by))
                        .getX(),
                1e-6);
    }

    @Test
    void theSamePictureAlwaysGetsTheSamePlaces() {
        Drill drill = Demo.read("counting-gaps");
        List<PlacedLabels.Label> once = PlacedLabels.of(Ground.SLATE, viewport(drill), frame(drill));
        List<PlacedLabels.Label> again = PlacedLabels.of(Ground.SLATE, viewport(drill), frame(drill));
        assertEquals(once, again);
    }
}
