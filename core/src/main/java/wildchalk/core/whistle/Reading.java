package wildchalk.core.whistle;

import java.util.OptionalDouble;

/**
 * What the clocks of a computer say at a moment.
 *
 * @param wallSeconds since 1970; may be put right or wrong by anybody at any time
 * @param process which process has read it
 * @param steadySeconds that never go back; count from anything, may stand still while the computer sleeps, and mean nothing to
 *     another process
 * @param boot which start of the computer it is; empty where that is not known
 * @param upSeconds since then, sleep counted; empty where that is not known
 */
public record Reading(double wallSeconds, String process, double steadySeconds, String boot, OptionalDouble upSeconds) {

    /** Longer than this (s) nobody has gone on with a session after a crash: then the clock is wrong. */
    private static final double LONGEST_GAP = 6 * 3600.0;

    /** The clocks may be so far apart (s) without anything having happened. */
    private static final double SLACK = 2;

    /**
     * How long it is from one reading to another.
     *
     * @param sure false where it is a guess: the computer has slept, or its clock was set, and nobody can tell which
     */
    public record Gap(double seconds, boolean sure) {}

    /** How long it is from this one to a later one, whatever has been done to the clocks. */
    public Gap to(Reading later) {
        if (!boot.isEmpty() && boot.equals(later.boot) && upSeconds.isPresent() && later.upSeconds.isPresent()) {
            return new Gap(Math.max(0, later.upSeconds.getAsDouble() - upSeconds.getAsDouble()), true);
        }
        double wall = later.wallSeconds - wallSeconds;
        boolean likely = wall >= 0 && wall <= LONGEST_GAP;
        if (process.equals(later.process)) {
            double steady = Math.max(0, later.steadySeconds - steadySeconds);
            // a wall clock that is ahead: either it was set, or the steady one stood still while the computer slept
            return likely && wall > steady + SLACK ? new Gap(wall, false) : new Gap(steady, true);
        }
        return likely ? new Gap(wall, wall < 60) : new Gap(0, false);
    }
}
