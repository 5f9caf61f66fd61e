package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** A role takes the nearest loose ball within reach; one that lies in a goal where nothing else is near. */
public record PickUp(MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, PickUpKind how)
        implements Move {

    public PickUp {
        Move.check(id, role, trigger);
        Objects.requireNonNull(how, "how");
    }

    public PickUp(MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn) {
        this(id, role, trigger, runsOn, PickUpKind.GROUND);
    }

    @Override
    public PickUp withTrigger(Optional<Trigger> start) {
        return new PickUp(id, role, start, runsOn, how);
    }

    @Override
    public PickUp withId(MoveId name) {
        return new PickUp(name, role, trigger, runsOn, how);
    }

    @Override
    public PickUp withRole(RoleId performer) {
        return new PickUp(id, performer, trigger, runsOn, how);
    }

    @Override
    public PickUp withRunsOn(boolean on) {
        return new PickUp(id, role, trigger, on, how);
    }

    public PickUp withHow(PickUpKind kind) {
        return new PickUp(id, role, trigger, runsOn, kind);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Act, T> onAct) {
        return onPickUp.apply(this);
    }
}
