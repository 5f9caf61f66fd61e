package wildchalk.core.check;

import wildchalk.core.drill.Zones;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Zone;

/** Where a zone is at a second: some go with the ball, the others stay. */
final class ZoneNow {

    private ZoneNow() {}

    static Zone at(Path path, Timeline timeline, Zone zone, double t) {
        return Zones.goesWithBall(zone.id())
                ? Zones.find(path, timeline.surface(), zone.id(), timeline.firstBallAt(t))
                        .orElse(zone)
                : zone;
    }
}
