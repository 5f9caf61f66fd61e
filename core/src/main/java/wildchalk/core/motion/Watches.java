package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/** Works out when somebody or a ball reaches what is waited for, as everybody's plans are now. */
final class Watches {

    /** Nothing is looked for further ahead, s: longer than any rep. */
    private static final double HORIZON_SECONDS = 600;

    private final Arrivals arrivals;
    private final Map<RoleId, Runner> runners;
    private final List<BallRun> balls;
    final List<Watch> all = new ArrayList<>();

    Watches(Path path, Surface surface, Map<RoleId, Runner> runners, List<BallRun> balls) {
        this.arrivals = new Arrivals(
                path,
                surface,
                r -> runners.get(r)::at,
                t -> balls.stream().findFirst().map(b -> b.at(t, runners)));
        this.runners = runners;
        this.balls = balls;
    }

    Watch add(Event event, int step) {
        Watch watch = new Watch(event, step);
        all.add(watch);
        return watch;
    }

    /** The plans that a watch hangs on, as one number that changes when they do. */
    long plans(Event.Reaches event) {
        long who = event.who()
                .match(
                        r -> (long) runners.get(r.role()).plans,
                        b -> ball(b.ball()).plans(runners));
        long other = event.where() instanceof Region.NearRole near ? runners.get(near.role()).plans : 0;
        long zone = goesWithBall(event.where()) ? balls.get(0).plans(runners) : 0;
        return (who * 1_000_003L + other) * 31 + zone;
    }

    private boolean goesWithBall(Region where) {
        String zone = where instanceof Region.In in ? in.zone() : where instanceof Region.Out out ? out.zone() : "";
        return Zones.goesWithBall(zone) && !balls.isEmpty();
    }

    private BallRun ball(BallId id) {
        return balls.stream().filter(b -> b.id.equals(id)).findFirst().orElseThrow();
    }

    /** The first second from now on at which it is reached; empty if never as planned. */
    OptionalDouble earliest(Event.Reaches event, double now) {
        DoubleFunction<Point> way = event.who()
                .match(r -> runners.get(r.role())::at, b -> t -> ball(b.ball()).at(t, runners));
        double until = event.who()
                .match(r -> runners.get(r.role()).restsAt(), b -> ball(b.ball()).restsAt(runners));
        if (event.where() instanceof Region.NearRole near) {
            until = Math.max(until, runners.get(near.role()).restsAt());
        }
        if (goesWithBall(event.where())) {
            until = Math.max(until, balls.get(0).restsAt(runners));
        }
        // a ball that would creep for ever is not waited for so long
        until = Math.min(until, now + HORIZON_SECONDS);
        return arrivals.first(event.where(), way, now, until);
    }
}
