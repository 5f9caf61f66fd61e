package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a branch of a fork within its progression: a short readable slug. */
public record BranchId(String text) implements Comparable<BranchId> {

    public BranchId {
        Slugs.check("BranchId", text);
    }

    @Override
    public int compareTo(BranchId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
