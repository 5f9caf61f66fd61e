package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a progression within its file: a short readable slug. */
public record ProgressionId(String text) implements Comparable<ProgressionId> {

    public ProgressionId {
        Slugs.check("ProgressionId", text);
    }

    @Override
    public int compareTo(ProgressionId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
