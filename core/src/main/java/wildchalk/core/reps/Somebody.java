package wildchalk.core.reps;

import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/**
 * Where one person is at a moment.
 *
 * @param number of the person, from 0; the same person keeps it
 * @param role that is played, or was played last, or is to be played first
 * @param plays whether in a rep now; else on the way or in a line
 */
public record Somebody(int number, RoleId role, Point at, double facingDegrees, boolean plays) {}
