package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/** Takes a piece of gear along, or puts it down where he is by then. */
public record HandlingGear(GearId gear, Way way) implements Deed {

    /** What he does with it. */
    public enum Way {
        TAKE,
        PUT
    }

    public HandlingGear {
        Objects.requireNonNull(gear, "gear");
        Objects.requireNonNull(way, "way");
    }

    /** Whether somebody can carry a piece: no goal, and no supply, to which the others come for their balls. */
    public static boolean canBeCarried(GearKind kind) {
        return !kind.isGoal() && !kind.isSupply();
    }

    /** The pieces that somebody can carry. */
    static Set<GearId> carriable(List<Gear> gear) {
        return gear.stream().filter(g -> canBeCarried(g.kind())).map(Gear::id).collect(Collectors.toSet());
    }

    public HandlingGear withGear(GearId other) {
        return new HandlingGear(other, way);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.handlingGear(this);
    }
}
