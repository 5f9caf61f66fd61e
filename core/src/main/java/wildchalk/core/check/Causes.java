package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** What has one cause is one finding: what cannot happen only because something else cannot is left out. */
final class Causes {

    private static final Set<String> WAITING = Set.of("waits-for-never", "never-caught");

    private Causes() {}

    /** @param found in the order of the moves */
    static List<Finding> of(Path path, Timeline timeline, List<Finding> found) {
        Set<MoveId> stuck = new HashSet<>();
        found.stream()
                .filter(f -> f.severity() == Severity.STOP)
                .flatMap(f -> f.moves().stream().limit(1))
                .forEach(stuck::add);
        List<Finding> causes = new ArrayList<>();
        for (Finding f : found) {
            boolean waits =
                    WAITING.contains(f.rule()) && stuck.contains(f.moves().get(1));
            boolean lacks = f.rule().equals("no-ball") && wasToGet(path, timeline, stuck, f);
            if (!waits && !lacks) {
                causes.add(f);
            }
        }
        return causes;
    }

    /** Whether a pass to the role that lacks the ball, told before, cannot happen. */
    private static boolean wasToGet(Path path, Timeline timeline, Set<MoveId> stuck, Finding noBall) {
        RoleId role = noBall.roles().get(0);
        return path.moves().stream()
                .takeWhile(m -> !m.id().equals(noBall.moves().get(0)))
                .anyMatch(m -> m instanceof Pass pass
                        && pass.receiver().filter(role::equals).isPresent()
                        && stuck.contains(m.id())
                        && !timeline.move(m.id()).happens());
    }
}
