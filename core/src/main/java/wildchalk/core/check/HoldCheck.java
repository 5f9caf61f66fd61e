package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Zones;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pose;
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
            Rule.What.CROSS, Flaw.warn("hold-cross"),
            Rule.What.TOUCH, Flaw.warn("hold-touch"),
            Rule.What.LOOK, Flaw.warn("hold-look"),
            Rule.What.SHOOT, Flaw.warn("hold-shoot"),
            Rule.What.TACKLE, Flaw.warn("hold-tackle"));

    /** Who faces it as nearly as this, degrees, looks at it. */
    private static final double SEES_DEGREES = 45;

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
        if (isOfBall(hold)) {
            first(hold)
                    .filter(t -> t < until - LOOK_SECONDS)
                    .ifPresent(t -> found.add(
                            Finding.of(BROKEN.get(hold.what()), hold.role()).at(at(hold, t), t)));
            return;
        }
        Optional<DoublePredicate> broken = broken(hold);
        if (broken.isEmpty()) {
            found.add(Finding.of(NoZone.FLAW, hold.role())
                    .named(((Region.In) hold.where().orElseThrow()).zone()));
            return;
        }
        boolean before = true;
        for (double t = 0; t < until; t += LOOK_SECONDS) {
            boolean is = broken.get().test(t);
            boolean fromTheStart = hold.what() == Rule.What.ENTER || hold.what() == Rule.What.LOOK;
            if (is && !before || is && t == 0 && fromTheStart) {
                found.add(Finding.of(BROKEN.get(hold.what()), hold.role()).at(at(hold, t), t));
                return;
            }
            before = is;
        }
    }

    /** Whether somebody faces a ball that he does not hold. */
    private boolean looks(RoleId role, double t) {
        Pose pose = timeline.poseAt(role, t);
        return timeline.ballIds().stream()
                .filter(b -> !timeline.ballStateAt(b, t).holder().equals(Optional.of(role)))
                .map(b -> timeline.ballAt(b, t).minus(pose.at()))
                .filter(way -> way.length() > 1e-6)
                .anyMatch(way -> Headings.between(way.headingDegrees(), pose.facingDegrees()) < SEES_DEGREES);
    }

    private static boolean isOfBall(Rule.Hold hold) {
        return hold.what() == Rule.What.TOUCH || hold.what() == Rule.What.SHOOT || hold.what() == Rule.What.TACKLE;
    }

    /** When somebody first does with a ball what he may not do yet; empty where he never does. */
    private Optional<Double> first(Rule.Hold hold) {
        if (hold.what() == Rule.What.TOUCH) {
            return timeline.happenings().stream()
                    .filter(h -> h.role().equals(Optional.of(hold.role())))
                    .map(Happening::seconds)
                    .findFirst();
        }
        return path.moves().stream()
                .filter(m -> m.role().equals(hold.role()))
                .filter(m -> hold.what() == Rule.What.SHOOT
                        ? m instanceof Shot
                        : m instanceof Act a && a.deed() instanceof Challenge c && c.bid() != Bid.BOX_OUT)
                .map(m -> timeline.move(m.id()))
                .filter(MoveSpan::happens)
                .map(s -> timeline.metAt(s.move()).orElse(s.start()))
                .min(Double::compare);
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
        if (hold.what() == Rule.What.LOOK) {
            return Optional.of(t -> looks(hold.role(), t));
        }
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
        return zone.map(z -> t -> ZoneNow.at(path, timeline, z, t).contains(at(hold, t)) == inside);
    }

    private Point at(Rule.Hold hold, double t) {
        return timeline.poseAt(hold.role(), t).at();
    }
}
