package wildchalk.core.reps;

import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/**
 * Where one person is at a moment.
 *
 * @param number of the person, from 0; the same person keeps it
 * @param role that is played, or was played last, or is to be played first
 */
public record Somebody(int number, RoleId role, Point at, double facingDegrees, Doing doing) {

    /** What somebody does at a moment. */
    public enum Doing {
        /** Has a part in a rep. */
        PLAYS,
        /** Is on the way to another place. */
        WALKS,
        /** Is in a line. */
        WAITS,
        /** Is where the next part begins, or rests. */
        STANDS
    }

    public boolean plays() {
        return doing == Doing.PLAYS;
    }
}
