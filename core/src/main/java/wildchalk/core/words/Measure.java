package wildchalk.core.words;

import java.util.Objects;

/**
 * A figure beside a sentence that knows of what it is the figure.
 *
 * @param value in SI units, degrees for angles; 0 where nothing is counted
 * @param text as it reads: "caught at 1.3 s"
 */
public record Measure(Kind what, double value, String text) {

    /** Of what it is the figure. */
    public enum Kind {
        /** How long a way is, m. */
        WAY,
        /** How long something takes, s. */
        TIME,
        /** About how long open play lasts, s. */
        ABOUT,
        /** When a pass is in somebody's hands, s from the whistle. */
        CAUGHT,
        /** When a pass comes down or to rest with nobody, s from the whistle. */
        THERE,
        /** How far from the goal a shot is taken, m. */
        OUT,
        /** The angle that the goal is open to the shooter, degrees. */
        OPEN,
        /** How long after its cue something starts, s. */
        DELAY,
        /** How long the cue takes to be seen or heard, s. */
        REACTION,
        /** When somebody else has it, or knocks it away, s from the whistle. */
        LOST,
        /** By how much somebody is first, s. */
        AHEAD,
        /** How far somebody who goes by others falls behind, m. */
        OFF,
        /** Nobody catches it. */
        NOT_CAUGHT,
        /** It cannot happen as drawn. */
        NEVER
    }

    public Measure {
        Objects.requireNonNull(what, "what");
        Objects.requireNonNull(text, "text");
    }
}
