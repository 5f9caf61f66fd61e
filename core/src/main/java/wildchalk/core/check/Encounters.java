package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/**
 * How near any two come to each other while at least one of them moves. Each role's time is cut into stretches in which it
 * stands or moves; only those of two roles are followed in time whose places come near, and no finer than their distance asks for.
 */
final class Encounters {

    /** Those who come no nearer (m) than this are of no interest. */
    static final double NEAR_METRES = 2;

    /** Likewise where one of them stands: whoever runs past has to miss him and no more. */
    static final double NEAR_WHO_STANDS_METRES = 0.7;

    /** Followed at least so finely (s). */
    private static final double FINE_SECONDS = 0.04;

    private static final double GRID_SECONDS = 0.1;

    /** Over so long (s) before they are nearest it is seen how fast they near each other. */
    private static final double BEFORE_SECONDS = 0.6;

    /** After a run somebody may be under way for so long (s) until he stands. */
    private static final double RUN_OUT_SECONDS = 1.5;

    /**
     * Two who come near each other.
     *
     * @param moves of the first and of the second, those that they make then; empty for one who stands
     * @param metres between their middles when they are nearest
     * @param closing how fast they near each other before, m/s
     */
    record Encounter(
            RoleId first,
            RoleId second,
            List<Optional<MoveId>> moves,
            double seconds,
            Point at,
            double metres,
            double closing) {

        Optional<MoveId> moveOf(RoleId role) {
            return moves.get(role.equals(first) ? 0 : 1);
        }

        RoleId other(RoleId role) {
            return role.equals(first) ? second : first;
        }
    }

    /**
     * A stretch of time in which a role stands or moves, and the box that it keeps to.
     *
     * @param shift how much later (s) than the rep that is timed this one began
     * @param way the line that it keeps to; empty for one who stands
     * @param grid where it is at equal times; nothing for one who stands
     * @param of the rep that it is a part of, which may be one the other way round
     */
    private record Stretch(
            RoleId role,
            double from,
            double to,
            Optional<MoveId> move,
            double peak,
            double shift,
            double left,
            double right,
            double low,
            double high,
            Point start,
            Optional<Polyline> way,
            Point[] grid,
            Timeline of) {

        Stretch later(double seconds) {
            return new Stretch(
                    role,
                    from + seconds,
                    to + seconds,
                    move,
                    peak,
                    shift + seconds,
                    left,
                    right,
                    low,
                    high,
                    start,
                    way,
                    grid,
                    of);
        }

        /** Whether what it keeps to comes so near to what another keeps to; surely not otherwise. */
        boolean isNear(Stretch other, double near) {
            return isBoxNear(other, near) && isWayNear(other, near) && other.isWayNear(this, near);
        }

        private boolean isWayNear(Stretch other, double near) {
            return way.isEmpty() || other.move.isPresent() || way.get().distanceTo(other.start) < near;
        }

        private boolean isBoxNear(Stretch other, double near) {
            return left - other.right < near
                    && other.left - right < near
                    && low - other.high < near
                    && other.low - high < near;
        }
    }

    /** Between two looks somebody may be a little faster. */
    private static final double GRID_SLACK = 1.2;

    private final Path path;
    private final Timeline timeline;
    private final List<Encounter> met = new ArrayList<>();

    private Encounters(Path path, Timeline timeline) {
        this.path = path;
        this.timeline = timeline;
    }

    /** For each two that come near each other the moment at which they are nearest. */
    static List<Encounter> of(RunThrough run) {
        Encounters all = new Encounters(run.path(), run.timeline());
        List<List<Stretch>> stretches =
                run.path().roles().stream().map(r -> all.stretches(r)).toList();
        for (int i = 0; i < stretches.size(); i++) {
            for (int k = i + 1; k < stretches.size(); k++) {
                all.meet(stretches.get(i), stretches.get(k));
            }
        }
        return List.copyOf(all.met);
    }

    /**
     * For each two of one rep and of the next, both under way, the moment at which they are nearest.
     *
     * @param next how the next rep goes
     * @param period seconds after which it begins
     * @param roles those that other people play in the next rep
     */
    static List<Encounter> ofReps(RunThrough run, NextRep next, double period, List<Role> roles) {
        Encounters all = new Encounters(run.path(), run.timeline());
        Encounters then = new Encounters(next.path(), next.timeline());
        for (Role one : roles) {
            List<Stretch> first = all.moving(one);
            for (Role other : roles) {
                List<Stretch> second =
                        then.moving(other).stream().map(s -> s.later(period)).toList();
                all.meet(first, second);
            }
        }
        return List.copyOf(all.met);
    }

    private List<Stretch> moving(Role role) {
        return stretches(role).stream().filter(s -> s.move().isPresent()).toList();
    }

