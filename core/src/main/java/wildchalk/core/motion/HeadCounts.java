package wildchalk.core.motion;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * How many play for the side with the ball, how many against, and which way: for every step of a path, as it ends.
 *
 * <p>Somebody who stands on the ground from the start is in play from the whistle; somebody who comes out of a line is in
 * play from his first move; somebody whose last move has ended at a line is out of it again. Keepers and coaches do not
 * count; neutral players count for the side with the ball. Where play goes one way, those who are left behind halfway do not count. The way is that of the side's next shot; without one, that in
 * which the ball goes in the step.
 */
public final class HeadCounts {

    /** Which way the side with the ball plays, looking with +x to the right. */
    public enum Direction {
        RIGHT,
        LEFT,
        NONE
    }

    /** @param withBall of the side with the ball */
    public record Count(int withBall, int against, Direction direction) {}

    /** Whoever ends this near (m) to a line has joined it. */
    private static final double JOINED_METRES = 2.5;
    /** Whoever is within so many metres of halfway is on neither half. */
    private static final double HALFWAY_METRES = 1;
    /** What starts as a step ends is not in it: rounding noise. */
    private static final double SAME_SECONDS = 1e-6;
    /** A ball that goes less far along the surface (m) goes neither way. */
    private static final double ALONG_METRES = 3;

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final Map<StepId, Count> counts = new LinkedHashMap<>();
    /** When somebody's first move starts and his last one leaves him free. */
    private final Map<RoleId, double[]> busy = new HashMap<>();

    private HeadCounts(Path path, Surface surface, Timeline timeline) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (span.happens()) {
                double[] own = busy.computeIfAbsent(move.role(), r -> new double[] {span.start(), 0});
                own[0] = Math.min(own[0], span.start());
                own[1] = Math.max(own[1], span.roleFree());
            }
        }
    }

    /** Counts every step of a path in which both sides have somebody in play. */
    public static HeadCounts of(Path path, Surface surface, Timeline timeline) {
        HeadCounts all = new HeadCounts(path, surface, timeline);
        boolean twoSides = path.roles().stream().anyMatch(r -> r.side() == Side.ATTACK)
                && path.roles().stream().anyMatch(r -> r.side() == Side.DEFENCE);
        if (twoSides) {
            path.steps().forEach(all::count);
        }
        return all;
    }

    public Optional<Count> of(StepId step) {
        return Optional.ofNullable(counts.get(step));
    }

    private void count(Step step) {
        StepSpan span = timeline.step(step.id());
        Side side = sideWithBall(span.end());
        Direction way = direction(side, span);
        int with = 0;
        int against = 0;
        for (Role role : path.roles()) {
            if (isInPlay(role, span.end()) && !isLeftBehind(role, span.end(), way)) {
                boolean ours = role.side() == side || role.side() == Side.NEUTRAL;
                boolean theirs = role.side() == (side == Side.ATTACK ? Side.DEFENCE : Side.ATTACK);
                with += ours ? 1 : 0;
                against += theirs ? 1 : 0;
            }
        }
        if (with > 0 && against > 0) {
            counts.put(step.id(), new Count(with, against, way));
        }
    }

    /** The side of whoever has, or had last, a ball; the attack where nobody ever had one. */
    private Side sideWithBall(double t) {
        Side side = Side.ATTACK;
        double since = -1;
        for (BallId ball : timeline.ballIds()) {
            for (BallState state : timeline.ballStates(ball)) {
                if (state.start() <= t + 1e-9
                        && state.start() > since
                        && state.holder().isPresent()) {
                    Side holder = sideOf(state.holder().get());
                    if (holder == Side.ATTACK || holder == Side.DEFENCE) {
                        side = holder;
                        since = state.start();
                    }
                }
            }
        }
        return side;
    }

    private Side sideOf(RoleId role) {
        return path.role(role).orElseThrow().side();
    }

    private boolean isInPlay(Role role, double t) {
        double[] own = busy.getOrDefault(role.id(), new double[] {Double.POSITIVE_INFINITY, 0});
        double first = own[0];
        double last = own[1];
        boolean fromLine = role.at().isEmpty();
        if (fromLine && first > t - SAME_SECONDS) {
            return false;
        }
        Point end = timeline.poseAt(role.id(), t).at();
        boolean joined = last <= t
                && first < last
                && path.lines().stream().map(WaitingLine::at).anyMatch(l -> l.isWithin(JOINED_METRES, end));
        return !joined;
    }

    private boolean isLeftBehind(Role role, double t, Direction way) {
        double x = timeline.poseAt(role.id(), t).at().x();
        return way == Direction.RIGHT ? x < -HALFWAY_METRES : way == Direction.LEFT && x > HALFWAY_METRES;
    }

    private Direction direction(Side side, StepSpan span) {
        for (Move move : path.moves()) {
            MoveSpan m = timeline.move(move.id());
            if (move instanceof Shot shot && m.happens() && m.end() >= span.start() && sideOf(shot.role()) == side) {
                return Goals.find(path, surface, shot.goal())
                        .map(g -> way(g.centre().x()))
                        .orElse(Direction.NONE);
            }
        }
        double along = 0;
        for (BallId ball : timeline.ballIds()) {
            double went = timeline.ballAt(ball, span.end()).x()
                    - timeline.ballAt(ball, span.start()).x();
            along = Math.abs(went) > Math.abs(along) ? went : along;
        }
        return Math.abs(along) < ALONG_METRES ? Direction.NONE : way(along);
    }

    private static Direction way(double x) {
        return x == 0 ? Direction.NONE : x > 0 ? Direction.RIGHT : Direction.LEFT;
    }
}
