package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a note within its file: a short readable slug. */
public record NoteId(String text) implements ElementId, Comparable<NoteId> {

    public NoteId {
        Slugs.check("NoteId", text);
    }

    @Override
    public int compareTo(NoteId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
