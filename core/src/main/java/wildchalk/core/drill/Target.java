package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.geometry.Point;

/** Where a pass is meant to go. */
public sealed interface Target permits Target.ToRole, Target.ToPlace {

    <T> T match(Function<ToRole, T> onRole, Function<ToPlace, T> onPlace);

    /**
     * To a role, wherever it can be met.
     *
     * @param role who gets it; where it goes to whoever is further ahead, who that is as far as is known
     * @param among of whom the one who is further ahead gets it; empty where it is clear, else at least two
     */
    record ToRole(RoleId role, List<RoleId> among) implements Target {

        public ToRole {
            Objects.requireNonNull(role, "role");
            among = List.copyOf(among);
            if (!among.isEmpty() && (among.size() < 2 || !among.contains(role))) {
                throw new IllegalArgumentException(
                        "A pass to whoever is further ahead needs at least two of whom %s is one; found %s."
                                .formatted(role, among));
            }
        }

        public ToRole(RoleId role) {
            this(role, List.of());
        }

        /** To whoever of these is further ahead. */
        public static ToRole furthest(List<RoleId> among) {
            return new ToRole(among.get(0), among);
        }

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
