package wildchalk.core.session;

/**
 * What goes on and off by the clock within a block: intervals, shifts, entries.
 *
 * @param leastSeconds that each lasts at least, 5 to 1,800
 * @param mostSeconds at most; more than the least where it is drawn anew each time
 * @param restSeconds before the next, 0 to 1,800
 */
public record Beat(double leastSeconds, double mostSeconds, double restSeconds) {

    private static final double LEAST = 5;
    private static final double MOST = 1800;

    public Beat {
        boolean fits = leastSeconds >= LEAST && mostSeconds >= leastSeconds && mostSeconds <= MOST;
        if (!fits || !(restSeconds >= 0 && restSeconds <= MOST)) {
            throw new IllegalArgumentException(
                    "The shifts (%s to %s s, %s s between) must be %s to %s s, in rising order, and 0 to %s between."
                            .formatted(leastSeconds, mostSeconds, restSeconds, LEAST, MOST, MOST));
        }
    }

    /** Whether each lasts another time. */
    public boolean isDrawn() {
        return mostSeconds > leastSeconds;
    }
}
