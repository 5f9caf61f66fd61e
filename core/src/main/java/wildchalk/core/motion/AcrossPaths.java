package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.text.Texts;

/** Finds moves that wait for what happens on another path only. */
public final class AcrossPaths {

    private AcrossPaths() {}

    /** Those on a path. */
    public static List<Finding> findings(Path path) {
        Progression whole = path.version();
        List<Finding> list = new ArrayList<>();
        for (Map.Entry<MoveId, MoveId> pair : Outcomes.waitingAcross(whole).entrySet()) {
            Optional<Move> here = path.move(pair.getKey());
            if (here.isPresent()) {
                Object[] names = {name(whole, pair.getKey()), name(whole, pair.getValue())};
                list.add(new Finding(
                        Severity.WARN,
                        "across-paths",
                        Texts.CORE.get("finding.across-paths", names),
                        Texts.CORE.get("remedy.across-paths", names),
                        List.of(pair.getKey()),
                        Optional.of(path.startOf(here.get().role())),
                        Optional.empty()));
            }
        }
        return list;
    }

    private static String name(Progression whole, MoveId id) {
        Move move = whole.move(id).orElseThrow();
        return Texts.CORE.get(
                "move.name",
                id.text(),
                whole.role(move.role()).orElseThrow().label(),
                Texts.CORE.get("move.kind." + MoveKinds.of(move)));
    }
}
