package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** A role does something where it is. */
public record Act(MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, Deed deed) implements Move {

    public Act {
        Move.check(id, role, trigger);
        Objects.requireNonNull(deed, "deed");
    }

    /** A role stays where it is for some seconds. */
    public static Act waiting(MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, double seconds) {
        return new Act(id, role, trigger, runsOn, new Deed.Waiting(seconds));
    }

    @Override
    public Act withTrigger(Optional<Trigger> start) {
        return new Act(id, role, start, runsOn, deed);
    }

    @Override
    public Act withId(MoveId name) {
        return new Act(name, role, trigger, runsOn, deed);
    }

    @Override
    public Act withRole(RoleId performer) {
        return new Act(id, performer, trigger, runsOn, deed);
    }

    @Override
    public Act withRunsOn(boolean on) {
        return new Act(id, role, trigger, on, deed);
    }

    public Act withDeed(Deed other) {
        return new Act(id, role, trigger, runsOn, other);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Act, T> onAct) {
        return onAct.apply(this);
    }
}
