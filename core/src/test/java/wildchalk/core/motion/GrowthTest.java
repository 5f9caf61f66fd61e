package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Words;

/** Work grows with the size of a drill, not with its square: seen in drills that are as large as may be in one way each. */
class GrowthTest {

    private static final int PARTS = 4;
    /** Four times as much may take so many times as long: eleven is in between n log n and n². */
    private static final double MOST_GROWTH = 11;
    /** What takes less is lost in the noise, s. */
    private static final double NOISE_SECONDS = 0.004;

    private static final int TRIES = 12;

    private record Work(String name, Consumer<Drill> run) {}

    private static final List<Work> ALL = List.of(
            new Work("run-through", d -> RunThrough.of(d, d.base())),
            new Work("words", d -> Words.of(RunThrough.of(d, d.base()), LengthUnit.METRES)),
            new Work("text", d -> DrillFile.ofNew(d).toText()));

    @ParameterizedTest
    @EnumSource(LargeShapes.class)
    void workDoesNotGrowWithTheSquareOfASize(LargeShapes shape) {
        Drill large = shape.drill();
        Progression part = shape.of(Math.max(1, shape.most() / PARTS));
        Drill small = large.withProgression(part);
        for (Work work : ALL) {
            double smallest = Double.POSITIVE_INFINITY;
            double largest = Double.POSITIVE_INFINITY;
            boolean grows = true;
            // the quickest of several, taken by turns: a machine that does something else makes single ones slow
            for (int i = 0; i < TRIES && grows; i++) {
                smallest = Math.min(smallest, seconds(work, small));
                largest = Math.min(largest, seconds(work, large));
                grows = i < 2 || largest > MOST_GROWTH * Math.max(smallest, NOISE_SECONDS);
            }
            assertTrue(
                    !grows,
                    "%s of %s: %.1f ms, of a quarter of it %.1f ms"
                            .formatted(work.name(), shape, 1e3 * largest, 1e3 * smallest));
        }
    }

    private static double seconds(Work work, Drill drill) {
        long start = System.nanoTime();
        work.run().accept(drill);
        return (System.nanoTime() - start) / 1e9;
    }
}
