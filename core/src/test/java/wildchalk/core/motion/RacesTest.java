package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** Who is first, by the clock; and to whom a ball goes that goes to whoever is further ahead. */
class RacesTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId D = new RoleId("d");
    private static final ForkId FORK = new ForkId("f1");
    private static final Point SPOT = new Point(10, 0);

    private static Fork fork(Race race) {
        return new Fork(
                FORK,
                new StepId("s1"),
                Fork.By.FIRST,
                Optional.empty(),
                Optional.empty(),
                Optional.of(race),
                List.of(
                        new Branch(new BranchId("a"), "A is first", 1).withWinner(A),
                        new Branch(new BranchId("d"), "D is first", 5).withWinner(D),
                        new Branch(new BranchId("close"), "too close to call", 1)));
    }

    private static Progression race(Point a, Point d, Race race) {
        Progression runs = Drills.blank()
                .role("a", Side.ATTACK, a.x(), a.y())
                .role("d", Side.DEFENCE, d.x(), d.y())
                .ballAt(SPOT.x(), SPOT.y())
                .run("m1", "a", SPOT.x(), SPOT.y())
                .run("m2", "d", SPOT.x(), SPOT.y())
                .nextStep()
                .run("m3", "a", 15, 5)
                .nextStep()
                .run("m4", "d", 15, -5)
                .under(Course.PLAIN.with(fork(race)))
                .progression();
        return runs.withSteps(List.of(
                runs.steps().get(0),
                runs.steps().get(1).withOn(Optional.of(new OnBranch(FORK, new BranchId("a")))),
                runs.steps().get(2).withOn(Optional.of(new OnBranch(FORK, new BranchId("d"))))));
    }

    private static Race toSpot() {
        return Race.to(new Region.NearPlace(SPOT, 1), List.of(A, D));
    }

    /** Whatever is likelier: the clock decides, and a twin that looks every millisecond finds the same. */
    @Test
    void theFirstIsWhoeverATwinFinds() {
        Random random = new Random(15);
        int close = 0;
        for (int i = 0; i < 60; i++) {
            Point a = new Point(random.nextDouble() * 8 - 4, random.nextDouble() * 8 - 4);
            Point d = i % 4 == 0
                    ? new Point(a.x(), -a.y() + 0.01 * i / 60)
                    : new Point(random.nextDouble() * 8 - 4, random.nextDouble() * 8 - 4);
            Progression version = race(a, d, toSpot());
            RunThrough run = Drills.run(version, AgeBand.ADULT);
            double first = twin(run, A);
            double second = twin(run, D);
            Finish finish = Finish.of(run.path(), Drills.HANDBALL, run.timeline(), fork(toSpot()))
                    .orElseThrow();
            assertEquals(Math.abs(first - second), finish.marginSeconds(), 2e-3);
            double t = Math.min(first, second);
            Point late = run.timeline().placeAt(first < second ? D : A, t);
            assertEquals(late.distanceTo(SPOT), finish.marginMetres(), 0.02);
            String taken =
                    run.path().course().forks().get(0).branches().get(0).id().text();
            boolean isClose = Math.abs(first - second) < Race.CLOSE_SECONDS;
            close += isClose ? 1 : 0;
            assertEquals(isClose ? "close" : first < second ? "a" : "d", taken);
        }
        assertTrue(close > 3, "some are too close to call: " + close);
    }

    private static double twin(RunThrough run, RoleId role) {
        for (double t = 0; t < 20; t += 1e-3) {
            if (run.timeline().placeAt(role, t).distanceTo(SPOT) <= 1) {
                return t;
            }
        }
        throw new AssertionError(role + " never gets there");
    }

    @Test
    void aLineIsCrossedAndABallReached() {
        Progression line = race(
                new Point(0, 0),
                new Point(-3, 4),
                Race.to(new Region.Line(new Point(8, -9), new Point(8, 9)), List.of(A, D)));
        assertEquals("a", taken(Drills.run(line, AgeBand.ADULT)));
        Progression ball = race(new Point(-3, 4), new Point(0, 0), Race.forBall(new BallId("b0"), List.of(A, D)));
        assertEquals("d", taken(Drills.run(ball, AgeBand.ADULT)));
    }

    private static String taken(RunThrough run) {
        return run.path().course().forks().get(0).branches().get(0).id().text();
    }

    @Test
    void anotherWayCanBeLookedAtAllTheSame() {
        Progression version = race(new Point(0, 0), new Point(-3, 4), toSpot());
        Choices other = Choices.USUAL.with(FORK, new BranchId("d"));
        RunThrough run = RunThrough.of(Drills.drill(version, AgeBand.ADULT), Path.of(version, other));
        assertEquals("d", taken(run));
        assertEquals(other, run.choices());
    }

    @Test
    void anEditThatMakesTheOtherFirstTurnsTheWay() {
        Progression version = race(new Point(0, 0), new Point(-3, 4), toSpot());
        RunThrough before = Drills.run(version, AgeBand.ADULT);
        Progression nearer = version.with(version.role(D).orElseThrow().withAt(new Point(4, 0)));
        // the choices of what was shown go on with the edit, and the clock is asked anew
        RunThrough after = RunThrough.of(
                Drills.drill(nearer, AgeBand.ADULT),
                Path.of(nearer, before.path().choices()));
        assertEquals("a", taken(before));
        assertEquals("d", taken(after));
    }

    @Test
    void aRaceNeedsTwoAndOneGoal() {
        assertThrows(IllegalArgumentException.class, () -> toSpot().withRunners(List.of(A)));
        assertThrows(
                IllegalArgumentException.class, () -> new Race(List.of(A, D), Optional.empty(), Optional.empty(), 0.1));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Fork(
                        FORK,
                        new StepId("s1"),
                        Fork.By.FIRST,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(new Branch(new BranchId("a"), "a", 1), new Branch(new BranchId("b"), "b", 1))));
    }

    /** By who is further from the passer, the way in which both lie, as the ball leaves. */
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1.5})
    void theBallGoesToWhoeverIsFurtherAheadAsItLeaves(double delay) {
        RoleId fast = new RoleId("b");
        List<RoleId> both = List.of(A, fast);
        Progression version = Drills.blank()
                .role("p", Side.ATTACK, -10, 0)
                .role("a", Side.ATTACK, -2, 5)
                .role("b", Side.ATTACK, -5, -5)
                .ballWith("p")
                .run("m1", "a", 2, 5)
                .run("m2", "b", 14, -5)
                .move(new Pass(
                        new MoveId("m3"),
                        new RoleId("p"),
                        Optional.of(Trigger.onWhistle(2 * delay - 0.6).withReaction(Optional.of(0.0))),
                        false,
                        Target.ToRole.furthest(both),
                        PassKind.AIR,
                        Weight.FIRM))
                .progression();
        RunThrough run = Drills.run(version, AgeBand.ADULT);
        double leaves = run.timeline().move(new MoveId("m3")).start();
        Point from = new Point(-10, 0);
        Point way = run.timeline()
                .placeAt(A, leaves)
                .minus(from)
                .plus(run.timeline().placeAt(fast, leaves).minus(from));
        double a = run.timeline().placeAt(A, leaves).minus(from).dot(way);
        double b = run.timeline().placeAt(fast, leaves).minus(from).dot(way);
        RoleId ahead = a > b ? A : fast;
        assertEquals(delay < 1 ? A : fast, ahead, "the case is one");
        Pass known = (Pass) run.path().move(new MoveId("m3")).orElseThrow();
        assertEquals(Optional.of(ahead), known.receiver());
        assertEquals(
                Optional.of(ahead),
                run.timeline()
                        .ballStateAt(new BallId("b0"), run.timeline().seconds())
                        .holder());
    }
}
