package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Rotations;
import wildchalk.core.runthrough.RunThrough;

/** Finds rotations that empty one line into another, and lines in which everybody always gets the same part. */
final class RotationCheck {

    private static final Flaw LINE_EMPTIES = Flaw.warn("line-empties");
    private static final Flaw SAME_PART = Flaw.note("same-part");

    /** Who has not come round by then gets around. */
    private static final int MOST_REPS = 100;

    private RotationCheck() {}

    static List<Finding> of(RunThrough run) {
        Path path = run.path();
        if (path.lines().stream().allMatch(l -> l.feeds().isEmpty())) {
            return List.of();
        }
        List<Finding> found = new ArrayList<>();
        Rotations rotations = Rotations.of(path);
        Map<LineId, Integer> drift = rotations.drift();
        for (WaitingLine line : path.lines()) {
            int loses = -drift.getOrDefault(line.id(), 0);
            if (loses > 0 && !AfterRep.rotation(path, 0).isEmpty()) {
                Stint stint = path.course().stint();
                int each = stint.unit() == Stint.Unit.REPS ? (int) stint.count() : 1;
                int reps = each * (Math.max(line.standing(), line.feeds().size()) / loses);
                found.add(Finding.of(LINE_EMPTIES, line.id())
                        .with(Quantity.COUNT, reps)
                        .at(line.at()));
            }
        }
        boolean anyShares = path.lines().stream()
                .anyMatch(l -> l.feeds().size() > 1 && l.standing() > l.feeds().size());
        if (anyShares && drift.values().stream().allMatch(d -> d == 0)) {
            sameParts(path, rotations.round(MOST_REPS), found);
        }
        return found;
    }

    /** A line for several parts in which nobody ever gets another than his first. */
    private static void sameParts(Path path, Rotations.Play play, List<Finding> found) {
        int first = 0;
        for (WaitingLine line : path.lines()) {
            int people = Math.max(line.standing(), line.feeds().size());
            boolean waits = people > line.feeds().size();
            if (line.feeds().size() > 1 && waits && play.round().isPresent()) {
                Set<RoleId> feeds = new HashSet<>(line.feeds());
                boolean same = true;
                for (int p = first; p < first + people; p++) {
                    same &= play.rolesOf(p).size() == 1 && feeds.containsAll(play.rolesOf(p));
                }
                if (same) {
                    found.add(Finding.of(SAME_PART, line.id())
                            .with(Quantity.COUNT, people)
                            .at(line.at()));
                }
            }
            first += people;
        }
    }
}
