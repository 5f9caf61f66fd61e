package wildchalk.core.words;

import java.util.Locale;
import java.util.Optional;
import wildchalk.core.drill.StepId;
import wildchalk.core.motion.HeadCounts;
import wildchalk.core.motion.HeadCounts.Count;
import wildchalk.core.text.Texts;

/** Writes who plays against whom from a step on: where play begins, and where that changes. Asked step after step. */
final class NumbersWriter {

    private final HeadCounts counts;
    private Optional<Count> before = Optional.empty();

    NumbersWriter(HeadCounts counts) {
        this.counts = counts;
    }

    /** "3 v 2 to the right, then 3 v 3"; empty where it is as in the step before. */
    String of(StepId step) {
        Optional<Count> start = counts.of(step);
        Optional<Count> end = counts.atEndOf(step);
        boolean grows = start.isPresent() && end.isPresent() && !sameHeads(start.get(), end.get());
        String said = start.filter(s -> !start.equals(before) || grows)
                .map(NumbersWriter::text)
                .orElse("");
        before = end.isPresent() ? end : start;
        return grows ? Texts.CORE.get("numbers.then", said, heads(end.get())) : said;
    }

    private static boolean sameHeads(Count a, Count b) {
        return a.withBall() == b.withBall() && a.against() == b.against();
    }

    /** "5 v 4 to the right". */
    private static String text(Count count) {
        return Texts.CORE.get(
                "numbers." + count.direction().name().toLowerCase(Locale.ROOT),
                heads(count.withBall(), count.ours(), count.theirs()),
                heads(count.against(), count.theirs(), count.ours()));
    }

    /** "3 Blue"; only the number where either is of no team. */
    private static String heads(int count, String team, String others) {
        return team.isEmpty() || others.isEmpty()
                ? String.valueOf(count)
                : Texts.CORE.get("numbers.team", String.valueOf(count), team);
    }

    private static String heads(Count count) {
        return Texts.CORE.get(
                "numbers.none",
                heads(count.withBall(), count.ours(), count.theirs()),
                heads(count.against(), count.theirs(), count.ours()));
    }
}
