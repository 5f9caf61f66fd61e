package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Scene;

/**
 * For how many a drill is.
 *
 * @param fewest whom one rep takes at each station, coaches not counted
 * @param best the fewest with whom reps start as often as they do with more: one more only makes the others wait longer
 * @param most those with whom nobody waits longer between two turns than an age should; empty where even the fewest do
 * @param rows one for each count, from the fewest on
 */
public record Fit(int fewest, int best, OptionalInt most, List<Row> rows) {

    /** What so many people get, at the fullest station. */
    public record Row(int people, Block block) {}

    public static final int MOST = 40;

    /** Young children wait no longer (s) than this between two turns (estimate: 30 to 40 s). */
    private static final double CHILDREN_WAIT_SECONDS = 40;

    /** Others (s; estimate). */
    private static final double WAIT_SECONDS = 75;

    /** Reps that start so little (s) later start as often. */
    private static final double ON_TIME_SECONDS = 0.5;

    public Fit {
        rows = List.copyOf(rows);
    }

    /** Nobody of an age should wait longer (s) than this for the next turn. */
    public static double longestWait(AgeBand age) {
        return age == AgeBand.U8 || age == AgeBand.U10 ? CHILDREN_WAIT_SECONDS : WAIT_SECONDS;
    }

    /** From the fewest to 40 people; the fewest alone where nobody more has somewhere to stand. */
    public static Fit of(RepScript script, Conditions conditions, double minutes, AgeBand age) {
        Scene scene = script.path();
        int stations = Setting.count(scene);
        int fewest = stations * Filling.fewest(scene);
        List<Row> rows = new ArrayList<>();
        int most = Filling.hasRoom(scene) ? Math.max(MOST, fewest) : fewest;
        for (int people = Math.max(1, fewest); people <= most; people++) {
            int here = (people + stations - 1) / stations;
            Row last = rows.isEmpty() ? null : rows.get(rows.size() - 1);
            boolean same = last != null && (last.people() + stations - 1) / stations == here;
            rows.add(new Row(
                    people, same ? last.block() : Block.of(script, conditions.withPeople(scene, here), minutes)));
        }
        double least = rows.stream().mapToDouble(r -> lateness(r.block())).min().orElse(0);
        int best = rows.stream()
                .filter(r -> lateness(r.block()) <= least + ON_TIME_SECONDS)
                .mapToInt(Row::people)
                .findFirst()
                .orElse(rows.get(rows.size() - 1).people());
        OptionalInt longest = rows.stream()
                .filter(r -> r.block().longestWaitSeconds() <= longestWait(age))
                .mapToInt(Row::people)
                .max();
        return new Fit(fewest, best, longest, rows);
    }

    /** How late a rep starts on average, s. */
    private static double lateness(Block block) {
        return block.reps() < 2 ? 0 : block.waitedSeconds() / (block.reps() - 1);
    }
}
