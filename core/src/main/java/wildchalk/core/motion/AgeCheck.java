package wildchalk.core.motion;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Suits;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.text.Texts;

/** Notes that a version is timed for an age that it is not for. */
public final class AgeCheck {

    private AgeCheck() {}

    /** @param pace whose speeds the times come from */
    public static List<Finding> findings(Progression version, AgeBand pace) {
        Suits suits = version.course().suits();
        if (suits.ages().isEmpty() || suits.ages().contains(pace)) {
            return List.of();
        }
        return List.of(new Finding(
                Severity.NOTE,
                "other-age",
                Texts.CORE.get("finding.other-age", suits.agesInWords(), pace.label()),
                Texts.CORE.get("remedy.other-age", suits.agesInWords()),
                List.of(),
                Optional.empty(),
                Optional.empty()));
    }
}
