package wildchalk.core.reps;

import java.util.OptionalInt;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** How often somebody gets a turn. */
public final class Turns {

    /** Reps between which it is measured how they follow each other: by then everybody walks, waits and plays. */
    private static final int EARLY = 8;

    private static final int LATE = 24;

    private Turns() {}

    /**
     * Turns of somebody in the longest line, if reps follow each other as the launch says.
     *
     * @param pace of those who walk back
     * @param minutes for which the drill is run
     * @return empty where nobody has said when the next rep starts, or nobody waits
     */
    public static OptionalInt each(Path path, Timeline timeline, Pace pace, double minutes) {
        double heads = path.lines().stream()
                .filter(l -> !l.feeds().isEmpty())
                .mapToDouble(Turns::share)
                .max()
                .orElse(0);
        if (path.course().launch().isEmpty() || heads <= 0) {
            return OptionalInt.empty();
        }
        RepFlow flow = RepFlow.of(path, timeline, pace);
        double period = (flow.startOf(LATE) - flow.startOf(EARLY)) / (LATE - EARLY);
        return OptionalInt.of((int) Math.floor(60 * minutes / period / heads));
    }

    /** People for each place that a rep takes from a line. */
    private static double share(WaitingLine line) {
        return (double) Math.max(line.standing(), line.feeds().size())
                / line.feeds().size();
    }
}
