package wildchalk.core.drill;

import java.util.Objects;

/** Where a step belongs: to one branch of a fork. */
public record OnBranch(ForkId fork, BranchId branch) {

    public OnBranch {
        Objects.requireNonNull(fork, "fork");
        Objects.requireNonNull(branch, "branch");
    }
}
