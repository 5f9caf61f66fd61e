package wildchalk.core.log;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import wildchalk.core.drill.Limits;
import wildchalk.core.session.BlockId;

/**
 * What a block of a session was.
 *
 * @param minutes that it took, pauses not counted; 0 for one that was left out
 * @param reps that were counted; 0 where nobody did
 * @param repSeconds from each rep to the next
 * @param stops how often all stood still to listen
 * @param talkSeconds how long, all told
 * @param tallies what was counted by a key, by its name
 * @param asked questions that were asked
 */
public record LoggedBlock(
        BlockId block,
        double minutes,
        int reps,
        List<Double> repSeconds,
        int stops,
        double talkSeconds,
        List<Score> scores,
        Map<String, Integer> tallies,
        List<String> asked,
        List<String> notes) {

    public static final int MOST_COUNTED = 10_000;
    public static final int MOST_TEXTS = 500;
    public static final double MOST_MINUTES = 24 * 60;

    public LoggedBlock {
        Objects.requireNonNull(block, "block");
        repSeconds = List.copyOf(repSeconds);
        scores = List.copyOf(scores);
        tallies = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(tallies));
        asked = List.copyOf(asked);
        notes = List.copyOf(notes);
        if (!(minutes >= 0 && minutes <= MOST_MINUTES)) {
            throw new IllegalArgumentException(
                    "The block %s (%s minutes) must be 0 to %s.".formatted(block, minutes, MOST_MINUTES));
        }
        count("reps", reps);
        count("stops", stops);
        Limits.count("rep times", repSeconds.size(), MOST_COUNTED);
        Limits.count("scores", scores.size(), MOST_TEXTS);
        Limits.count("tallies", tallies.size(), MOST_TEXTS);
        Limits.count("questions", asked.size(), MOST_TEXTS);
        Limits.count("notes", notes.size(), MOST_TEXTS);
        repSeconds.forEach(s -> seconds("rep", s));
        seconds("talk", talkSeconds);
        tallies.forEach((what, n) -> {
            Limits.text("tally", what, Limits.WORD);
            count("tally of " + what, n);
        });
        asked.forEach(a -> Limits.text("question", a, Limits.TEXT));
        notes.forEach(n -> Limits.text("note", n, Limits.TEXT));
    }

    private static void count(String what, int n) {
        if (n < 0 || n > MOST_COUNTED) {
            throw new IllegalArgumentException("The %s (%d) must be 0 to %d.".formatted(what, n, MOST_COUNTED));
        }
    }

    private static void seconds(String what, double s) {
        if (!(s >= 0 && s <= MOST_MINUTES * 60)) {
            throw new IllegalArgumentException(
                    "The seconds of a %s (%s) must be 0 to %s.".formatted(what, s, MOST_MINUTES * 60));
        }
    }

    /** Points of a side, all told. */
    public int points(String group) {
        return scores.stream()
                .filter(s -> s.group().equals(group))
                .mapToInt(Score::points)
                .sum();
    }
}
