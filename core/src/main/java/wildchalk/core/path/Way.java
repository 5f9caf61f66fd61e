package wildchalk.core.path;

import java.util.List;

/**
 * One path through a progression.
 *
 * @param choices what decides it, complete
 * @param labels of the branches and calls, in the order in which they come
 * @param chance how likely it is among all, 0 to 1
 */
public record Way(Choices choices, List<String> labels, double chance) {

    public Way {
        labels = List.copyOf(labels);
    }

    /** "blue wins it › save"; empty where nothing forks. */
    public String label() {
        return String.join(" › ", labels);
    }
}
