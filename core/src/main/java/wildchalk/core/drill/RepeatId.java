package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a repeat within its progression: a short readable slug. */
public record RepeatId(String text) implements Comparable<RepeatId> {

    public RepeatId {
        Slugs.check("RepeatId", text);
    }

    @Override
    public int compareTo(RepeatId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
