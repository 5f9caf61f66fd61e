package wildchalk.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.text.Texts;

/** Sessions to begin with. */
public final class Templates {

    /** Of the minutes of a match-day warm-up that are left beside the drink and the talks, in tenths. */
    private static final int[] MATCH_DAY_TENTHS = {4, 4, 2};

    private static final double TALK = 1.5;
    private static final double DRINK = 1.5;
    private static final int LEAST = 10;

    private Templates() {}

    /** What an earlier session was, on another day; who was absent then is not known to be now. */
    public static Session like(Session earlier, Session when) {
        return earlier.withStart(when.date(), when.start()).withAbsent(List.of());
    }

    /**
     * A warm-up before a match that ends when it has to: words, get moving, the ball, game speed, a drink, last words.
     *
     * @param like whose floor, squad and coaches it has
     * @param minutes 10 to 240
     */
    public static Session matchDay(Session like, int minutes) {
        if (minutes < LEAST || minutes > SessionBlock.MOST_MINUTES) {
            throw new IllegalArgumentException("A warm-up (%d minutes) can have %d to %d."
                    .formatted(minutes, LEAST, (int) SessionBlock.MOST_MINUTES));
        }
        Session s = like.withTitle(Texts.CORE.get("template.match-day"))
                .withMinutes(minutes)
                .withBlocks(List.of());
        double rest = minutes - 2 * TALK - DRINK;
        List<SessionBlock> blocks = new ArrayList<>();
        blocks.add(block("b1", "words", What.Kind.TALK, TALK, true));
        double given = 0;
        for (int i = 0; i < MATCH_DAY_TENTHS.length; i++) {
            boolean last = i == MATCH_DAY_TENTHS.length - 1;
            double length = last ? rest - given : Math.round(2 * rest * MATCH_DAY_TENTHS[i] / 10) / 2.0;
            given += length;
            blocks.add(block("b" + (i + 2), "part" + (i + 1), What.Kind.WARM_UP, length, false));
        }
        blocks.add(new SessionBlock(new BlockId("w1"), "", DRINK, true, "", new What.Plain(What.Kind.WATER, "")));
        blocks.add(block("b5", "last", What.Kind.TALK, TALK, true));
        return s.withBlocks(blocks);
    }

    private static SessionBlock block(String id, String key, What.Kind kind, double minutes, boolean must) {
        return new SessionBlock(
                new BlockId(id),
                Texts.CORE.get("template.match-day." + key),
                minutes,
                must,
                "",
                0,
                Optional.empty(),
                new What.Plain(kind, Texts.CORE.get("template.match-day." + key + ".text")));
    }
}
