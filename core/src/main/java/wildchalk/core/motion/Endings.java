package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * Whether a run ends standing or goes through its end at speed. As the coach says; where nobody has said, to a stop, but through
 * the end of a run with the ball into a shot, past a line that something waits for, and of a sprint off the surface.
 */
final class Endings {

    /** A line crossed in the last so many metres of a run is its finish. */
    private static final double FINISH_METRES = 1.5;

    /** Whoever ends so near to a waiting line (m) joins it. */
    private static final double QUEUE_METRES = 3;

    /** How a travel ends. */
    enum Ending {
        TO_A_STOP,
        THROUGH,
        /** Through, if the ball is in hand then: else it has to be waited for. */
        THROUGH_WITH_BALL
    }

    private final Path path;
    private final Surface surface;
    private final Map<RoleId, List<Region.Line>> finishes = new HashMap<>();

    Endings(Path path, Surface surface) {
        this.path = path;
        this.surface = surface;
        for (Move move : path.moves()) {
            move.trigger().ifPresent(t -> addFinish(t.event()));
            if (move instanceof Travel travel) {
                travel.until().ifPresent(this::addFinish);
            }
        }
        path.course().launch().flatMap(Launch::at).ifPresent(this::addFinish);
    }

    private void addFinish(Event event) {
        if (event instanceof Event.Reaches reaches
                && reaches.who() instanceof Mover.Somebody somebody
                && reaches.where() instanceof Region.Line line) {
            finishes.computeIfAbsent(somebody.role(), r -> new ArrayList<>()).add(line);
        }
    }

    /** @param own what a role does, in order */
    void settle(List<Job> own) {
        Point from = own.isEmpty() ? Point.ORIGIN : path.startOf(own.get(0).move.role());
        for (int i = 0; i < own.size(); i++) {
            Job job = own.get(i);
            if (job.move instanceof Travel travel) {
                Optional<Move> next = i + 1 < own.size() && own.get(i + 1).step == job.step
                        ? Optional.of(own.get(i + 1).move)
                        : Optional.empty();
                job.ending = of(travel, from, next, i + 1 == own.size());
                from = travel.path().get(travel.path().size() - 1).leave();
            }
        }
    }

    /** @param from where the travel starts */
    private Ending of(Travel travel, Point from, Optional<Move> next, boolean last) {
        Waypoint end = travel.path().get(travel.path().size() - 1);
        if (end.how() == Passing.THROUGH) {
            return Ending.THROUGH;
        } else if (end.how() == Passing.STOP || end.how() == Passing.TOUCH) {
            return Ending.TO_A_STOP;
        } else if (next.filter(m -> isShotAtOnce(travel, m)).isPresent()) {
            return Ending.THROUGH_WITH_BALL;
        }
        return finishes(travel, from) || last && leavesTheSurface(travel, end.leave())
                ? Ending.THROUGH
                : Ending.TO_A_STOP;
    }

    private static boolean isShotAtOnce(Travel travel, Move next) {
        return next instanceof Shot
                && next.trigger()
                        .map(t -> t.event().equals(new Event.Ends(travel.id())) && t.plusSeconds() == 0)
                        .orElse(true);
    }

    private boolean finishes(Travel travel, Point start) {
        int size = travel.path().size();
        List<Region.Line> lines = finishes.getOrDefault(travel.role(), List.of());
        if (lines.isEmpty() || size == 1 && travel.path().get(0).round().isPresent()) {
            return false;
        }
        Point end = travel.path().get(size - 1).leave();
        Point from = size > 1 ? travel.path().get(size - 2).leave() : start;
        double length = from.distanceTo(end);
        Point before = length > FINISH_METRES ? end.towards(from, FINISH_METRES / length) : from;
        return lines.stream().anyMatch(l -> crosses(before, end, l));
    }

    private static boolean crosses(Point from, Point to, Region.Line line) {
        Point way = to.minus(from);
        Point along = line.to().minus(line.from());
        double start = along.cross(from.minus(line.from()));
        double end = along.cross(to.minus(line.from()));
        double one = way.cross(line.from().minus(from));
        double other = way.cross(line.to().minus(from));
        return start * end < 0 && one * other <= 0;
    }

    private boolean leavesTheSurface(Travel travel, Point end) {
        boolean hard = travel.effort() == Effort.HARD || travel.effort() == Effort.FLAT_OUT;
        boolean queues = path.lines().stream().anyMatch(l -> l.at().isWithin(QUEUE_METRES, end));
        return hard && !queues && !surface.contains(end);
    }
}
