package wildchalk.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
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

    /** Followed at least so finely (s). */
    private static final double FINE_SECONDS = 0.04;

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
            double high) {

        Stretch later(double seconds) {
            return new Stretch(role, from + seconds, to + seconds, move, peak, shift + seconds, left, right, low, high);
        }

        boolean isNear(Stretch other) {
            return left - other.right < NEAR_METRES
                    && other.left - right < NEAR_METRES
                    && low - other.high < NEAR_METRES
                    && other.low - high < NEAR_METRES;
        }
    }

    private final Path path;
    private final Timeline timeline;
    private final Map<List<RoleId>, Encounter> nearest = new LinkedHashMap<>();

    private Encounters(RunThrough run) {
        this.path = run.path();
        this.timeline = run.timeline();
    }

    /** For each two that come near each other the moment at which they are nearest. */
    static List<Encounter> of(RunThrough run) {
        Encounters all = new Encounters(run);
        List<List<Stretch>> stretches =
                run.path().roles().stream().map(r -> all.stretches(r)).toList();
        for (int i = 0; i < stretches.size(); i++) {
            for (int k = i + 1; k < stretches.size(); k++) {
                all.meet(stretches.get(i), stretches.get(k));
            }
        }
        return List.copyOf(all.nearest.values());
    }

    /**
     * For each two of one rep and of the next, both under way, the moment at which they are nearest.
     *
     * @param period seconds after which the next rep begins
     * @param roles those that other people play in the next rep
     */
    static List<Encounter> ofReps(RunThrough run, double period, List<Role> roles) {
        Encounters all = new Encounters(run);
        for (Role one : roles) {
            List<Stretch> first = all.moving(one);
            for (Role other : roles) {
                List<Stretch> second =
                        all.moving(other).stream().map(s -> s.later(period)).toList();
                all.meet(first, second);
            }
        }
        return List.copyOf(all.nearest.values());
    }

    private List<Stretch> moving(Role role) {
        return stretches(role).stream().filter(s -> s.move().isPresent()).toList();
    }

    private List<Stretch> stretches(Role role) {
        List<Stretch> all = new ArrayList<>();
        double since = 0;
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (move instanceof Travel && move.role().equals(role.id()) && span.happens()) {
                double end = Math.min(timeline.seconds(), span.end() + (span.runOutMetres() > 0 ? RUN_OUT_SECONDS : 0));
                all.add(stretch(role.id(), since, Math.max(since, span.start()), Optional.empty(), 0));
                all.add(stretch(role.id(), span.start(), end, Optional.of(move.id()), span.peakSpeed()));
                since = end;
            }
        }
        all.add(stretch(role.id(), since, timeline.seconds(), Optional.empty(), 0));
        return all;
    }

    private Stretch stretch(RoleId role, double from, double to, Optional<MoveId> move, double peak) {
        List<Point> places = new ArrayList<>(List.of(at(role, from), at(role, to)));
        move.flatMap(m -> timeline.pathOf(role, m)).ifPresent(places::addAll);
        return new Stretch(
                role,
                from,
                to,
                move,
                peak,
                0,
                places.stream().mapToDouble(Point::x).min().orElseThrow(),
                places.stream().mapToDouble(Point::x).max().orElseThrow(),
                places.stream().mapToDouble(Point::y).min().orElseThrow(),
                places.stream().mapToDouble(Point::y).max().orElseThrow());
    }

    private Point at(RoleId role, double t) {
        return timeline.poseAt(role, t).at();
    }

    private Point at(Stretch stretch, double t) {
        return at(stretch.role(), t - stretch.shift());
    }

    private double apart(Stretch a, Stretch b, double t) {
        return at(a, t).distanceTo(at(b, t));
    }

    private void meet(List<Stretch> some, List<Stretch> others) {
        for (Stretch a : some) {
            for (Stretch b : others) {
                boolean anyMoves = a.move().isPresent() || b.move().isPresent();
                if (anyMoves && a.from() < b.to() && b.from() < a.to() && a.isNear(b)) {
                    follow(a, b);
                }
            }
        }
    }

    private void follow(Stretch a, Stretch b) {
        double end = Math.min(a.to(), b.to());
        double fastest = Math.max(0.1, a.peak() + b.peak());
        double best = NEAR_METRES;
        double when = -1;
        for (double t = Math.max(a.from(), b.from()); t <= end; ) {
            double metres = apart(a, b, t);
            if (metres < best) {
                best = metres;
                when = t;
            }
            t += Math.max(FINE_SECONDS, (metres - NEAR_METRES) / fastest);
        }
        List<RoleId> pair = List.of(a.role(), b.role());
        Encounter before = nearest.get(pair);
        if (when >= 0 && (before == null || best < before.metres())) {
            nearest.put(pair, encounter(a, b, when, best));
        }
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
