package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.geometry.Point;

/** Where a pass is meant to go. */
public sealed interface Target permits Target.ToRole, Target.ToPlace {

    <T> T match(Function<ToRole, T> onRole, Function<ToPlace, T> onPlace);

    /** To a role, wherever it can be met. */
    record ToRole(RoleId role) implements Target {
        @Override
        public <T> T match(Function<ToRole, T> onRole, Function<ToPlace, T> onPlace) {
            return onRole.apply(this);
        }
    }

    /**
     * To a place.
     *
     * @param runner who is meant to be there when it comes; empty for a ball that stays until somebody picks it up
     */
    record ToPlace(Point at, Optional<RoleId> runner) implements Target {

        public ToPlace {
            Objects.requireNonNull(at, "at");
            Limits.place("target", at);
            Objects.requireNonNull(runner, "runner");
        }

        public ToPlace(Point at) {
            this(at, Optional.empty());
        }

        public ToPlace withAt(Point place) {
            return new ToPlace(place, runner);
        }

        public ToPlace withRunner(Optional<RoleId> somebody) {
            return new ToPlace(at, somebody);
        }

        @Override
        public <T> T match(Function<ToRole, T> onRole, Function<ToPlace, T> onPlace) {
            return onPlace.apply(this);
        }
    }
}
