package wildchalk.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** All rules. */
public final class Checks {

    private static final List<Check> ALL = List.of(
            run -> run.timeline().findings(),
            HoldCheck::of,
            LimitCheck::of,
            DutyCheck::of,
            AcrossPathsCheck::of,
            LaunchCheck::of,
            TouchCheck::of,
            SoundnessCheck::of,
            RotationCheck::of,
            AgeCheck::of,
            TrafficCheck::of,
            LaneCheck::of,
            ShotCheck::of,
            ForwardPassCheck::of,
            RunOutCheck::of,
            GearCheck::of,
            RepsCheck::of,
            CueCheck::of,
            BlindSideCheck::of,
            ContactCheck::of,
            PeopleCheck::of,
            StationCheck::of,
            WalkersCheck::of,
            WhoseBallCheck::of,
            Checks::ofShape,
            ScriptCheck::of,
            HeadStartCheck::of,
            FollowCheck::of,
            FootCheck::of,
            ThrowCheck::of,
            CarryCheck::of,
            SidesCheck::of,
            SpaceCheck::of);

    private Checks() {}

    /** Where there is no defence, nobody's place is judged. */
    private static List<Finding> ofShape(RunThrough run) {
        if (run.path().roles().stream().noneMatch(r -> r.side() == Side.DEFENCE)) {
            return List.of();
        }
        Sampled sampled = Sampled.of(run);
        List<Finding> found = new ArrayList<>(HelpSightCheck.of(run, sampled));
        found.addAll(SpacingCheck.of(run, sampled));
        return found;
    }

    /** What all rules find on one path, worst first, then in the order of the moves. */
    public static List<Finding> of(RunThrough run) {
        Map<MoveId, Integer> order = run.path().moveOrder();
        List<Finding> all = ALL.stream()
                .flatMap(check -> check.of(run).stream())
                .sorted(Comparator.comparing(Finding::severity)
                        .thenComparing(f ->
                                f.moves().stream().findFirst().map(order::get).orElse(-1)))
                .toList();
        return Causes.of(run.path(), run.timeline(), onceEach(run.path(), all));
    }

    /** What is found in a repetition as it was in what is repeated is said once. */
    private static List<Finding> onceEach(Path path, List<Finding> all) {
        if (path.course().repeats().isEmpty()) {
            return all;
        }
        Set<List<Object>> said = new HashSet<>();
        return all.stream()
                .filter(f -> f.moves().isEmpty()
                        || said.add(List.of(
                                f.rule(), f.moves().stream().map(path::told).toList())))
                .toList();
    }

    /** Those of them that the coach has not accepted in this version. */
    public static List<Finding> open(RunThrough run) {
        return of(run).stream()
                .filter(f -> Acceptance.in(run.drill(), run.version().id(), f).isEmpty())
                .toList();
    }
}
