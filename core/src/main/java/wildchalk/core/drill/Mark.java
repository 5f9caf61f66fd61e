package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/** What somebody goes by, or keeps in sight: a player, a ball, a goal, a spot. */
public sealed interface Mark {

    <T> T match(Cases<T> cases);

    /** One answer for each kind. */
    interface Cases<T> {
        T somebody(Somebody s);

        T ball(TheBall b);

        T goal(TheGoal g);

        T spot(Spot s);
    }

    /** The role that it is, if it is one. */
    default Optional<RoleId> role() {
        return Optional.empty();
    }

    /** The ball that it is, if it is one. */
    default Optional<BallId> ballId() {
        return Optional.empty();
    }

    /** Whether it may be somewhere else a moment later. */
    default boolean moves() {
        return role().isPresent() || ballId().isPresent();
    }

    /** The same with another role where it is one. */
    default Mark withRole(UnaryOperator<RoleId> other) {
        return this;
    }

    /** A role. */
    record Somebody(RoleId who) implements Mark {
        public Somebody {
            Objects.requireNonNull(who, "who");
        }

        @Override
        public Optional<RoleId> role() {
            return Optional.of(who);
        }

        @Override
        public Mark withRole(UnaryOperator<RoleId> other) {
            return new Somebody(other.apply(who));
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.somebody(this);
        }
    }

    /** A ball, wherever it is and whoever has it. */
    record TheBall(BallId ball) implements Mark {
        public TheBall {
            Objects.requireNonNull(ball, "ball");
        }

        @Override
        public Optional<BallId> ballId() {
            return Optional.of(ball);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.ball(this);
        }
    }

    /** @param goal id of a goal of the surface, or of one that was set out */
    record TheGoal(String goal) implements Mark {
        public TheGoal {
            Slugs.check("goal", goal);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.goal(this);
        }
    }

    /** A place. */
    record Spot(Point at) implements Mark {
        public Spot {
            Limits.place("spot", at);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.spot(this);
        }
    }
}
