package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Zones;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Looks whether what is drawn keeps to the limits. Touches and dribbles are for those who play: they are not counted. */
final class LimitCheck {

    private static final double LOOK_SECONDS = 0.05;

    private static final Flaw SECONDS = Flaw.warn("limit-seconds");
    private static final Flaw PASSES = Flaw.warn("limit-passes");
    private static final Flaw ENTRIES = Flaw.warn("limit-entries");

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final List<Finding> found = new ArrayList<>();

    private LimitCheck(RunThrough run) {
        this.path = run.path();
        this.surface = run.drill().surface();
        this.timeline = run.timeline();
    }

    static List<Finding> of(RunThrough run) {
        LimitCheck check = new LimitCheck(run);
        for (Rule.Limit limit : run.path().course().limits()) {
            switch (limit.kind()) {
                case SECONDS -> check.seconds(limit);
                case PASSES -> check.shots().forEach(s -> check.passes(limit, s));
                case ENTRIES -> check.shots().forEach(s -> check.entries(limit, s));
                case TOUCHES, DRIBBLES -> {}
            }
        }
        return check.found;
    }

    private Finding broken(Flaw flaw, Rule.Limit limit, double count, MoveSpan shot) {
        return Finding.of(flaw, shot.move())
                .with(Quantity.LIMIT, limit.number())
                .with(Quantity.COUNT, count)
                .at(place(shot), shot.start());
    }

    private List<MoveSpan> shots() {
        List<MoveSpan> list = new ArrayList<>();
        for (MoveSpan span : timeline.moves()) {
            if (span.happens() && path.move(span.move()).orElseThrow() instanceof Shot) {
                list.add(span);
            }
        }
        return list;
    }

    private void seconds(Rule.Limit limit) {
        if (timeline.seconds() > limit.number()) {
            found.add(Finding.of(SECONDS)
                    .with(Quantity.LIMIT, limit.number())
                    .with(Quantity.SECONDS, timeline.seconds())
                    .at(limit.number()));
        }
    }

    private void passes(Rule.Limit limit, MoveSpan shot) {
        double since = lastShotBefore(shot);
        long count = timeline.moves().stream()
                .filter(m -> m.happens()
                        && path.move(m.move()).orElseThrow() instanceof Pass
                        && m.start() >= since
                        && m.start() < shot.start())
                .count();
        if (count < limit.number()) {
            found.add(broken(PASSES, limit, count, shot));
        }
    }

    private void entries(Rule.Limit limit, MoveSpan shot) {
        Optional<Zone> zone = Zones.find(path, surface, limit.zone().orElseThrow());
        Optional<BallId> ball = ballOf(shot.move());
        if (zone.isEmpty() || ball.isEmpty()) {
            found.add(Finding.of(NoZone.FLAW).named(limit.zone().orElseThrow()));
            return;
        }
        int count = 0;
        boolean inside = false;
        for (double t = lastShotBefore(shot); t <= shot.start(); t += LOOK_SECONDS) {
            boolean is = zone.get().contains(timeline.ballAt(ball.get(), t));
            count += is && !inside ? 1 : 0;
            inside = is;
        }
        if (count < limit.number()) {
            found.add(broken(ENTRIES, limit, count, shot).named(limit.zone().orElseThrow()));
        }
    }

    private double lastShotBefore(MoveSpan shot) {
        return shots().stream()
                .filter(s -> s.end() < shot.start())
                .mapToDouble(MoveSpan::end)
                .max()
                .orElse(0);
    }

    private Optional<BallId> ballOf(MoveId shot) {
        return timeline.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.RELEASED && h.move().equals(Optional.of(shot)))
                .map(Happening::ball)
                .findFirst();
    }

    private Point place(MoveSpan shot) {
        return timeline.poseAt(path.move(shot.move()).orElseThrow().role(), shot.start())
                .at();
    }
}
