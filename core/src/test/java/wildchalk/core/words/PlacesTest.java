package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Drills;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;

/** Names for places: gear first, then landmarks, zones that were drawn, zones of the surface, and measures in any unit. */
class PlacesTest {

    private static final Progression EMPTY = Drills.blank().progression();

    private static Places places(Progression p) {
        return new Places(p, Drills.HANDBALL, LengthUnit.METRES);
    }

    private static Progression with(Gear... gear) {
        Progression p = EMPTY;
        for (Gear g : gear) {
            p = p.with(g);
        }
        return p;
    }

    private static Gear gear(String id, GearKind kind, Chalk colour, double x, double y) {
        return new Gear(new GearId(id), kind, colour, new Point(x, y), 0);
    }

    @Test
    void gearIsNamedByColourWhereItHasOneAndByLabelWhereThereIsOne() {
        Progression p = with(
                gear("a", GearKind.CONE, Chalk.RED, 3, 3),
                gear("b", GearKind.MANNEQUIN, Chalk.RED, -3, 3),
                gear("c", GearKind.CONE, Chalk.GREEN, 8, -3).withLabel("A"),
                gear("d", GearKind.MINI_GOAL, Chalk.WHITE, -8, -3));
        assertEquals(Optional.of("the red cone"), places(p).named(new Point(3.4, 3.2)));
        assertEquals(Optional.of("the mannequin"), places(p).named(new Point(-3, 3)));
        assertEquals(Optional.of("the green cone A"), places(p).named(new Point(8, -3)));
        assertEquals(Optional.of("the mini-goal"), places(p).named(new Point(-8, -3)));
        assertEquals(Optional.of("the 7 m mark"), places(p).named(new Point(13, 0)));
        assertEquals(Optional.empty(), places(p).named(new Point(0, 6)));
    }

    @Test
    void theNearestOfTwoIsMeant() {
        Progression p = with(gear("a", GearKind.CONE, Chalk.RED, 3, 3), gear("b", GearKind.CONE, Chalk.BLUE, 4, 3));
        assertEquals(Optional.of("the red cone"), places(p).named(new Point(3.4, 3)));
        assertEquals(Optional.of("the blue cone"), places(p).named(new Point(3.6, 3)));
    }

    @Test
    void aZoneThatWasDrawnCountsBeforeTheSurfacesOwn() {
        Point inside = new Point(5, 5);
        String usual = places(EMPTY).zone(inside).orElseThrow();
        MarkedZone zone = new MarkedZone(
                new ZoneId("z"),
                "far channel",
                ZoneKind.CHANNEL,
                List.of(new Point(2, 3), new Point(9, 3), new Point(9, 8), new Point(2, 8)));
        Progression p = EMPTY.withLayout(EMPTY.layout().with(zone));
        assertEquals(Optional.of("the far channel"), places(p).zone(inside));
        assertEquals("into the far channel", places(p).goingTo(new Point(-5, 0), inside));
        assertEquals(Optional.of(usual), places(p).zone(inside.plus(new Point(0, 4))));
    }

    @Test
    void measuresAreInTheReadersUnit() {
        Point p = new Point(9.144, -3.048);
        assertEquals(
                "9.1 m past halfway, 3.0 m right of the middle",
                new Places(EMPTY, Drills.HANDBALL, LengthUnit.METRES).axes(p));
        assertEquals(
                "30.0 ft past halfway, 10.0 ft right of the middle",
                new Places(EMPTY, Drills.HANDBALL, LengthUnit.FEET).axes(p));
        assertEquals(
                "10.0 yd past halfway, 3.3 yd right of the middle",
                new Places(EMPTY, Drills.HANDBALL, LengthUnit.YARDS).axes(p));
        assertEquals("on halfway, on the middle line", places(EMPTY).axes(new Point(0.05, -0.05)));
    }

    @Test
    void mirroredPlacesSwapLeftAndRightInEverySport() {
        for (Surface s : Surfaces.all()) {
            for (Landmark mark : s.landmarks()) {
                Point other = Symmetry.ACROSS_WIDTH.apply(mark.at());
                Optional<Landmark> partner = s.landmarkNear(other, 0.01);
                if (partner.isPresent() && mark.name().matches(".*\\b(left|right)\\b.*")) {
                    String swapped = mark.name()
                            .replaceAll("\\bleft\\b", "~")
                            .replaceAll("\\bright\\b", "left")
                            .replace("~", "right");
                    assertEquals(swapped, partner.get().name(), s.id());
                }
            }
        }
    }
}
