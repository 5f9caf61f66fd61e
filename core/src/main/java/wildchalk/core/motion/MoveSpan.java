package wildchalk.core.motion;

import java.util.Optional;
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
 * @param runOutMetres how far its role runs on beyond the end of a travel until it stands; 0 where it stands there
 * @param reactionSeconds how long before the start its cue came, where it starts as soon as that was seen or heard; else 0
 * @param cuedAt when what its trigger waits for came; empty without a trigger, and where it never came
 */
public record MoveSpan(
        MoveId move,
        boolean happens,
        double start,
        double roleFree,
        double end,
        double metres,
        double peakSpeed,
        boolean carrying,
        double runOutMetres,
        double reactionSeconds,
        Optional<Double> cuedAt) {

    public double seconds() {
        return end - start;
    }
}
