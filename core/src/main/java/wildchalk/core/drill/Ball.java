package wildchalk.core.drill;

import java.util.Objects;
import java.util.function.Function;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/** The ball, puck or other implement, and where it is at the whistle. */
public record Ball(BallId id, Start start, BallKind kind) {

    public Ball {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(start, "start");
        Objects.requireNonNull(kind, "kind");
    }

    /** One as the sport has it. */
    public Ball(BallId id, Start start) {
        this(id, start, BallKind.USUAL);
    }

    public Ball withId(BallId name) {
        return new Ball(name, start, kind);
    }

    public Ball withStart(Start where) {
        return new Ball(id, where, kind);
    }

    public Ball withKind(BallKind other) {
        return new Ball(id, start, other);
    }

    /** Where a map carries it; one in somebody's hands goes along with them. */
    public Ball carried(PlaneMap map) {
        return start.match(with -> this, loose -> withStart(new Loose(map.apply(loose.at()))));
    }

    /** Where a ball is at the whistle. */
    public sealed interface Start permits With, Loose {
        <T> T match(Function<With, T> onWith, Function<Loose, T> onLoose);
    }

    /** Held by a role. */
    public record With(RoleId role) implements Start {
        @Override
        public <T> T match(Function<With, T> onWith, Function<Loose, T> onLoose) {
            return onWith.apply(this);
        }
    }

    /** Lying at a place. */
    public record Loose(Point at) implements Start {
        public Loose {
            Limits.place("ball", at);
        }

        @Override
        public <T> T match(Function<With, T> onWith, Function<Loose, T> onLoose) {
            return onLoose.apply(this);
        }
    }
}
