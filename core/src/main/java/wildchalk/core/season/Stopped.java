package wildchalk.core.season;

import java.time.LocalDate;
import wildchalk.core.drill.DrillId;

/**
 * Reps of a drill that were stopped on a day.
 *
 * @param reps how many
 * @param median seconds from one to the next
 * @param drawn likewise as it is drawn; 0 where nobody has said when the next rep starts
 */
public record Stopped(DrillId drill, LocalDate day, int reps, double median, double drawn) {

    /** How much slower than drawn: 0.1 for a tenth. */
    public double slower() {
        return drawn > 0 ? median / drawn - 1 : 0;
    }
}
