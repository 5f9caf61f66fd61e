package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;

/**
 * What starts a move: something that happens, and seconds after it.
 *
 * @param event what is waited for
 * @param plusSeconds zero or more, at most 600
 * @param reaction seconds from what is seen or heard to the first movement, 0 to 5; 0 where it is rehearsed, empty for what
 *     people of the drill's age need
 */
public record Trigger(Event event, double plusSeconds, Optional<Double> reaction) {

    /** Ten minutes: longer than any rep. */
    public static final double MAX_PLUS_SECONDS = 600;

    /** Nobody is slower than this, s. */
    public static final double MAX_REACTION_SECONDS = 5;

    public Trigger {
        plusSeconds += 0.0; // never a minus before a nought
        Objects.requireNonNull(event, "event");
        if (!(plusSeconds >= 0 && plusSeconds <= MAX_PLUS_SECONDS)) {
            throw new IllegalArgumentException(
                    "The delay (%s s) of a trigger must be from 0 to %s s.".formatted(plusSeconds, MAX_PLUS_SECONDS));
        }
        reaction.ifPresent(Trigger::checkReaction);
    }

    /** At the pace of the drill's age. */
    public Trigger(Event event, double plusSeconds) {
        this(event, plusSeconds, Optional.empty());
    }

    private static void checkReaction(double seconds) {
        if (!(seconds >= 0 && seconds <= MAX_REACTION_SECONDS)) {
            throw new IllegalArgumentException("The reaction (%s s) to a trigger must be from 0 to %s s."
                    .formatted(seconds, MAX_REACTION_SECONDS));
        }
    }

    public static Trigger onWhistle(double plusSeconds) {
        return new Trigger(new Event.Whistle(), plusSeconds);
    }

    public static Trigger withStartOf(MoveId move, double plusSeconds) {
        return new Trigger(new Event.Starts(move), plusSeconds);
    }

    public static Trigger afterEndOf(MoveId move, double plusSeconds) {
        return new Trigger(new Event.Ends(move), plusSeconds);
    }

    public static Trigger whenCaught(MoveId pass, double plusSeconds) {
        return new Trigger(new Event.Caught(pass), plusSeconds);
    }

    public static Trigger when(Event event) {
        return new Trigger(event, 0);
    }

    public Trigger withPlus(double seconds) {
        return new Trigger(event, seconds, reaction);
    }

    /** The move that is waited for, if one is. */
    public Optional<MoveId> move() {
        return event.move();
    }

    /** The same moment of another move; one that is of no move stays. */
    public Trigger withMove(MoveId other) {
        return new Trigger(event.withMove(other), plusSeconds, reaction);
    }

    public Trigger withReaction(Optional<Double> seconds) {
        return new Trigger(event, plusSeconds, seconds);
    }
}
