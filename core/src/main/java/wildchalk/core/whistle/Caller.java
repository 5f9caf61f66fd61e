package wildchalk.core.whistle;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import wildchalk.core.drill.CallSet;

/**
 * Says what is called next: by the rules of the set, each word as often as the others as far as these let it, and not the same call
 * twice running where there is another. The same seed and history give the same call.
 */
public final class Caller {

    /** Of more calls so many are looked at, evenly over all of them. */
    private static final int MOST = 4000;

    private Caller() {}

    /** @param before what was called of the set, the latest last */
    public static List<String> next(CallSet set, List<List<String>> before, long seed) {
        Map<String, Integer> counts = counts(set, before);
        List<String> last = before.isEmpty() ? List.of() : before.get(before.size() - 1);
        List<List<String>> best = new ArrayList<>();
        long least = Long.MAX_VALUE;
        for (List<String> call : set.some(MOST)) {
            long cost = 2 * unevenness(counts, call) + (call.equals(last) ? 1 : 0);
            if (cost < least) {
                best.clear();
                least = cost;
            }
            if (cost == least) {
                best.add(call);
            }
        }
        return best.get(new Random(31 * seed + before.size()).nextInt(best.size()));
    }

    /** How often each word was called. */
    public static Map<String, Integer> counts(CallSet set, List<List<String>> calls) {
        Map<String, Integer> counts = new HashMap<>();
        set.options().forEach(o -> counts.put(o, 0));
        calls.forEach(c -> c.forEach(w -> counts.computeIfPresent(w, (k, n) -> n + 1)));
        return counts;
    }

    /** The squares of how often each would have been called: the more even, the less. */
    private static long unevenness(Map<String, Integer> counts, List<String> call) {
        long sum = 0;
        for (Map.Entry<String, Integer> e : counts.entrySet()) {
            long n = e.getValue()
                    + call.stream().filter(w -> w.equals(e.getKey())).count();
            sum += n * n;
        }
        return sum;
    }
}
