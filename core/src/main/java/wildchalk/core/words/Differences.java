package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.ladder.Keys;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;

/** What differs between two states of one drill: in a file and in a journal, now and in a backup. */
public final class Differences {

    /**
     * A version that is not the same in both.
     *
     * @param there the version in the second state; empty where it has none
     * @param lines what differs, in words; never empty
     */
    public record OfVersion(ProgressionId id, String title, Optional<Progression> there, List<String> lines) {
        public OfVersion {
            lines = List.copyOf(lines);
        }
    }

    private Differences() {}

    /** What is for the whole drill and differs, a line each. */
    public static List<String> ofDrill(Drill here, Drill there) {
        List<String> lines = new ArrayList<>();
        if (!here.title().equals(there.title())) {
            lines.add(text("title", there.title()));
        }
        if (!here.surfaceUse().equals(there.surfaceUse())) {
            lines.add(text(
                    "surface",
                    there.surface().title(),
                    there.surfaceUse().view().name()));
        }
        if (!here.audience().equals(there.audience())) {
            lines.add(text("audience"));
        }
        if (!here.themes().equals(there.themes())) {
            lines.add(text("themes", String.join(", ", there.themes())));
        }
        if (!here.notes().equals(there.notes())) {
            lines.add(text("notes"));
        }
        if (!here.backdrop().equals(there.backdrop())) {
            lines.add(text("backdrop"));
        }
        return lines;
    }

    /** Versions that differ, in the order of the second state, those that it does not have last. */
    public static List<OfVersion> ofVersions(Drill here, Drill there, LengthUnit unit) {
        List<OfVersion> all = new ArrayList<>();
        for (Progression p : there.progressions()) {
            Optional<Progression> own = here.progression(p.id());
            if (own.isEmpty()) {
                all.add(new OfVersion(p.id(), p.title(), Optional.of(p), List.of(text("version-there"))));
            } else if (!own.get().equals(p)) {
                all.add(new OfVersion(p.id(), p.title(), Optional.of(p), between(there, own.get(), p, unit)));
            }
        }
        for (Progression p : here.progressions()) {
            if (there.progression(p.id()).isEmpty()) {
                all.add(new OfVersion(p.id(), p.title(), Optional.empty(), List.of(text("version-here"))));
            }
        }
        return all;
    }

    private static List<String> between(Drill there, Progression before, Progression after, LengthUnit unit) {
        List<String> lines = new ArrayList<>(ChangeWriter.between(there, before, after, unit));
        if (lines.isEmpty()) {
            int count = Keys.differing(before, after).size();
            lines.add(count == 0 ? text("order") : text("small", String.valueOf(count)));
        }
        return lines;
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get("differs." + key, arguments);
    }
}
