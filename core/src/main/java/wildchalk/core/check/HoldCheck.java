package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Zones;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Looks whether anybody does what a rule forbids him, until it no longer does. */
final class HoldCheck {

    private static final double LOOK_SECONDS = 0.05;
    /** Who stands on the border is not over it, m. */
    private static final double SLACK_METRES = 0.05;

    private static final Map<Rule.What, Flaw> BROKEN = Map.of(
            Rule.What.LEAVE, Flaw.warn("hold-leave"),
            Rule.What.ENTER, Flaw.warn("hold-enter"),
            Rule.What.CROSS, Flaw.warn("hold-cross"));

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final List<Finding> found = new ArrayList<>();

    private HoldCheck(RunThrough run) {
        this.path = run.path();
        this.surface = run.drill().surface();
        this.timeline = run.timeline();
    }

    static List<Finding> of(RunThrough run) {
        HoldCheck check = new HoldCheck(run);
        for (Rule.Hold hold : run.path().course().holds()) {
            if (hold.what() != Rule.What.MOVE) {
                check.check(hold);
            }
        }
        return check.found;
    }

    private void check(Rule.Hold hold) {
        double until = until(hold);
        Optional<DoublePredicate> broken = broken(hold);
        if (broken.isEmpty()) {
            found.add(Finding.of(NoZone.FLAW, hold.role())
                    .named(((Region.In) hold.where().orElseThrow()).zone()));
            return;
        }
        boolean before = true;
        for (double t = 0; t < until; t += LOOK_SECONDS) {
            boolean is = broken.get().test(t);
            if (is && !before || is && t == 0 && hold.what() == Rule.What.ENTER) {
                found.add(Finding.of(BROKEN.get(hold.what()), hold.role()).at(at(hold, t), t));
                return;
            }
            before = is;
        }
    }

    private double until(Rule.Hold hold) {
        double end = timeline.seconds();
        if (hold.until().isEmpty()) {
            return end;
        }
        Event event = hold.until().get();
        if (event instanceof Event.Whistle) {
            return 0;
        }
        if (event.move().isPresent()) {
            return timeline.comesAt(event).orElse(end);
        }
        return timeline.overAt(hold).orElse(end);
    }

    private Optional<DoublePredicate> broken(Rule.Hold hold) {
        if (hold.what() == Rule.What.CROSS) {
            Region.Line line = (Region.Line) hold.where().orElseThrow();
            Point along = line.to().minus(line.from());
            double side = along.cross(at(hold, 0).minus(line.from()));
            return Optional.of(t -> {
                double here = along.cross(at(hold, t).minus(line.from())) / along.length();
                return side != 0 && here > 0 != side > 0 && Math.abs(here) > SLACK_METRES;
            });
        }
        boolean inside = hold.what() == Rule.What.ENTER;
        Optional<Zone> zone =
                Zones.find(path, surface, ((Region.In) hold.where().orElseThrow()).zone());
        return zone.map(z -> t -> z.contains(at(hold, t)) == inside);
    }

    private Point at(Rule.Hold hold, double t) {
        return timeline.poseAt(hold.role(), t).at();
    }
}
