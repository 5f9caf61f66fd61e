package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/**
 * Where open play takes place.
 *
 * @param outline its corners in order
 */
public record PlayArea(List<Point> outline) {

    /** Who plays without a zone needs so much room beyond where they stand, m (estimate). */
    private static final double ROOM_METRES = 3;

    private static final double LEAST_WAY_METRES = 0.01;
    private static final double LEAST_RADIUS_METRES = 6;
    private static final int CORNERS = 24;

    public PlayArea {
        outline = List.copyOf(outline);
    }

    /** That of a stretch of open play, as it begins. */
    public static PlayArea of(Scene scene, Surface surface, Timeline timeline, Act act) {
        OpenPlay play = (OpenPlay) act.deed();
        double t = timeline.move(act.id()).start();
        List<Point> places = new ArrayList<>(List.of(timeline.placeAt(act.role(), t)));
        for (RoleId role : play.with()) {
            places.add(timeline.placeAt(role, t));
        }
        return of(scene, surface, play.zone(), places);
    }

    /** A zone; without one a circle round those who play. */
    static PlayArea of(Scene scene, Surface surface, Optional<String> zone, List<Point> places) {
        Optional<Zone> found = zone.flatMap(z -> Zones.find(scene, surface, z));
        if (found.isPresent()) {
            return new PlayArea(found.get().outline());
        }
        Point sum = Point.ORIGIN;
        for (Point p : places) {
            sum = sum.plus(p);
        }
        Point middle = sum.times(1.0 / places.size());
        double far = places.stream().mapToDouble(middle::distanceTo).max().orElse(0);
        double radius = Math.max(LEAST_RADIUS_METRES, far + ROOM_METRES);
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            corners.add(middle.plus(Point.polar(radius, 360.0 * i / CORNERS)));
        }
        return new PlayArea(corners);
    }

    boolean contains(Point p) {
        return new Zone("area", "area", outline).contains(p);
    }

    private Point middle() {
        Point sum = Point.ORIGIN;
        for (Point p : outline) {
            sum = sum.plus(p);
        }
        return sum.times(1.0 / outline.size());
    }

    /** A place in it towards its middle, for whoever comes in; where he is if he is in it. */
    Point near(Point from) {
        Point to = middle();
        for (int i = 0; i <= 10; i++) {
            Point p = from.towards(to, i / 10.0);
            if (contains(p)) {
                return from.towards(to, Math.min(1, i / 10.0 + 0.2)).toMillimetres();
            }
        }
        return to.toMillimetres();
    }

    /** So far (m) beyond its border, the way from the middle through a place. */
    Point outside(Point from, double metres) {
        Point middle = middle();
        Point way = from.minus(middle);
        // from the very middle of it: away from the middle of the surface
        Point out = way.length() < LEAST_WAY_METRES ? middle : way;
        double heading = out.length() < LEAST_WAY_METRES ? 0 : out.headingDegrees();
        Point p = from;
        for (int i = 0; i < 400 && contains(p); i++) {
            p = p.plus(Point.polar(0.25, heading));
        }
        return p.plus(Point.polar(metres, heading));
    }

    /** Whether a rule that binds somebody to a zone, or keeps him out of one, lets him be at a place. */
    static boolean allows(Scene scene, Surface surface, Rule.Hold hold, Point place) {
        // who plays freely about a ball keeps to what goes with it, or does not: that is for those who play
        if (hold.where().isEmpty() || !(hold.where().get() instanceof Region.In in) || Zones.goesWithBall(in.zone())) {
            return true;
        }
        Optional<Zone> zone = Zones.find(scene, surface, in.zone());
        return zone.isEmpty()
                || (hold.what() == Rule.What.LEAVE
                        ? zone.get().contains(place)
                        : hold.what() != Rule.What.ENTER || !zone.get().contains(place));
    }
}
