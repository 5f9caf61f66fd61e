package wildchalk.core.reps;

import java.util.Optional;
import wildchalk.core.geometry.Point;

/**
 * Where a ball is while reps follow one another.
 *
 * @param at its place, or that of whoever holds it
 * @param holderFacing where that one looks, degrees; empty for a ball in nobody's hands
 */
public record BallSpot(Point at, Optional<Double> holderFacing) {}
