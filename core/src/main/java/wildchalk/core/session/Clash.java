package wildchalk.core.session;

import java.util.List;
import java.util.Objects;

/**
 * What does not go together in a session, as data; words put it into sentences.
 *
 * @param blocks in which it is, in order; none for the whole
 * @param names what it is about: a coach, a player, a drill, a kind of gear, by id or name
 * @param have how much there is, or when; 0 where that says nothing
 * @param need how much it takes
 */
public record Clash(Kind kind, List<BlockId> blocks, List<String> names, double have, double need) {

    /** What can be wrong. */
    public enum Kind {
        /** More minutes than there are: have and need in minutes. */
        OVER_TIME(true),
        /** A drill that is not in the binder, or a version that it has not. */
        NO_DRILL(true),
        /** A coach leads two at once. */
        COACH_TWICE(true),
        /** A player is in two places at once. */
        PLAYER_TWICE(true),
        /** Fewer people than a rep takes. */
        TOO_FEW(true),
        /** Stations of a block lie over each other. */
        FLOOR_TWICE(true),
        /** Shots of the first fly, or fly on when they miss, to where the second is. */
        SHOT_LANE(true),
        /** Two stations shoot at one goal. */
        GOAL_TWICE(true),
        /** A station shoots where no goal stands. */
        NO_GOAL(true),
        /** Fewer keepers than a station has goals for. */
        NO_KEEPER(false),
        /** A station reaches over the edge of the floor. */
        OFF_FLOOR(true),
        /** Fewer pieces of a kind than stand at once. */
        GEAR_SHORT(true),
        BALLS_SHORT(true),
        /** Somebody is not to do what a drill has. */
        RESTRAINT(true),
        /** Longer than 20 minutes without a drink: have is the minute at which it would be due. */
        NO_WATER(false),
        /** So much to carry between two blocks that everybody stands: have is the minutes it takes. */
        SET_UP(false),
        /** Fewer goes than there are to be, or more than twice as many: have and need. */
        GOES(false),
        /** Nobody is there who stands in no group. */
        NO_GROUP(false);

        private final boolean grave;

        Kind(boolean grave) {
            this.grave = grave;
        }

        /** Whether it cannot be run like that; the others are worth a thought. */
        public boolean isGrave() {
            return grave;
        }
    }

    public Clash {
        Objects.requireNonNull(kind, "kind");
        blocks = List.copyOf(blocks);
        names = List.copyOf(names);
    }
}
