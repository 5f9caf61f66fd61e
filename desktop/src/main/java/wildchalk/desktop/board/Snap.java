package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Progression;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;

/** Draws a place that is nearly at a landmark or a piece of gear to just there, and any other to whole decimetres. */
final class Snap {

    private Snap() {}

    static Point to(Point p, Progression drill, Surface surface, double reachMetres) {
        Optional<Point> gear = drill.gear().stream()
                .map(Gear::at)
                .filter(g -> g.isWithin(reachMetres, p))
                .min((a, b) -> Double.compare(a.distanceTo(p), b.distanceTo(p)));
        return gear.or(() -> surface.landmarkNear(p, reachMetres).map(Landmark::at))
                .orElseGet(() -> decimetres(p));
    }

    static Point decimetres(Point p) {
        return new Point(Math.round(p.x() * 10) / 10.0 + 0.0, Math.round(p.y() * 10) / 10.0 + 0.0);
    }
}
