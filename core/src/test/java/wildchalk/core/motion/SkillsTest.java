package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Trick;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.path.Path;

/** Skills keep their share of the speed; whoever lies has to get up first. */
class SkillsTest {

    private static final RoleId A = new RoleId("a");

    private static Timeline compile(Progression version, AgeBand age) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(age, Drills.HANDBALL));
    }

    private static Progression throughA(Trick trick) {
        return Drills.blank()
                .role("a", Side.ATTACK, -15, 0)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(-3, 0)))
                .move(new Act(
                        new MoveId("m2"),
                        A,
                        Optional.empty(),
                        false,
                        new Skill(trick, trick == Trick.OWN ? "gull flick" : "", Hand.LEFT)))
                .travel("m3", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(12, 0)))
                .progression();
    }

    @ParameterizedTest
    @EnumSource(Trick.class)
    void aSkillKeepsItsShareOfTheSpeed(Trick trick) {
        Timeline t = compile(throughA(trick), AgeBand.ADULT);
        double joint = t.move(new MoveId("m2")).start();
        Pace pace = Pace.of(AgeBand.ADULT, Drills.HANDBALL);
        double top = pace.topSpeed(Manner.FORWARD, Effort.HARD, false);
        double speed = t.poseAt(A, joint + 1e-6).speed();
        assertEquals(trick.keeps() * top, speed, 0.03 * top, trick + " at " + speed);
        assertEquals(trick.seconds(), t.move(new MoveId("m2")).seconds(), 1e-9);
        boolean stands = trick.keeps() == 0;
        double next = t.move(new MoveId("m3")).start();
        assertEquals(stands ? joint + trick.seconds() : joint, next, 1e-6);
    }

    /** Once his cue has come, and the later the lower he lies and the younger he is. */
    @Test
    void whoLiesGetsUpFirst() {
        double before = 0;
        for (Posture posture :
                List.of(Posture.STANDING, Posture.KNEELING, Posture.SEATED, Posture.ON_FRONT, Posture.ON_BACK)) {
            Progression bare = Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .run("m1", "a", 8, 0)
                    .run("m2", "a", 12, 0)
                    .progression();
            Progression version = bare.with(bare.role(A).orElseThrow().withPosture(posture));
            Timeline t = compile(version, AgeBand.U10);
            double start = t.move(new MoveId("m1")).start();
            assertEquals(Pace.of(AgeBand.U10, Drills.HANDBALL).getUpSeconds(posture), start, 1e-9);
            assertTrue(posture == Posture.STANDING || start > before, posture + " " + start);
            // once only
            assertEquals(
                    t.move(new MoveId("m1")).end(), t.move(new MoveId("m2")).start(), 1e-9);
            before = start;
        }
    }

    @Test
    void oneOfOnesOwnHasAName() {
        assertThrows(IllegalArgumentException.class, () -> Skill.of(Trick.OWN));
        assertThrows(IllegalArgumentException.class, () -> new Skill(Trick.SPIN, "mine", Hand.NONE));
    }
}
