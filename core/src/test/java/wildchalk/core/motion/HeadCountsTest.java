package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Who plays against whom, counted by hand and in the mirror. */
class HeadCountsTest {

    private static final StepId FIRST = new StepId("s1");

    private static Optional<HeadCounts.Count> count(Progression version, StepId step) {
        Timeline t = Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
        return HeadCounts.of(Path.usual(version), Drills.HANDBALL, t).of(step);
    }

    private static HeadCounts.Count of(int withBall, int against, HeadCounts.Direction way) {
        return new HeadCounts.Count(withBall, against, way);
    }

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    /** So many on each side, somewhere in the right half, and a shot at the goal there. */
    private static Drills shooting(long seed, int attackers, int defenders) {
        Random random = new Random(seed);
        Drills drill = Drills.blank();
        for (int i = 0; i < attackers; i++) {
            drill.role("a" + i, Side.ATTACK, 2 + random.nextDouble() * 10, random.nextDouble() * 18 - 9);
        }
        for (int i = 0; i < defenders; i++) {
            drill.role("d" + i, Side.DEFENCE, 2 + random.nextDouble() * 10, random.nextDouble() * 18 - 9);
        }
        return drill.ballWith("a0").shot("m1", "a0", Optional.empty());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void allInFrontOfTheGoalCount(long seed) {
        int attackers = 1 + (int) (seed % 6);
        int defenders = 1 + (int) (seed / 6 % 5);
        Drills drill = shooting(seed, attackers, defenders);
        drill.role("k", Side.KEEPER, 19, 0).role("c", Side.COACH, 5, 11);
        assertEquals(
                Optional.of(of(attackers, defenders, HeadCounts.Direction.RIGHT)),
                count(drill.progression(), FIRST),
                "keepers and coaches do not count");
        drill.role("n", Side.NEUTRAL, 6, 1);
        assertEquals(
                Optional.of(of(attackers + 1, defenders, HeadCounts.Direction.RIGHT)),
                count(drill.progression(), FIRST),
                "a neutral player helps whoever has the ball");
        drill.role("late", Side.DEFENCE, -6, 0);
        assertEquals(
                Optional.of(of(attackers + 1, defenders, HeadCounts.Direction.RIGHT)),
                count(drill.progression(), FIRST),
                "who is left behind the ball does not defend");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void inTheMirrorPlayGoesTheOtherWayWithTheSameNumbers(long seed) {
        Progression drill = RandomDrills.sensible(seed, 6, 3, 10);
        Progression along = Transforms.all(drill, Drills.HANDBALL, Symmetry.ACROSS_LENGTH);
        Progression across = Transforms.all(drill, Drills.HANDBALL, Symmetry.ACROSS_WIDTH);
        for (Step step : drill.steps()) {
            Optional<HeadCounts.Count> here = count(drill, step.id());
            assertEquals(here, count(across, step.id()), "left and right of the surface are the same");
            assertEquals(here.map(c -> of(c.withBall(), c.against(), turned(c.direction()))), count(along, step.id()));
        }
    }

    private static HeadCounts.Direction turned(HeadCounts.Direction way) {
        return switch (way) {
            case LEFT -> HeadCounts.Direction.RIGHT;
            case RIGHT -> HeadCounts.Direction.LEFT;
            case NONE -> HeadCounts.Direction.NONE;
        };
    }

    @Test
    void withoutASecondSideNothingIsCounted() {
        assertEquals(Optional.empty(), count(shooting(1, 4, 0).progression(), FIRST));
    }

    @Test
    void whoComesOutOfALineCountsFromHisFirstMove() {
        Drills drill = Drills.blank()
                .role("a", Side.ATTACK, 5, 0)
                .role("b", Side.ATTACK, 8, 4)
                .role("d", Side.DEFENCE, 9, 0)
                .role("x", Side.DEFENCE, 4, -8)
                .ballWith("a")
                .pass("m1", "a", "b")
                .nextStep()
                .run("m2", "x", 9, -4)
                .shot("m3", "b", Optional.empty());
        Progression bare = drill.progression();
        List<Role> roles = new ArrayList<>(bare.roles());
        RoleId next = new RoleId("x");
        roles.set(3, new Role(next, "X", Side.DEFENCE, Optional.empty(), 0, 1));
        Progression queued = bare.withPeople(
                List.of(new WaitingLine(new LineId("q"), "Q", new Point(4, -8), 0, List.of(next), 3)),
                roles,
                bare.balls(),
                bare.steps());
        assertEquals(Optional.of(of(2, 1, HeadCounts.Direction.RIGHT)), count(queued, FIRST), "still in the line");
        assertEquals(
                Optional.of(of(2, 2, HeadCounts.Direction.RIGHT)), count(queued, new StepId("s2")), "out of the line");
    }

    @Test
    void theBallTurnsTheCountRound() {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 4)
                .role("d", Side.DEFENCE, 0.5, 8)
                .ballWith("d")
                .run("m1", "d", -8, 8)
                .progression();
        assertEquals(Optional.of(of(1, 2, HeadCounts.Direction.LEFT)), count(drill, FIRST));
    }

    private static HeadCounts counts(Progression version, Surface surface) {
        Timeline t = Timeline.of(Path.usual(version), surface, Pace.of(AgeBand.ADULT, surface));
        return HeadCounts.of(Path.usual(version), surface, t);
    }

    /** The ball is carried from its own end; one who defends is behind it, and runs back. */
    private static Drills breakout() {
        return Drills.blank()
                .role("a", Side.ATTACK, -15, 0)
                .role("b", Side.ATTACK, -15, 6)
                .role("c", Side.ATTACK, -14, -6)
                .role("d1", Side.DEFENCE, 12, 2)
                .role("d2", Side.DEFENCE, 12, -2)
                .role("d3", Side.DEFENCE, -19, 8)
                .ballWith("a")
                .run("m1", "a", 10, 0)
                .run("m2", "d3", 14, 8);
    }

    @Test
    void whoBreaksOutOfHisOwnEndCountsAndWhoIsBeatenCountsWhenHeIsBack() {
        Progression version =
                breakout().nextStep().shot("m3", "a", Optional.empty()).progression();
        HeadCounts counts = counts(version, Drills.HANDBALL);
        assertEquals(Optional.of(of(3, 2, HeadCounts.Direction.RIGHT)), counts.of(FIRST), "as it begins");
        assertEquals(Optional.of(of(3, 3, HeadCounts.Direction.RIGHT)), counts.atEndOf(FIRST), "he is back");
        assertEquals(Optional.of(of(3, 3, HeadCounts.Direction.RIGHT)), counts.of(new StepId("s2")));
    }

    @Test
    void whoOnlyFeedsDoesNotCount() {
        Drills drill =
                shooting(3, 2, 2).role("s", Side.NEUTRAL, 3, 3).ballWith("s").pass("m2", "s", "a1");
        assertEquals(Optional.of(of(2, 2, HeadCounts.Direction.RIGHT)), count(drill.progression(), FIRST));
    }

    @Test
    void overANetNothingIsCounted() {
        Surface court = Surfaces.find("volleyball").orElseThrow();
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, -4, 0)
                .role("d", Side.DEFENCE, 4, 0)
                .ballWith("a")
                .passTo("m1", "a", 4, 1)
                .progression();
        assertEquals(Optional.empty(), counts(version, court).of(FIRST));
    }

