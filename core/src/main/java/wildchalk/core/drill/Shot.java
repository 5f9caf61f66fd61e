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
 * @param at whom it is thrown at, instead of at a goal: the goal then has the player's id
 * @param stroke what the sport calls it, where it is not just a shot
 */
public record Shot(
        MoveId id,
        RoleId role,
        Optional<Trigger> trigger,
        boolean runsOn,
        String goal,
        Optional<RoleId> at,
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
        Objects.requireNonNull(at, "at");
        if (at.filter(r -> r.equals(role) || !r.text().equals(goal)).isPresent()) {
            throw new IllegalArgumentException(
                    "The shot %s is thrown at %s: name somebody else, and no goal.".formatted(id, at.orElseThrow()));
        }
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
        this(id, role, trigger, runsOn, goal, Optional.empty(), aim, weight, oneTouch, end, rebound, Optional.empty());
    }

    /** One that is controlled first, and goes in. */
    public Shot(
            MoveId id, RoleId role, Optional<Trigger> trigger, boolean runsOn, String goal, Aim aim, Weight weight) {
        this(id, role, trigger, runsOn, goal, aim, weight, false, ShotEnd.GOAL, Optional.empty());
    }

    @Override
    public Shot withTrigger(Optional<Trigger> start) {
        return new Shot(id, role, start, runsOn, goal, at, aim, weight, oneTouch, end, rebound, stroke);
    }

    @Override
    public Shot withId(MoveId name) {
        return new Shot(name, role, trigger, runsOn, goal, at, aim, weight, oneTouch, end, rebound, stroke);
    }

    @Override
    public Shot withRole(RoleId performer) {
        if (at.equals(Optional.of(performer))) {
            return withGoal(goal).withRole(performer).withAt(role); // whoever was thrown at throws
        }
        return new Shot(id, performer, trigger, runsOn, goal, at, aim, weight, oneTouch, end, rebound, stroke);
    }

    @Override
    public Shot withRunsOn(boolean on) {
        return new Shot(id, role, trigger, on, goal, at, aim, weight, oneTouch, end, rebound, stroke);
    }

    public Shot withGoal(String target) {
        return new Shot(
                id, role, trigger, runsOn, target, Optional.empty(), aim, weight, oneTouch, end, rebound, stroke);
    }

    /** At somebody who stands or runs there. */
    public Shot withAt(RoleId who) {
        return new Shot(
                id, role, trigger, runsOn, who.text(), Optional.of(who), aim, weight, oneTouch, end, rebound, stroke);
    }

    public Shot withAim(Aim part) {
        return new Shot(id, role, trigger, runsOn, goal, at, part, weight, oneTouch, end, rebound, stroke);
    }

    public Shot withWeight(Weight hard) {
        return new Shot(id, role, trigger, runsOn, goal, at, aim, hard, oneTouch, end, rebound, stroke);
    }

    /** In a way of one's sport, or plainly. */
    public Shot withStroke(Optional<Stroke> how) {
        return new Shot(id, role, trigger, runsOn, goal, at, aim, weight, oneTouch, end, rebound, how);
    }

    public Shot withOneTouch(boolean touch) {
        return new Shot(id, role, trigger, runsOn, goal, at, aim, weight, touch, end, rebound, stroke);
    }

    public Shot withEnd(ShotEnd result) {
        return new Shot(id, role, trigger, runsOn, goal, at, aim, weight, oneTouch, result, rebound, stroke);
    }

    public Shot withRebound(Optional<Point> place) {
        return new Shot(id, role, trigger, runsOn, goal, at, aim, weight, oneTouch, end, place, stroke);
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
