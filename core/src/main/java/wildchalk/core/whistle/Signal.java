package wildchalk.core.whistle;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import wildchalk.core.drill.Limits;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.squad.PlayerId;

/** What somebody presses while a session runs. */
public sealed interface Signal {

    /** The clock stands. */
    record Pause() implements Signal {}

    record Resume() implements Signal {}

    /** On to what follows. */
    record Next() implements Signal {}

    /** Whether what follows comes by itself when the time is over. */
    record ByItself(boolean is) implements Signal {}

    /** So many minutes longer; shorter where it is less than nothing. */
    record Longer(double minutes) implements Signal {
        public Longer {
            if (!(Math.abs(minutes) <= Session.MOST_MINUTES)) {
                throw new IllegalArgumentException(
                        "A block (%s minutes longer) can get %d at most.".formatted(minutes, Session.MOST_MINUTES));
            }
        }
    }

    /** A rep begins. */
    record Rep() implements Signal {}

    /** @param set which calls: {@code drill/version/set} */
    record Called(String set, List<String> words) implements Signal {
        public Called {
            Objects.requireNonNull(set, "set");
            words = List.copyOf(words);
        }
    }

    /** @param group id of a group, or the name of a side */
    record Scored(String group, String what, int points) implements Signal {
        public Scored {
            Limits.text("group", group, Limits.WORD);
            Limits.text("what points are for", what, Limits.WORD);
        }
    }

    /** Everybody stands still and listens. */
    record Freeze() implements Signal {}

    /** It goes on. */
    record Go() implements Signal {}

    record Asked(String question) implements Signal {
        public Asked {
            Limits.text("question", question, Limits.TEXT);
        }
    }

    record Noted(String text) implements Signal {
        public Noted {
            Limits.text("note", text, Limits.TEXT);
        }
    }

    /** One more of something that is counted. */
    record Tallied(String what) implements Signal {
        public Tallied {
            Limits.text("tally", what, Limits.WORD);
        }
    }

    record Came(PlayerId player) implements Signal {}

    record Gone(PlayerId player) implements Signal {}

    /** The hall closes so much earlier; later where it is less than nothing. */
    record Lost(double minutes) implements Signal {
        public Lost {
            if (!(Math.abs(minutes) <= Session.MOST_MINUTES)) {
                throw new IllegalArgumentException(
                        "The minutes lost (%s) can be %d at most.".formatted(minutes, Session.MOST_MINUTES));
            }
        }
    }

    /** @param minutes of each block that is still to come; one that is not named is left out */
    record Replanned(Map<BlockId, Double> minutes) implements Signal {
        public Replanned {
            minutes = Map.copyOf(minutes);
        }
    }

    /** The last that was pressed was not meant. */
    record Undo() implements Signal {}
}
