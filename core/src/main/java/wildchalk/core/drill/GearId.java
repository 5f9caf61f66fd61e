package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a piece of gear within its file: a short readable slug. */
public record GearId(String text) implements ElementId, Comparable<GearId> {

    public GearId {
        Slugs.check("GearId", text);
    }

    @Override
    public int compareTo(GearId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
