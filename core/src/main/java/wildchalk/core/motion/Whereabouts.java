package wildchalk.core.motion;

import java.util.Comparator;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * Where the ball is as a fork is met that goes by where it is won: the one that somebody last had to do with.
 *
 * @param at in metres
 * @param seconds from the whistle
 */
public record Whereabouts(Point at, double seconds) {

    /** The move that wins it is over by then, s. */
    private static final double AFTER_SECONDS = 0.01;

    /** Empty for a fork that goes by something else, and where there is no ball. */
    public static Optional<Whereabouts> of(Path path, Timeline timeline, Fork fork) {
        if (fork.by() != Fork.By.PLACE || path.balls().isEmpty()) {
            return Optional.empty();
        }
        double met = ForkTimes.at(path, timeline, fork) + ForkTimes.BEFORE_SECONDS + AFTER_SECONDS;
        double won = fork.decider()
                .map(timeline::move)
                .filter(MoveSpan::happens)
                .map(MoveSpan::end)
                .orElse(met);
        double t = Math.min(Math.max(met, won), timeline.seconds());
        BallId ball = timeline.happenings().stream()
                .filter(h -> h.seconds() <= t)
                .max(Comparator.comparingDouble(Happening::seconds))
                .map(Happening::ball)
                .orElseGet(() -> path.balls().stream().map(Ball::id).findFirst().orElseThrow());
        return Optional.of(new Whereabouts(timeline.ballAt(ball, t), t));
    }

    /** The branch that this leads to; empty where the fork has none for it. */
    public Optional<Branch> branchOf(Path path, Surface surface, Fork fork) {
        return fork.branches().stream()
                .filter(b -> b.zone()
                        .flatMap(z -> Zones.find(path, surface, z, Optional.of(at)))
                        .filter(z -> z.contains(at))
                        .isPresent())
                .findFirst()
                .or(() ->
                        fork.branches().stream().filter(b -> b.zone().isEmpty()).findFirst());
    }
}
