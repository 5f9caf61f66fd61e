package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** The moment and the step that are shown, whatever a hand does with them. */
class PlayheadTest {

    private Timeline shown;

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static Timeline timeline(long seed, int steps) {
        return Timeline.of(
                Path.usual(RandomDrills.sensible(seed, 5, steps, 3 * steps)),
                Drills.HANDBALL,
                Pace.of(AgeBand.U16, Drills.HANDBALL));
    }

    private Playhead playhead(long seed) {
        shown = timeline(seed, 4);
        return new Playhead(() -> shown);
    }

    /** The slow way: the latest end of the steps up to one. */
    private double endOf(int step) {
        double end = 0;
        for (int i = 0; i <= step; i++) {
            end = Math.max(end, shown.steps().get(i).end());
        }
        return end;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whateverIsDoneTheMomentLiesInTheRepAndTheStepInTheDrill(long seed) {
        Random random = new Random(seed);
        Playhead playhead = playhead(seed);
        for (int i = 0; i < 200; i++) {
            switch (random.nextInt(8)) {
                case 0 -> playhead.seek(random.nextDouble() * 60 - 10);
                case 1 -> playhead.goToStep(random.nextInt(shown.steps().size()));
                case 2 -> playhead.goToStartOf(random.nextInt(9) - 3);
                case 3 -> playhead.showStart();
                case 4 -> playhead.togglePlaying();
                case 5 -> playhead.stayAtEndOfStep();
                case 6 -> playhead.clip();
                default -> {
                    shown = timeline(seed * 31 + i, 1 + random.nextInt(5));
                    playhead.clip();
                    playhead.fit();
                }
            }
            assertTrue(0 <= playhead.seconds().get() && playhead.seconds().get() <= shown.seconds() + 1e-9);
            assertTrue(0 <= playhead.step().get()
                    && playhead.step().get() < shown.steps().size());
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoDrawsAStepStaysAtItsEndWhenTimesChange(long seed) {
        Playhead playhead = playhead(seed);
        playhead.goToStep(2);
        assertEquals(endOf(2), playhead.seconds().get());
        shown = timeline(seed + 1000, 4);
        playhead.fit();
        assertEquals(2, playhead.step().get());
        assertEquals(endOf(2), playhead.seconds().get());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoLooksAtAMomentStaysThereWhenTimesChange(long seed) {
        Playhead playhead = playhead(seed);
        double moment = shown.seconds() / 3;
        playhead.seek(moment);
        assertEquals(shown.stepIndexAt(moment), playhead.step().get());
        shown = timeline(seed + 1000, 4);
        playhead.fit();
        assertEquals(Math.min(moment, shown.seconds()), playhead.seconds().get());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void goingToTheStartOfAStepShowsThatStep(long seed) {
        Playhead playhead = playhead(seed);
        List<StepSpan> spans = shown.steps();
        for (int i = 0; i < spans.size(); i++) {
            playhead.goToStartOf(i);
            assertEquals(spans.get(i).start(), playhead.seconds().get());
        }
        playhead.goToStartOf(-1);
        assertEquals(0, playhead.seconds().get(), "before the first there is none");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void playingBeginsAnewAtTheEnd(long seed) {
        Playhead playhead = playhead(seed);
        playhead.seek(shown.seconds());
        playhead.togglePlaying();
        assertTrue(playhead.playing().get());
        assertEquals(0, playhead.seconds().get());
        playhead.seek(1);
        playhead.togglePlaying();
        assertFalse(playhead.playing().get());
        playhead.togglePlaying();
        assertEquals(1, playhead.seconds().get(), "from the middle it goes on");
        playhead.showStart();
        assertFalse(playhead.playing().get(), "who sets things out does not play");
    }
}
