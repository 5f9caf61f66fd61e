package wildchalk.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
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
    private static final Flaw TOUCHES = Flaw.note("limit-touches");
    private static final Flaw DRIBBLES = Flaw.note("limit-dribbles");
    private static final Flaw PASSES = Flaw.warn("limit-passes");
    private static final Flaw ENTRIES = Flaw.warn("limit-entries");

    private static final Flaw TIME_UP = Flaw.note("time-up");

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
                case PASSES -> check.passes(limit);
                case ENTRIES -> check.entries(limit);
                case TOUCHES, DRIBBLES -> check.counted(run, limit);
            }
        }
        check.clock();
        check.forks();
        return check.found;
    }

    /** Forks that go by where the ball is won, in a zone that is not there. */
    private void forks() {
        path.version().course().forks().stream()
                .flatMap(f -> f.branches().stream())
                .flatMap(b -> b.zone().stream())
                .filter(z -> Zones.find(path, surface, z).isEmpty())
                .distinct()
                .forEach(z -> found.add(Finding.of(NoZone.FLAW).named(z)));
    }

    /** More than the clock has left. */
    private void clock() {
        path.course()
                .conduct()
                .situation()
                .filter(s -> s.seconds() > 0 && timeline.seconds() > s.seconds())
                .ifPresent(s -> timeUp(s.seconds()));
    }

    /** Where the one is who is last to be done. */
    private void timeUp(double left) {
        timeline.moves().stream()
                .filter(MoveSpan::happens)
                .max(Comparator.comparingDouble(MoveSpan::end))
                .ifPresent(last -> {
                    RoleId role = path.move(last.move()).orElseThrow().role();
                    found.add(Finding.of(TIME_UP, last.move())
                            .with(Quantity.LIMIT, left)
                            .with(Quantity.SECONDS, timeline.seconds())
                            .at(timeline.placeAt(role, left), left));
                });
    }

    /** Touches or dribbles each time somebody has the ball; about so many. */
    private void counted(RunThrough run, Rule.Limit limit) {
        boolean touches = limit.kind() == Rule.Kind.TOUCHES;
        Optional<Zone> zone = limit.zone().isPresent() ? zone(limit) : Optional.empty();
        if (limit.zone().isPresent() && zone.isEmpty()) {
            return; // said already
        }
        for (Possession p : Possession.of(run)) {
            Point at = timeline.placeAt(p.role(), p.from());
            boolean counts = limit.isFor(path, p.role())
                    && p.releases()
                    && zone.map(z -> now(z, p.from()).contains(at)).orElse(true)
                    && !isInPlay(p.from());
            int number = touches ? fewer(limit.number(), p.from()) : limit.number();
            int count = touches ? p.touches(surface.sport()) : p.dribbles(surface.sport());
            if (counts && !limit.bound().allows(count, number)) {
                found.add(Finding.of(touches ? TOUCHES : DRIBBLES, p.role())
                        .with(Quantity.LIMIT, number)
                        .with(Quantity.COUNT, count)
                        .named(limit.id().text())
                        .at(at, p.from()));
                return; // one is enough to see what is meant
            }
        }
    }

    /** What is left of a limit on touches where each time that steps are done again has one fewer. */
    private int fewer(int number, double t) {
        return path.steps().stream()
                .filter(s -> timeline.step(s.id()).start() <= t
                        && t < timeline.step(s.id()).end())
                .flatMap(s -> path.again(s.id()).stream())
                .filter(a -> a.repeat().growth().touchFewer())
                .findFirst()
                .map(a -> Math.max(1, number - a.n()))
                .orElse(number);
    }

    private boolean isInPlay(double t) {
        return path.moves().stream()
                .filter(m -> m instanceof Act a && a.deed() instanceof OpenPlay)
                .map(m -> timeline.move(m.id()))
                .anyMatch(s -> s.happens() && s.start() <= t && t < s.end());
    }

    private Finding broken(Flaw flaw, Rule.Limit limit, double count, MoveSpan shot) {
        return Finding.of(flaw, shot.move())
                .with(Quantity.LIMIT, limit.number())
                .with(Quantity.COUNT, count)
                .named(limit.id().text())
                .at(place(shot), shot.start());
    }

    /** Shots of those whom a limit is for. */
    private List<MoveSpan> shots(Rule.Limit limit) {
        List<MoveSpan> list = new ArrayList<>();
        for (MoveSpan span : timeline.moves()) {
            Move move = path.move(span.move()).orElseThrow();
            if (span.happens() && move instanceof Shot && limit.isFor(path, move.role())) {
                list.add(span);
            }
        }
        return list;
    }

    private void seconds(Rule.Limit limit) {
        if (limit.zone().isPresent()) {
            zone(limit).ifPresent(z -> secondsIn(limit, z));
        } else if (!limit.bound().allows(timeline.seconds(), limit.number()) && !isNearlyExact(limit)) {
            found.add(Finding.of(SECONDS)
                    .with(Quantity.LIMIT, limit.number())
                    .with(Quantity.SECONDS, timeline.seconds())
                    .named(limit.id().text())
                    .at(Math.min(limit.number(), timeline.seconds())));
        }
    }

    /** Nobody runs to the hundredth: exactly so many seconds is so many when rounded. */
    private boolean isNearlyExact(Rule.Limit limit) {
        return limit.bound() == Rule.Bound.EXACTLY && Math.round(timeline.seconds()) == limit.number();
    }

    /** How long somebody is in a zone at a time. */
    private void secondsIn(Rule.Limit limit, Zone zone) {
        for (Role role : path.roles()) {
            double since = Double.NaN;
            for (double t = 0; limit.isFor(path, role.id()) && t <= timeline.seconds(); t += LOOK_SECONDS) {
                boolean is = now(zone, t).contains(timeline.poseAt(role.id(), t).at());
                since = is ? Double.isNaN(since) ? t : since : Double.NaN;
                if (is && limit.bound() == Rule.Bound.AT_MOST && t - since > limit.number()) {
                    found.add(Finding.of(SECONDS, role.id())
                            .with(Quantity.LIMIT, limit.number())
                            .with(Quantity.SECONDS, t - since)
                            .named(limit.id().text())
                            .at(timeline.poseAt(role.id(), t).at(), t));
                    break;
                }
            }
        }
    }

    private Optional<Zone> zone(Rule.Limit limit) {
        Optional<Zone> zone = limit.zone().flatMap(z -> Zones.find(path, surface, z));
        if (limit.zone().isPresent() && zone.isEmpty()) {
            found.add(Finding.of(NoZone.FLAW).named(limit.zone().get()));
        }
        return zone;
    }

    /** A zone where it is at a second: some go with the ball. */
    private Zone now(Zone zone, double t) {
        return ZoneNow.at(path, timeline, zone, t);
    }

    private void passes(Rule.Limit limit) {
        Optional<Zone> zone = zone(limit);
        for (MoveSpan shot : zone.isEmpty() && limit.zone().isPresent() ? List.<MoveSpan>of() : shots(limit)) {
            double since = lastShotBefore(shot);
            long count = timeline.moves().stream()
                    .filter(m -> m.happens() && m.start() >= since && m.start() < shot.start())
                    .filter(m -> isPassOf(limit, zone, m))
                    .count();
            if (!limit.bound().allows(count, limit.number())) {
                found.add(broken(PASSES, limit, count, shot));
            }
        }
    }

    private boolean isPassOf(Rule.Limit limit, Optional<Zone> zone, MoveSpan span) {
        Move move = path.move(span.move()).orElseThrow();
        return move instanceof Pass
                && limit.isFor(path, move.role())
                && zone.map(z -> now(z, span.start()).contains(place(span))).orElse(true);
    }

    private void entries(Rule.Limit limit) {
        Optional<Zone> zone = zone(limit);
        for (MoveSpan shot : zone.isEmpty() ? List.<MoveSpan>of() : shots(limit)) {
            Optional<BallId> ball = ballOf(shot.move());
            if (ball.isPresent()) {
                entries(limit, zone.get(), ball.get(), shot);
            }
        }
    }

    private void entries(Rule.Limit limit, Zone zone, BallId ball, MoveSpan shot) {
        int count = 0;
        boolean inside = false;
        for (double t = lastShotBefore(shot); t <= shot.start(); t += LOOK_SECONDS) {
            boolean is = now(zone, t).contains(timeline.ballAt(ball, t));
            count += is && !inside ? 1 : 0;
            inside = is;
        }
        if (!limit.bound().allows(count, limit.number())) {
            found.add(broken(ENTRIES, limit, count, shot));
        }
    }

    private double lastShotBefore(MoveSpan shot) {
        return timeline.moves().stream()
                .filter(s -> s.happens() && path.move(s.move()).orElseThrow() instanceof Shot)
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
