package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a zone that was drawn within its file: a short readable slug. */
public record ZoneId(String text) implements ElementId, Comparable<ZoneId> {

    public ZoneId {
        Slugs.check("ZoneId", text);
    }

    @Override
    public int compareTo(ZoneId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
