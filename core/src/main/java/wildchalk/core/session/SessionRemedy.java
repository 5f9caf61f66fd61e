package wildchalk.core.session;

import java.util.List;
import java.util.Objects;

/**
 * What clears a clash.
 *
 * @param kind short and stable; its text stands under {@code mend.session.<kind>}
 * @param names what it is about, in the order of the text
 * @param then the session with it
 */
public record SessionRemedy(Kind kind, List<String> names, Session then) {

    /** What is done. */
    public enum Kind {
        /** A block is made shorter: its title and by how many minutes. */
        SHORTEN,
        /** A block is left out. */
        LEAVE_OUT,
        /** Two minutes of water before a block. */
        WATER,
        /** Somebody else leads a station. */
        OTHER_COACH,
        /** A station goes to the other end. */
        OTHER_END,
        /** A station goes where its drill is drawn. */
        AS_DRAWN,
        /** Who has no group goes into the smallest. */
        INTO_GROUP,
        /** A block lasts so many minutes that everybody has his goes: its title and the minutes. */
        LONG_ENOUGH,
        /** Somebody does something else beside a block: his id, and the block's title. */
        BESIDE,
        /** Somebody is in one of his groups only: his id. */
        ONE_GROUP,
        /** A station is taken out: its drill. */
        NO_STATION,
        /** Somebody who keeps goal goes into another group: his id, and its name. */
        KEEPER,
        /** All groups at one station. */
        ONE_STATION
    }

    public SessionRemedy {
        Objects.requireNonNull(kind, "kind");
        names = List.copyOf(names);
        Objects.requireNonNull(then, "then");
    }
}
