package wildchalk.core.ladder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.text.Slugs;

/** The versions of a drill, one based on another. */
public final class Ladder {

    private Ladder() {}

    /** With one version changed; the change flows down to those that are based on it, but for what they have changed. */
    public static Drill edit(Drill drill, Progression changed) {
        Map<ProgressionId, Progression> fresh = new HashMap<>();
        fresh.put(changed.id(), changed);
        List<Progression> list = new ArrayList<>();
        for (Progression p : drill.progressions()) {
            Progression now = fresh.getOrDefault(p.id(), p);
            Optional<ProgressionId> base = p.basedOn();
            if (!p.id().equals(changed.id()) && base.isPresent() && fresh.containsKey(base.get())) {
                Progression before = drill.progression(base.get()).orElseThrow();
                now = Changes.between(before, p).applyTo(fresh.get(base.get()), p.id(), p.title());
                fresh.put(p.id(), now);
            }
            list.add(now);
        }
        return drill.withProgressions(list);
    }

    /** With a new version behind all, the same as one to begin with. */
    public static Drill add(Drill drill, ProgressionId base, String title) {
        Progression from = drill.progression(base).orElseThrow();
        List<Progression> list = new ArrayList<>(drill.progressions());
        list.add(from.withId(nextId(drill)).withTitle(title).withBasedOn(Optional.of(base)));
        return drill.withProgressions(list);
    }

    /** An id that no version has: p2, p3… */
    public static ProgressionId nextId(Drill drill) {
        Set<String> taken =
                drill.progressions().stream().map(p -> p.id().text()).collect(Collectors.toSet());
        taken.add("p1");
        return new ProgressionId(Slugs.next("p", taken));
    }

    /** With a version that stands by itself from now on. */
    public static Drill detach(Drill drill, ProgressionId id) {
        return drill.withProgression(drill.progression(id).orElseThrow().withBasedOn(Optional.empty()));
    }

    /** Without a version; those based on it are based on what it was based on. The last one stays. */
    public static Drill remove(Drill drill, ProgressionId id) {
        if (drill.progressions().size() == 1) {
            return drill;
        }
        Optional<ProgressionId> above = drill.progression(id).orElseThrow().basedOn();
        return drill.withProgressions(drill.progressions().stream()
                .filter(p -> !p.id().equals(id))
                .map(p -> p.basedOn().equals(Optional.of(id)) ? p.withBasedOn(above) : p)
                .toList());
    }

    /** Whether a version can change places with its neighbour: no version stands before the one it is based on. */
    public static boolean canMove(Drill drill, ProgressionId id, int by) {
        List<Progression> list = drill.progressions();
        int from = indexOf(drill, id);
        int to = from + by;
        if (to < 0 || to >= list.size() || Math.abs(by) != 1) {
            return false;
        }
        Progression upper = list.get(Math.min(from, to));
        Progression lower = list.get(Math.max(from, to));
        return !lower.basedOn().equals(Optional.of(upper.id()));
    }

    /** With a version moved by one place; unchanged where that cannot be. */
    public static Drill move(Drill drill, ProgressionId id, int by) {
        if (!canMove(drill, id, by)) {
            return drill;
        }
        List<Progression> list = new ArrayList<>(drill.progressions());
        int from = indexOf(drill, id);
        list.add(from + by, list.remove(from));
        return drill.withProgressions(list);
    }

    private static int indexOf(Drill drill, ProgressionId id) {
        return drill.progressions().stream().map(Progression::id).toList().indexOf(id);
    }

    /** What a version changes in the one it is based on; empty for one that stands by itself. */
    public static Optional<Changes> changes(Drill drill, Progression version) {
        return version.basedOn().flatMap(drill::progression).map(base -> Changes.between(base, version));
    }
}
