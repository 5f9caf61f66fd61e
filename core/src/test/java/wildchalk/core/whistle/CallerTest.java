package wildchalk.core.whistle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;

/** Calls: by the rules, even to one, and never the same twice where there is another. */
class CallerTest {

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    private static CallSet set(int options, int picks, boolean repeats, int within) {
        List<String> words = new ArrayList<>();
        for (int i = 1; i <= options; i++) {
            words.add(String.valueOf(i));
        }
        return new CallSet(new CallId("gaps"), words, picks, repeats, within);
    }

    private static List<List<String>> called(CallSet set, int count, long seed) {
        List<List<String>> calls = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            calls.add(Caller.next(set, calls, seed));
        }
        return calls;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyWordAsOftenAsTheOthers(long seed) {
        for (int picks = 1; picks <= 3; picks++) {
            CallSet set = set(3 + (int) (seed % 5), picks, seed % 2 == 0, 0);
            List<List<String>> calls = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                List<String> next = Caller.next(set, calls, seed);
                assertTrue(set.isLegal(next), "by the rules: " + next);
                if (!calls.isEmpty()) {
                    assertNotEquals(calls.get(calls.size() - 1), next, "not the same twice");
                }
                calls.add(next);
                Collection<Integer> counts = Caller.counts(set, calls).values();
                assertTrue(
                        Collections.max(counts) - Collections.min(counts) <= 1 + (picks > 1 ? 1 : 0),
                        "even: " + counts);
            }
            if (picks == 1) {
                assertEvenToOne(set, calls);
            }
        }
    }

    private static void assertEvenToOne(CallSet set, List<List<String>> calls) {
        for (int n = 1; n <= calls.size(); n++) {
            Collection<Integer> counts = Caller.counts(set, calls.subList(0, n)).values();
            assertTrue(Collections.max(counts) - Collections.min(counts) <= 1, "even to one after " + n);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void rulesOfWhatMayFollowHoldAndTheSameSeedCallsTheSame(long seed) {
        CallSet near = set(7, 2, false, 2);
        List<List<String>> calls = called(near, 40, seed);
        for (List<String> c : calls) {
            assertTrue(
                    Math.abs(Integer.parseInt(c.get(0)) - Integer.parseInt(c.get(1))) <= 2, "at most two apart: " + c);
        }
        assertEquals(calls, called(near, 40, seed));
        assertNotEquals(calls, called(near, 40, seed + 1000));
    }
}
