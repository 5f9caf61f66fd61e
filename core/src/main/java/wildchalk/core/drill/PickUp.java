package wildchalk.core.drill;

import java.util.Optional;
import java.util.function.Function;

/** A role takes the nearest loose ball within reach. */
public record PickUp(MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn) implements Move {

    public PickUp {
        Move.check(id, role, trigger);
    }

    @Override
    public PickUp withTrigger(Optional<Trigger> start) {
        return new PickUp(id, role, start, runsOn);
    }

    @Override
    public PickUp withId(MoveId name) {
        return new PickUp(name, role, trigger, runsOn);
    }

    @Override
    public PickUp withRole(RoleId performer) {
        return new PickUp(id, performer, trigger, runsOn);
    }

    @Override
    public PickUp withRunsOn(boolean on) {
        return new PickUp(id, role, trigger, on);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Wait, T> onWait) {
        return onPickUp.apply(this);
    }
}
