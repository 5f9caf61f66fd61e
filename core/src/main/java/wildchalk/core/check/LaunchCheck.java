package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** Finds that what the next rep waits for never comes. */
final class LaunchCheck {

    private static final Flaw LAUNCH_NEVER = Flaw.warn("launch-never");

    /** The next rep begins with a ball that is elsewhere. */
    private static final Flaw BALL_ELSEWHERE = Flaw.warn("goes-on-elsewhere");

    /** So near (m) is there: he takes it with a step. */
    private static final double THERE_METRES = 2;

    private LaunchCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>(never(run));
        if (run.path().course().launch().filter(Launch::goesOn).isPresent()) {
            elsewhere(run).ifPresent(found::add);
        }
        return found;
    }

    /** Where the ball is as the next rep begins with it, against where that rep has it. */
    private static Optional<Finding> elsewhere(RunThrough run) {
        Timeline timeline = run.timeline();
        Path next = run.path().otherSide().or(() -> run.path().afterFirst()).orElse(run.path());
        double at =
                Launches.due(run.path(), timeline).map(Launches.Due::seconds).orElse(timeline.seconds());
        List<Point> begins = next.balls().stream()
                .map(b -> b.start().match(with -> next.startOf(with.role()), Ball.Loose::at))
                .toList();
        for (Ball ball : run.path().balls()) {
            Point there = timeline.ballAt(ball.id(), at);
            double metres = begins.stream().mapToDouble(there::distanceTo).min().orElse(0);
            if (metres > THERE_METRES) {
                return Optional.of(Finding.of(BALL_ELSEWHERE, ball.id())
                        .with(Quantity.METRES, metres)
                        .at(there, Math.min(at, timeline.seconds())));
            }
        }
        return Optional.empty();
    }

    private static List<Finding> never(RunThrough run) {
        return run.path().course().launch().flatMap(Launch::at).stream()
                .filter(e -> !(e instanceof Event.Whistle))
                .filter(e -> Launches.comesAt(e, run.timeline()).isEmpty())
                .map(e ->
                        Finding.of(LAUNCH_NEVER).waitingFor(e).at(run.timeline().seconds()))
                .toList();
    }
}
