package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.path.Path;

/** When reps follow each other, and which of them run at a moment. */
public final class Launches {

    /** Reps that follow each other faster than this (s) are a slip of the pen. */
    private static final double LEAST_SECONDS = 0.5;

    private Launches() {}

    /**
     * When the next rep starts.
     *
     * @param moment what it waits for in the running rep, seconds into it; 0 for a whistle, which waits for nothing
     * @param plus seconds after that
     */
    public record Due(double moment, double plus) {

        public double seconds() {
            return Math.max(LEAST_SECONDS, moment + plus);
        }
    }

    /** Seconds from the start of a rep to the start of the next; empty where nobody has said when. */
    public static Optional<Double> period(Path path, Timeline timeline) {
        return due(path, timeline).map(Due::seconds);
    }

    /** When the next rep starts; empty where nobody has said. */
    public static Optional<Due> due(Path path, Timeline timeline) {
        return path.course().launch().map(l -> due(l, timeline));
    }

    /** When the next rep starts if it starts like that. */
    public static Due due(Launch launch, Timeline timeline) {
        if (launch.at().isEmpty()) {
            return new Due(timeline.seconds(), launch.seconds());
        }
        Event event = launch.at().get();
        if (event instanceof Event.Whistle) {
            return new Due(0, launch.seconds());
        }
        return new Due(comesAt(event, timeline).orElse(timeline.seconds()), launch.seconds());
    }

    /** When what the next rep waits for comes in a rep; empty where it never does. */
    public static Optional<Double> comesAt(Event event, Timeline timeline) {
        return event.move().isEmpty() ? timeline.launchAt() : timeline.comesAt(event);
    }

    /**
     * Seconds into every rep that runs at a moment, the youngest first, when a rep starts every {@code period} seconds and
     * the first at 0.
     */
    public static List<Double> running(double period, double repSeconds, double t) {
        List<Double> list = new ArrayList<>();
        for (double into = t % period; into <= Math.min(t, repSeconds); into += period) {
            list.add(into);
        }
        return list;
    }
}
