package wildchalk.core.session;

import java.util.List;
import java.util.Objects;
import wildchalk.core.drill.Limits;

/** What a block of a session is. */
public sealed interface What {

    /** How stations change within a block. */
    enum Turning {
        /** Everybody stays where he is. */
        NONE,
        /** Each group goes on to the next station, until all have been at all. */
        GROUPS,
        /** The second half is mirrored. */
        SIDES,
        /** The versions of its drills one after the other, each for the same time; one that has no more stays at its last. */
        VERSIONS
    }

    /** How it is corrected. */
    enum Correcting {
        /** Nobody has said. */
        OPEN,
        /** Everybody freezes where he is. */
        FREEZE,
        BETWEEN_REPS,
        LET_PLAY
    }

    /** @param stations side by side, at least one, ids unique */
    record Drilling(List<StationPlan> stations, Turning turning, Correcting correcting) implements What {

        public static final int MOST_STATIONS = 12;
        private static final int MOST_ROUNDS = 12;

        public Drilling {
            Objects.requireNonNull(turning, "turning");
            Objects.requireNonNull(correcting, "correcting");
            stations = List.copyOf(stations);
            Limits.count("stations", stations.size(), MOST_STATIONS);
            if (stations.isEmpty()) {
                throw new IllegalArgumentException("A block of drills (0 stations) needs at least one.");
            }
            if (stations.stream().map(StationPlan::id).distinct().count() < stations.size()) {
                throw new IllegalArgumentException("Two stations of a block have the same id.");
            }
        }

        /**
         * How many rounds there are: as many as stations where groups go round, two where sides are changed.
         *
         * @param versions of the drill that has most
         */
        public int rounds(int versions) {
            return switch (turning) {
                case NONE -> 1;
                case GROUPS -> stations.size();
                case SIDES -> 2;
                case VERSIONS -> Math.max(1, Math.min(versions, MOST_ROUNDS));
            };
        }
    }

    /** What kind of time it is that no drill fills. */
    enum Kind {
        WATER,
        TALK,
        WARM_UP,
        GAME,
        OTHER
    }

    /** Plain words: a meeting, stretching, a game, a drink. */
    record Plain(Kind kind, String text) implements What {
        public Plain {
            Objects.requireNonNull(kind, "kind");
            Limits.text("text", text, Limits.TEXT);
        }
    }
}
