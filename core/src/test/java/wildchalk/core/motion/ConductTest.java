package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Trigger;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Misses;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Setting;
import wildchalk.core.runthrough.RunThrough;

/** One tempo for all of a version, what is done with lost balls, and what needs no legs. */
class ConductTest {

    private static final Pace PACE = Pace.of(AgeBand.ADULT, Drills.HANDBALL);

    private static Progression at(Progression p, double tempo) {
        return p.withCourse(p.course().withConduct(Conduct.PLAIN.withTempo(tempo)));
    }

    private static Timeline timeline(Progression p) {
        return Timeline.of(Path.usual(p), Drills.HANDBALL, PACE);
    }

    /** Over a way long enough to settle, the speed that is settled at is that share of the full one. */
    @ParameterizedTest
    @ValueSource(doubles = {0.35, 0.5, 0.75, 1})
    void everybodySettlesAtThatShareOfHisPace(double tempo) {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .run("m1", "a", 18, 0)
                .progression();
        Timeline t = timeline(at(p, tempo));
        double full = PACE.topSpeed(Manner.FORWARD, Effort.HARD, false);
        assertEquals(tempo * full, t.move(new MoveId("m1")).peakSpeed(), 0.05 * tempo * full);
    }

    /** Walked through, nothing is sooner, and the ball is where it is at full pace too. */
    @ParameterizedTest
    @ValueSource(longs = {3, 7, 12, 19, 28, 40})
    void walkedThroughItTakesLonger(long seed) {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -8, seed % 5)
                .role("b", Side.ATTACK, 2, -4)
                .ballWith("a")
                .run("m1", "a", seed % 7, 3)
                .nextStep()
                .run("m2", "b", 9, seed % 3)
                .progression();
        double before = 0;
        for (double tempo : new double[] {1, 0.75, 0.5, 0.35}) {
            double seconds = timeline(at(p, tempo)).seconds();
            assertTrue(seconds > before, tempo + " takes " + seconds + " s");
            before = seconds;
        }
    }

    @Test
    void aTempoThatNobodyRunsAtIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Conduct.PLAIN.withTempo(0.2));
        assertThrows(IllegalArgumentException.class, () -> Conduct.PLAIN.withTempo(1.1));
        assertThrows(IllegalArgumentException.class, () -> Conduct.PLAIN.withTempo(Double.NaN));
    }

    /** The dearer a lost ball is, the fewer turns there are; with the next ones going it costs nothing. */
    @Test
    void whatIsDoneWithALostBallCostsTurns() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -5, 0)
                .role("b", Side.ATTACK, 5, 0)
                .ballWith("a")
                .pass("m1", "a", "b")
                .nextStep()
                .pass("m2", "b", "a")
                .progression();
        double before = 0;
        for (Conduct.Lost lost : Conduct.Lost.values()) {
            Progression q = p.withCourse(p.course().withConduct(Conduct.PLAIN.withLost(Optional.of(lost))));
            Drill drill = Drills.drill(q, AgeBand.U8);
            double turns = Outlook.of(
                            drill, Path.usual(q), Setting.drawn(drill, q).withMinutes(5))
                    .spread()
                    .usual();
            assertTrue(turns > before, lost + ": " + turns);
            before = turns;
        }
        assertEquals(new Misses(0.35), Misses.at(AgeBand.U8).then(Optional.empty()), "fetched where nobody says");
    }

    private static Progression with(Progression p, Act act) {
        Step last = p.steps().get(p.steps().size() - 1);
        List<Move> moves = new ArrayList<>(last.moves());
        moves.add(act);
        return p.with(last.withMoves(moves));
    }

    @ParameterizedTest
    @EnumSource(
            value = Hand.class,
            names = {"NONE", "LEFT", "RIGHT"})
    void aLookStopsNobody(Hand over) {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -10, 0)
                .role("b", Side.ATTACK, 5, 5)
                .ballWith("b")
                .run("m1", "a", 10, 0)
                .progression();
        Act look = new Act(
                new MoveId("look"),
                new RoleId("a"),
                Optional.of(Trigger.withStartOf(new MoveId("m1"), 0.8)),
                false,
                new Looking(new Mark.TheBall(new BallId("b1")), over));
        BallId ball = p.balls().get(0).id();
        Act atBall = look.withDeed(new Looking(new Mark.TheBall(ball), over));
        Timeline t = timeline(with(p, atBall));
        assertEquals(
                timeline(p).move(new MoveId("m1")).end(),
                t.move(new MoveId("m1")).end(),
                1e-9);
        assertEquals(0.8, t.move(new MoveId("look")).start(), 1e-9);
        assertEquals(Looking.SECONDS, t.move(new MoveId("look")).seconds(), 1e-9);
    }

    /** Two against two, until one of those who defend drops out. */
    @Test
    void whoDropsOutIsCountedNoLonger() {
        Progression p = Drills.blank()
                .role("a1", Side.ATTACK, 0, 3)
                .role("a2", Side.ATTACK, 0, -3)
                .role("d1", Side.DEFENCE, 8, 3)
                .role("d2", Side.DEFENCE, 8, -3)
                .ballWith("a1")
                .run("m1", "a1", 5, 3)
                .run("m2", "d1", 9, 3)
                .run("m3", "d2", 9, -3)
                .nextStep()
                .run("m4", "a2", 6, -3)
                .run("m5", "d1", 10, 2)
                .progression();
        Act out = new Act(new MoveId("out"), new RoleId("d2"), Optional.empty(), false, new DroppingOut());
        Progression dropped = with(p, out);
        RunThrough run = RunThrough.of(Drills.drill(dropped, AgeBand.U16), dropped);
        HeadCounts.Count first = run.numbers().of(p.steps().get(0).id()).orElseThrow();
        HeadCounts.Count second = run.numbers().of(p.steps().get(1).id()).orElseThrow();
        assertEquals(2, first.against());
        assertEquals(1, second.against());
        assertEquals(first.withBall(), second.withBall());
    }
}
