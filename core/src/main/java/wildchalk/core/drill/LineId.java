package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a line of players within its file: a short readable slug. */
public record LineId(String text) implements ElementId, Comparable<LineId> {

    public LineId {
        Slugs.check("LineId", text);
    }

    @Override
    public int compareTo(LineId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
