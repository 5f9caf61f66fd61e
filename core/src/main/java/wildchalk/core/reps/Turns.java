package wildchalk.core.reps;

import java.util.OptionalInt;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** How often somebody gets a turn. */
public final class Turns {

    private Turns() {}

    /**
     * Turns of whoever has fewest, with the people who are drawn, if reps follow each other as the launch says.
     *
     * @param pace of those who walk back
     * @param minutes for which the drill is run
     * @return empty where nobody has said when the next rep starts, or nobody waits
     */
    public static OptionalInt each(Path path, Timeline timeline, Pace pace, double minutes) {
        if (path.course().launch().isEmpty()
                || path.lines().stream().allMatch(l -> l.feeds().isEmpty())) {
            return OptionalInt.empty();
        }
        return OptionalInt.of(Block.of(RepScript.of(path, timeline, pace), Conditions.AS_DRAWN, minutes)
                .fewestTurns());
    }
}
