package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;

/** What remedies do to moves: later, after another, not so far, round something. */
final class Retellings {

    /** Nothing is left of a run that is cut shorter than this, m. */
    private static final double LEAST_METRES = 1;

    private Retellings() {}

    /** The delay of a move that has a start of its own grows; another is told to come after a wait. */
    static Progression later(Progression version, MoveId id, double seconds) {
        Optional<Move> move = version.move(id);
        if (move.flatMap(Move::trigger).isPresent()) {
            Move later = move.get().withTrigger(move.get().trigger().map(t -> t.withPlus(t.plusSeconds() + seconds)));
            return version.withMove(later);
        }
        return move.map(m -> before(
                        version,
                        id,
                        new Act(version.nextMoveId(), m.role(), Optional.empty(), false, new Deed.Waiting(seconds))))
                .orElse(version);
    }

    /** A move told right before another. */
    static Progression before(Progression version, MoveId id, Move fresh) {
        for (Step step : version.steps()) {
            List<Move> moves = new ArrayList<>(step.moves());
            for (int i = 0; i < moves.size(); i++) {
                if (moves.get(i).id().equals(id)) {
                    moves.add(i, fresh);
                    return version.with(step.withMoves(moves));
                }
            }
        }
        return version;
    }

    /** A run that ends standing. */
    static Travel stopping(Travel travel) {
        List<Waypoint> path = new ArrayList<>(travel.path());
        int last = path.size() - 1;
        path.set(last, path.get(last).withHow(Passing.STOP, 0));
        return travel.withPath(path);
    }

    /** A run that ends standing so many metres before its end, where it is long enough for that. */
    static Travel shorter(Travel travel, Point start, double metres) {
        List<Waypoint> path = new ArrayList<>(travel.path());
        int last = path.size() - 1;
        Point end = path.get(last).at();
        Point from = last > 0 ? path.get(last - 1).leave() : start;
        double length = from.distanceTo(end);
        if (length > metres + LEAST_METRES) {
            path.set(
                    last,
                    path.get(last).withAt(end.towards(from, metres / length).toMillimetres()));
        }
        return stopping(travel.withPath(path));
    }

    /** A run with one point more, beside a spot that lies on its way. */
    static Travel round(Travel travel, Point start, Point spot, Point beside) {
        List<Waypoint> path = new ArrayList<>(travel.path());
        Point from = start;
        int at = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < path.size(); i++) {
            Point to = path.get(i).at();
            double detour = from.distanceTo(spot) + spot.distanceTo(to) - from.distanceTo(to);
            if (detour < least) {
                least = detour;
                at = i;
            }
            from = path.get(i).leave();
        }
        path.add(at, new Waypoint(beside, Passing.CURVE));
        return travel.withPath(path);
    }
}
