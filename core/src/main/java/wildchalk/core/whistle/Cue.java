package wildchalk.core.whistle;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What is to be heard and seen: it has just come. */
public enum Cue {
    /** Another part runs. */
    PART,
    /** A minute is left. */
    LAST_MINUTE,
    /** The time of the part is over. */
    OVER,
    /** Groups or sides change. */
    ROUND,
    /** A shift or an interval begins. */
    SHIFT,
    /** It is over, and there is rest. */
    REST;

    private static final double MINUTE = 60;

    /** A part must be so long (s) that its last minute is worth a sound. */
    private static final double WORTH = 150;

    /** What has come from one moment to a later one. */
    public static Set<Cue> between(Run before, Run after) {
        Set<Cue> cues = EnumSet.noneOf(Cue.class);
        Optional<Part> was = before.part();
        Optional<Part> is = after.part();
        if (before.index() != after.index()
                || was.isPresent() && is.isPresent() && !was.get().isLike(is.get())) {
            cues.add(PART);
            return cues;
        }
        if (is.isEmpty()) {
            return cues;
        }
        if (before.left() > 0 && after.left() <= 0) {
            cues.add(OVER);
        }
        if (before.left() > MINUTE && after.left() <= MINUTE && after.left() > 0 && after.length() >= WORTH) {
            cues.add(LAST_MINUTE);
        }
        if (!before.round().equals(after.round())) {
            cues.add(ROUND);
        }
        if (before.beat().isPresent() && after.beat().isPresent()) {
            BeatNow a = before.beat().get();
            BeatNow b = after.beat().get();
            if (a.number() != b.number() || a.on() != b.on()) {
                cues.add(b.on() ? SHIFT : REST);
            }
        }
        return cues;
    }
}
