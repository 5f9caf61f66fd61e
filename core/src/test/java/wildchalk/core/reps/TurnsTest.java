package wildchalk.core.reps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Drill;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

class TurnsTest {

    private static OptionalInt turns(Drill drill, double minutes) {
        Path path = Path.usual(drill.base());
        return Turns.each(path, Timeline.of(drill, path), Pace.of(drill), minutes);
    }

    /** Counted by hand: whoever of the line has begun a rep in the time. */
    @Test
    void aTurnIsWhatOneOfTheLongestLineGets() {
        Drill drill = Demo.read("tide-race");
        RunThrough run = RunThrough.of(drill, drill.base());
        RepFlow flow = RepFlow.of(run.path(), run.timeline(), Pace.of(drill));
        int reps = 0;
        while (flow.startOf(reps) < 20 * 60) {
            reps++;
        }
        int standing = run.path().lines().get(0).standing();
        assertEquals(reps / (double) standing, turns(drill, 20).orElseThrow(), 1);
    }

    @Test
    void twiceTheTimeIsTwiceTheTurns() {
        Drill drill = Demo.read("tide-race");
        int ten = turns(drill, 10).orElseThrow();
        assertTrue(Math.abs(2 * ten - turns(drill, 20).orElseThrow()) <= 1);
    }

    @Test
    void withoutALaunchNobodyKnows() {
        Drill drill = Demo.read("tide-race");
        Course without = drill.base().course();
        Course none = without.withLaunch(java.util.Optional.empty());
        assertEquals(
                OptionalInt.empty(), turns(drill.withProgression(drill.base().withCourse(none)), 10));
    }
}
