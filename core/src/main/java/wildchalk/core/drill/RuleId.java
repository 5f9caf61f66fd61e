package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a rule within its progression: a short readable slug. */
public record RuleId(String text) implements Comparable<RuleId> {

    public RuleId {
        Slugs.check("RuleId", text);
    }

    @Override
    public int compareTo(RuleId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
