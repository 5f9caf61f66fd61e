package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.picture.paint.Frame;

/** Adds points to a path and takes them out. */
final class Waypoints {

    private Waypoints() {}

    /** A point more, in front of the one at an index. */
    record Added(int index, Waypoint point) {}

    /** Between the two points that a place lies nearest to. */
    static Added added(Frame frame, Travel travel, Point place) {
        List<Point> corners = new ArrayList<>(List.of(start(frame, travel)));
        travel.path().forEach(w -> corners.add(w.at()));
        int best = 0;
        for (int i = 0; i + 1 < corners.size(); i++) {
            if (distance(corners, i, place) < distance(corners, best, place)) {
                best = i;
            }
        }
        return new Added(best, new Waypoint(place.toMillimetres(), false));
    }

    static Move with(Move move, Added added) {
        return path(move, p -> p.add(Math.min(added.index(), p.size() - 1), added.point()));
    }

    /** The travel without a point; its last one stays. */
    static Move without(Move move, int index) {
        return path(move, p -> {
            if (p.size() > 1 && index < p.size()) {
                p.remove(index);
            }
        });
    }

    /** The travel with a point other than it was. */
    static Move changed(Move move, int index, UnaryOperator<Waypoint> change) {
        return path(move, p -> {
            if (index < p.size()) {
                p.set(index, change.apply(p.get(index)));
            }
        });
    }

    private static Move path(Move move, Consumer<List<Waypoint>> change) {
        if (!(move instanceof Travel travel)) {
            return move;
        }
        List<Waypoint> path = new ArrayList<>(travel.path());
        change.accept(path);
        return travel.withPath(path);
    }

    private static Point start(Frame frame, Travel travel) {
        return frame.timeline()
                .poseAt(travel.role(), frame.timeline().move(travel.id()).start())
                .at();
    }

    private static double distance(List<Point> corners, int i, Point place) {
        return new Polyline(corners.subList(i, i + 2)).distanceTo(place);
    }
}
