package wildchalk.core.motion;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** When somebody or something that moves is first at a place, in a zone or across a line. */
final class Arrivals {

    /** Time between two looks, s: a sprinter moves 0.4 m. */
    private static final double LOOK_SECONDS = 0.05;

    private static final int HALVINGS = 30;

    private final Scene scene;
    private final Surface surface;
    private final Function<RoleId, DoubleFunction<Point>> people;
    private final DoubleFunction<Optional<Point>> ball;

    /**
     * @param people where everybody is at a second
     * @param ball where the ball is that zones go with
     */
    Arrivals(
            Scene scene,
            Surface surface,
            Function<RoleId, DoubleFunction<Point>> people,
            DoubleFunction<Optional<Point>> ball) {
        this.scene = scene;
        this.surface = surface;
        this.people = people;
        this.ball = ball;
    }

    /**
     * The first second at which something that moves reaches a region; empty if it never does.
     *
     * @param way where it is at a second
     * @param now from when on it is looked at
     * @param until from when on nothing moves any more
     */
    OptionalDouble first(Region where, DoubleFunction<Point> way, double now, double until) {
        return where instanceof Region.Line line
                ? crossing(line, way, now, until)
                : first(reached(where, way), now, until);
    }

    private DoublePredicate reached(Region where, DoubleFunction<Point> way) {
        return where.match(new Region.Cases<DoublePredicate>() {
            @Override
            public DoublePredicate line(Region.Line l) {
                throw new IllegalStateException("A line is crossed, not reached.");
            }

            @Override
            public DoublePredicate in(Region.In i) {
                DoubleFunction<Optional<Zone>> zone = zone(i.zone());
                return t -> zone.apply(t).filter(z -> z.contains(way.apply(t))).isPresent();
            }

            @Override
            public DoublePredicate out(Region.Out o) {
                DoubleFunction<Optional<Zone>> zone = zone(o.zone());
                return t -> zone.apply(t).filter(z -> !z.contains(way.apply(t))).isPresent();
            }

            @Override
            public DoublePredicate nearPlace(Region.NearPlace n) {
                return t -> way.apply(t).isWithin(n.metres(), n.at());
            }

            @Override
            public DoublePredicate nearRole(Region.NearRole n) {
                DoubleFunction<Point> other = people.apply(n.role());
                return t -> way.apply(t).isWithin(n.metres(), other.apply(t));
            }
        });
    }

    /** A zone at a second: looked up once where it stays where it is. */
    private DoubleFunction<Optional<Zone>> zone(String id) {
        Optional<Zone> still = Zones.find(scene, surface, id);
        return Zones.goesWithBall(id) ? t -> Zones.find(scene, surface, id, ball.apply(t)) : t -> still;
    }

    /** The first second at which something holds. */
    static OptionalDouble first(DoublePredicate holds, double now, double until) {
        double before = now;
        for (double t = now; ; t = Math.min(t + LOOK_SECONDS, Math.max(until, now))) {
            if (holds.test(t)) {
                double late = t;
                for (int i = 0; i < HALVINGS && late > before; i++) {
                    double middle = (before + late) / 2;
                    if (holds.test(middle)) {
                        late = middle;
                    } else {
                        before = middle;
                    }
                }
                return OptionalDouble.of(late);
            }
            if (t >= until) {
                return OptionalDouble.empty();
            }
            before = t;
        }
    }

    private static OptionalDouble crossing(Region.Line line, DoubleFunction<Point> way, double now, double until) {
        Point along = line.to().minus(line.from());
        double before = now;
        double side = along.cross(way.apply(now).minus(line.from()));
        for (double t = now; t < until; ) {
            t = Math.min(t + LOOK_SECONDS, until);
            double here = along.cross(way.apply(t).minus(line.from()));
            if (here != 0 && side != 0 && here > 0 != side > 0) {
                double was = side;
                double when = first(s -> along.cross(way.apply(s).minus(line.from())) > 0 != was > 0, before, t)
                        .orElse(t);
                double share = way.apply(when).minus(line.from()).dot(along) / along.dot(along);
                if (share >= 0 && share <= 1) {
                    return OptionalDouble.of(when);
                }
            }
            side = here != 0 ? here : side;
            before = t;
        }
        return OptionalDouble.empty();
    }
}
