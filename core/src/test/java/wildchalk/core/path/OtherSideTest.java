package wildchalk.core.path;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.telling.Repeating;

/** The rep the other way round against the whole drill mirrored, and against one written out by hand. */
class OtherSideTest {

    private static final double SAME_METRES = 1e-6;

    private static Progression alternating(Progression p, Repeat.How how, Map<RoleId, RoleId> instead) {
        Map<String, String> goals = how == Repeat.How.OTHER_END ? Map.of("right", "left", "left", "right") : Map.of();
        return p.withCourse(
                p.course().withAlternation(Optional.of(new Alternation(how, Stint.ONE_REP, instead, goals))));
    }

    /** Where nobody stands in for anybody, the rep is the drill carried over. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233})
    void isTheWholeDrillCarriedOver(long seed) {
        boolean end = seed % 2 == 0;
        Progression drawn = RandomDrills.of(seed, 4, 3, 9);
        Progression placed = drawn.withPeople(
                List.of(),
                drawn.roles().stream().map(r -> r.withAt(drawn.startOf(r.id()))).toList(),
                drawn.balls(),
                drawn.steps());
        Drill drill = Drills.drill(placed, AgeBand.U16);
        Symmetry symmetry = end ? Symmetry.HALF_TURN : Symmetry.ACROSS_WIDTH;
        Progression p = alternating(placed, end ? Repeat.How.OTHER_END : Repeat.How.OTHER_SIDE, Map.of());
        Timeline other = Timeline.of(drill, Path.usual(p).otherSide().orElseThrow());
        Timeline carried = Timeline.of(drill, Path.usual(Transforms.all(placed, drill.surface(), symmetry)));
        assertEquals(carried.seconds(), other.seconds(), 1e-9);
        for (double t = 0; t <= other.seconds(); t += 0.37) {
            for (Role role : p.roles()) {
                Point here = other.placeAt(role.id(), t);
                assertTrue(here.isWithin(SAME_METRES, carried.placeAt(role.id(), t)), role.id() + " at " + t);
            }
            for (BallId ball : other.ballIds()) {
                assertTrue(other.ballAt(ball, t).isWithin(SAME_METRES, carried.ballAt(ball, t)), ball + " at " + t);
            }
        }
    }

    private static Drills wings() {
        return Drills.blank()
                .role("l", Side.ATTACK, 0, 8)
                .role("r", Side.ATTACK, 0, -8)
                .role("c", Side.ATTACK, -4, 1)
                .ballWith("c");
    }

    private static Progression drawn(double goesTo) {
        return wings().run("m1", "l", 9, goesTo)
                .pass("m2", "c", Trigger.withStartOf(new MoveId("m1"), 0.5), "l")
                .progression();
    }

    /** Who is not stood in for begins where the mirror has him, and the others where they stand. */
    private static Progression byHand(double goesTo) {
        return Drills.blank()
                .role("l", Side.ATTACK, 0, 8)
                .role("r", Side.ATTACK, 0, -8)
                .role("c", Side.ATTACK, -4, -1)
                .ballWith("c")
                .run("m1", "r", 9, -goesTo)
                .pass("m2", "c", Trigger.withStartOf(new MoveId("m1"), 0.5), "r")
                .progression();
    }

    @ParameterizedTest
    @ValueSource(doubles = {6, 7.5})
    void isAsWrittenOutByHandAndStaysSoWhenTheDrawnOneIsChanged(double goesTo) {
        Alternation sides = Repeating.alternation(drawn(6), Drills.HANDBALL, Repeat.How.OTHER_SIDE);
        assertEquals(Map.of(new RoleId("l"), new RoleId("r"), new RoleId("r"), new RoleId("l")), sides.instead());
        Progression p = drawn(goesTo);
        Progression changing = p.withCourse(p.course().withAlternation(Optional.of(sides)));
        Path path = Path.usual(changing).otherSide().orElseThrow();
        assertEquals(byHand(goesTo).steps(), path.steps());
        assertEquals(byHand(goesTo).roles(), path.roles());
        assertEquals(byHand(goesTo).balls(), path.balls());
    }

    @Test
    void theOtherSideOfTheOtherSideIsAsDrawn() {
        Progression p = alternating(drawn(6), Repeat.How.OTHER_SIDE, Map.of());
        Path path = Path.usual(p);
        assertEquals(path, path.otherSide().orElseThrow().otherSide().orElseThrow());
        assertFalse(path.equals(path.otherSide().orElseThrow()));
        assertEquals(Optional.empty(), Path.usual(drawn(6)).otherSide());
        assertEquals(
                Path.usual(drawn(6)).steps(),
                Path.of(drawn(6), Choices.USUAL.withOtherSide(true)).steps());
    }
}
