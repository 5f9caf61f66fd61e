package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a set of calls within its progression: a short readable slug. */
public record CallId(String text) implements Comparable<CallId> {

    public CallId {
        Slugs.check("CallId", text);
    }

    @Override
    public int compareTo(CallId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
