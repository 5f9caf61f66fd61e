package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a ball within its file: a short readable slug. */
public record BallId(String text) implements ElementId, Comparable<BallId> {

    public BallId {
        Slugs.check("BallId", text);
    }

    @Override
    public int compareTo(BallId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
