package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/**
 * A role shoots the ball it holds at a goal.
 *
 * @param goal id of a goal of the surface or of a goal that was set out
 * @param oneTouch whether it is a tip or a redirect: struck at the touch, without being controlled
 * @param end what becomes of it
 * @param rebound where a rebound comes down; empty for a spot in front of the goal
 * @param stroke what the sport calls it, where it is not just a shot
 */
public record Shot(
        MoveId id,
        RoleId role,
        Optional<Trigger> trigger,
        boolean runsOn,
        String goal,
        Aim aim,
        Weight weight,
        boolean oneTouch,
        ShotEnd end,
        Optional<Point> rebound,
        Optional<Stroke> stroke)
        implements Move {

    public Shot {
        Move.check(id, role, trigger);
        Slugs.check("goal", goal);
        Objects.requireNonNull(aim, "aim");
        Objects.requireNonNull(weight, "weight");
        Objects.requireNonNull(end, "end");
        Objects.requireNonNull(rebound, "rebound");
        Objects.requireNonNull(stroke, "stroke");
        rebound.ifPresent(p -> Limits.place("rebound", p));
    }

    /** Plainly. */
    public Shot(
            MoveId id,
            RoleId role,
            Optional<Trigger> trigger,
            boolean runsOn,
            String goal,
            Aim aim,
            Weight weight,
            boolean oneTouch,
            ShotEnd end,
            Optional<Point> rebound) {
        this(id, role, trigger, runsOn, goal, aim, weight, oneTouch, end, rebound, Optional.empty());
    }

    /** One that is controlled first, and goes in. */
    public Shot(
            MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, String goal, Aim aim, Weight weight) {
        this(id, role, trigger, runsOn, goal, aim, weight, false, ShotEnd.GOAL, Optional.empty(), Optional.empty());
    }

    @Override
    public Shot withTrigger(Optional<Trigger> start) {
        return new Shot(id, role, start, runsOn, goal, aim, weight, oneTouch, end, rebound, stroke);
    }

    @Override
    public Shot withId(MoveId name) {
        return new Shot(name, role, trigger, runsOn, goal, aim, weight, oneTouch, end, rebound, stroke);
    }

    @Override
    public Shot withRole(RoleId performer) {
        return new Shot(id, performer, trigger, runsOn, goal, aim, weight, oneTouch, end, rebound, stroke);
    }

    @Override
    public Shot withRunsOn(boolean on) {
        return new Shot(id, role, trigger, on, goal, aim, weight, oneTouch, end, rebound, stroke);
    }

    public Shot withGoal(String target) {
        return new Shot(id, role, trigger, runsOn, target, aim, weight, oneTouch, end, rebound, stroke);
    }

    public Shot withAim(Aim part) {
        return new Shot(id, role, trigger, runsOn, goal, part, weight, oneTouch, end, rebound, stroke);
    }

    public Shot withWeight(Weight hard) {
        return new Shot(id, role, trigger, runsOn, goal, aim, hard, oneTouch, end, rebound, stroke);
    }

    /** In a way of one's sport, or plainly. */
    public Shot withStroke(Optional<Stroke> how) {
        return new Shot(id, role, trigger, runsOn, goal, aim, weight, oneTouch, end, rebound, how);
    }

    public Shot withOneTouch(boolean touch) {
        return new Shot(id, role, trigger, runsOn, goal, aim, weight, touch, end, rebound, stroke);
    }

    public Shot withEnd(ShotEnd result) {
        return new Shot(id, role, trigger, runsOn, goal, aim, weight, oneTouch, result, rebound, stroke);
    }

    public Shot withRebound(Optional<Point> place) {
        return new Shot(id, role, trigger, runsOn, goal, aim, weight, oneTouch, end, place, stroke);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Act, T> onAct) {
        return onShot.apply(this);
    }
}
