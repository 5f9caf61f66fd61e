package wildchalk.picture.export;

import java.io.IOException;
import java.util.List;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** A clip or page would play longer than anybody watches, or than a machine can make; says what to do. */
public final class TooLong extends IOException {

    private static final long serialVersionUID = 1;

    private TooLong(String message) {
        super(message);
    }

    /**
     * @param most seconds that all reps together may last
     * @throws TooLong when they last longer
     */
    static void check(List<Told> reps, double most) throws TooLong {
        double seconds = reps.stream().mapToDouble(r -> r.timeline().seconds()).sum();
        if (seconds > most) {
            throw new TooLong(Texts.of("wildchalk.picture.picture")
                    .get("export.too-long", Numbers.brief(seconds / 60, 0), Numbers.brief(most / 60, 0)));
        }
    }
}
