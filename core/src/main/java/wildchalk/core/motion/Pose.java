package wildchalk.core.motion;

import wildchalk.core.geometry.Point;

/**
 * Where somebody is and looks at one moment.
 *
 * @param speed m/s
 * @param facingDegrees where the body looks, which is not where it goes when it moves backward
 */
public record Pose(Point at, double speed, double facingDegrees) {}
