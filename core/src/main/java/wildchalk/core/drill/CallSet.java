package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;

/**
 * What a coach may call: so many of a list of words, colours or numbers, in an order.
 *
 * @param options what can be called, each once; for numbered gaps their numbers
 * @param picks how many are called together, 1 to 3
 * @param repeats whether the same may be called twice running
 * @param within how far apart two that follow each other may be, by their numbers, or else in the list; 0 for any
 */
public record CallSet(CallId id, List<String> options, int picks, boolean repeats, int within) {

    public static final int MAX_PICKS = 3;
    public static final int MAX_OPTIONS = 20;

    public CallSet {
        Objects.requireNonNull(id, "id");
        options.forEach(o -> Limits.text("call", o, Limits.WORD));
        options = List.copyOf(options);
        Uniqueness.check("call", options.stream());
        if (options.isEmpty() || options.size() > MAX_OPTIONS) {
            throw new IllegalArgumentException(
                    "The calls %s (%d options) need 1 to %d.".formatted(id, options.size(), MAX_OPTIONS));
        }
        if (picks < 1 || picks > MAX_PICKS) {
            throw new IllegalArgumentException(
                    "The calls %s (%d together) need 1 to %d.".formatted(id, picks, MAX_PICKS));
        }
        if (within < 0 || count(places(options), picks, repeats, within) == 0) {
            throw new IllegalArgumentException(
                    "The calls %s leave nothing that may be called; allow repeats or more options.".formatted(id));
        }
    }

    public CallSet withId(CallId name) {
        return new CallSet(name, options, picks, repeats, within);
    }

    // ---- what may be called; never all listed ----

    /** How many different calls there are. */
    public long count() {
        return count(places(options), picks, repeats, within);
    }

    private static long count(int[] options, int picks, boolean repeats, int within) {
        return Arrays.stream(behind(options, picks, repeats, within)[picks - 1]).sum();
    }

    /** For so many more picks, from 0: how many ways there are to go on behind each option. */
    private static long[][] behind(int[] options, int picks, boolean repeats, int within) {
        long[][] ways = new long[picks][options.length];
        Arrays.fill(ways[0], 1);
        for (int k = 1; k < picks; k++) {
            for (int i = 0; i < options.length; i++) {
                for (int next = 0; next < options.length; next++) {
                    ways[k][i] += follows(options, i, next, repeats, within) ? ways[k - 1][next] : 0;
                }
            }
        }
        return ways;
    }

    private static boolean follows(int[] places, int before, int next, boolean repeats, int within) {
        boolean near = within == 0 || Math.abs(places[next] - places[before]) <= within;
        return near && (repeats || next != before);
    }

    /** Numbers are as far apart as they say; other words as far as they stand in the list. */
    private static int[] places(List<String> options) {
        int[] places = new int[options.size()];
        boolean numbers = true;
        for (int i = 0; i < places.length; i++) {
            places[i] = i;
            numbers &= isNumber(options.get(i));
        }
        for (int i = 0; numbers && i < places.length; i++) {
            places[i] = Integer.parseInt(options.get(i));
        }
        return places;
    }

    /** Of one to four digits. */
    private static boolean isNumber(String word) {
        boolean digits = !word.isEmpty() && word.length() <= 4;
        for (int i = 0; digits && i < word.length(); i++) {
            digits = word.charAt(i) >= '0' && word.charAt(i) <= '9';
        }
        return digits;
    }

    /**
     * One of the calls, in the order of the list: first all that begin with the first option.
     *
     * @param index from 0, below {@link #count()}
     */
    public List<String> at(long index) {
        int[] places = places(options);
        long[][] ways = behind(places, picks, repeats, within);
        List<String> call = new ArrayList<>();
        long left = index;
        int before = -1;
        for (int k = picks - 1; k >= 0; k--) {
            for (int i = 0; i < options.size(); i++) {
                boolean may = before < 0 || follows(places, before, i, repeats, within);
                long here = may ? ways[k][i] : 0;
                if (left < here) {
                    call.add(options.get(i));
                    before = i;
                    break;
                }
                left -= here;
            }
        }
        return call;
    }

    /** One of the calls, each as likely as any other. */
    public List<String> drawn(Random random) {
        return at((long) (random.nextDouble() * count()));
    }

    public boolean isLegal(List<String> call) {
        boolean fits = call.size() == picks && options.containsAll(call);
        for (int k = 1; fits && k < call.size(); k++) {
            fits = follows(
                    places(options), options.indexOf(call.get(k - 1)), options.indexOf(call.get(k)), repeats, within);
        }
        return fits;
    }

    /** The first call that has a word in it. */
    public Optional<List<String>> firstWith(String word) {
        for (long i = 0; i < count(); i++) {
            List<String> call = at(i);
            if (call.contains(word)) {
                return Optional.of(call);
            }
        }
        return Optional.empty();
    }

    /** So many of the calls at most, spread evenly over all of them, in their order. */
    public List<List<String>> some(int most) {
        long all = count();
        long shown = Math.min(all, most);
        List<List<String>> list = new ArrayList<>();
        for (long i = 0; i < shown; i++) {
            list.add(at(i * all / shown));
        }
        return list;
    }
}
