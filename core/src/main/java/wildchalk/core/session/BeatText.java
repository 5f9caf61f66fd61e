package wildchalk.core.session;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.text.Numbers;

/** Shifts as they are typed: "45" seconds, "20-40" drawn anew each time, "45/15" with rest between. */
public final class BeatText {

    private static final Pattern TYPED = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?)(?:\\s*-\\s*(\\d+(?:[.,]\\d+)?))?(?:\\s*/\\s*(\\d+(?:[.,]\\d+)?))?\\s*s?");

    private BeatText() {}

    public static String of(Optional<Beat> beat) {
        return beat.map(b -> Numbers.brief(b.leastSeconds(), 1)
                        + (b.isDrawn() ? "-" + Numbers.brief(b.mostSeconds(), 1) : "")
                        + (b.restSeconds() > 0 ? "/" + Numbers.brief(b.restSeconds(), 1) : ""))
                .orElse("");
    }

    /**
     * Empty for nothing.
     *
     * @throws IllegalArgumentException for what is no shift
     */
    public static Optional<Beat> beat(String typed) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        Matcher m = TYPED.matcher(typed.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "Shifts are seconds like 45, 20-40 where each is drawn, 45/15 with rest; not \"%s\"."
                            .formatted(typed.strip()));
        }
        double least = number(m.group(1));
        return Optional.of(new Beat(
                least, m.group(2) == null ? least : number(m.group(2)), m.group(3) == null ? 0 : number(m.group(3))));
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
