package wildchalk.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Zones;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Zone;

/** Finds that a part of the surface has more or fewer players in it than a rule wants. */
final class DutyCheck {

    private static final Flaw DUTY_BROKEN = Flaw.warn("duty-broken");

    private static final double LOOK_SECONDS = 0.1;

    /** Who steps out and back within this (s) has kept to it. */
    private static final double GRACE_SECONDS = 0.8;

    private DutyCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Rule.Duty duty : run.path().course().duties()) {
            Optional<Zone> zone = Zones.find(run.path(), run.drill().surface(), duty.zone());
            if (zone.isEmpty()) {
                found.add(Finding.of(NoZone.FLAW).named(duty.zone()));
            } else {
                broken(run, duty, zone.get()).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> broken(RunThrough run, Rule.Duty duty, Zone zone) {
        Timeline timeline = run.timeline();
        double since = Double.NaN;
        for (double t = 0; t <= timeline.seconds(); t += LOOK_SECONDS) {
            Zone now = ZoneNow.at(run.path(), timeline, zone, t);
            long count = count(run, duty, now, t);
            // with the ball in the middle there is no far side to be on
            boolean none = duty.zone().equals(Zones.FAR_SIDE) && Zones.isInTheMiddle(timeline.firstBallAt(t));
            if (none || duty.bound().allows(count, duty.number())) {
                since = Double.NaN;
                continue;
            }
            since = Double.isNaN(since) ? t : since;
            if (t - since >= GRACE_SECONDS || since == 0 && t + LOOK_SECONDS > timeline.seconds()) {
                return Optional.of(Finding.of(DUTY_BROKEN, nearest(run, duty, middle(zone), since))
                        .with(Quantity.LIMIT, duty.number())
                        .with(Quantity.COUNT, count)
                        .named(duty.id().text())
                        .at(middle(zone), since));
            }
        }
        return Optional.empty();
    }

    /** Who of those that count is nearest: of too few the one who left, or is wanted; of too many one of them. */
    private static List<RoleId> nearest(RunThrough run, Rule.Duty duty, Point middle, double t) {
        return run.path().roles().stream()
                .filter(r -> duty.counts(run.path(), r))
                .map(Role::id)
                .min(Comparator.comparingDouble(
                        r -> run.timeline().placeAt(r, t).distanceTo(middle)))
                .stream()
                .toList();
    }

    private static Point middle(Zone zone) {
        return zone.outline().stream()
                .reduce(Point.ORIGIN, Point::plus)
                .times(1.0 / zone.outline().size());
    }

    private static long count(RunThrough run, Rule.Duty duty, Zone zone, double t) {
        return run.path().roles().stream()
                .filter(r -> duty.counts(run.path(), r))
                .filter(r -> zone.contains(run.timeline().placeAt(r.id(), t)))
                .count();
    }
}
