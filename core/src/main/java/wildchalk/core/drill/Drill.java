package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Slugs;

/**
 * Versions of one idea on one surface.
 *
 * @param progressions at least one, ids unique
 * @param notes the coach's own words about the whole, perhaps empty
 * @param backdrop a picture under the drawing
 * @param accepted findings that the coach leaves as they are, each of a version that is there
 */
public record Drill(
        DrillId id,
        String title,
        SurfaceUse surfaceUse,
        Audience audience,
        List<String> themes,
        List<Progression> progressions,
        String notes,
        Optional<Backdrop> backdrop,
        List<Accepted> accepted) {

    public Drill {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(surfaceUse, "surfaceUse");
        Objects.requireNonNull(audience, "audience");
        Objects.requireNonNull(notes, "notes");
        Objects.requireNonNull(backdrop, "backdrop");
        Limits.text("title", title, Limits.LINE);
        Limits.text("notes", notes, Limits.TEXT);
        themes.forEach(t -> Limits.text("theme", t, Limits.LINE));
        Limits.count("themes", themes.size(), Limits.THEMES);
        Limits.count("versions", progressions.size(), Limits.VERSIONS);
        Limits.count(
                "moves and points in all versions together",
                progressions.stream().mapToInt(Progression::size).sum(),
                Limits.SIZE);
        themes = List.copyOf(themes);
        progressions = List.copyOf(progressions);
        if (progressions.isEmpty()) {
            throw new IllegalArgumentException("The drill %s (0 progressions) needs at least one.".formatted(id));
        }
        Uniqueness.check("progression", progressions.stream().map(Progression::id));
        Set<ProgressionId> before = new HashSet<>();
        for (Progression p : progressions) {
            if (p.basedOn().isPresent() && !before.contains(p.basedOn().get())) {
                throw new IllegalArgumentException("The progression %s is based on \"%s\", which must come before it."
                        .formatted(p.id(), p.basedOn().get()));
            }
            before.add(p.id());
        }
        accepted = List.copyOf(accepted);
        Limits.count("accepted findings", accepted.size(), Limits.ACCEPTED);
        for (Accepted a : accepted) {
            if (!before.contains(a.version())) {
                throw new IllegalArgumentException(
                        "The accepted finding %s names the version \"%s\", which is not in this drill."
                                .formatted(a.rule(), a.version()));
            }
        }
    }

    /** A drill with nothing on the surface yet. */
    public static Drill blank(String title, SurfaceUse use, Audience audience) {
        return new Drill(
                new DrillId(Slugs.of(title)),
                title,
                use,
                audience,
                List.of(),
                List.of(Progression.blank()),
                "",
                Optional.empty(),
                List.of());
    }

    public Surface surface() {
        return surfaceUse.surface();
    }

    public Progression base() {
        return progressions.get(0);
    }

    public Optional<Progression> progression(ProgressionId wanted) {
        return progressions.stream().filter(p -> p.id().equals(wanted)).findFirst();
    }

    public Drill withTitle(String text) {
        return new Drill(id, text, surfaceUse, audience, themes, progressions, notes, backdrop, accepted);
    }

    public Drill withId(DrillId name) {
        return new Drill(name, title, surfaceUse, audience, themes, progressions, notes, backdrop, accepted);
    }

    public Drill withSurfaceUse(SurfaceUse use) {
        return new Drill(id, title, use, audience, themes, progressions, notes, backdrop, accepted);
    }

    public Drill withAudience(Audience people) {
        return new Drill(id, title, surfaceUse, people, themes, progressions, notes, backdrop, accepted);
    }

    public Drill withNotes(String text) {
        return new Drill(id, title, surfaceUse, audience, themes, progressions, text, backdrop, accepted);
    }

    public Drill withThemes(List<String> tags) {
        return new Drill(id, title, surfaceUse, audience, tags, progressions, notes, backdrop, accepted);
    }

    public Drill withBackdrop(Optional<Backdrop> under) {
        return new Drill(id, title, surfaceUse, audience, themes, progressions, notes, under, accepted);
    }

    /** With other versions; what was accepted in those that are gone goes with them. */
    public Drill withProgressions(List<Progression> list) {
        List<Accepted> kept = accepted.stream()
                .filter(a -> list.stream().anyMatch(p -> p.id().equals(a.version())))
                .toList();
        return new Drill(id, title, surfaceUse, audience, themes, list, notes, backdrop, kept);
    }

    public Drill withAccepted(List<Accepted> findings) {
        return new Drill(id, title, surfaceUse, audience, themes, progressions, notes, backdrop, findings);
    }

    /** The drill with the progression of the same id replaced, and no other touched. */
    public Drill withProgression(Progression changed) {
        List<Progression> list = new ArrayList<>();
        for (Progression p : progressions) {
            list.add(p.id().equals(changed.id()) ? changed : p);
        }
        return new Drill(id, title, surfaceUse, audience, themes, list, notes, backdrop, accepted);
    }
}
