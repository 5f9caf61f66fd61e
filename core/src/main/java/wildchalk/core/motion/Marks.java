package wildchalk.core.motion;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;

/** Where marks are, and where somebody who sees them late takes them to be, as everybody's plans are now. */
final class Marks {

    /** Over so long (s) it is seen which way and how fast somebody goes. */
    static final double GLANCE_SECONDS = 0.1;

    private final Path path;
    private final Surface surface;
    private final Map<RoleId, Runner> runners;
    private final List<BallRun> balls;

    Marks(Path path, Surface surface, Map<RoleId, Runner> runners, List<BallRun> balls) {
        this.path = path;
        this.surface = surface;
        this.runners = runners;
        this.balls = balls;
    }

    /** The same mark, a goal as the spot in its middle; empty for a goal that is not there. */
    Optional<Mark> settled(Mark mark) {
        return mark instanceof Mark.TheGoal g
                ? Goals.find(path, surface, g.goal()).map(GoalMouth::centre).map(Mark.Spot::new)
                : Optional.of(mark);
    }

    /** @param mark no goal: a settled one */
    Point at(Mark mark, double t) {
        return mark.match(new Mark.Cases<Point>() {
            @Override
            public Point somebody(Mark.Somebody s) {
                return runners.get(s.who()).at(t);
            }

            @Override
            public Point ball(Mark.TheBall b) {
                return Marks.this.ball(b.ball()).at(t, runners);
            }

            @Override
            public Point goal(Mark.TheGoal g) {
                throw new IllegalStateException("The goal %s is not settled.".formatted(g.goal()));
            }

            @Override
            public Point spot(Mark.Spot s) {
                return s.at();
            }
        });
    }

    /**
     * Where somebody takes a mark to be who saw it so long ago: a player goes on as he went then, a ball in flight flies on.
     *
     * @param late seconds from what happens to when it is seen; 0 for whoever knows
     */
    Point seen(Mark mark, double t, double late) {
        double then = Math.max(0, t - late);
        if (late <= 0 || mark instanceof Mark.Spot) {
            return at(mark, t);
        }
        if (mark instanceof Mark.TheBall b) {
            BallRun ball = ball(b.ball());
            return ball.stateAt(then)
                    .match(
                            h -> goesOn(runners.get(h.role()), then, late),
                            BallState.Loose::at,
                            f -> f.flight().at(Math.min(t, f.flight().end())),
                            BallState.Dead::at);
        }
        return goesOn(runners.get(mark.role().orElseThrow()), then, late);
    }

    private static Point goesOn(Runner runner, double then, double late) {
        Point here = runner.at(then);
        Point before = runner.at(Math.max(0, then - GLANCE_SECONDS));
        return here.plus(here.minus(before).times(late / GLANCE_SECONDS));
    }

    /** The plans that a mark hangs on, as one number that changes when they do. */
    long plans(Mark mark) {
        return mark.role()
                .map(r -> (long) runners.get(r).plans)
                .or(() -> mark.ballId().map(b -> ball(b).plans(runners)))
                .orElse(0L);
    }

    /** Who is where a mark is, if anybody: a role, or whoever has the ball. */
    Optional<RoleId> who(Mark mark) {
        return mark.role().or(() -> mark.ballId().flatMap(b -> ball(b).state().holder()));
    }

    /** From when on it stays where it is, as things are planned now. */
    double restsAt(Mark mark) {
        return mark.role()
                .map(r -> runners.get(r).restsAt())
                .or(() -> mark.ballId().map(b -> ball(b).restsAt(runners)))
                .orElse(0.0);
    }

    private BallRun ball(BallId id) {
        return balls.stream().filter(b -> b.id.equals(id)).findFirst().orElseThrow();
    }
}
