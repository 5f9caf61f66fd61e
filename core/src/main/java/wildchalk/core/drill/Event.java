package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** A moment of the rep that something can wait for. */
public sealed interface Event {

    <T> T match(Cases<T> cases);

    /** One answer for each kind. */
    interface Cases<T> {
        T whistle(Whistle w);

        T starts(Starts s);

        T ends(Ends e);

        T caught(Caught c);

        T handles(Handles h);

        T reaches(Reaches r);

        T called(IsCalled c);
    }

    /** The move that it is a moment of, if it is one. */
    default Optional<MoveId> move() {
        return Optional.empty();
    }

    /** The same moment of another move; another kind of moment stays as it is. */
    default Event withMove(MoveId other) {
        return this;
    }

    /** Second zero. */
    record Whistle() implements Event {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.whistle(this);
        }
    }

    /** Another move starts. For a pass or a shot this is the moment of release. */
    record Starts(MoveId of) implements Event {
        @Override
        public Optional<MoveId> move() {
            return Optional.of(of);
        }

        @Override
        public Event withMove(MoveId other) {
            return new Starts(other);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.starts(this);
        }
    }

    /** Another move ends. For a shot this is the ball at the goal. */
    record Ends(MoveId of) implements Event {
        @Override
        public Optional<MoveId> move() {
            return Optional.of(of);
        }

        @Override
        public Event withMove(MoveId other) {
            return new Ends(other);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.ends(this);
        }
    }

    /** A pass is caught. */
    record Caught(MoveId of) implements Event {
        @Override
        public Optional<MoveId> move() {
            return Optional.of(of);
        }

        @Override
        public Event withMove(MoveId other) {
            return new Caught(other);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.caught(this);
        }
    }

    /** What somebody does with a ball. */
    enum Handling {
        /** Gets it: catches, picks up, wins. */
        GETS,
        /** Lets it go: passes, shoots, puts down. */
        RELEASES,
        /** Either. */
        TOUCHES
    }

    /** Somebody gets, releases or touches a ball, whichever, first after the step of the waiting move began. */
    record Handles(RoleId role, Handling what) implements Event {
        public Handles {
            Objects.requireNonNull(role, "role");
            Objects.requireNonNull(what, "what");
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.handles(this);
        }
    }

    /** Somebody or a ball crosses, enters, leaves or comes near something, after the step of the waiting move began. */
    record Reaches(Mover who, Region where) implements Event {
        public Reaches {
            Objects.requireNonNull(who, "who");
            Objects.requireNonNull(where, "where");
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.reaches(this);
        }
    }

    /** Something is called, alone or among several. */
    record IsCalled(String words) implements Event {
        public IsCalled {
            Objects.requireNonNull(words, "words");
            Limits.text("call", words, Limits.WORD);
        }

        /** Whether it is heard when so many words are called, with commas between. */
        public boolean isHeardIn(String called) {
            return called.equals(words) || List.of(called.split(", ")).contains(words);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.called(this);
        }
    }
}
