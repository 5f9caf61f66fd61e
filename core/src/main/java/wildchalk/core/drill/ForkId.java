package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a fork within its progression: a short readable slug. */
public record ForkId(String text) implements Comparable<ForkId> {

    public ForkId {
        Slugs.check("ForkId", text);
    }

    @Override
    public int compareTo(ForkId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
