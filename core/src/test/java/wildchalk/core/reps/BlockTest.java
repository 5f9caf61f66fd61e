package wildchalk.core.reps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** What minutes of a drill give, against sums worked by hand, and what holds for every drill. */
class BlockTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId B = new RoleId("b");
    private static final LineId P = new LineId("p");
    private static final LineId Q = new LineId("q");

    private static RepScript script(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        return RepScript.of(run.path(), run.timeline(), Pace.of(drill));
    }

    private static Launch every(double seconds) {
        return new Launch(Optional.of(new Event.Whistle()), seconds);
    }

    private static Role fed(RoleId id) {
        return new Role(id, id.text().toUpperCase(), Side.ATTACK, Optional.empty(), 0, 1);
    }

    private static WaitingLine line(LineId id, double x, double y, int standing, RoleId gives) {
        return new WaitingLine(id, id.text().toUpperCase(), new Point(x, y), 0, List.of(gives), standing);
    }

    /** A runs 10 m and goes back to the tail of his line. */
    private static Drill oneLine(int standing, Launch launch) {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .run("m1", "a", 10, 0)
                .progression();
        Course course = plain.course().with(Rotation.toLine(A, P)).withLaunch(Optional.of(launch));
        return Drills.drill(
                plain.withPeople(List.of(line(P, 0, 0, standing, A)), List.of(fed(A)), plain.balls(), plain.steps())
                        .withCourse(course),
                AgeBand.U16);
    }

    /** A runs 5 m, then B does; A goes to B's line and B to A's. */
    private static Drill twoLines(int each, Launch launch) {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 8)
                .run("m1", "a", 5, 0)
                .run("m2", "b", 5, 8)
                .progression();
        Course course = plain.course()
                .with(Rotation.toLine(A, Q))
                .with(Rotation.toLine(B, P))
                .withLaunch(Optional.of(launch));
        return Drills.drill(
                plain.withPeople(
                                List.of(line(P, 0, 0, each, A), line(Q, 0, 8, each, B)),
                                List.of(fed(A), fed(B)),
                                plain.balls(),
                                plain.steps())
                        .withCourse(course),
                AgeBand.U16);
    }

    private static List<Integer> turns(Block block) {
        return block.people().stream().map(p -> p.turns().size()).toList();
    }

    /** Whistles at 0, 10 … 290 s: 30 reps for four people: 8, 8, 7 and 7; each go is as long as the run. */
    @Test
    void oneLineTakesTurns() {
        RepScript script = script(oneLine(4, every(10)));
        Block block = Block.of(script, Conditions.AS_DRAWN, 5);
        assertEquals(30, block.reps());
        assertEquals(List.of(8, 8, 7, 7), turns(block));
        double go = script.timeline.seconds();
        assertEquals(8 * go, block.people().get(0).workSeconds(), 1e-9);
        assertEquals(80, block.people().get(0).metres(), 1e-6);
        // from the end of a go to the next whistle of his, 40 s after the last
        assertEquals(
                40 - go - RepScript.AFTERWARDS_SECONDS, block.people().get(0).longestWaitSeconds(), 1e-9);
        assertEquals(Optional.empty(), block.starves());
    }

    /**
     * A minute of work, half a minute of rest: whistles at 0 to 50, 90 to 140, 180 to 230 and 270 to 290 s are 6 + 6 + 6 + 3 reps; the
     * rest is nobody's wait.
     */
    @Test
    void noRepStartsInARest() {
        RepScript script = script(oneLine(4, every(10)));
        Block block = Block.of(script, Conditions.AS_DRAWN.withRests(new Rests(60, 30)), 5);
        assertEquals(21, block.reps());
        double go = script.timeline.seconds();
        double without = Block.of(script, Conditions.AS_DRAWN, 5).longestWaitSeconds();
        assertEquals(without, block.longestWaitSeconds(), 1e-9);
        for (Block.Share p : block.people()) {
            for (Block.Turn turn : p.turns()) {
                assertTrue(turn.from() % 90 < 60, "a turn begins at " + turn.from());
            }
            double all = p.playSeconds() + p.walkSeconds() + p.standSeconds();
            // who is still on his way back as a rest begins walks into it
            assertTrue(all > 300 - 3 * 30 - 1e-6 && all < 300 - 3 * 30 + 3 * go * 4, "what is left is rest: " + all);
        }
    }

    /** 15 whistles, three in a row each: 1, 2, 3, 4 and 1 again. */
    @Test
    void everybodyStaysForHisReps() {
        Drill drill = oneLine(4, every(20));
        Progression p = drill.base();
        Drill three = drill.withProgression(p.withCourse(p.course().withStint(Stint.ofReps(3))));
        assertEquals(List.of(6, 3, 3, 3), turns(Block.of(script(three), Conditions.AS_DRAWN, 5)));
    }

    /**
     * 15 whistles, a minute each: the rep that starts with the minute is the last of the one, so 1 has reps 1 to 4, 2 has 5 to 7, 3
     * has 8 to 10, 4 has 11 to 13, and 1 the two that are left.
     */
    @Test
    void everybodyStaysForHisMinutes() {
        Drill drill = oneLine(4, every(20));
        Progression p = drill.base();
        Drill minute = drill.withProgression(p.withCourse(p.course().withStint(Stint.ofMinutes(1))));
        assertEquals(List.of(6, 3, 3, 3), turns(Block.of(script(minute), Conditions.AS_DRAWN, 5)));
    }

    /**
     * Four and four at two stations 24 m apart, a whistle every 10 s: 5 minutes less the change are 2 × 136 to 140 s (walks of 16 to 20 s
     * and 12 s to line up): 14 reps at each, so whoever has fewest has 3 turns here and 3 there.
     */
    @Test
    void groupsThatSwapHaveTurnsAtBoth() {
        Drill drill = oneLine(4, every(10));
        Progression p = drill.base();
        p = p.withLayout(p.layout().with(new Station(new StationId("s2"), Point.ORIGIN, new Point(0, 24), 0, true)));
        Drill two = drill.withProgression(p);
        Outlook outlook = Outlook.of(
                two, Path.usual(p), Setting.drawn(two, p).withPeople(8).withMinutes(5));
        Circuit circuit = outlook.swapping().orElseThrow();
        assertEquals(
                List.of(List.of(3, 3), List.of(3, 3)),
                circuit.groups().stream().map(Circuit.Total::turns).toList());
        Outlook alone = Outlook.of(drill, Path.usual(drill.base()), Setting.drawn(drill, drill.base()));
        assertEquals(Optional.empty(), alone.swapping());
    }

    /** Nine people at two stations that take a coach each: with one coach the second station has a player for one. */
    @Test
    void whereACoachIsMissingAPlayerStandsIn() {
        Drill drill = oneLine(4, every(10));
        Progression p =
                drill.base().with(new Role(new RoleId("c"), "C", Side.COACH, Optional.of(new Point(3, 3)), 0, 1));
        p = p.withLayout(p.layout().with(new Station(new StationId("s2"), Point.ORIGIN, new Point(0, 9), 0, false)));
        Drill two = drill.withProgression(p);
        Setting nine = Setting.drawn(two, p).withPeople(9);
        assertEquals(List.of(5, 4), nine.groups(p));
        assertEquals(List.of(5, 3), nine.withCoaches(OptionalInt.of(1)).groups(p));
        assertEquals(List.of(4, 3), nine.withCoaches(OptionalInt.of(0)).groups(p));
        assertEquals(2, nine.withCoaches(OptionalInt.of(0)).insteadOfCoach(p));
        assertEquals(0, nine.withCoaches(OptionalInt.of(6)).insteadOfCoach(p));
    }

    /** Two lines of three that change over: in six reps everybody is once A and once B, so 60 reps are 20 turns each. */
    @Test
    void twoLinesChangeOver() {
        Block block = Block.of(script(twoLines(3, every(20))), Conditions.AS_DRAWN, 20);
        assertEquals(60, block.reps());
        assertEquals(List.of(20, 20, 20, 20, 20, 20), turns(block));
        block.people().forEach(p -> assertEquals(20 * 5, p.metres(), 1e-6));
    }

    /** The next goes half-way through: twice as many reps as one after another, two of them always under way. */
    @Test
    void repsOverlap() {
        double rep = script(oneLine(24, Launch.WHEN_OVER)).timeline.seconds();
        Block one = Block.of(script(oneLine(24, Launch.WHEN_OVER)), Conditions.AS_DRAWN, 4);
        Block half = Block.of(script(oneLine(24, every(rep / 2))), Conditions.AS_DRAWN, 4);
        assertEquals(Math.ceil(240 / rep), one.reps());
        assertEquals(Math.ceil(240 / (rep / 2)), half.reps());
        double moment = 20 * rep / 2 + RepScript.AFTERWARDS_SECONDS + 0.05;
        assertEquals(1, underWay(one, 10 * rep + RepScript.AFTERWARDS_SECONDS + 0.05));
        assertEquals(2, underWay(half, moment));
    }

    private static long underWay(Block block, double moment) {
        return block.people().stream()
                .flatMap(p -> p.turns().stream())
                .filter(t -> t.from() <= moment && moment <= t.to())
                .count();
    }

    /** Somebody carries a ball 10 m and brings it back at a walk: with one ball a rep starts when the last one is back. */
    @Test
    void withoutABallARepWaits() {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .ballWith("a")
                .run("m1", "a", 10, 0)
                .progression();
        Course course = plain.course().with(Rotation.toLine(A, P)).withLaunch(Optional.of(every(4)));
        Drill drill = Drills.drill(
                plain.withPeople(List.of(line(P, 0, 0, 12, A)), List.of(fed(A)), plain.balls(), plain.steps())
                        .withCourse(course),
                AgeBand.U16);
        RepScript script = script(drill);
        double back = script.timeline.seconds() + 10 / script.walkSpeed;
        Block one = Block.of(script, Conditions.AS_DRAWN.withBalls(1), 10);
        assertEquals(Math.ceil(600 / back), one.reps());
        assertEquals(Optional.of(Block.Shortage.BALLS), one.starves());
        Block enough = Block.of(script, Conditions.AS_DRAWN, 10);
        assertEquals(150, enough.reps());
        assertEquals((int) Math.ceil(back / 4), enough.ballsForAll());
        // with as many as it says none waits; with one fewer they do
        assertEquals(
                0,
                Block.of(script, Conditions.AS_DRAWN.withBalls(enough.ballsForAll()), 10)
                        .waitedSeconds(),
                1e-9);
        assertTrue(Block.of(script, Conditions.AS_DRAWN.withBalls(enough.ballsForAll() - 1), 10)
                        .waitedSeconds()
                > 1);
    }

    /** Two stations, 10 minutes with a minute to swap: 4.5 minutes at each; a whistle every 9 s is 30 reps, 10 for each of three. */
    @Test
    void groupsSwap() {
        Circuit.Stop stop = new Circuit.Stop(script(oneLine(3, every(9))), Conditions.AS_DRAWN);
        Circuit circuit = Circuit.of(List.of(stop, stop), List.of(3, 5), 10, 60);
        assertEquals(List.of(10, 10), circuit.groups().get(0).turns());
        assertEquals(20, circuit.groups().get(0).turnsInAll());
        assertEquals(List.of(6, 6), circuit.groups().get(1).turns());
        assertThrows(IllegalArgumentException.class, () -> Circuit.of(List.of(stop, stop), List.of(3), 10, 60));
        assertThrows(IllegalArgumentException.class, () -> Circuit.of(List.of(stop, stop), List.of(3, 3), 1, 60));
    }

    /** A keeper who stays in the goal gets every shot: one every 12 s. */
    @Test
    void aKeeperFacesEveryShot() {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 8, 0)
                .role("k", Side.KEEPER, 19.5, 0)
                .ballWith("a")
                .shot("m1", "a", Optional.empty())
                .progression();
        Drill drill = Drills.drill(
                plain.withPeople(
                                List.of(line(P, 8, 0, 5, A)),
                                List.of(fed(A), plain.roles().get(1)),
                                plain.balls(),
                                plain.steps())
                        .withCourse(plain.course().with(Rotation.toLine(A, P)).withLaunch(Optional.of(every(12)))),
                AgeBand.U16);
        Block block = Block.of(script(drill), Conditions.AS_DRAWN, 4);
        Block.Share keeper = block.keepers().get(0);
        assertEquals(20, keeper.shotsFaced());
        assertEquals(12, keeper.leastGapSeconds(), 1e-9);
        assertEquals(5, block.players().size(), "a keeper's turns are not told");
        assertEquals(
                List.of(4, 4, 4, 4, 4),
                block.players().stream().map(p -> p.turns().size()).toList());
        block.players().forEach(p -> assertEquals(4, p.shots()));
    }

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    /** Everybody's time is play, ways and waits; every part of every rep is somebody's turn; balls are not two at once. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void peopleTimeAndBallsAreKept(Drill drill) {
        RepScript script = script(drill);
        for (int people : new int[] {4, 9, 15, 31}) {
            Conditions conditions = Conditions.AS_DRAWN
                    .withPeople(script.path(), people)
                    .withBalls(Math.max(2, script.ballsOfOneRep()))
                    .withMisses(Misses.at(AgeBand.U12), people);
            Block block = Block.of(script, conditions, 7);
            int there = Filling.hasRoom(script.path())
                    ? Math.max(people, Filling.fewest(script.path()))
                    : Filling.fewest(script.path());
            assertEquals(there, block.people().size());
            for (Block.Share p : block.people()) {
                assertEquals(420, p.playSeconds() + p.walkSeconds() + p.standSeconds(), 1e-6);
            }
            assertEquals(block, Block.of(script, conditions, 7), "the same draws come out the same");
        }
    }

    /** Over two hours a drill goes as fast as what holds it up most: the launch, the balls, or the way back of the few. */
    @Test
    void aLongRunIsItsBottleneck() {
        for (int people : new int[] {1, 2, 3, 4, 6, 12}) {
            for (int balls : new int[] {1, 2, 3}) {
                Drill drill = carried(people);
                RepScript script = script(drill);
                double rep = script.timeline.seconds();
                double ball = (rep + 10 / script.walkSpeed) / balls;
                // the tail stands where the others leave room for it: no farther than the line is long
                double least = (rep + RepScript.AFTERWARDS_SECONDS + 10 / script.walkSpeed) / people;
                double most = (rep + RepScript.AFTERWARDS_SECONDS + (10 + people) / script.walkSpeed) / people;
                int reps = Block.of(script, Conditions.AS_DRAWN.withBalls(balls), 120)
                        .reps();
                double slowest = 7200 / Math.max(5, Math.max(ball, most));
                double fastest = 7200 / Math.max(5, Math.max(ball, least));
                assertTrue(
                        reps >= 0.98 * slowest && reps <= 1.02 * fastest,
                        people + " people, " + balls + " balls: " + reps + " of " + slowest + " to " + fastest);
            }
        }
    }

    private static Drill carried(int standing) {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .ballWith("a")
                .run("m1", "a", 10, 0)
                .progression();
        return Drills.drill(
                plain.withPeople(List.of(line(P, 0, 0, standing, A)), List.of(fed(A)), plain.balls(), plain.steps())
                        .withCourse(plain.course().with(Rotation.toLine(A, P)).withLaunch(Optional.of(every(5)))),
                AgeBand.U16);
    }

    // ---- filling and fit ----

    @Test
    void extrasStandWhereTheLineIsShortestForWhatItGives() {
        Drill drill = twoLines(2, every(20));
        Path path = Path.usual(drill.base());
        assertEquals(Map.of(P, 1, Q, 1), Filling.of(path, 1), "fewer than a rep takes cannot play it");
        assertEquals(Map.of(P, 2, Q, 1), Filling.of(path, 3));
        assertEquals(Map.of(P, 8, Q, 7), Filling.of(path, 15));
        assertEquals(Map.of(P, 40, Q, 40), Filling.of(path, 200), "more do not stand in a line");
        assertEquals(4, Filling.drawn(path));
    }

    /** A rep of 10 m out and a walk back: two keep it going only if the walk is over by the next whistle but one. */
    @Test
    void theBestNumberIsTheFirstWithWhomNothingWaits() {
        Drill drill = oneLine(2, every(5));
        RepScript script = script(drill);
        double away = script.timeline.seconds() + RepScript.AFTERWARDS_SECONDS + 10 / script.walkSpeed;
        Fit fit = Fit.of(script, Conditions.AS_DRAWN, 15, AgeBand.U16);
        assertEquals(1, fit.fewest());
        int enough = (int) Math.ceil(away / 5);
        assertTrue(fit.best() >= enough && fit.best() <= enough + 1, fit.best() + " of " + enough);
        // n people have 5 n s from one go to the next: a wait of 75 s at most
        int most = (int) Math.floor((75 + script.timeline.seconds() + RepScript.AFTERWARDS_SECONDS) / 5);
        assertEquals(OptionalInt.of(most), fit.most());
    }

    @Test
    void moreMissesAreFewerTurns() {
        RepScript script = script(Demo.read("lamplighter-give-and-go"));
        Conditions conditions = Conditions.AS_DRAWN.withPeople(script.path(), 12);
        int ideal = Block.of(script, conditions, 15).fewestTurns();
        Spread old = Spread.of(script, conditions, Misses.at(AgeBand.COMPETITIVE), 15, 40);
        Spread young = Spread.of(script, conditions, Misses.at(AgeBand.U8), 15, 40);
        assertTrue(young.low() <= young.usual() && young.usual() <= young.high());
        assertTrue(young.usual() < old.usual() && old.usual() <= ideal, young + " " + old + " " + ideal);
        assertEquals(
                new Spread(ideal, ideal, ideal, Block.of(script, conditions, 15).ballsForAll()),
                Spread.of(script, conditions, Misses.NONE, 15, 3));
    }
}
