package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** A role sends the ball it holds to another role, or to a place. */
public record Pass(
        MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, Target to, PassKind kind, Weight weight)
        implements Move {

    public Pass {
        Move.check(id, role, trigger);
        Objects.requireNonNull(to, "to");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(weight, "weight");
    }

    @Override
    public Pass withTrigger(Optional<Trigger> start) {
        return new Pass(id, role, start, runsOn, to, kind, weight);
    }

    @Override
    public Pass withId(MoveId name) {
        return new Pass(name, role, trigger, runsOn, to, kind, weight);
    }

    @Override
    public Pass withRole(RoleId performer) {
        return new Pass(id, performer, trigger, runsOn, to, kind, weight);
    }

    @Override
    public Pass withRunsOn(boolean on) {
        return new Pass(id, role, trigger, on, to, kind, weight);
    }

    public Pass withTo(Target target) {
        return new Pass(id, role, trigger, runsOn, target, kind, weight);
    }

    public Pass withKind(PassKind how) {
        return new Pass(id, role, trigger, runsOn, to, how, weight);
    }

    public Pass withWeight(Weight hard) {
        return new Pass(id, role, trigger, runsOn, to, kind, hard);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Wait, T> onWait) {
        return onPass.apply(this);
    }
}
