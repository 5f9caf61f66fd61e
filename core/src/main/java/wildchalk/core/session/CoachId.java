package wildchalk.core.session;

import wildchalk.core.text.Slugs;

/** Names a coach within a session. */
public record CoachId(String text) implements Comparable<CoachId> {

    public CoachId {
        Slugs.check("CoachId", text);
    }

    @Override
    public int compareTo(CoachId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
