package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.RandomDrills;

/** What lies on a surface besides gear and people, and how elements hang together. */
class LayoutTest {

    private static final Point A = new Point(1, 2);
    private static final Point B = new Point(4, 2);
    private static final Point C = new Point(4, 6);

    static LongStream seeds() {
        return LongStream.range(0, 30);
    }

    private static MarkedZone zone(String id, String name) {
        return new MarkedZone(new ZoneId(id), name, ZoneKind.BOX, List.of(A, B, C));
    }

    @Test
    void aZoneIsAPolygonWithANameAndAMiddle() {
        MarkedZone triangle = zone("z1", "far corner");
        assertTrue(triangle.middle().isWithin(1e-9, new Point(3, 10 / 3.0)));
        assertTrue(triangle.asZone().contains(new Point(3, 3)));
        assertFalse(triangle.asZone().contains(new Point(2, 5)));
        assertEquals("the far corner", triangle.asZone().name());
        assertThrows(IllegalArgumentException.class, () -> triangle.withOutline(List.of(A, B)));
        assertThrows(IllegalArgumentException.class, () -> triangle.withName(" "));
    }

    @Test
    void puttingAnElementWithAnIdThatIsThereReplacesIt() {
        Layout layout = Layout.NONE.with(zone("z1", "one")).with(zone("z2", "two"));
        Layout changed = layout.with(zone("z1", "uno"));
        assertEquals(
                List.of("uno", "two"),
                changed.zones().stream().map(MarkedZone::name).toList());
        assertThrows(
                IllegalArgumentException.class,
                () -> layout.with(MarkedZone.class, List.of(zone("z1", "one"), zone("z1", "again"))));
    }

    @Test
    void anElementIsInOneGroupAtMostAndAGroupOfOneIsNone() {
        ElementId a = new GearId("a");
        ElementId b = new GearId("b");
        ElementId c = new RoleId("c");
        assertEquals(List.of(), Layout.NONE.withGroups(List.of(Set.of(a))).groups());
        assertThrows(IllegalArgumentException.class, () -> Layout.NONE.withGroups(List.of(Set.of(a, b), Set.of(b, c))));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsRemovedIsInNoGroupNotLockedAndHasNoLabel(long seed) {
        Progression p = RandomDrills.of(seed, 5, 2, 8);
        Set<ElementId> all = new LinkedHashSet<>(Elements.all(p));
        for (ElementId id : all) {
            Progression after = Removals.elements(p, Set.of(id));
            Layout layout = after.layout();
            assertTrue(layout.groups().stream().noneMatch(g -> g.contains(id)), id.toString());
            assertFalse(layout.locked().contains(id));
            assertFalse(layout.labels().containsKey(id));
            assertFalse(Elements.has(after, id), id + " is still there");
            layout.groups().forEach(g -> g.forEach(m -> assertTrue(Elements.has(after, m), m + " points at nothing")));
        }
        Progression none = Removals.elements(p, all);
        assertTrue(none.layout().isEmpty()
                && none.roles().isEmpty()
                && none.moves().isEmpty());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void choosingOneOfAGroupChoosesAllAndNoMore(long seed) {
        Progression p = RandomDrills.of(seed, 5, 2, 8);
        for (ElementId id : Elements.all(p)) {
            Set<ElementId> with = Elements.withGroups(p, Set.of(id));
            assertTrue(with.contains(id));
            Set<ElementId> expected = p.layout().groups().stream()
                    .filter(g -> g.contains(id))
                    .findFirst()
                    .orElse(Set.of(id));
            assertEquals(expected, with);
            assertEquals(with, Elements.withGroups(p, with), "once is enough");
        }
    }

    // ---- ground ----

    @Test
    void aGoalPutBackWhereItBelongsIsNoMovedGoal() {
        SurfaceUse rink = new SurfaceUse("ice-60x30", "whole");
        SurfaceUse moved = rink.withGoal(new MovedGoal("right", new Point(10, 14), -90));
        assertEquals(1, moved.goals().size());
        assertEquals(
                new Point(10, 14), moved.surface().goal("right").orElseThrow().centre());
        SurfaceUse again = moved.withGoal(new MovedGoal("right", new Point(12, 14), -90));
        assertEquals(1, again.goals().size(), "moved twice is moved once");
        assertEquals(rink, again.withGoal(new MovedGoal("right", new Point(26, 0), 180)));
        assertThrows(IllegalArgumentException.class, () -> rink.withGoals(List.of(new MovedGoal("x", A, 0))));
    }

    @Test
    void useIsAValue() {
        SurfaceUse one = new SurfaceUse("handball", "half-right");
        assertEquals(one, new SurfaceUse("handball", "half-right"));
        assertEquals(one.hashCode(), new SurfaceUse("handball", "half-right").hashCode());
        assertNotEquals(one, one.withStanding(true));
        assertNotEquals(one, one.withNamedView("whole"));
        assertFalse(one.isOwn());
        String unknown = assertThrows(IllegalArgumentException.class, () -> new SurfaceUse("moonball", "whole"))
                .getMessage();
        assertTrue(unknown.contains("moonball"), unknown);
    }
}
