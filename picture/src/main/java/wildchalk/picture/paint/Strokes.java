package wildchalk.picture.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.MoveSpan;

/** The lines that moves draw on the surface: for painting them and for finding the one under the pointer. */
public final class Strokes {

    private Strokes() {}

    /** Points of a move's stroke; empty for a wait or a pick-up, and for a pass that never happens. */
    public static Optional<List<Point>> lineOf(Frame frame, Move move) {
        if (move instanceof Travel travel) {
            Optional<List<Point>> path = frame.timeline().pathOf(move.role(), move.id());
            return Optional.of(path.orElseGet(() -> asDrawn(frame, travel)));
        }
        if (frame.timeline().workedOut().containsKey(move.id())) {
            return frame.timeline().pathOf(move.role(), move.id());
        }
        return frame.timeline().flightOf(move.id()).map(Flight::path);
    }

    /** A travel that never happens is still shown where the coach drew it. */
    private static List<Point> asDrawn(Frame frame, Travel travel) {
        MoveSpan span = frame.timeline().move(travel.id());
        List<Point> points = new ArrayList<>();
        points.add(frame.timeline().poseAt(travel.role(), span.start()).at());
        travel.path().stream().map(Waypoint::at).forEach(points::add);
        return points;
    }

    /** The move of the current step whose stroke passes nearest to a place, within so many metres. */
    public static Optional<MoveId> near(Frame frame, Point place, double metres) {
        MoveId best = null;
        double nearest = metres;
        for (Step step : frame.currentSteps()) {
            if (frame.path().again(step.id()).isPresent()) {
                continue; // what is done again is changed where it was told
            }
            for (Move move : step.moves()) {
                Optional<List<Point>> line = lineOf(frame, move);
                double away = line.filter(l -> l.size() > 1)
                        .map(l -> new Polyline(l).distanceTo(place))
                        .orElse(Double.MAX_VALUE);
                if (away < nearest) {
                    nearest = away;
                    best = move.id();
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
