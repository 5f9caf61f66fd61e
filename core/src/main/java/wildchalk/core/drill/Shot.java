package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * A role shoots the ball it holds at a goal.
 *
 * @param goal id of a goal of the surface or of a goal that was set out
 */
public record Shot(
        MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, String goal, Aim aim, Weight weight)
        implements Move {

    public Shot {
        Move.check(id, role, trigger);
        Objects.requireNonNull(goal, "goal");
        Objects.requireNonNull(aim, "aim");
        Objects.requireNonNull(weight, "weight");
    }

    @Override
    public Shot withTrigger(Optional<Trigger> start) {
        return new Shot(id, role, start, runsOn, goal, aim, weight);
    }

    @Override
    public Shot withId(MoveId name) {
        return new Shot(name, role, trigger, runsOn, goal, aim, weight);
    }

    @Override
    public Shot withRole(RoleId performer) {
        return new Shot(id, performer, trigger, runsOn, goal, aim, weight);
    }

    @Override
    public Shot withRunsOn(boolean on) {
        return new Shot(id, role, trigger, on, goal, aim, weight);
    }

    public Shot withGoal(String target) {
        return new Shot(id, role, trigger, runsOn, target, aim, weight);
    }

    public Shot withAim(Aim part) {
        return new Shot(id, role, trigger, runsOn, goal, part, weight);
    }

    public Shot withWeight(Weight hard) {
        return new Shot(id, role, trigger, runsOn, goal, aim, hard);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Wait, T> onWait) {
        return onShot.apply(this);
    }
}
