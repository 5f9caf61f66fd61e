package wildchalk.core.edit;

import java.util.Set;
import java.util.function.BiFunction;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Suits;
import wildchalk.core.ladder.Ladder;

/** The versions of a drill. */
public final class Versions {

    private Versions() {}

    /** One more, based on the open one; it is open then. */
    public static Edit add(String title) {
        return Edit.inDrill(EditKind.VERSION_ADD, (drill, open) -> {
            ProgressionId id = Ladder.nextId(drill);
            return new Edited(Ladder.add(drill, open, title), id, Set.of());
        });
    }

    public static Edit title(String title) {
        return Edit.inVersion(EditKind.VERSION_TITLE, (drill, p) -> Edit.Change.of(p.withTitle(title)));
    }

    public static Edit suits(Suits whom) {
        return Edit.inVersion(
                EditKind.VERSION_SUITS,
                (drill, p) -> Edit.Change.of(p.withCourse(p.course().withSuits(whom))));
    }

    /** Stands by itself from now on. */
    public static Edit detach() {
        return drill(EditKind.VERSION_DETACH, Ladder::detach);
    }

    /** The one before it, or behind the first, is open then. */
    public static Edit remove() {
        return Edit.inDrill(EditKind.VERSION_REMOVE, (drill, open) -> {
            Drill after = Ladder.remove(drill, open);
            int index = drill.progressions().indexOf(drill.progression(open).orElseThrow());
            Progression next = after.progressions()
                    .get(Math.max(0, Math.min(index - 1, after.progressions().size() - 1)));
            return new Edited(after, after.progression(open).isPresent() ? open : next.id(), Set.of());
        });
    }

    /** @param by -1 to the left, 1 to the right */
    public static Edit move(int by) {
        return drill(EditKind.VERSION_ORDER, (d, open) -> Ladder.move(d, open, by));
    }

    private static Edit drill(EditKind kind, BiFunction<Drill, ProgressionId, Drill> change) {
        return Edit.inDrill(kind, (drill, open) -> new Edited(change.apply(drill, open), open, Set.of()));
    }
}
