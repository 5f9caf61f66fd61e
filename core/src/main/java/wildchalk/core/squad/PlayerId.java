package wildchalk.core.squad;

import wildchalk.core.text.Slugs;

/** Names a player in sessions and logs, where no names stand: a short slug. */
public record PlayerId(String text) implements Comparable<PlayerId> {

    public PlayerId {
        Slugs.check("PlayerId", text);
    }

    @Override
    public int compareTo(PlayerId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
