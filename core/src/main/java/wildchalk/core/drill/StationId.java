package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a station within its file: a short readable slug. */
public record StationId(String text) implements ElementId, Comparable<StationId> {

    public StationId {
        Slugs.check("StationId", text);
    }

    @Override
    public int compareTo(StationId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
