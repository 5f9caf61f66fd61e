package wildchalk.core.runthrough;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.motion.Finish;
import wildchalk.core.motion.Timeline;
import wildchalk.core.motion.Whereabouts;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Path;

/**
 * A path with its times, in which races go the way that the clock has them: who is first is worked out and not chosen, unless
 * somebody wants to see another way.
 */
record Clocked(Path path, Timeline timeline) {

    static Clocked of(Drill drill, Path asked) {
        Path path = asked.choices().byClock().isEmpty()
                ? asked
                : Path.of(asked.version(), asked.choices().withByClock(Map.of()));
        Timeline timeline = Timeline.of(drill, path);
        Map<ForkId, BranchId> clock = new HashMap<>();
        boolean more = true;
        // each round settles at least one race more: what comes behind it may hang on it
        while (more) {
            more = false;
            for (Fork settled : path.course().forks()) {
                Fork fork = path.version().course().fork(settled.id()).orElseThrow();
                boolean open = fork.isByClock()
                        && !clock.containsKey(fork.id())
                        && !path.choices().branches().containsKey(fork.id());
                if (!open) {
                    continue;
                }
                Optional<Branch> branch = branch(drill, path, timeline, fork);
                BranchId taken = settled.branches().get(0).id();
                clock.put(fork.id(), branch.map(Branch::id).orElse(taken));
                more = true;
                Choices choices = path.choices().withByClock(clock);
                path = Path.of(path.version(), choices);
                if (!clock.get(fork.id()).equals(taken)) {
                    timeline = Timeline.of(drill, path);
                    break;
                }
            }
        }
        return new Clocked(path, timeline);
    }

    private static Optional<Branch> branch(Drill drill, Path path, Timeline timeline, Fork fork) {
        return fork.by() == Fork.By.PLACE
                ? Whereabouts.of(path, timeline, fork).flatMap(w -> w.branchOf(path, drill.surface(), fork))
                : Finish.of(path, drill.surface(), timeline, fork).flatMap(f -> f.branchOf(fork));
    }
}
