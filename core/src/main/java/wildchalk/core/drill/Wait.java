package wildchalk.core.drill;

import java.util.Optional;
import java.util.function.Function;

/**
 * A role stays where it is.
 *
 * @param seconds above zero, at most 600
 */
public record Wait(MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, double seconds) implements Move {

    public Wait {
        Move.check(id, role, trigger);
        if (!(seconds > 0 && seconds <= Trigger.MAX_PLUS_SECONDS)) {
            throw new IllegalArgumentException("The wait (%s s) of move %s must be above 0 and at most %s s."
                    .formatted(seconds, id, Trigger.MAX_PLUS_SECONDS));
        }
    }

    @Override
    public Wait withTrigger(Optional<Trigger> start) {
        return new Wait(id, role, start, runsOn, seconds);
    }

    @Override
    public Wait withId(MoveId name) {
        return new Wait(name, role, trigger, runsOn, seconds);
    }

    @Override
    public Wait withRole(RoleId performer) {
        return new Wait(id, performer, trigger, runsOn, seconds);
    }

    @Override
    public Wait withRunsOn(boolean on) {
        return new Wait(id, role, trigger, on, seconds);
    }

    public Wait withSeconds(double length) {
        return new Wait(id, role, trigger, runsOn, length);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Wait, T> onWait) {
        return onWait.apply(this);
    }
}
