package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What somebody does where he is. */
public sealed interface Deed
        permits Deed.Waiting,
                Deed.Turning,
                Deed.Screening,
                Deed.Contact,
                Deed.Contest,
                Challenge,
                OpenPlay,
                Skill,
                Looking,
                DroppingOut,
                HandlingGear,
                Deed.Calling,
                Deed.PuttingDown {

    double MAX_SECONDS = 600;

    <T> T match(Cases<T> cases);

    /** One answer for each kind. */
    interface Cases<T> {
        T waiting(Waiting w);

        T turning(Turning t);

        T screening(Screening s);

        T contact(Contact c);

        T contest(Contest c);

        T challenge(Challenge c);

        T openPlay(OpenPlay p);

        T skill(Skill s);

        T looking(Looking l);

        T droppingOut(DroppingOut d);

        T handlingGear(HandlingGear h);

        T calling(Calling c);

        T puttingDown(PuttingDown p);
    }

    /** Others that the deed names. */
    default List<RoleId> others() {
        return List.of();
    }

    /** With other roles in the places of those that it names. */
    default Deed withRoles(UnaryOperator<RoleId> other) {
        return this;
    }

    /** @param seconds above zero, at most 600 */
    record Waiting(double seconds) implements Deed {
        public Waiting {
            Limits.lasting("wait", seconds);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.waiting(this);
        }
    }

    /** How somebody turns. */
    enum Turn {
        /** About one foot, or from forward to backward skating. */
        PIVOT,
        /** The hips towards the play. */
        OPEN_UP,
        /** Off a screen, towards the goal. */
        ROLL,
        /** Right round, back to the opponent. */
        SPIN
    }

    /**
     * Turns the body; somebody who is under way turns without stopping.
     *
     * @param hand which way round: LEFT is counter-clockwise
     * @param degrees how far, above 0, at most 720
     */
    record Turning(Turn turn, Hand hand, double degrees) implements Deed {
        public Turning {
            Objects.requireNonNull(turn, "turn");
            if (hand != Hand.LEFT && hand != Hand.RIGHT) {
                throw new IllegalArgumentException("The turn (hand %s) must go LEFT or RIGHT.".formatted(hand));
            }
            if (!(degrees > 0 && degrees <= 720)) {
                throw new IllegalArgumentException(
                        "The turn (%s degrees) must be above 0 and at most 720.".formatted(degrees));
            }
        }

        /** Positive counter-clockwise. */
        public double sweepDegrees() {
            return hand == Hand.LEFT ? degrees : -degrees;
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.turning(this);
        }
    }

    /**
     * Stands in the way of a defender.
     *
     * @param against whose way; empty for nobody in particular
     */
    record Screening(Optional<RoleId> against, double seconds) implements Deed {
        public Screening {
            Objects.requireNonNull(against, "against");
            Limits.lasting("screen", seconds);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return new Screening(against.map(other), seconds);
        }

        @Override
        public List<RoleId> others() {
            return against.stream().toList();
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.screening(this);
        }
    }

    /** How hard bodies meet. */
    enum Level {
        TOKEN,
        CONTROLLED,
        LIVE
    }

    /** Meets somebody's body. */
    record Contact(RoleId with, Level level, double seconds) implements Deed {
        public Contact {
            Objects.requireNonNull(with, "with");
            Objects.requireNonNull(level, "level");
            Limits.lasting("contact", seconds);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return new Contact(other.apply(with), level, seconds);
        }

        @Override
        public List<RoleId> others() {
            return List.of(with);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.contact(this);
        }
    }

    /** What is fought for. */
    enum Kind {
        LOOSE_BALL,
        FACE_OFF,
        DROP,
        REBOUND,
        /** Who are over a ball on the ground. */
        RUCK,
        /** Who jump for a ball that is thrown in. */
        LINEOUT
    }

    /**
     * Several go for one ball.
     *
     * @param rivals the others, at least one
     * @param winner who gets it; empty for whoever does the move
     */
    record Contest(Kind kind, List<RoleId> rivals, Optional<RoleId> winner) implements Deed {
        public Contest {
            Objects.requireNonNull(kind, "kind");
            Objects.requireNonNull(winner, "winner");
            rivals = List.copyOf(rivals);
            if (rivals.isEmpty()) {
                throw new IllegalArgumentException("A contest (0 rivals) needs at least one.");
            }
        }

        public Contest withWinner(Optional<RoleId> somebody) {
            return new Contest(kind, rivals, somebody);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return new Contest(kind, rivals.stream().map(other).toList(), winner.map(other));
        }

        @Override
        public List<RoleId> others() {
            List<RoleId> all = new ArrayList<>(rivals);
            winner.filter(w -> !rivals.contains(w)).ifPresent(all::add);
            return all;
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.contest(this);
        }
    }

    /**
     * Calls something out.
     *
     * @param words what is called; stands for any when a set decides
     * @param set the set that it is picked from
     */
    record Calling(String words, Optional<CallId> set) implements Deed {
        public static final int MAX_LENGTH = 60;

        public Calling {
            Objects.requireNonNull(words, "words");
            Limits.text("call", words, MAX_LENGTH);
            Objects.requireNonNull(set, "set");
            if (words.isBlank() || words.length() > MAX_LENGTH) {
                throw new IllegalArgumentException(
                        "The call (\"%s\") needs 1 to %d characters.".formatted(words, MAX_LENGTH));
            }
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.calling(this);
        }
    }

    /** Puts the ball down where he stands. */
    record PuttingDown() implements Deed {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.puttingDown(this);
        }
    }
}
