package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/**
 * What mends a finding. Of the edits that might, only those are offered that were tried: with them the finding is gone, and
 * nothing that stops the drill or warns is there that was not there before.
 */
public final class Remedies {

    /** More are no help to choose from. */
    private static final int MOST = 4;

    private Remedies() {}

    /** At most four, the gentlest first; none where nothing that was tried helps. */
    public static List<Remedy> of(RunThrough run, Finding finding) {
        Set<Object> before = graveKeys(Checks.of(run));
        List<Remedy> tried = new ArrayList<>();
        Set<Object> kinds = new HashSet<>();
        for (Remedy remedy : RemedyIdeas.of(run, finding)) {
            // of what differs only in how much, the least that helps
            List<Object> kind = List.of(remedy.kind(), remedy.about(), remedy.name());
            if (tried.size() < MOST && !kinds.contains(kind) && clears(run, finding, remedy, before)) {
                tried.add(remedy);
                kinds.add(kind);
            }
        }
        return List.copyOf(tried);
    }

    private static boolean clears(RunThrough run, Finding finding, Remedy remedy, Set<Object> before) {
        Progression changed;
        try {
            changed = remedy.change().apply(run.version());
        } catch (IllegalArgumentException impossible) {
            return false; // as the version is, this cannot be done: it is not offered
        }
        if (changed.equals(run.version())) {
            return false;
        }
        Drill drill = run.drill().withProgression(changed);
        List<Finding> after = Checks.of(RunThrough.of(drill, Path.of(changed, run.choices()), run.own()));
        return after.stream().noneMatch(f -> Key.of(f).equals(Key.of(finding))) && before.containsAll(graveKeys(after));
    }

    private static Set<Object> graveKeys(List<Finding> findings) {
        Set<Object> keys = new HashSet<>();
        findings.stream().filter(f -> f.severity() != Severity.NOTE).forEach(f -> keys.add(Key.of(f)));
        return keys;
    }
}
