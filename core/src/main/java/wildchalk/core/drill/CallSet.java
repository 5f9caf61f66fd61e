package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * What a coach may call: so many of a list of words, colours or numbers, in an order.
 *
 * @param options what can be called, each once; for numbered gaps their numbers
 * @param picks how many are called together, 1 to 3
 * @param repeats whether the same may be called twice running
 * @param within how far apart in the list two that follow each other may be; 0 for any
 * @param settled what is called on the path that this belongs to; empty for a set that is open
 */
public record CallSet(CallId id, List<String> options, int picks, boolean repeats, int within, List<String> settled) {

    public static final int MAX_PICKS = 3;
    public static final int MAX_OPTIONS = 20;

    public CallSet {
        Objects.requireNonNull(id, "id");
        options.forEach(o -> Limits.text("call", o, Limits.WORD));
        options = List.copyOf(options);
        settled = List.copyOf(settled);
        Uniqueness.check("call", options.stream());
        if (options.isEmpty() || options.size() > MAX_OPTIONS) {
            throw new IllegalArgumentException(
                    "The calls %s (%d options) need 1 to %d.".formatted(id, options.size(), MAX_OPTIONS));
        }
        if (picks < 1 || picks > MAX_PICKS) {
            throw new IllegalArgumentException(
                    "The calls %s (%d together) need 1 to %d.".formatted(id, picks, MAX_PICKS));
        }
        if (within < 0 || legal(options, picks, repeats, within).isEmpty()) {
            throw new IllegalArgumentException(
                    "The calls %s leave nothing that may be called; allow repeats or more options.".formatted(id));
        }
    }

    /** One of which anything may be called. */
    public CallSet(CallId id, List<String> options, int picks, boolean repeats, int within) {
        this(id, options, picks, repeats, within, List.of());
    }

    public CallSet withId(CallId name) {
        return new CallSet(name, options, picks, repeats, within, settled);
    }

    public CallSet settledAt(List<String> called) {
        return new CallSet(id, options, picks, repeats, within, called);
    }

    /** Everything that may be called, in the order of the list; on a path just what is. */
    public List<List<String>> legal() {
        return !settled.isEmpty() ? List.of(settled) : legal(options, picks, repeats, within);
    }

    private static List<List<String>> legal(List<String> options, int picks, boolean repeats, int within) {
        List<List<String>> all = List.of(List.of());
        for (int k = 0; k < picks; k++) {
            List<List<String>> longer = new ArrayList<>();
            for (List<String> call : all) {
                for (int i = 0; i < options.size(); i++) {
                    int before = call.isEmpty() ? -1 : options.indexOf(call.get(call.size() - 1));
                    boolean first = before < 0;
                    boolean near = first || within == 0 || Math.abs(i - before) <= within;
                    if (near && (first || repeats || i != before)) {
                        List<String> next = new ArrayList<>(call);
                        next.add(options.get(i));
                        longer.add(next);
                    }
                }
            }
            all = longer;
        }
        return all;
    }
}
