package wildchalk.desktop.talk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WrittenTest {

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }

    @Test
    void aUsualTalkThroughIsThereAsAWhole() {
        List<Integer> twelveStepsOfTen = Stream.generate(() -> 10).limit(12).toList();
        for (int step = 0; step < 12; step++) {
            Written all = Written.around(step, twelveStepsOfTen);
            assertEquals(new Written(0, 12, 0, 12), all);
            assertFalse(all.isPart(12), "nothing is built anew when another step is drawn");
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void ofALongOneTheStepThatIsDrawnIsThereAndNoMoreThanCanBeRead(int seed) {
        Random random = new Random(seed);
        List<Integer> sentences =
                random.ints(1 + random.nextInt(100), 0, 120).boxed().toList();
        int current = random.nextInt(sentences.size());
        Written w = Written.around(current, sentences);
        assertTrue(w.isWrittenOut(current));
        assertTrue(0 <= w.first() && w.first() <= w.from() && w.until() <= w.end() && w.end() <= sentences.size());
        int written = sentences.subList(w.from(), w.until()).stream()
                .mapToInt(Integer::intValue)
                .sum();
        int most = w.isPart(sentences.size()) ? Written.SENTENCES : Written.WHOLE;
        assertTrue(written <= Math.max(most, sentences.get(current)));
        if (w.isPart(sentences.size())) {
            assertTrue(w.end() - w.first() <= 2 * Written.HEADS + 1);
            // as many as there is room for: neither neighbour would have fitted in
            boolean below = w.until() == w.end() || written + sentences.get(w.until()) > Written.SENTENCES;
            boolean above = w.from() == w.first() || written + sentences.get(w.from() - 1) > Written.SENTENCES;
            assertTrue(below && above);
        }
    }
}
