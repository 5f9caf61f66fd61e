package wildchalk.picture.export;

import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.motion.Timeline;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;
import wildchalk.picture.paint.Legend;

/**
 * One version of a drill with all that was worked out for it: what every export is made from.
 *
 * @param reader whom it is written and drawn for
 */
public record Rep(Drill drill, Progression progression, Timeline timeline, TalkThrough talk, Reader reader) {

    /** For the usual reader. */
    public static Rep of(Drill drill, Progression progression) {
        return of(drill, progression, Reader.USUAL);
    }

    public static Rep of(Drill drill, Progression progression, Reader reader) {
        Timeline timeline = Timeline.of(drill, progression);
        return new Rep(drill, progression, timeline, Words.of(drill, progression, timeline, reader.unit()), reader);
    }

    Legend legend() {
        return Legend.of(progression, timeline, reader.code());
    }
}
