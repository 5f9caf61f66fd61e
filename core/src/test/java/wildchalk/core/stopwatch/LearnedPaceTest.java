package wildchalk.core.stopwatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Role;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** Paces that are known are found again from times that were stopped, slips and all. */
class LearnedPaceTest {

    @Test
    void theMiddleIsNotMovedByASlip() {
        StoppedTimes times = StoppedTimes.of(List.of(12.4, 12.9, 12.6, 12.7, 3.1));
        assertEquals(12.65, times.median(), 1e-9);
        assertEquals(List.of(3.1), times.slips());
        // distances from 12.65: 0.25, 0.05, 0.05, 0.25: their middle 0.15
        assertEquals(1.4826 * 0.15, times.spread(), 1e-9);
        assertEquals(List.of(7.0), StoppedTimes.of(List.of(7.0)).kept());
        assertThrows(IllegalArgumentException.class, () -> StoppedTimes.of(List.of()));
    }

    @Test
    void timesAreReadAsTheyAreTyped() {
        assertEquals(List.of(12.4, 12.9, 13.1, 9.0), StoppedTimes.typed(" 12.4 12,9; 13.1s\n9"));
        assertEquals(List.of(), StoppedTimes.typed("  "));
        IllegalArgumentException no =
                assertThrows(IllegalArgumentException.class, () -> StoppedTimes.typed("12.4 abc"));
        assertEquals("abc", no.getMessage());
        assertThrows(IllegalArgumentException.class, () -> StoppedTimes.typed("-3"));
    }

    static Stream<Random> seeds() {
        return IntStream.range(0, 12).mapToObj(Random::new);
    }

    /** A pace is found again from how reps follow each other, where that goes by what is run; a whistle says nothing of it. */
    @Test
    void aPaceIsFoundFromRepToRep() {
        int found = 0;
        for (String id : Demo.ids()) {
            Drill drill = Demo.read(id);
            Path path = Path.usual(drill.base());
            for (double pace : new double[] {0.85, 1.1}) {
                Path paced = Path.of(LearnedPace.paced(path.version(), Optional.empty(), pace), path.choices());
                Optional<Double> then =
                        Launches.period(paced, Timeline.of(drill.withProgression(paced.version()), paced));
                Optional<Double> now = Launches.period(path, Timeline.of(drill, path));
                if (then.isEmpty() || Math.abs(then.get() - now.get()) < 0.15) {
                    continue;
                }
                double factor = LearnedPace.ofInterval(drill, path, then.get()).orElseThrow();
                Path again = Path.of(LearnedPace.paced(path.version(), Optional.empty(), factor), path.choices());
                double period = Launches.period(again, Timeline.of(drill.withProgression(again.version()), again))
                        .orElseThrow();
                assertEquals(then.get(), period, 0.12, id);
                found++;
            }
        }
        assertTrue(found >= 6, found + " were told apart");
        Drill whistle = Demo.read("lantern-ladder");
        Path path = Path.usual(whistle.base()
                .withCourse(whistle.base()
                        .course()
                        .withLaunch(Optional.of(new Launch(Optional.of(new Event.Whistle()), 5)))));
        assertEquals(Optional.empty(), LearnedPace.ofInterval(whistle, path, 7));
    }

    /** Players of a pace run a drill; a third of a second of thumb, one slip: their pace comes out within what it says. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aKnownPaceIsFoundAgain(Random r) {
        List<String> ids = Demo.ids();
        Drill drill = Demo.read(ids.get(r.nextInt(ids.size())));
        Path path = Path.usual(drill.base());
        double pace = 0.8 + 0.4 * r.nextDouble();
        double true1 = LearnedPace.seconds(drill, path, Optional.empty(), pace);
        List<Double> stopped = new ArrayList<>(List.of(true1 / 3));
        for (int i = 0; i < 30; i++) {
            stopped.add(true1 + 0.3 * r.nextGaussian());
        }
        LearnedPace learned = LearnedPace.of(drill, path, Optional.empty(), StoppedTimes.of(stopped));
        boolean hangsOnPace = LearnedPace.seconds(drill, path, Optional.empty(), 0.7)
                != LearnedPace.seconds(drill, path, Optional.empty(), 1.3);
        if (!hangsOnPace) {
            return; // open play lasts as long as it lasts, however quick they are
        }
        double asLearned = LearnedPace.seconds(
                drill, path, Optional.empty(), learned.factor().orElseThrow());
        // balls fly as they fly: the time is found again, the pace where running takes any of it
        assertEquals(true1, asLearned, 0.35);
        assertTrue(learned.low().orElse(0.0) <= learned.factor().get() + 0.01);
        assertTrue(learned.high().orElse(9.0) >= learned.factor().get() - 0.01);
    }

    @Test
    void oneWhoRunsFasterIsFasterAlone() {
        Drill drill = Demo.read("two-buckets-baseline");
        Path path = Path.usual(drill.base());
        Role runner = path.roles().stream()
                .filter(x -> LearnedPace.seconds(drill, path, Optional.of(x.id()), 1) > 2)
                .findFirst()
                .orElseThrow();
        double now = LearnedPace.seconds(drill, path, Optional.of(runner.id()), 1);
        LearnedPace learned =
                LearnedPace.of(drill, path, Optional.of(runner.id()), StoppedTimes.of(List.of(0.9 * now)));
        assertEquals(now, learned.model(), 1e-9);
        assertTrue(learned.factor().orElseThrow() > 1.05);
        LearnedPace tooSlow =
                LearnedPace.of(drill, path, Optional.of(runner.id()), StoppedTimes.of(List.of(100 * now)));
        assertEquals(Optional.empty(), tooSlow.factor(), "nobody is that slow");
    }
}
