package wildchalk.core.motion;

import wildchalk.core.drill.MoveId;

/**
 * When a move happens.
 *
 * @param happens false for a move that can never start; its times are then those at which the drill gave up on it
 * @param start seconds from the whistle; for a pass or a shot the release
 * @param roleFree when its role can do the next thing
 * @param end when it is over: for a pass the catch, for a shot the ball at the goal
 * @param metres length of a travelled path, or how far the ball flew
 * @param peakSpeed m/s, of the role or of the ball
 * @param carrying whether a travel starts with the ball
 */
public record MoveSpan(
        MoveId move,
        boolean happens,
        double start,
        double roleFree,
        double end,
        double metres,
        double peakSpeed,
        boolean carrying) {

    public double seconds() {
        return end - start;
    }
}
