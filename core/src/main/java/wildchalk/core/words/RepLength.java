package wildchalk.core.words;

import wildchalk.core.drill.Act;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.text.Numbers;

/** How long a rep takes, as it is said: open play is never timed to the tenth. */
public final class RepLength {

    private RepLength() {}

    /** "12.4 s", or "about 12 s" where people play freely in it. */
    public static String of(Path path, Timeline timeline) {
        boolean about = path.moves().stream().anyMatch(m -> m instanceof Act a && a.deed() instanceof OpenPlay);
        return about
                ? SentenceWriter.text("rep.about", Numbers.brief(Math.round(timeline.seconds()), 0))
                : Numbers.seconds(timeline.seconds());
    }
}
