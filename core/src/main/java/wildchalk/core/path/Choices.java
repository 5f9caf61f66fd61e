package wildchalk.core.path;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.ForkId;

/**
 * Which way a rep goes: a branch for forks, something called for calls. What is left open goes the likeliest way.
 *
 * @param branches a branch for some forks
 * @param calls what is called at some times, in order
 * @param byClock branches that nobody has chosen and that the clock has worked out
 * @param rep which of the reps it is, where they are not all the same
 */
public record Choices(
        Map<ForkId, BranchId> branches, Map<Ask, List<String>> calls, Map<ForkId, BranchId> byClock, Rep rep) {

    /** Which rep it is. */
    public enum Rep {
        /** As it is drawn. */
        DRAWN,
        /** The other way round, where reps change sides. */
        OTHER_SIDE,
        /** The first, which those do not play who come in later. */
        FIRST
    }

    /** The likeliest way everywhere. */
    public static final Choices USUAL = new Choices(Map.of(), Map.of(), Map.of(), Rep.DRAWN);

    /** How a rep the other way round is asked for. */
    public static final String OTHER_SIDE = "other-side";

    /** How the first rep is asked for. */
    public static final String FIRST_REP = "first-rep";

    public Choices {
        branches = Map.copyOf(branches);
        calls = Map.copyOf(calls);
        byClock = Map.copyOf(byClock);
        Objects.requireNonNull(rep, "rep");
    }

    public Choices with(ForkId fork, BranchId branch) {
        Map<ForkId, BranchId> all = new LinkedHashMap<>(branches);
        all.put(fork, branch);
        return new Choices(all, calls, byClock, rep);
    }

    public Choices with(Ask ask, List<String> called) {
        Map<Ask, List<String>> all = new LinkedHashMap<>(calls);
        all.put(ask, List.copyOf(called));
        return new Choices(branches, all, byClock, rep);
    }

    public Choices withByClock(Map<ForkId, BranchId> worked) {
        return new Choices(branches, calls, worked, rep);
    }

    public Choices withRep(Rep which) {
        return new Choices(branches, calls, byClock, which);
    }

    /** Whether it is a rep the other way round. */
    public boolean otherSide() {
        return rep == Rep.OTHER_SIDE;
    }

    /** Whether it is as somebody draws it, and not only to be looked at. */
    public boolean isDrawn() {
        return rep == Rep.DRAWN;
    }

    public Choices withOtherSide(boolean other) {
        return new Choices(branches, calls, byClock, other ? Rep.OTHER_SIDE : Rep.DRAWN);
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
        if (otherSide()) {
            texts.add(OTHER_SIDE);
        } else if (rep == Rep.FIRST) {
            texts.add(FIRST_REP);
        }
        texts.sort(null);
        return texts;
    }
}
