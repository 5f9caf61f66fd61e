package wildchalk.desktop.serve;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.LongSupplier;

/** Lets each through so often: some at once, then so many a second. */
final class Tap {

    private static final double NANOS = 1e9;

    /** More than these are not remembered; whoever was not heard of for longest is forgotten. */
    private static final int MOST_KNOWN = 4096;

    /** What somebody has left. */
    private record Left(double drops, long at) {}

    private final double most;
    private final double aSecond;
    private final LongSupplier nanos;
    private final Map<String, Left> known = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Left> eldest) {
            return size() > MOST_KNOWN;
        }
    };

    /** @param nanos a clock that only goes forward */
    Tap(double most, double aSecond, LongSupplier nanos) {
        this.most = most;
        this.aSecond = aSecond;
        this.nanos = nanos;
    }

    /** Whether there is one left for whoever asks, who has one fewer then. */
    synchronized boolean takes(String who) {
        double drops = left(who);
        boolean some = drops >= 1;
        known.put(who, new Left(some ? drops - 1 : drops, nanos.getAsLong()));
        return some;
    }

    /** Whether there is one left, without taking it. */
    synchronized boolean has(String who) {
        return left(who) >= 1;
    }

    private double left(String who) {
        Left before = known.get(who);
        return before == null
                ? most
                : Math.min(most, before.drops() + (nanos.getAsLong() - before.at()) / NANOS * aSecond);
    }
}
