package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Trigger;
import wildchalk.core.path.Path;

/** What has to be seen or heard costs the time that people of an age need for it. */
class ReactionsTest {

    private static final double EXACT = 1e-9;
    private static final MoveId CUE = new MoveId("m1");
    private static final MoveId ANSWER = new MoveId("m2");

    private static Timeline timed(Progression version, AgeBand age) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(age, Drills.HANDBALL));
    }

    private static Drills two(Side other) {
        return Drills.blank().role("a", Side.ATTACK, 0, 0).role("b", other, 0, 6);
    }

    /** Seconds from the start of A's run to that of B's, who goes as A goes. */
    private static double answer(Side other, AgeBand age, Trigger trigger) {
        Timeline t = timed(
                two(other).run("m1", "a", 8, 0).run("m2", "b", trigger, 8, 6).progression(), age);
        return t.move(ANSWER).start() - t.move(CUE).start();
    }

    @Test
    void theWhistleCostsWhatItCostsAnAge() {
        double[] seconds = {0.45, 0.38, 0.33, 0.29, 0.26, 0.25, 0.20};
        for (AgeBand age : AgeBand.values()) {
            Timeline t = timed(
                    two(Side.ATTACK).run("m2", "b", Trigger.onWhistle(0), 8, 6).progression(), age);
            assertEquals(seconds[age.ordinal()], t.move(ANSWER).start(), EXACT);
            assertEquals(seconds[age.ordinal()], t.move(ANSWER).reactionSeconds(), EXACT);
        }
    }

    @Test
    void anOpponentIsReadLaterThanATeamMate() {
        Trigger asAGoes = Trigger.withStartOf(CUE, 0);
        assertEquals(0.33, answer(Side.ATTACK, AgeBand.U14, asAGoes), EXACT);
        assertEquals(0.43, answer(Side.DEFENCE, AgeBand.U14, asAGoes), EXACT);
        assertEquals(0.28, answer(Side.COACH, AgeBand.U8, asAGoes), EXACT, "a coach is grown up");
    }

    @Test
    void whoeverIsToWaitAnywaySeesItComingMeanwhile() {
        assertEquals(0.6, answer(Side.ATTACK, AgeBand.U14, Trigger.withStartOf(CUE, 0.6)), EXACT);
        assertEquals(0.33, answer(Side.ATTACK, AgeBand.U14, Trigger.withStartOf(CUE, 0.1)), EXACT);
    }

    @Test
    void theCoachCanSetIt() {
        Trigger asAGoes = Trigger.withStartOf(CUE, 0);
        assertEquals(0, answer(Side.ATTACK, AgeBand.U14, asAGoes.withReaction(Optional.of(0.0))), EXACT);
        assertEquals(0.8, answer(Side.ATTACK, AgeBand.U14, asAGoes.withReaction(Optional.of(0.8))), EXACT);
    }

    @Test
    void theOwnCatchAndTheOwnArrivalCostNothing() {
        Timeline t = timed(
                two(Side.ATTACK)
                        .ballWith("a")
                        .pass("m1", "a", "b")
                        .run("m2", "b", Trigger.whenCaught(CUE, 0), 8, 6)
                        .progression(),
                AgeBand.U10);
        assertEquals(t.move(CUE).end(), t.move(ANSWER).start(), EXACT);
        Timeline own = timed(
                two(Side.ATTACK)
                        .run("m1", "b", 4, 6)
                        .nextStep()
                        .run("m2", "b", Trigger.afterEndOf(CUE, 0), 8, 6)
                        .progression(),
                AgeBand.U10);
        assertEquals(own.move(CUE).end(), own.move(ANSWER).start(), EXACT);
    }

    @Test
    void whatHasNoTriggerStartsWithItsStep() {
        Timeline t = timed(two(Side.ATTACK).run("m2", "b", 8, 6).progression(), AgeBand.U8);
        assertEquals(0, t.move(ANSWER).start());
        assertEquals(0, t.move(ANSWER).reactionSeconds());
    }

    /** Seconds from a call to the first step, with so many things that may be called. */
    private static double call(int options, AgeBand age) {
        List<String> words = List.of("red", "blue", "green", "white", "black", "pink", "grey", "gold", "jade", "lime")
                .subList(0, options);
        CallSet set = new CallSet(new CallId("c"), words, 1, true, 0);
        Act calls = new Act(
                CUE, new RoleId("a"), Optional.empty(), false, new Deed.Calling("red", Optional.of(new CallId("c"))));
        List<Step> steps = two(Side.ATTACK)
                .run("m2", "b", Trigger.when(new Event.IsCalled("red")), 8, 6)
                .progression()
                .steps();
        Progression version = two(Side.ATTACK)
                .progression()
                .withCourse(Course.PLAIN.with(set))
                .withSteps(List.of(steps.get(0).withMoveAdded(calls)));
        Timeline t = timed(version, age);
        return t.move(ANSWER).start() - t.move(CUE).start();
    }

    @Test
    void aCallCostsMoreTheMoreMayBeCalled() {
        assertEquals(0.26, call(1, AgeBand.U16), EXACT, "the only word is expected");
        assertEquals(0.45, call(2, AgeBand.U16), EXACT);
        assertEquals(0.58, call(4, AgeBand.U16), EXACT);
        // three: log2 3 = 1.585 of the way that four is 2
        assertEquals(0.45 + 0.584962500721156 * 0.13, call(3, AgeBand.U16), EXACT);
        assertEquals(0.71, call(8, AgeBand.U16), EXACT, "one doubling more");
    }
}
