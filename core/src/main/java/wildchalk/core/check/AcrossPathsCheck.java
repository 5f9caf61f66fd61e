package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** Finds moves that wait for what happens on another path only. */
final class AcrossPathsCheck {

    private static final Flaw ACROSS_PATHS = Flaw.warn("across-paths");

    private AcrossPathsCheck() {}

    static List<Finding> of(RunThrough run) {
        Path path = run.path();
        List<Finding> list = new ArrayList<>();
        for (Map.Entry<MoveId, MoveId> pair :
                Outcomes.waitingAcross(path.version()).entrySet()) {
            Optional<Move> here = path.move(pair.getKey());
            here.ifPresent(m -> list.add(
                    Finding.of(ACROSS_PATHS, pair.getKey(), pair.getValue()).at(path.startOf(m.role()))));
        }
        return list;
    }
}
