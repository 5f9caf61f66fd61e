package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * What starts a move: something that happens, and seconds after it.
 *
 * @param event what is waited for
 * @param plusSeconds zero or more, at most 600
 */
public record Trigger(Event event, double plusSeconds) {

    /** Ten minutes: longer than any rep. */
    public static final double MAX_PLUS_SECONDS = 600;

    public Trigger {
        Objects.requireNonNull(event, "event");
        if (!(plusSeconds >= 0 && plusSeconds <= MAX_PLUS_SECONDS)) {
            throw new IllegalArgumentException(
                    "The delay (%s s) of a trigger must be from 0 to %s s.".formatted(plusSeconds, MAX_PLUS_SECONDS));
        }
    }

    public static Trigger onWhistle(double plusSeconds) {
        return new Trigger(new Whistle(), plusSeconds);
    }

    public static Trigger withStartOf(MoveId move, double plusSeconds) {
        return new Trigger(new Starts(move), plusSeconds);
    }

    public static Trigger afterEndOf(MoveId move, double plusSeconds) {
        return new Trigger(new Ends(move), plusSeconds);
    }

    public static Trigger whenCaught(MoveId pass, double plusSeconds) {
        return new Trigger(new Caught(pass), plusSeconds);
    }

    public Trigger withPlus(double seconds) {
        return new Trigger(event, seconds);
    }

    /** The move that is waited for, if one is. */
    public Optional<MoveId> move() {
        return event.match(
                w -> Optional.empty(), s -> Optional.of(s.move), e -> Optional.of(e.move), c -> Optional.of(c.move));
    }

    /** The same moment of another move; a whistle stays one. */
    public Trigger withMove(MoveId other) {
        Event there = event.match(w -> w, s -> new Starts(other), e -> new Ends(other), c -> new Caught(other));
        return new Trigger(there, plusSeconds);
    }

    /** A moment of the rep. */
    public sealed interface Event permits Whistle, Starts, Ends, Caught {
        <T> T match(
                Function<Whistle, T> onWhistle,
                Function<Starts, T> onStarts,
                Function<Ends, T> onEnds,
                Function<Caught, T> onCaught);
    }

    /** Second zero. */
    public record Whistle() implements Event {
        @Override
        public <T> T match(
                Function<Whistle, T> onWhistle,
                Function<Starts, T> onStarts,
                Function<Ends, T> onEnds,
                Function<Caught, T> onCaught) {
            return onWhistle.apply(this);
        }
    }

    /** Another move starts. For a pass or a shot this is the moment of release. */
    public record Starts(MoveId move) implements Event {
        @Override
        public <T> T match(
                Function<Whistle, T> onWhistle,
                Function<Starts, T> onStarts,
                Function<Ends, T> onEnds,
                Function<Caught, T> onCaught) {
            return onStarts.apply(this);
        }
    }

    /** Another move ends. */
    public record Ends(MoveId move) implements Event {
        @Override
        public <T> T match(
                Function<Whistle, T> onWhistle,
                Function<Starts, T> onStarts,
                Function<Ends, T> onEnds,
                Function<Caught, T> onCaught) {
            return onEnds.apply(this);
        }
    }

    /** A pass is caught. */
    public record Caught(MoveId move) implements Event {
        @Override
        public <T> T match(
                Function<Whistle, T> onWhistle,
                Function<Starts, T> onStarts,
                Function<Ends, T> onEnds,
                Function<Caught, T> onCaught) {
            return onCaught.apply(this);
        }
    }
}
