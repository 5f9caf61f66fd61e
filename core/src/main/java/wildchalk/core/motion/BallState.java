package wildchalk.core.motion;

import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/** What a ball is doing: always exactly one of these, from {@link #start} until the next. */
public sealed interface BallState permits BallState.Held, BallState.Loose, BallState.InFlight, BallState.Dead {

    /** Seconds from the whistle. */
    double start();

    <T> T match(
            Function<Held, T> onHeld,
            Function<Loose, T> onLoose,
            Function<InFlight, T> onFlight,
            Function<Dead, T> onDead);

    /** Who has it, if somebody has. */
    default Optional<RoleId> holder() {
        return match(h -> Optional.of(h.role), l -> Optional.empty(), f -> Optional.empty(), d -> Optional.empty());
    }

    /** With a role. */
    record Held(double start, RoleId role) implements BallState {
        @Override
        public <T> T match(
                Function<Held, T> onHeld,
                Function<Loose, T> onLoose,
                Function<InFlight, T> onFlight,
                Function<Dead, T> onDead) {
            return onHeld.apply(this);
        }
    }

    /** Lying somewhere, for anybody. */
    record Loose(double start, Point at) implements BallState {
        @Override
        public <T> T match(
                Function<Held, T> onHeld,
                Function<Loose, T> onLoose,
                Function<InFlight, T> onFlight,
                Function<Dead, T> onDead) {
            return onLoose.apply(this);
        }
    }

    /** Passed or shot, and not there yet. */
    record InFlight(Flight flight) implements BallState {
        @Override
        public double start() {
            return flight.start();
        }

        @Override
        public <T> T match(
                Function<Held, T> onHeld,
                Function<Loose, T> onLoose,
                Function<InFlight, T> onFlight,
                Function<Dead, T> onDead) {
            return onFlight.apply(this);
        }
    }

    /** Out of the rep: in the goal. */
    record Dead(double start, Point at) implements BallState {
        @Override
        public <T> T match(
                Function<Held, T> onHeld,
                Function<Loose, T> onLoose,
                Function<InFlight, T> onFlight,
                Function<Dead, T> onDead) {
            return onDead.apply(this);
        }
    }
}
