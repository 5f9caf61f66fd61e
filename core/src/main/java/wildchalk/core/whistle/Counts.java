package wildchalk.core.whistle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Score;
import wildchalk.core.session.BlockId;

/** What is counted in one block while it runs. */
final class Counts {

    private static final double TENTHS = 10;

    private double seconds;
    private int reps;
    private final List<Double> repSeconds = new ArrayList<>();
    private OptionalDouble lastRep = OptionalDouble.empty();
    private int stops;
    private double talk;
    private final Map<List<String>, Integer> scores = new LinkedHashMap<>();
    private final Map<String, Integer> tallies = new LinkedHashMap<>();
    private final List<String> asked = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    void runs(double more) {
        seconds += more;
    }

    void rep(double at) {
        reps++;
        lastRep.ifPresent(l -> repSeconds.add(Math.round(TENTHS * (at - l)) / TENTHS));
        lastRep = OptionalDouble.of(at);
    }

    /** From here to the next rep is no rep's time: somebody talked, or the clock stood. */
    void interrupted() {
        lastRep = OptionalDouble.empty();
    }

    void stop() {
        stops++;
        interrupted();
    }

    void talked(double more) {
        talk += more;
    }

    void score(String group, String what, int points) {
        scores.merge(List.of(group, what), points, Integer::sum);
    }

    void tally(String what) {
        tallies.merge(what, 1, Integer::sum);
    }

    void ask(String question) {
        asked.add(question);
    }

    void note(String text) {
        notes.add(text);
    }

    LoggedBlock logged(BlockId id) {
        List<Score> all = new ArrayList<>();
        scores.forEach((key, points) -> all.add(new Score(key.get(0), points, key.get(1))));
        return new LoggedBlock(
                id,
                Math.round(TENTHS * seconds / 60) / TENTHS,
                reps,
                repSeconds,
                stops,
                Math.round(talk),
                all,
                tallies,
                asked,
                notes);
    }
}
