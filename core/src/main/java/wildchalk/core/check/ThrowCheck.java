package wildchalk.core.check;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Shot;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Finds that somebody is thrown at with a ball that hurts. */
final class ThrowCheck {

    private static final Flaw HARD_AT_BODY = Flaw.warn("hard-at-body");

    private ThrowCheck() {}

    static List<Finding> of(RunThrough run) {
        return run.path().moves().stream().flatMap(m -> thrown(run, m).stream()).toList();
    }

    private static Optional<Finding> thrown(RunThrough run, Move move) {
        if (!(move instanceof Shot shot) || shot.at().isEmpty()) {
            return Optional.empty();
        }
        Timeline timeline = run.timeline();
        return timeline.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.RELEASED && h.move().equals(Optional.of(move.id())))
                .findFirst()
                .flatMap(h -> run.path().balls().stream()
                        .filter(b -> b.id().equals(h.ball()) && b.kind() != BallKind.SOFT)
                        .findFirst())
                .map(Ball::id)
                .map(ball -> {
                    double hit = timeline.move(move.id()).end();
                    return Finding.of(
                                    HARD_AT_BODY,
                                    move.id(),
                                    move.role(),
                                    shot.at().get(),
                                    ball)
                            .at(timeline.placeAt(shot.at().get(), hit), hit);
                });
    }
}
