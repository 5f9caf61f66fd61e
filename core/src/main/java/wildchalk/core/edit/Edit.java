package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.ladder.Keys;
import wildchalk.core.ladder.Ladder;

/** One thing that a hand does to a drill, as a function of what the drill is by then. Made by the classes of this package. */
public final class Edit {

    /** How far an edit of one version goes. */
    public enum Flow {
        /** To the versions that are based on it, but for what they have changed. */
        DOWN,
        /** No further: the others stay the very same. */
        HERE
    }

    /**
     * What a version that is based on the open one would lose of its own.
     *
     * @param keys of what it has set itself and would no longer have, as {@link Keys} names them
     */
    public record Loss(Progression version, Set<String> keys) {
        public Loss {
            keys = Set.copyOf(keys);
        }

        /** How many of them are moves. */
        public int moves() {
            return (int) keys.stream().filter(Keys::isMove).count();
        }
    }

    /** A version after the edit, and what is new in it. */
    record Change(Progression after, Set<ElementId> made) {
        static Change of(Progression after) {
            return new Change(after, Set.of());
        }

        static Change making(Progression after, ElementId made) {
            return new Change(after, Set.of(made));
        }
    }

    /** What an edit does to a version: it is whole, with all its ways. */
    @FunctionalInterface
    interface InVersion {
        Change apply(Drill drill, Progression version);
    }

    /** What an edit does to a drill. */
    @FunctionalInterface
    interface InDrill {
        Edited apply(Drill drill, ProgressionId open);
    }

    private final EditKind kind;
    private final Optional<InVersion> inVersion;
    private final Optional<InDrill> inDrill;

    private Edit(EditKind kind, Optional<InVersion> inVersion, Optional<InDrill> inDrill) {
        this.kind = kind;
        this.inVersion = inVersion;
        this.inDrill = inDrill;
    }

    static Edit inVersion(EditKind kind, InVersion change) {
        return new Edit(kind, Optional.of(change), Optional.empty());
    }

    static Edit inDrill(EditKind kind, InDrill change) {
        return new Edit(kind, Optional.empty(), Optional.of(change));
    }

    /** Several edits of the open version as one. */
    public static Edit all(EditKind kind, List<Edit> edits) {
        List<InVersion> parts =
                edits.stream().map(e -> e.inVersion.orElseThrow()).toList();
        return inVersion(kind, (drill, version) -> {
            Progression now = version;
            Set<ElementId> made = new LinkedHashSet<>();
            for (InVersion part : parts) {
                Change change = part.apply(drill, now);
                now = change.after();
                made.addAll(change.made());
            }
            return new Change(now, made);
        });
    }

    public EditKind kind() {
        return kind;
    }

    /** What it makes of a drill of which a version is open; versions that are based on it follow. */
    public Edited applyTo(Drill drill, ProgressionId open) {
        return applyTo(drill, open, Flow.DOWN);
    }

    public Edited applyTo(Drill drill, ProgressionId open, Flow flow) {
        if (inDrill.isPresent()) {
            return inDrill.get().apply(drill, open);
        }
        Progression version = drill.progression(open).orElse(drill.base());
        Change change = inVersion.orElseThrow().apply(drill, version);
        if (change.after().equals(version)) {
            return new Edited(drill, version.id(), Set.of());
        }
        Drill after = flow == Flow.DOWN ? Ladder.edit(drill, change.after()) : drill.withProgression(change.after());
        return new Edited(after, version.id(), change.made());
    }

    /** What versions that are based on the open one would lose of their own if the edit flowed down to them. */
    public List<Loss> losses(Drill drill, ProgressionId open) {
        return losses(drill, open, applyTo(drill, open).drill());
    }

    /** @param after what the edit makes of the drill where it flows down */
    public List<Loss> losses(Drill drill, ProgressionId open, Drill after) {
        if (inDrill.isPresent() || drill.progressions().size() == 1) {
            return List.of();
        }
        List<Loss> losses = new ArrayList<>();
        for (Progression version : drill.progressions()) {
            Optional<Progression> base = version.basedOn().flatMap(drill::progression);
            if (base.isPresent() && !version.id().equals(open)) {
                Set<String> lost = new LinkedHashSet<>(Keys.of(version).keySet());
                lost.removeAll(
                        Keys.of(after.progression(version.id()).orElseThrow()).keySet());
                if (!lost.isEmpty()) {
                    lost.retainAll(Keys.own(base.get(), version));
                }
                if (!lost.isEmpty()) {
                    losses.add(new Loss(version, lost));
                }
            }
        }
        return losses;
    }
}
