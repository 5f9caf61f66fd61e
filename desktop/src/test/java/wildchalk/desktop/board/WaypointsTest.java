package wildchalk.desktop.board;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.picture.paint.Frame;

/** Points of a path are put in where the stroke is touched, and taken out. */
class WaypointsTest {

    private static Frame frame(Travel travel) {
        Progression p = Drills.blank().role("a", Side.ATTACK, 0, 0).move(travel).progression();
        Drill drill = Drill.blank("W", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(p);
        Path path = Path.usual(p);
        return Frame.at(drill, path, Timeline.of(drill, path), 0);
    }

    private static Travel along(double... xy) {
        List<Waypoint> path = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            path.add(Waypoint.smooth(xy[i], xy[i + 1]));
        }
        return new Travel(
                new MoveId("m1"), new RoleId("a"), Optional.empty(), false, Manner.FORWARD, Effort.HARD, path);
    }

    private static List<Point> places(Move move) {
        return ((Travel) move).path().stream().map(Waypoint::at).toList();
    }

    @Test
    void aNewPointComesBetweenTheTwoThatItLiesNearestTo() {
        Travel travel = along(4, 0, 4, 6);
        Move first = Waypoints.with(travel, Waypoints.added(frame(travel), travel, new Point(2, 0.3)));
        assertEquals(List.of(new Point(2, 0.3), new Point(4, 0), new Point(4, 6)), places(first));
        Move second = Waypoints.with(travel, Waypoints.added(frame(travel), travel, new Point(4.2, 3)));
        assertEquals(List.of(new Point(4, 0), new Point(4.2, 3), new Point(4, 6)), places(second));
    }

    @Test
    void takingItOutAgainGivesThePathBack() {
        Travel travel = along(4, 0, 4, 6);
        Move more = Waypoints.with(travel, Waypoints.added(frame(travel), travel, new Point(2, 0.3)));
        assertEquals(travel, Waypoints.without(more, 0));
    }

    @Test
    void theLastPointStays() {
        Travel travel = along(4, 0);
        assertEquals(travel, Waypoints.without(travel, 0));
    }
}
