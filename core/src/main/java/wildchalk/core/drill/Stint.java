package wildchalk.core.drill;

import java.util.Objects;

/**
 * How long those who are in a rep stay in their parts before they rotate.
 *
 * @param count whole reps, 1 to 100, or minutes, above 0 and at most 60
 */
public record Stint(double count, Unit unit) {

    /** What a stint is counted in. */
    public enum Unit {
        REPS,
        /** Everybody rotates after the first rep that is over then. */
        MINUTES
    }

    public static final int MOST_REPS = 100;
    public static final double MOST_MINUTES = 60;

    /** Everybody rotates after each rep, as is usual. */
    public static final Stint ONE_REP = new Stint(1, Unit.REPS);

    public Stint {
        Objects.requireNonNull(unit, "unit");
        boolean whole = count >= 1 && count <= MOST_REPS && count == Math.rint(count);
        boolean fits =
                switch (unit) {
                    case REPS -> whole;
                    case MINUTES -> count > 0 && count <= MOST_MINUTES;
                };
        if (!fits) {
            throw new IllegalArgumentException(
                    "The stint (%s %s) must be 1 to %d whole reps, or above 0 and at most %s minutes."
                            .formatted(count, unit.name().toLowerCase(java.util.Locale.ROOT), MOST_REPS, MOST_MINUTES));
        }
    }

    public static Stint ofReps(int reps) {
        return new Stint(reps, Unit.REPS);
    }

    public static Stint ofMinutes(double minutes) {
        return new Stint(minutes, Unit.MINUTES);
    }

    public boolean isUsual() {
        return equals(ONE_REP);
    }

    /**
     * In which stint a rep is, from 0.
     *
     * @param rep counted from 0
     * @param start seconds from the first whistle
     */
    public int stintOf(int rep, double start) {
        return switch (unit) {
            case REPS -> rep / (int) count;
            case MINUTES -> (int) Math.floor(start / (60 * count));
        };
    }

    /**
     * Whether everybody rotates after a rep.
     *
     * @param rep counted from 0
     * @param before when (s) the rep before was over, from the first whistle; 0 for the first
     * @param over when (s) this one is
     */
    public boolean endsWith(int rep, double before, double over) {
        return switch (unit) {
            case REPS -> (rep + 1) % (int) count == 0;
            case MINUTES -> Math.floor(over / (60 * count)) > Math.floor(before / (60 * count));
        };
    }
}
