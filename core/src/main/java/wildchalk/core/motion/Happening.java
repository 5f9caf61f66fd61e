package wildchalk.core.motion;

import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/** Something that happens to a ball, for tables and captions; in time order in a timeline. */
public record Happening(
        double seconds, Kind kind, BallId ball, Optional<MoveId> move, Optional<RoleId> role, Point at) {

    /** What happens. */
    public enum Kind {
        RELEASED,
        CAUGHT,
        LANDED,
        PICKED_UP,
        /** Won in a contest. */
        WON,
        /** In the goal. */
        AT_GOAL,
        /** Out of somebody's hands or out of its way; it will lie free. */
        KNOCKED_FREE,
        /** When open play is over. */
        CAUGHT_IN_PLAY,
        /** By the keeper. */
        SAVED,
        /** Off the goal, back into play. */
        REBOUNDS
    }
}
