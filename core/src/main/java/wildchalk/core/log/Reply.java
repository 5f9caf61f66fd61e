package wildchalk.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import wildchalk.core.drill.Limits;
import wildchalk.core.squad.PlayerId;

/**
 * What a player has answered to what was handed out to him.
 *
 * @param questions to the coach, in the order in which they were asked
 * @param at when he answered last
 */
public record Reply(PlayerId player, Coming coming, List<String> questions, Instant at) {

    public static final int MOST_QUESTIONS = 5;

    /** Whether somebody can come. Nobody's reasons. */
    public enum Coming {
        NOT_SAID,
        CAN,
        CANNOT
    }

    public Reply {
        Objects.requireNonNull(player, "player");
        Objects.requireNonNull(coming, "coming");
        Objects.requireNonNull(at, "at");
        questions = List.copyOf(questions);
        Limits.count("questions", questions.size(), MOST_QUESTIONS);
        questions.forEach(q -> Limits.text("question", q, Limits.TEXT));
    }

    /** What he says now: a question comes beside those before, the oldest makes room; an answer takes the place of the last. */
    public Reply then(Reply later) {
        List<String> all = new ArrayList<>(questions);
        later.questions.stream().filter(q -> !all.contains(q)).forEach(all::add);
        return new Reply(
                player,
                later.coming == Coming.NOT_SAID ? coming : later.coming,
                all.subList(Math.max(0, all.size() - MOST_QUESTIONS), all.size()),
                later.at);
    }
}
