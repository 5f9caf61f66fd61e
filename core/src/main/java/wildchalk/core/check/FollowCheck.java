package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.motion.Behind;
import wildchalk.core.runthrough.RunThrough;

/** Finds those who go by others and cannot keep up. */
final class FollowCheck {

    private static final Flaw FOLLOW_BEHIND = Flaw.note("follow-behind");

    private FollowCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Move move : run.path().moves()) {
            Optional<Behind> behind = Behind.of(run.timeline(), move);
            behind.ifPresent(b -> {
                List<ElementId> about = new ArrayList<>(List.of(move.id(), move.role()));
                ((Travel) move)
                        .follows().orElseThrow().roles().stream().limit(1).forEach(about::add);
                found.add(Finding.of(FOLLOW_BEHIND, about)
                        .with(Quantity.METRES, b.metres())
                        .at(run.timeline().poseAt(move.role(), b.seconds()).at(), b.seconds()));
            });
        }
        return found;
    }
}
