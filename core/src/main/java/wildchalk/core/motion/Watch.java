package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleConsumer;
import wildchalk.core.drill.Event;

/** Something that is waited for which is no moment of a move: where somebody is, what he does with a ball, a call. */
final class Watch {

    final Event event;
    /** From the start of which step on it counts. */
    final int step;

    final List<Job.Link> links = new ArrayList<>();
    boolean armed;
    /** When it happened; not a number before. */
    double firedAt = Double.NaN;
    /** Goes up when its moment is worked out anew, so that the old one is passed over. */
    int version;
    /** The plans it was worked out from. */
    long plans = -1;

    Watch(Event event, int step) {
        this.event = event;
        this.step = step;
    }

    /** What else happens then. */
    DoubleConsumer then = t -> {};

    boolean hasFired() {
        return !Double.isNaN(firedAt);
    }
}
