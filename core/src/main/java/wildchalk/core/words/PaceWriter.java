package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.stopwatch.LearnedPace;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says what stopped times say about a pace, and how sure that is. */
public final class PaceWriter {

    private PaceWriter() {}

    /** @param who whose pace it is: "everybody", a label */
    public static List<String> said(LearnedPace learned, String who, AgeBand age) {
        List<String> said = new ArrayList<>();
        int count = learned.times().kept().size();
        said.add(text(
                count == 1 ? "pace-learned.times.one" : "pace-learned.times",
                String.valueOf(count),
                Numbers.fixed(learned.times().median(), 1),
                Numbers.fixed(learned.times().spread(), 1),
                Numbers.fixed(learned.model(), 1)));
        if (!learned.times().slips().isEmpty()) {
            said.add(text(
                    "pace-learned.slips",
                    ReadOut.list(learned.times().slips().stream()
                            .map(s -> Numbers.brief(s, 1))
                            .toList())));
        }
        if (learned.factor().isEmpty()) {
            said.add(text("pace-learned.none"));
        } else {
            double factor = learned.factor().get();
            said.add(text(
                    "pace-learned.factor",
                    who,
                    Numbers.fixed(100 * factor, 0),
                    age.label(),
                    Numbers.fixed(100 * learned.low().orElse(factor), 0),
                    Numbers.fixed(100 * learned.high().orElse(factor), 0)));
            if (count < FEW) {
                said.add(text("pace-learned.few"));
            }
        }
        return said;
    }

    /** Fewer times than these say little. */
    private static final int FEW = 5;

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
