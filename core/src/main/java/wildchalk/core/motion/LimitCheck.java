package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Shot;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.Numbers;

/** Looks whether what is drawn keeps to the limits. Touches and dribbles are for those who play: they are not counted. */
final class LimitCheck {

    private static final double LOOK_SECONDS = 0.05;

    private final Path drill;
    private final Surface surface;
    private final Timeline timeline;
    private final Reports reports;

    LimitCheck(Path drill, Surface surface, Timeline timeline, Reports reports) {
        this.drill = drill;
        this.surface = surface;
        this.timeline = timeline;
        this.reports = reports;
    }

    void run() {
        for (Rule.Limit limit : drill.course().limits()) {
            switch (limit.kind()) {
                case SECONDS -> seconds(limit);
                case PASSES -> shots().forEach(s -> passes(limit, s));
                case ENTRIES -> shots().forEach(s -> entries(limit, s));
                case TOUCHES, DRIBBLES -> {}
            }
        }
    }

    private List<MoveSpan> shots() {
        List<MoveSpan> list = new ArrayList<>();
        for (MoveSpan span : timeline.moves()) {
            if (span.happens() && drill.move(span.move()).orElseThrow() instanceof Shot) {
                list.add(span);
            }
        }
        return list;
    }

    private void seconds(Rule.Limit limit) {
        if (timeline.seconds() > limit.number()) {
            reports.limitBroken(
                    limit,
                    List.of(),
                    Point.ORIGIN,
                    limit.number(),
                    String.valueOf(limit.number()),
                    Numbers.seconds(timeline.seconds()));
        }
    }

    private void passes(Rule.Limit limit, MoveSpan shot) {
        double since = lastShotBefore(shot);
        long count = timeline.moves().stream()
                .filter(m -> m.happens()
                        && drill.move(m.move()).orElseThrow() instanceof Pass
                        && m.start() >= since
                        && m.start() < shot.start())
                .count();
        if (count < limit.number()) {
            reports.limitBroken(
                    limit,
                    List.of(shot.move()),
                    place(shot),
                    shot.start(),
                    String.valueOf(limit.number()),
                    String.valueOf(count));
        }
    }

    private void entries(Rule.Limit limit, MoveSpan shot) {
        Optional<Zone> zone = Watches.zone(drill, surface, limit.zone().orElseThrow());
        Optional<BallId> ball = ballOf(shot.move());
        if (zone.isEmpty() || ball.isEmpty()) {
            reports.noZone(limit.zone().orElseThrow());
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
            reports.limitBroken(
                    limit,
                    List.of(shot.move()),
                    place(shot),
                    shot.start(),
                    String.valueOf(limit.number()),
                    String.valueOf(count),
                    zone.get().name());
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
        return timeline.poseAt(drill.move(shot.move()).orElseThrow().role(), shot.start())
                .at();
    }
}
