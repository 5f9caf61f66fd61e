package wildchalk.core.surface;

import wildchalk.core.geometry.Point;

/**
 * Somewhere to score.
 *
 * @param id unique on its surface
 * @param name as it stands in a sentence: "the goal"
 * @param centre middle of the mouth, on the goal line
 * @param widthMetres inside width of the mouth
 * @param depthMetres how far the net reaches behind the line
 * @param facingDegrees out of the mouth, towards the players
 * @param shape for the picture; a ring is {@code widthMetres} across, its board {@code depthMetres} behind the middle
 */
public record GoalMouth(
        String id,
        String name,
        Point centre,
        double widthMetres,
        double depthMetres,
        double facingDegrees,
        GoalShape shape) {

    /** The same goal somewhere else. */
    public GoalMouth at(Point middle, double degrees) {
        return new GoalMouth(id, name, middle, widthMetres, depthMetres, degrees, shape);
    }

    /** The post on the left of somebody who looks at the goal. */
    public Point leftPost() {
        return centre.plus(Point.polar(widthMetres / 2, facingDegrees - 90));
    }

    /** The post on the right of somebody who looks at the goal. */
    public Point rightPost() {
        return centre.plus(Point.polar(widthMetres / 2, facingDegrees + 90));
    }

    /** Angle (degrees) of the open mouth seen from a place; 0 from behind or from the goal line. */
    public double openAngleDegrees(Point from) {
        Point out = Point.polar(1, facingDegrees);
        if (from.minus(centre).dot(out) <= 0) {
            return 0;
        }
        Point l = leftPost().minus(from);
        Point r = rightPost().minus(from);
        return Math.toDegrees(Math.abs(StrictMath.atan2(l.cross(r), l.dot(r))));
    }
}
