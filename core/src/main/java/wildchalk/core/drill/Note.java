package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/**
 * The coach's words on the surface.
 *
 * @param at the middle of the text
 * @param target where its arrow points; empty for a note without one
 */
public record Note(NoteId id, String text, Point at, Optional<Point> target) implements Laid {

    public Note {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(text, "text");
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(target, "target");
        Limits.text("note", text, Limits.TEXT);
        Limits.place("note", at);
        target.ifPresent(p -> Limits.place("note's arrow", p));
    }

    @Override
    public Note withId(ElementId other) {
        return new Note((NoteId) other, text, at, target);
    }

    @Override
    public Note carried(PlaneMap map) {
        return withAt(map.apply(at)).withTarget(target.map(map::apply));
    }

    @Override
    public Point middle() {
        return at;
    }

    public Note withText(String words) {
        return new Note(id, words, at, target);
    }

    public Note withAt(Point place) {
        return new Note(id, text, place, target);
    }

    public Note withTarget(Optional<Point> place) {
        return new Note(id, text, at, place);
    }
}
