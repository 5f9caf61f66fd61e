package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a drill within its file: a short readable slug. */
public record DrillId(String text) implements Comparable<DrillId> {

    public DrillId {
        Slugs.check("DrillId", text);
    }

    @Override
    public int compareTo(DrillId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
