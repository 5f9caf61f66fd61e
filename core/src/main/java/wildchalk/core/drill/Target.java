package wildchalk.core.drill;

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

    /** To a place, where the ball stays until somebody picks it up. */
    record ToPlace(Point at) implements Target {
        @Override
        public <T> T match(Function<ToRole, T> onRole, Function<ToPlace, T> onPlace) {
            return onPlace.apply(this);
        }
    }
}
