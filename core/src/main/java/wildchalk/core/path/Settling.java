package wildchalk.core.path;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;

/** Decides everything that is open in a version along one path. */
final class Settling {

    private final Progression version;
    private final Choices choices;
    private final Walk walk;

    private Settling(Progression version, Choices choices) {
        this.version = version;
        this.choices = choices;
        this.walk = new Walk(version, choices);
    }

    /**
     * A version settled along one path: forks have one branch left, contests have a winner, shots their end, calls their
     * words, and places that a call decides lie where it says. What waits for a move of another path starts with its step.
     * Along a path that is settled it is the path itself.
     */
    static Progression settle(Progression version, Choices choices) {
        return Outcomes.areMany(version) ? new Settling(version, choices).settled() : version;
    }

    private Progression settled() {
        Map<MoveId, Branch> decided = new HashMap<>();
        for (Fork fork : walk.forks()) {
            fork.decider().ifPresent(m -> decided.put(m, walk.taken(fork)));
        }
        List<Step> steps = walk.steps().stream()
                .map(s -> s.withMoves(s.moves().stream()
                        .map(m -> decide(m, Optional.ofNullable(decided.get(m.id()))))
                        .toList()))
                .toList();
        Course course = version.course()
                .withForks(walk.forks().stream()
                        .map(f -> f.withBranches(List.of(walk.taken(f))))
                        .toList());
        return Pruning.withSteps(version, steps, course);
    }

    private Move decide(Move move, Optional<Branch> branch) {
        if (move instanceof Travel travel) {
            return travel.withPath(
                    travel.path().stream().map(w -> decide(travel, w)).toList());
        } else if (move instanceof Shot shot) {
            return branch.flatMap(Branch::result).map(shot::withEnd).orElse(shot);
        } else if (move instanceof Act act && act.deed() instanceof Deed.Contest contest) {
            return branch.flatMap(Branch::winner)
                    .map(w -> act.withDeed(contest.withWinner(Optional.of(w))))
                    .orElse(act);
        } else if (move instanceof Act act && act.deed() instanceof Challenge challenge) {
            return branch.flatMap(Branch::verdict)
                    .filter(challenge.bid().verdicts()::contains)
                    .map(v -> act.withDeed(challenge.withVerdict(v)))
                    .orElse(act);
        } else if (move instanceof Act act && act.deed() instanceof OpenPlay play) {
            return branch.flatMap(Branch::ending)
                    .map(e -> act.withDeed(play.withEnding(e)))
                    .orElse(act);
        } else if (move instanceof Act act && act.deed() instanceof Deed.Calling call) {
            return call.set()
                    .map(s -> Outcomes.called(version, new Ask(s, Optional.of(act.id())), choices))
                    .map(words -> act.withDeed(new Deed.Calling(String.join(", ", words), call.set())))
                    .orElse(act);
        }
        return move;
    }

    private Waypoint decide(Travel travel, Waypoint waypoint) {
        return waypoint.called()
                .flatMap(c -> place(walk.said(travel.id(), c.call()), c, waypoint.at()))
                .map(waypoint::withAt)
                .orElse(waypoint);
    }

    /** The gap whose number is called, of the row in which the path was drawn. */
    private Optional<Point> place(List<String> said, Called called, Point drawn) {
        if (called.pick() > said.size()) {
            return Optional.empty();
        }
        String wanted = said.get(called.pick() - 1);
        List<Gap> gaps = version.layout().gaps();
        int row = GapRows.rowAt(gaps, drawn);
        List<Gap> named = gaps.stream()
                .filter(g -> String.valueOf(g.number()).equals(wanted))
                .toList();
        return named.stream()
                .filter(g -> GapRows.rowOf(gaps, g) == row)
                .findFirst()
                .or(() -> named.stream().findFirst())
                .map(Gap::middle);
    }
}
