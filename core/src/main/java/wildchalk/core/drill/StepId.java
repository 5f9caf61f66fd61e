package wildchalk.core.drill;

import wildchalk.core.text.Slugs;

/** Names a step within its file: a short readable slug. */
public record StepId(String text) implements Comparable<StepId> {

    public StepId {
        Slugs.check("StepId", text);
    }

    @Override
    public int compareTo(StepId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
