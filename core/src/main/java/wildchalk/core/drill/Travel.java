package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.geometry.Point;

/**
 * A role moves along a path. With a ball in hand this is a carry: the ball goes with the role, and the sport's words and
 * speeds for it apply.
 *
 * @param path where it goes, without the place where it starts; at least one point
 * @param seeks a ball that it goes for and takes, wherever that lies: the last place of the path is only where it was drawn
 * @param until what ends it before the end of its path: the role brakes then; not the whistle and no moment of its own
 */
public record Travel(
        MoveId id,
        RoleId role,
        Optional<Trigger> trigger,
        boolean runsOn,
        Manner manner,
        Effort effort,
        List<Waypoint> path,
        Optional<Event> until,
        Optional<Seeks> seeks)
        implements Move {

    public Travel {
        Move.check(id, role, trigger);
        Objects.requireNonNull(manner, "manner");
        Objects.requireNonNull(effort, "effort");
        Objects.requireNonNull(until, "until");
        Objects.requireNonNull(seeks, "seeks");
        path = List.copyOf(path);
        if (path.isEmpty()) {
            throw new IllegalArgumentException("The path (0 points) of move %s needs at least one.".formatted(id));
        }
        if (until.filter(e -> e instanceof Event.Whistle).isPresent()) {
            throw new IllegalArgumentException("Move %s cannot go on until the whistle: it blows first.".formatted(id));
        }
        if (until.flatMap(Event::move).equals(Optional.of(id))) {
            throw new IllegalArgumentException("Move %s cannot go on until itself.".formatted(id));
        }
    }

    /** To the end of its path. */
    public Travel(
            MoveId id,
            RoleId role,
            Optional<Trigger> trigger,
            boolean runsOn,
            Manner manner,
            Effort effort,
            List<Waypoint> path) {
        this(id, role, trigger, runsOn, manner, effort, path, Optional.empty(), Optional.empty());
    }

    /** Along its path, until something ends it. */
    public Travel(
            MoveId id,
            RoleId role,
            Optional<Trigger> trigger,
            boolean runsOn,
            Manner manner,
            Effort effort,
            List<Waypoint> path,
            Optional<Event> until) {
        this(id, role, trigger, runsOn, manner, effort, path, until, Optional.empty());
    }

    @Override
    public Travel withTrigger(Optional<Trigger> start) {
        return new Travel(id, role, start, runsOn, manner, effort, path, until, seeks);
    }

    @Override
    public Travel withId(MoveId name) {
        return new Travel(name, role, trigger, runsOn, manner, effort, path, until, seeks);
    }

    @Override
    public Travel withRole(RoleId performer) {
        return new Travel(id, performer, trigger, runsOn, manner, effort, path, until, seeks);
    }

    @Override
    public Travel withRunsOn(boolean on) {
        return new Travel(id, role, trigger, on, manner, effort, path, until, seeks);
    }

    public Travel withManner(Manner how) {
        return new Travel(id, role, trigger, runsOn, how, effort, path, until, seeks);
    }

    public Travel withEffort(Effort hard) {
        return new Travel(id, role, trigger, runsOn, manner, hard, path, until, seeks);
    }

    public Travel withPath(List<Waypoint> points) {
        return new Travel(id, role, trigger, runsOn, manner, effort, points, until, seeks);
    }

    public Travel withUntil(Optional<Event> end) {
        return new Travel(id, role, trigger, runsOn, manner, effort, path, end, seeks);
    }

    public Travel withSeeks(Optional<Seeks> what) {
        return new Travel(id, role, trigger, runsOn, manner, effort, path, until, what);
    }

    /** With another end of its path. */
    public Travel withEnd(Point place) {
        List<Waypoint> points = new ArrayList<>(path);
        points.set(path.size() - 1, path.get(path.size() - 1).withAt(place));
        return withPath(points);
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Act, T> onAct) {
        return onTravel.apply(this);
    }
}
