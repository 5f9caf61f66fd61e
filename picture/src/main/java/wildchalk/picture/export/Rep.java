package wildchalk.picture.export;

import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.motion.Timeline;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** One version of a drill with all that was worked out for it: what every export is made from. */
public record Rep(Drill drill, Progression progression, Timeline timeline, TalkThrough talk) {

    public static Rep of(Drill drill, Progression progression) {
        Timeline timeline = Timeline.of(drill, progression);
        return new Rep(drill, progression, timeline, Words.of(drill, progression, timeline));
    }
}
