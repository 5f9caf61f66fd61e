package wildchalk.core.check;

import java.util.List;
import wildchalk.core.drill.Suits;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.runthrough.RunThrough;

/** Notes that a version is timed for an age that it is not for. */
final class AgeCheck {

    private static final Flaw OTHER_AGE = Flaw.note("other-age");

    private AgeCheck() {}

    static List<Finding> of(RunThrough run) {
        Suits suits = run.version().course().suits();
        boolean fits = suits.ages().isEmpty()
                || suits.ages().contains(run.drill().audience().paceBand());
        return fits ? List.of() : List.of(Finding.of(OTHER_AGE));
    }
}