    private List<Stretch> stretches(Role role) {
        List<Stretch> all = new ArrayList<>();
        double since = 0;
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (isUnderWay(move, role.id()) && span.happens()) {
                boolean runsOn = span.runOutMetres() > 0 || move instanceof Act;
                double end = Math.min(timeline.seconds(), span.end() + (runsOn ? RUN_OUT_SECONDS : 0));
                all.add(stretch(role.id(), since, Math.max(since, span.start()), Optional.empty(), 0));
                all.add(stretch(role.id(), span.start(), end, Optional.of(move.id()), span.peakSpeed()));
                since = end;
            }
        }
        all.add(stretch(role.id(), since, timeline.seconds(), Optional.empty(), 0));
        return all;
    }

    /** Whether somebody runs in a move: his own run, to the ball that he tries for, or in open play. */
    private boolean isUnderWay(Move move, RoleId role) {
        boolean own = move.role().equals(role);
        boolean plays = move instanceof Act act
                && act.deed() instanceof OpenPlay
                && (own || move.others().contains(role));
        return plays || own && (move instanceof Travel || timeline.workedOut().containsKey(move.id()));
    }

    private Stretch stretch(RoleId role, double from, double to, Optional<MoveId> move, double peak) {
        List<Point> places = new ArrayList<>(List.of(at(role, from)));
        Point[] grid = move.isPresent() ? grid(role, from, to) : new Point[0];
        boolean drawn =
                move.flatMap(path::move).filter(Travel.class::isInstance).isPresent();
        if (drawn) {
            move.flatMap(m -> timeline.pathOf(role, m)).ifPresent(places::addAll);
        } else {
            places.addAll(List.of(grid));
        }
        places.add(at(role, to));
        return new Stretch(
                role,
                from,
                to,
                move,
                drawn ? peak : fastest(grid),
                0,
                places.stream().mapToDouble(Point::x).min().orElseThrow(),
                places.stream().mapToDouble(Point::x).max().orElseThrow(),
                places.stream().mapToDouble(Point::y).min().orElseThrow(),
                places.stream().mapToDouble(Point::y).max().orElseThrow(),
                places.get(0),
                move.map(m -> new Polyline(places)),
                grid,
                timeline);
    }

    /** How fast somebody is at most between places on a grid, m/s. */
    private static double fastest(Point[] grid) {
        double most = 0;
        for (int i = 1; i < grid.length; i++) {
            most = Math.max(most, grid[i].distanceTo(grid[i - 1]) / GRID_SECONDS);
        }
        return GRID_SLACK * most;
    }

    private Point at(RoleId role, double t) {
        return timeline.placeAt(role, t);
    }

    private Point at(Stretch stretch, double t) {
        return stretch.move().isEmpty() ? stretch.start() : stretch.of().placeAt(stretch.role(), t - stretch.shift());
    }

    private double apart(Stretch a, Stretch b, double t) {
        return at(a, t).distanceTo(at(b, t));
    }

    /** Places every tenth of a second: between them nobody is further than a centimetre from the straight line. */
    private Point[] grid(RoleId role, double from, double to) {
        Point[] grid = new Point[(int) Math.ceil((to - from) / GRID_SECONDS) + 2];
        for (int i = 0; i < grid.length; i++) {
            grid[i] = at(role, from + i * GRID_SECONDS);
        }
        return grid;
    }

    private static double roughlyApart(Stretch a, Stretch b, double t) {
        return roughly(a, t).distanceTo(roughly(b, t));
    }

    private static Point roughly(Stretch stretch, double t) {
        if (stretch.move().isEmpty()) {
            return stretch.start();
        }
        double steps = (t - stretch.from()) / GRID_SECONDS;
        int i = Math.max(0, Math.min(stretch.grid().length - 2, (int) steps));
        return stretch.grid()[i].towards(stretch.grid()[i + 1], steps - i);
    }

    /** All stretches of one role with all of another; only what is nearer than what was met before is followed. */
    private void meet(List<Stretch> some, List<Stretch> others) {
        Encounter best = null;
        for (Stretch a : some) {
            for (Stretch b : others) {
                boolean anyMoves = a.move().isPresent() || b.move().isPresent();
                if (anyMoves && a.from() < b.to() && b.from() < a.to()) {
                    boolean bothMove = a.move().isPresent() && b.move().isPresent();
                    double near = bothMove ? NEAR_METRES : NEAR_WHO_STANDS_METRES;
                    double least = best == null ? near : Math.min(near, best.metres());
                    best = a.isNear(b, least) ? follow(a, b, least).orElse(best) : best;
                }
            }
        }
        if (best != null) {
            met.add(best);
        }
    }

    /** The moment at which two are nearest, if nearer than so many metres. */
    private Optional<Encounter> follow(Stretch a, Stretch b, double near) {
        double end = Math.min(a.to(), b.to());
        double fastest = Math.max(0.1, a.peak() + b.peak());
        double best = near;
        double when = -1;
        for (double t = Math.max(a.from(), b.from()); t <= end; ) {
            double metres = roughlyApart(a, b, t);
            if (metres < best) {
                best = metres;
                when = t;
            }
            // sooner they cannot be nearer than they have been
            t += Math.max(FINE_SECONDS, (metres - best) / fastest);
        }
        return when < 0 ? Optional.empty() : Optional.of(encounter(a, b, when, apart(a, b, when)));
    }

    private Encounter encounter(Stretch a, Stretch b, double when, double metres) {
        double closing = 0;
        double step = BEFORE_SECONDS / 6;
        for (double t = Math.max(0, when - BEFORE_SECONDS); t < when - 1e-9; t += step) {
            double until = Math.min(when, t + step);
            closing = Math.max(closing, (apart(a, b, t) - apart(a, b, until)) / (until - t));
        }
        Point middle = at(a, when).towards(at(b, when), 0.5);
        return new Encounter(a.role(), b.role(), List.of(a.move(), b.move()), when, middle, metres, closing);
    }
}
