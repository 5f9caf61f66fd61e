package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.edit.Tellings;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.WaitWriter;
import wildchalk.core.words.Words;

/** Who stands since a step is held up, and that letting the other run on ends it. */
class WaitsTest {

    /** A runs 5 m, B 5 m or farther; then A runs on. */
    private static Progression two(double far) {
        return Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 5)
                .run("m1", "a", 5, 0)
                .run("m2", "b", far, 5)
                .nextStep()
                .run("m3", "a", 10, 0)
                .progression();
    }

    private static List<Waits.Wait> waits(Progression version) {
        RunThrough run = Drills.run(version, AgeBand.U16);
        return Waits.of(run.path(), run.timeline());
    }

    @Test
    void aStepThatGrewIsTold() {
        assertEquals(List.of(), waits(two(5)));
        Progression grown = two(12);
        Waits.Wait wait = waits(grown).get(0);
        assertEquals(new MoveId("m3"), wait.next());
        assertEquals(new MoveId("m2"), wait.since());
        Timeline t = Drills.run(grown, AgeBand.U16).timeline();
        assertEquals(t.move(new MoveId("m2")).end() - t.move(new MoveId("m1")).roleFree(), wait.seconds(), 1e-9);
        RunThrough run = Drills.run(grown, AgeBand.U16);
        TalkThrough talk = Words.of(run.drill(), run.path(), run.timeline());
        assertTrue(
                WaitWriter.said(wait, run.path(), talk).matches("A waits \\d\\.\\d s until B \\(b\\) is done"),
                WaitWriter.said(wait, run.path(), talk));
    }

    static java.util.stream.Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    /** In all drills: whoever holds a step up, run on, does not hold it up any more. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void lettingTheOtherRunOnEndsTheWait(Drill drill) {
        Progression version = drill.base();
        RunThrough run = RunThrough.of(drill, version);
        for (Waits.Wait wait : Waits.of(run.path(), run.timeline())) {
            assertTrue(wait.seconds() >= Waits.LEAST_SECONDS);
            Drill after = Tellings.retell(wait.since(), m -> m.withRunsOn(true))
                    .applyTo(drill, version.id())
                    .drill();
            RunThrough then = RunThrough.of(after, Path.usual(after.base()));
            assertTrue(
                    Waits.of(then.path(), then.timeline()).stream()
                            .noneMatch(w ->
                                    w.next().equals(wait.next()) && w.since().equals(wait.since())),
                    drill.title() + " " + wait);
        }
    }
}
