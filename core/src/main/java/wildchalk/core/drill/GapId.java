package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a numbered gap within its file: a short readable slug. */
public record GapId(String text) implements ElementId, Comparable<GapId> {

    public GapId {
        Slugs.check("GapId", text);
    }

    @Override
    public int compareTo(GapId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
