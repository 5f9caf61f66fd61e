package wildchalk.core.reps;

import java.util.List;

/**
 * Rests within a block: after so many seconds of work no rep starts for so many seconds, and so on.
 *
 * @param workSeconds 10 to 3,600
 * @param restSeconds 1 to 900
 */
public record Rests(double workSeconds, double restSeconds) {

    /** Those to choose from, from little to much. */
    public static final List<Rests> USUAL = List.of(
            new Rests(120, 30),
            new Rests(180, 60),
            new Rests(300, 60),
            new Rests(300, 120),
            new Rests(600, 120),
            new Rests(900, 180));

    public Rests {
        if (!(workSeconds >= 10 && workSeconds <= 3600) || !(restSeconds >= 1 && restSeconds <= 900)) {
            throw new IllegalArgumentException(
                    "The rests (%s s after every %s s) must be 1 to 900 s after 10 to 3,600 s."
                            .formatted(restSeconds, workSeconds));
        }
    }

    /** When a rep starts that is due at a moment, s: then, or when the rest is over in which that is. */
    double start(double due) {
        double into = due % (workSeconds + restSeconds);
        return into < workSeconds ? due : due - into + workSeconds + restSeconds;
    }

    /** Seconds of rest from one moment to another. */
    double within(double from, double to) {
        return Math.max(0, restedBy(to) - restedBy(Math.max(0, from)));
    }

    private double restedBy(double t) {
        double whole = Math.floor(t / (workSeconds + restSeconds));
        double into = t - whole * (workSeconds + restSeconds);
        return whole * restSeconds + Math.max(0, into - workSeconds);
    }
}
