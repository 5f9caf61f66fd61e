package wildchalk.core.path;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.ForkId;

/**
 * Which way a rep goes: a branch for forks, something called for calls. What is left open goes the likeliest way.
 *
 * @param branches a branch for some forks
 * @param calls what is called at some times, in order
 * @param byClock branches that nobody has chosen and that the clock has worked out
 * @param otherSide whether it is a rep the other way round, where reps change sides
 */
public record Choices(
        Map<ForkId, BranchId> branches,
        Map<Ask, List<String>> calls,
        Map<ForkId, BranchId> byClock,
        boolean otherSide) {

    /** The likeliest way everywhere. */
    public static final Choices USUAL = new Choices(Map.of(), Map.of(), Map.of(), false);

    /** How a rep the other way round is asked for. */
    public static final String OTHER_SIDE = "other-side";

    public Choices {
        branches = Map.copyOf(branches);
        calls = Map.copyOf(calls);
        byClock = Map.copyOf(byClock);
    }

    public Choices with(ForkId fork, BranchId branch) {
        Map<ForkId, BranchId> all = new LinkedHashMap<>(branches);
        all.put(fork, branch);
        return new Choices(all, calls, byClock, otherSide);
    }

    public Choices with(Ask ask, List<String> called) {
        Map<Ask, List<String>> all = new LinkedHashMap<>(calls);
        all.put(ask, List.copyOf(called));
        return new Choices(branches, all, byClock, otherSide);
    }

    public Choices withByClock(Map<ForkId, BranchId> worked) {
        return new Choices(branches, calls, worked, otherSide);
    }

    public Choices withOtherSide(boolean other) {
        return new Choices(branches, calls, byClock, other);
    }

    /** The branch that is taken at a fork, if somebody has chosen one or the clock has. */
    Optional<BranchId> at(ForkId fork) {
        return Optional.ofNullable(branches.get(fork)).or(() -> Optional.ofNullable(byClock.get(fork)));
    }

    /** Texts of the form in which a person types them: {@code fork=branch} and {@code call@m2=3+5}, sorted. */
    public List<String> asTexts() {
        List<String> texts = new ArrayList<>();
        branches.forEach((f, b) -> texts.add(f + "=" + b));
        calls.forEach((c, said) -> texts.add(c.text() + "=" + String.join("+", said)));
        if (otherSide) {
            texts.add(OTHER_SIDE);
        }
        texts.sort(null);
        return texts;
    }
}
