package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a team within its progression: a short readable slug. */
public record TeamId(String text) implements Comparable<TeamId> {

    public TeamId {
        Slugs.check("TeamId", text);
    }

    @Override
    public int compareTo(TeamId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
