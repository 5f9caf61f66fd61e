package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.geometry.Point;

/**
 * A role moves along a path. With a ball in hand this is a carry: the ball goes with the role, and the sport's words and
 * speeds for it apply.
 *
 * @param path where it goes, without the place where it starts; at least one point
 * @param seeks a ball that it goes for and takes, wherever that lies: the last place of the path is only where it was drawn
 * @param follows others by whose ways its own is worked out: the last place of the path is only where it was drawn; not with seeks
 * @param faces what the role keeps looking at on the way; empty for where it goes
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
        Optional<Seeks> seeks,
        Optional<Following> follows,
        Optional<Mark> faces)
        implements Move {

    public Travel {
        Move.check(id, role, trigger);
        Objects.requireNonNull(manner, "manner");
        Objects.requireNonNull(effort, "effort");
        Objects.requireNonNull(until, "until");
        Objects.requireNonNull(seeks, "seeks");
        Objects.requireNonNull(follows, "follows");
        Objects.requireNonNull(faces, "faces");
        if (seeks.isPresent() && follows.isPresent()) {
            throw new IllegalArgumentException("Move %s cannot go for a ball and by somebody at once.".formatted(id));
        }
        if (follows.filter(f -> f.roles().contains(role)).isPresent()
                || faces.flatMap(Mark::role).equals(Optional.of(role))) {
            throw new IllegalArgumentException("Move %s cannot go by its own role %s.".formatted(id, role));
        }
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
        this(id, role, trigger, runsOn, manner, effort, path, Optional.empty());
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
        this(
                id,
                role,
                trigger,
                runsOn,
                manner,
                effort,
                path,
                until,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Override
    public Travel withTrigger(Optional<Trigger> start) {
        return new Travel(id, role, start, runsOn, manner, effort, path, until, seeks, follows, faces);
    }

    @Override
    public Travel withId(MoveId name) {
        return new Travel(name, role, trigger, runsOn, manner, effort, path, until, seeks, follows, faces);
    }

    @Override
    public Travel withRole(RoleId performer) {
        // nobody goes by himself
        Optional<Following> whom = follows.filter(f -> !f.roles().contains(performer));
        Optional<Mark> what = faces.filter(m -> !m.role().equals(Optional.of(performer)));
        return new Travel(id, performer, trigger, runsOn, manner, effort, path, until, seeks, whom, what);
    }

    @Override
    public Travel withRunsOn(boolean on) {
        return new Travel(id, role, trigger, on, manner, effort, path, until, seeks, follows, faces);
    }

    public Travel withManner(Manner how) {
        return new Travel(id, role, trigger, runsOn, how, effort, path, until, seeks, follows, faces);
    }

    public Travel withEffort(Effort hard) {
        return new Travel(id, role, trigger, runsOn, manner, hard, path, until, seeks, follows, faces);
    }

    public Travel withPath(List<Waypoint> points) {
        return new Travel(id, role, trigger, runsOn, manner, effort, points, until, seeks, follows, faces);
    }

    public Travel withUntil(Optional<Event> end) {
        return new Travel(id, role, trigger, runsOn, manner, effort, path, end, seeks, follows, faces);
    }

    /** For a ball, and then by nobody. */
    public Travel withSeeks(Optional<Seeks> what) {
        return new Travel(
                id,
                role,
                trigger,
                runsOn,
                manner,
                effort,
                path,
                until,
                what,
                what.isPresent() ? Optional.empty() : follows,
                faces);
    }

    /** By somebody, and then for no ball. */
    public Travel withFollows(Optional<Following> whom) {
        return new Travel(
                id,
                role,
                trigger,
                runsOn,
                manner,
                effort,
                path,
                until,
                whom.isPresent() ? Optional.empty() : seeks,
                whom,
                faces);
    }

    public Travel withFaces(Optional<Mark> what) {
        return new Travel(id, role, trigger, runsOn, manner, effort, path, until, seeks, follows, what);
    }

    /** Whether its end is worked out from what others do. */
    public boolean isWorkedOut() {
        return seeks.isPresent() || follows.isPresent();
    }

    /** What it goes by and looks at. */
    public List<Mark> marks() {
        return Stream.concat(follows.stream().flatMap(f -> f.marks().stream()), faces.stream())
                .distinct()
                .toList();
    }

    /** Roles that it goes by or looks at. */
    List<RoleId> concerned() {
        return marks().stream().flatMap(m -> m.role().stream()).distinct().toList();
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
