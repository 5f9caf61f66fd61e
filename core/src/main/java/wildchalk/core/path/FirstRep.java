package wildchalk.core.path;

import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;

/** The first rep, without those who come in from the second on: whatever needs them is not done either. */
final class FirstRep {

    private FirstRep() {}

    /** @param settled with its repeats written out; as it is where everybody is there from the start */
    static Unfolding.Unfolded of(Unfolding.Unfolded settled) {
        Set<RoleId> later = settled.settled().roles().stream()
                .filter(Role::later)
                .map(Role::id)
                .collect(Collectors.toSet());
        if (later.isEmpty() || later.size() == settled.settled().roles().size()) {
            return settled;
        }
        Progression without = settled.settled();
        for (RoleId role : later) {
            without = Removals.role(without, role);
        }
        return new Unfolding.Unfolded(without, settled.again(), settled.told());
    }
}
