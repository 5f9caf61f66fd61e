package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a move within its file: a short readable slug. */
public record MoveId(String text) implements ElementId, Comparable<MoveId> {

    public MoveId {
        Slugs.check("MoveId", text);
    }

    @Override
    public int compareTo(MoveId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
