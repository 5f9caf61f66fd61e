package wildchalk.core.whistle;

import java.util.Objects;
import wildchalk.core.session.Session;

/**
 * What a run began with.
 *
 * @param session as it was planned
 * @param lateSeconds how much later than planned it began
 */
public record RunHead(Session session, double lateSeconds) {
    public RunHead {
        Objects.requireNonNull(session, "session");
    }
}
