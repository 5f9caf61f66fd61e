package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.geometry.Point;

/**
 * The coach's words on the surface.
 *
 * @param at the middle of the text
 * @param target where its arrow points; empty for a note without one
 */
public record Note(NoteId id, String text, Point at, Optional<Point> target) {

    public Note {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(text, "text");
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(target, "target");
        Limits.text("note", text, Limits.TEXT);
        Limits.place("note", at);
        target.ifPresent(p -> Limits.place("note's arrow", p));
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
