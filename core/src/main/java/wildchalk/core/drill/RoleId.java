package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a role within its file: a short readable slug. */
public record RoleId(String text) implements ElementId, Comparable<RoleId> {

    public RoleId {
        Slugs.check("RoleId", text);
    }

    @Override
    public int compareTo(RoleId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
