package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Works out when somebody or a ball reaches what is waited for, as everybody's plans are now. */
final class Watches {

    /** Time between two looks, s: a sprinter moves 0.4 m. */
    private static final double LOOK_SECONDS = 0.05;

    private static final int HALVINGS = 30;

    private final Path path;
    private final Surface surface;
    private final Map<RoleId, Runner> runners;
    private final List<BallRun> balls;
    final List<Watch> all = new ArrayList<>();

    Watches(Path path, Surface surface, Map<RoleId, Runner> runners, List<BallRun> balls) {
        this.path = path;
        this.surface = surface;
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
        long who = event.who().match(r -> (long) runners.get(r.role()).plans, b -> plansOf(ball(b.ball())));
        long other = event.where() instanceof Region.NearRole near ? runners.get(near.role()).plans : 0;
        return who * 1_000_003L + other;
    }

    private long plansOf(BallRun ball) {
        long holder =
                ball.state().holder().map(r -> (long) runners.get(r).plans).orElse(0L);
        return ball.states.size() * 10_007L + ball.version * 101L + holder;
    }

    private BallRun ball(BallId id) {
        return balls.stream().filter(b -> b.id.equals(id)).findFirst().orElseThrow();
    }

    /** The first second from now on at which it is reached; empty if never as planned. */
    OptionalDouble earliest(Event.Reaches event, double now) {
        DoubleFunction<Point> way =
                event.who().match(r -> runners.get(r.role())::at, b -> t -> placeOf(ball(b.ball()), t));
        double until = event.who().match(r -> runners.get(r.role()).restsAt(), b -> restsAt(ball(b.ball())));
        if (event.where() instanceof Region.NearRole near) {
            until = Math.max(until, runners.get(near.role()).restsAt());
        }
        if (event.where() instanceof Region.Line line) {
            return crossing(line, way, now, until);
        }
        return first(reached(event.where(), way), now, until);
    }

    private Point placeOf(BallRun ball, double t) {
        return ball.state()
                .match(
                        h -> runners.get(h.role()).at(t),
                        l -> l.at(),
                        f -> f.flight().at(t),
                        d -> d.at());
    }

    private double restsAt(BallRun ball) {
        return ball.state()
                .match(
                        h -> runners.get(h.role()).restsAt(),
                        l -> 0.0,
                        f -> f.flight().end(),
                        d -> 0.0);
    }

    private DoublePredicate reached(Region where, DoubleFunction<Point> way) {
        return where.match(new Region.Cases<DoublePredicate>() {
            @Override
            public DoublePredicate line(Region.Line l) {
                throw new IllegalStateException("A line is crossed, not reached.");
            }

            @Override
            public DoublePredicate in(Region.In i) {
                Optional<Zone> zone = Zones.find(path, surface, i.zone());
                return t -> zone.isPresent() && zone.get().contains(way.apply(t));
            }

            @Override
            public DoublePredicate out(Region.Out o) {
                Optional<Zone> zone = Zones.find(path, surface, o.zone());
                return t -> zone.isPresent() && !zone.get().contains(way.apply(t));
            }

            @Override
            public DoublePredicate nearPlace(Region.NearPlace n) {
                return t -> way.apply(t).isWithin(n.metres(), n.at());
            }

            @Override
            public DoublePredicate nearRole(Region.NearRole n) {
                Runner other = runners.get(n.role());
                return t -> way.apply(t).isWithin(n.metres(), other.at(t));
            }
        });
    }

    private static OptionalDouble first(DoublePredicate holds, double now, double until) {
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
