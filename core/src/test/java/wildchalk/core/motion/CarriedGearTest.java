package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.HandlingGear.Way;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** Gear that is taken along and put down in mid-rep. */
class CarriedGearTest {

    private static final RoleId A = new RoleId("a");
    private static final GearId CONE = new GearId("c1");
    private static final Point THERE = new Point(1, 0);

    private static Act handle(String id, String role, Way way) {
        return new Act(new MoveId(id), new RoleId(role), Optional.empty(), false, new HandlingGear(CONE, way));
    }

    private static Progression withCone(Drills drills, GearKind kind) {
        return drills.gear("c1", kind, THERE.x(), THERE.y()).progression();
    }

    /** A takes it, runs up the side, puts it down and runs on. */
    private static Progression carried() {
        return withCone(
                Drills.blank()
                        .role("a", Side.ATTACK, 0, 0)
                        .move(handle("m1", "a", Way.TAKE))
                        .run("m2", "a", 8, 6)
                        .move(handle("m3", "a", Way.PUT))
                        .run("m4", "a", -5, 6),
                GearKind.CONE);
    }

    private static Point at(Progression p, Timeline t, double seconds) {
        return CarriedGear.of(path(p), t).at(p.gear().get(0), seconds).at();
    }

    private static Path path(Progression p) {
        return Path.usual(p);
    }

    private static Timeline timeline(Progression p) {
        return Drills.run(p, AgeBand.ADULT).timeline();
    }

    @Test
    void itLiesThenGoesWithHimThenLiesWhereHePutIt() {
        Progression p = carried();
        Timeline t = timeline(p);
        double taken = t.move(new MoveId("m1")).end();
        double put = t.move(new MoveId("m3")).end();
        for (double s = 0; s < t.seconds(); s += 0.05) {
            Point cone = at(p, t, s);
            if (s < taken) {
                assertEquals(THERE, cone);
            } else if (s < put) {
                assertEquals(0.4, cone.distanceTo(t.placeAt(A, s)), 1e-9);
            } else {
                assertEquals(at(p, t, put), cone);
            }
        }
        assertTrue(at(p, t, t.seconds()).isWithin(0.5, new Point(8, 6)));
        assertEquals(Optional.empty(), CarriedGear.of(path(p), t).holder(CONE));
        assertEquals(List.of(), CarriedGear.of(path(p), t).amiss());
    }

    /** What does not come off moves nothing. */
    @Test
    void whatIsTooFarIsNotTakenAndWhatNobodyHasIsNotPutDown() {
        Progression p = withCone(
                Drills.blank()
                        .role("a", Side.ATTACK, -4, 0)
                        .role("b", Side.ATTACK, 1.5, 0)
                        .move(handle("m1", "a", Way.TAKE))
                        .move(handle("m2", "b", Way.PUT)),
                GearKind.CONE);
        Timeline t = timeline(p);
        assertEquals(THERE, at(p, t, t.seconds()));
        assertEquals(
                List.of(new MoveId("m2"), new MoveId("m1")),
                CarriedGear.of(path(p), t).amiss().stream()
                        .map(CarriedGear.Amiss::move)
                        .toList());
    }

    /** One takes it from the other: from then on it goes with him. */
    @Test
    void itIsHandedOver() {
        Progression p = withCone(
                Drills.blank()
                        .role("a", Side.ATTACK, 0, 0)
                        .role("b", Side.ATTACK, 4, 0)
                        .move(handle("m1", "a", Way.TAKE))
                        .run("m2", "a", 3.4, 0)
                        .nextStep()
                        .move(handle("m3", "b", Way.TAKE))
                        .run("m4", "b", 10, 4),
                GearKind.CONE);
        Timeline t = timeline(p);
        assertEquals(Optional.of(new RoleId("b")), CarriedGear.of(path(p), t).holder(CONE));
        assertTrue(at(p, t, t.seconds()).isWithin(0.5, new Point(10, 4)));
    }

    @ParameterizedTest
    @EnumSource(
            value = GearKind.class,
            names = {"GOAL", "MINI_GOAL", "SUPPLY"})
    void whatIsNotCarriedIsRefused(GearKind kind) {
        Drills drills = Drills.blank().role("a", Side.ATTACK, 0, 0).move(handle("m1", "a", Way.TAKE));
        String said = assertThrows(IllegalArgumentException.class, () -> withCone(drills, kind))
                .getMessage();
        assertTrue(said.contains("which nobody carries"), said);
    }

    /** Who takes the piece out of the drill takes out what is done with it. */
    @Test
    void withoutThePieceNobodyHandlesIt() {
        Progression without = Removals.elements(carried(), List.of(CONE));
        assertEquals(
                List.of(new MoveId("m2"), new MoveId("m4")),
                without.moves().stream().map(m -> m.id()).toList());
    }

    @ParameterizedTest
    @EnumSource(Symmetry.class)
    void mirroredItIsCarriedTheOtherWay(Symmetry symmetry) {
        Progression p = carried();
        Progression mirrored = Transforms.all(p, Drills.HANDBALL, symmetry);
        RunThrough run = Drills.run(mirrored, AgeBand.ADULT);
        Timeline t = timeline(p);
        for (double s = 0; s < t.seconds(); s += 0.3) {
            Point there = CarriedGear.of(run.path(), run.timeline())
                    .at(mirrored.gear().get(0), s)
                    .at();
            assertTrue(there.isWithin(1e-6, symmetry.apply(at(p, t, s))), symmetry + " at " + s);
        }
    }
}
