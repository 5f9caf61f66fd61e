package wildchalk.core.whistle;

import java.util.function.Supplier;

/** Seconds since a run began: goes on through sleep, a crash, and a clock that is set. Not for several threads. */
public final class RunClock {

    private final Supplier<Reading> clocks;
    private Reading last;
    private double at;
    private double guessed;

    /**
     * @param at seconds of the run at a reading
     * @param last that reading, perhaps of a process that is gone
     */
    public RunClock(Supplier<Reading> clocks, double at, Reading last) {
        this.clocks = clocks;
        this.at = at;
        this.last = last;
    }

    /** From nothing, now. */
    public static RunClock started(Supplier<Reading> clocks) {
        return new RunClock(clocks, 0, clocks.get());
    }

    /** Seconds of the run. */
    public double now() {
        Reading reading = clocks.get();
        Reading.Gap gap = last.to(reading);
        if (!gap.sure()) {
            guessed += gap.seconds();
        }
        at += gap.seconds();
        last = reading;
        return at;
    }

    /** The reading that belongs to the last {@link #now}. */
    public Reading reading() {
        return last;
    }

    /** Seconds of it that were only guessed, since the computer slept or its clock was set. */
    public double guessedSeconds() {
        return guessed;
    }
}
