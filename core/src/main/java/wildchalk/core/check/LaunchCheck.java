package wildchalk.core.check;

import java.util.List;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.motion.Launches;
import wildchalk.core.runthrough.RunThrough;

/** Finds that what the next rep waits for never comes. */
final class LaunchCheck {

    private static final Flaw LAUNCH_NEVER = Flaw.warn("launch-never");

    private LaunchCheck() {}

    static List<Finding> of(RunThrough run) {
        return run.path().course().launch().flatMap(Launch::at).stream()
                .filter(e -> !(e instanceof Event.Whistle))
                .filter(e -> Launches.comesAt(e, run.timeline()).isEmpty())
                .map(e ->
                        Finding.of(LAUNCH_NEVER).waitingFor(e).at(run.timeline().seconds()))
                .toList();
    }
}
