package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Inspection.Braking;
import wildchalk.core.inspect.Inspection.BrakingList;
import wildchalk.core.inspect.Moment.Player;
import wildchalk.core.surface.Surface;

/** Where those who are under way would stand if they braked at once, and how far the edge of the surface is straight ahead. */
final class Brakings {

    /** Who is slower (m/s) stops in a step. */
    private static final double WALK = 1.5;

    private Brakings() {}

    static BrakingList of(Moment moment) {
        List<Braking> all = new ArrayList<>();
        for (Player p : moment.field()) {
            double speed = p.velocity().length();
            if (speed > WALK) {
                double metres = p.dash().stopMetres(speed);
                Point way = p.velocity().times(1 / speed);
                all.add(new Braking(
                        p.role().id(),
                        p.at(),
                        p.at().plus(way.times(metres)),
                        speed,
                        metres,
                        room(moment.surface, p.at(), way)));
            }
        }
        return new BrakingList(all);
    }

    /** Metres from a place along a way to the edge of a rectangle as long and wide as the surface; 0 outside. */
    private static double room(Surface surface, Point at, Point way) {
        double x = ahead(at.x(), way.x(), surface.lengthMetres() / 2);
        double y = ahead(at.y(), way.y(), surface.widthMetres() / 2);
        return Math.max(0, Math.min(x, y));
    }

    private static double ahead(double at, double way, double half) {
        if (Math.abs(way) < 1e-9) {
            return Double.POSITIVE_INFINITY;
        }
        return ((way > 0 ? half : -half) - at) / way;
    }
}
