package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A place in the rep from which it can go several ways.
 *
 * @param after the step after which it forks
 * @param by what decides
 * @param decider the contest, the shot, the challenge or the open play that decides; empty for a call or for chance
 * @param call the calls that decide; only for a fork by a call
 * @param race who goes where; only for a fork by who is first
 * @param branches at least one; two or more but for a path, on which it is settled
 */
public record Fork(
        ForkId id,
        StepId after,
        By by,
        Optional<MoveId> decider,
        Optional<CallId> call,
        Optional<Race> race,
        List<Branch> branches) {

    /** What decides which way the rep goes. */
    public enum By {
        /** Who wins the ball. */
        BALL,
        /** What becomes of a shot. */
        SHOT,
        /** What becomes of a challenge for the ball. */
        CHALLENGE,
        /** How open play ends. */
        PLAY,
        /** Who is first somewhere, by the clock. */
        FIRST,
        /** Where the ball is won, by the clock. */
        PLACE,
        CALL,
        CHANCE
    }

    public Fork {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(after, "after");
        Objects.requireNonNull(by, "by");
        Objects.requireNonNull(decider, "decider");
        Objects.requireNonNull(call, "call");
        Objects.requireNonNull(race, "race");
        if (race.isPresent() != (by == By.FIRST)) {
            throw new IllegalArgumentException(
                    "The fork %s needs a race if it goes by who is first, and only then.".formatted(id));
        }
        branches = List.copyOf(branches);
        Limits.count("branches", branches.size(), Limits.BRANCHES);
        if (branches.isEmpty()) {
            throw new IllegalArgumentException("The fork %s (0 branches) needs at least one.".formatted(id));
        }
        Uniqueness.check("branch", branches.stream().map(Branch::id));
        if (by == By.CALL && call.isEmpty()) {
            throw new IllegalArgumentException("The fork %s goes by a call: say by which calls.".formatted(id));
        }
        if (by == By.CALL && branches.stream().anyMatch(b -> b.word().isEmpty())) {
            throw new IllegalArgumentException(
                    "The fork %s goes by a call: every branch needs the word that is called.".formatted(id));
        }
    }

    /** One that goes by no race. */
    public Fork(
            ForkId id, StepId after, By by, Optional<MoveId> decider, Optional<CallId> call, List<Branch> branches) {
        this(id, after, by, decider, call, Optional.empty(), branches);
    }

    /** Whether the clock says which way it goes, where nobody chooses another. */
    public boolean isByClock() {
        return by == By.FIRST || by == By.PLACE;
    }

    public Fork withRace(Race other) {
        return new Fork(id, after, by, decider, call, Optional.of(other), branches);
    }

    public Optional<Branch> branch(BranchId wanted) {
        return branches.stream().filter(b -> b.id().equals(wanted)).findFirst();
    }

    public Fork withBranches(List<Branch> list) {
        return new Fork(id, after, by, decider, call, race, list);
    }

    public Fork withDecider(Optional<MoveId> move) {
        return new Fork(id, after, by, move, call, race, branches);
    }
}
