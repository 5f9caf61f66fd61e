package wildchalk.core.squad;

import wildchalk.core.text.Slugs;

/** Names a squad: the name of its file. */
public record SquadId(String text) implements Comparable<SquadId> {

    public SquadId {
        Slugs.check("SquadId", text);
    }

    @Override
    public int compareTo(SquadId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
