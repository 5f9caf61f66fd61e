package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashSet;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/** A station is the drill elsewhere: where it is carried to, and what the drill does to it. */
class StationTest {

    private static final StationId ID = new StationId("s");
    private static final double NEAR = 1e-9;

    static Stream<Random> seeds() {
        return IntStream.range(0, 200).mapToObj(Random::new);
    }

    private static Point place(Random r) {
        return new Point(40 * r.nextDouble() - 20, 40 * r.nextDouble() - 20);
    }

    private static Station station(Random r) {
        return new Station(ID, place(r), place(r), 360 * r.nextDouble() - 180, r.nextBoolean());
    }

    private static PlaneMap map(Random r) {
        return switch (r.nextInt(4)) {
            case 0 -> PlaneMap.shift(place(r));
            case 1 -> PlaneMap.turn(place(r), 360 * r.nextDouble());
            case 2 -> PlaneMap.mirrorAcrossWidth(place(r));
            default -> PlaneMap.mirrorAcrossLength(place(r));
        };
    }

    @Test
    void worked() {
        // 3 m ahead of the hub and 1 m left of it; turned by 90 that is 3 m left and 1 m back
        Station turned = new Station(ID, new Point(2, 2), new Point(10, 0), 90, false);
        assertTrue(turned.map().apply(new Point(5, 3)).isWithin(NEAR, new Point(9, 3)));
        assertEquals(135, turned.map().applyToHeading(45), NEAR);
        Station mirrored = new Station(ID, new Point(2, 2), new Point(10, 0), 0, true);
        assertTrue(mirrored.map().apply(new Point(5, 3)).isWithin(NEAR, new Point(13, -1)));
        assertEquals(-45, mirrored.map().applyToHeading(45), NEAR);
    }

    /** Whoever takes a station alone elsewhere takes all of its places along the same way. */
    @ParameterizedTest
    @MethodSource("seeds")
    void carriedAloneItsPlacesFollow(Random r) {
        Station s = station(r);
        PlaneMap map = map(r);
        Point p = place(r);
        assertTrue(
                s.carried(map).map().apply(p).isWithin(NEAR, map.apply(s.map().apply(p))));
        double heading = 360 * r.nextDouble();
        assertEquals(
                0,
                Headings.normalise(s.carried(map).map().applyToHeading(heading)
                        - map.applyToHeading(s.map().applyToHeading(heading))),
                1e-6);
    }

    /** Where the whole drill is carried elsewhere, what stood at the station stands where that was carried to. */
    @ParameterizedTest
    @MethodSource("seeds")
    void withItsDrillItStaysAsItWasToIt(Random r) {
        Station s = station(r);
        PlaneMap map = map(r);
        Point p = place(r);
        Point before = map.apply(s.map().apply(p));
        assertTrue(s.withItsDrill(map).map().apply(map.apply(p)).isWithin(1e-6, before));
    }

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    /** Everything chosen and moved keeps drill and station together; the station chosen alone leaves the drill where it is. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void aDrillTakesItsStationsAlong(Drill drill) {
        for (Station found : SecondStations.of(drill.base(), drill.surface())) {
            Progression with = SecondStations.with(drill.base(), found);
            Station s = with.layout().stations().get(0);
            PlaneMap by = PlaneMap.shift(new Point(1, -2));
            Progression all = Transforms.of(with, drill.surface(), new LinkedHashSet<>(Elements.all(with)), by);
            Point p = new Point(3, 4);
            assertTrue(all.layout()
                    .stations()
                    .get(0)
                    .map()
                    .apply(by.apply(p))
                    .isWithin(1e-6, by.apply(s.map().apply(p))));
            Progression alone = Transforms.of(with, drill.surface(), new LinkedHashSet<>(java.util.Set.of(s.id())), by);
            assertEquals(with.roles(), alone.roles());
            assertTrue(alone.layout()
                    .stations()
                    .get(0)
                    .map()
                    .apply(p)
                    .isWithin(1e-6, by.apply(s.map().apply(p))));
        }
    }
}