    /** Ten keep the ball from five, here and there and over halfway: the numbers stay. */
    @ParameterizedTest
    @MethodSource("seeds")
    void tenAgainstFiveStayTenAgainstFive(long seed) {
        Random random = new Random(seed);
        Drills drill = Drills.blank();
        for (int i = 0; i < 10; i++) {
            drill.role("a" + i, Side.ATTACK, random.nextDouble() * 30 - 15, random.nextDouble() * 18 - 9);
        }
        for (int i = 0; i < 5; i++) {
            drill.role("d" + i, Side.DEFENCE, random.nextDouble() * 24 - 12, random.nextDouble() * 18 - 9);
        }
        drill.ballWith("a0");
        int holder = 0;
        for (int i = 0; i < 5; i++) {
            int next = (holder + 1 + random.nextInt(9)) % 10;
            drill.pass("m" + i, "a" + holder, "a" + next).nextStep();
            holder = next;
        }
        Progression version = drill.run("back", "a" + holder, 0, 0).progression();
        HeadCounts counts = counts(version, Drills.HANDBALL);
        Set<Optional<HeadCounts.Count>> all = new HashSet<>();
        version.steps().forEach(s -> {
            all.add(counts.of(s.id()));
            all.add(counts.atEndOf(s.id()));
        });
        all.forEach(c -> assertEquals(10, c.orElseThrow().withBall()));
    }
}
