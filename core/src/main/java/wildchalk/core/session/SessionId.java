package wildchalk.core.session;

import wildchalk.core.text.Slugs;

/** Names a session within its folder: a short readable slug. */
public record SessionId(String text) implements Comparable<SessionId> {

    public SessionId {
        Slugs.check("SessionId", text);
    }

    @Override
    public int compareTo(SessionId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
