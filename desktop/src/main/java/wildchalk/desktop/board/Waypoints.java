package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.picture.paint.Frame;

/** Adds points to a path and takes them out. */
final class Waypoints {

    private Waypoints() {}

    /** The travel with a point more, between the two that the place lies nearest to. */
    static Travel added(Frame frame, Travel travel, Point place) {
        List<Point> corners = new ArrayList<>(List.of(start(frame, travel)));
        travel.path().forEach(w -> corners.add(w.at()));
        int best = 0;
        for (int i = 0; i + 1 < corners.size(); i++) {
            if (distance(corners, i, place) < distance(corners, best, place)) {
                best = i;
            }
        }
        List<Waypoint> path = new ArrayList<>(travel.path());
        path.add(best, new Waypoint(place.toMillimetres(), false));
        return travel.withPath(path);
    }

    /** The travel without a point; its last one stays. */
    static Travel without(Travel travel, int index) {
        if (travel.path().size() == 1) {
            return travel;
        }
        List<Waypoint> path = new ArrayList<>(travel.path());
        path.remove(index);
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
