package wildchalk.core.season;

import java.util.List;
import java.util.Objects;

/**
 * What some weeks show that is worth a thought, as data.
 *
 * @param names what or whom it is about, by id or name
 * @param figures in the order of their kind
 */
public record Hint(Kind kind, List<String> names, List<Double> figures) {

    /** What it says. */
    public enum Kind {
        /** A block that was planned last and had few of its minutes, or none: its title; had, planned. */
        MISSED,
        /** A drill that was used and then not for so many days: its id. */
        NOT_LATELY,
        /** A theme likewise. */
        THEME_NOT_LATELY,
        /** A drill that was run so many times, and always the same way round: its id. */
        ONE_SIDE,
        /** Somebody had at most half the turns a session of somebody else: both, with their turns. */
        FEW_TURNS,
        /** Reps of a drill took so much longer (share) than drawn: its id. */
        SLOWER,
        /** Likewise shorter. */
        FASTER,
        /** So many minutes a session everybody stood and listened. */
        TALK
    }

    public Hint {
        Objects.requireNonNull(kind, "kind");
        names = List.copyOf(names);
        figures = List.copyOf(figures);
    }
}
