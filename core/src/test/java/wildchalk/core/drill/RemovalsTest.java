package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/** Taking something away leaves nothing that points at it. */
class RemovalsTest {

    private static final Progression WAVE =
            Demo.read("second-wave-from-the-left").base();

    @Test
    void aRoleTakesItsMovesAndThePassesToItAlong() {
        RoleId lb = new RoleId("lb");
        Progression after = Removals.role(WAVE, lb);
        assertEquals(4, Removals.movesWith(WAVE, lb), "its run, its dribble, its pass and the pass to it");
        assertEquals(WAVE.moves().size() - 4, after.moves().size());
        assertEquals(List.of(), after.lines().get(0).feeds());
        // RB ran when LB caught; now he runs with his step
        assertEquals(
                Optional.empty(), after.move(new MoveId("m6")).orElseThrow().trigger());
    }

    @Test
    void theBallOfARemovedRoleLiesWhereItStood() {
        Progression after = Removals.role(WAVE, new RoleId("gk"));
        assertEquals(new Ball.Loose(new Point(-18.8, 0)), after.balls().get(0).start());
    }

    @Test
    void aRemovedLineLeavesItsFirstPlayerStanding() {
        Progression after = Removals.line(WAVE, new LineId("left"));
        assertEquals(
                Optional.of(new Point(-17, 8.4)),
                after.role(new RoleId("lb")).orElseThrow().at());
    }

    @Test
    void theLastStepIsEmptiedAndOthersGo() {
        assertEquals(2, Removals.step(WAVE, new StepId("s2")).steps().size());
        Progression single = WAVE.withSteps(List.of(new Step(new StepId("s9"), List.of(), List.of("a point"))));
        assertEquals(1, Removals.step(single, new StepId("s9")).steps().size());
    }

    @Test
    void everythingCanBeRemovedInAnyOrder() {
        Progression p = WAVE;
        for (Role role : WAVE.roles()) {
            p = Removals.role(p, role.id());
        }
        for (Gear gear : WAVE.gear()) {
            p = Removals.elements(p, List.of(gear.id()));
        }
        for (Ball ball : WAVE.balls()) {
            p = Removals.elements(p, List.of(ball.id()));
        }
        assertTrue(p.moves().isEmpty()
                && p.roles().isEmpty()
                && p.gear().isEmpty()
                && p.balls().isEmpty());
    }

    @Test
    void whatPointsNowhereIsRefused() {
        IllegalArgumentException e = assertThrows(
                IllegalArgumentException.class,
                () -> WAVE.withBalls(List.of(new Ball(new BallId("b"), new Ball.With(new RoleId("nobody"))))));
        assertEquals("The ball b names the role \"nobody\", which is not in this progression.", e.getMessage());
        assertThrows(
                IllegalArgumentException.class,
                () -> WAVE.withRoles(List.of(WAVE.roles().get(0), WAVE.roles().get(0))),
                "one id for two");
    }

    @Test
    void slugsComeFromTitles() {
        assertEquals("far-post", Slugs.of("Far post!"));
        assertEquals("uber-die-kuste", Slugs.of("Über die Küste"));
        assertEquals("drill", Slugs.of("???"));
        assertTrue(Slugs.isSlug(Slugs.of("x".repeat(300))));
    }
}
