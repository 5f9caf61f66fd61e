package wildchalk.core.drill;

import java.util.function.Function;

/** Somebody or a ball, whose way something else waits for. */
public sealed interface Mover {

    <T> T match(Function<Somebody, T> onRole, Function<TheBall, T> onBall);

    /** A role. */
    record Somebody(RoleId role) implements Mover {
        @Override
        public <T> T match(Function<Somebody, T> onRole, Function<TheBall, T> onBall) {
            return onRole.apply(this);
        }
    }

    /** A ball, wherever it is and whoever has it. */
    record TheBall(BallId ball) implements Mover {
        @Override
        public <T> T match(Function<Somebody, T> onRole, Function<TheBall, T> onBall) {
            return onBall.apply(this);
        }
    }
}
