package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Dash;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;

/** One moment of a rep: who is where, how fast, and who has a ball. */
public final class Moment {

    /** Over so long (s) it is measured which way somebody moves. */
    private static final double STEP_SECONDS = 0.02;

    /**
     * One of those who play.
     *
     * @param team with whom he plays; a keeper with those whose goal he minds
     * @param velocity m/s
     */
    public record Player(Role role, Side team, Point at, Point velocity, double facingDegrees, Dash dash) {

        /** Seconds until he is somewhere. */
        public double secondsTo(Point place) {
            return dash.seconds(at, velocity, place);
        }

        public boolean isAgainst(Player other) {
            return team == Side.DEFENCE && other.team == Side.ATTACK
                    || team == Side.ATTACK && other.team == Side.DEFENCE;
        }
    }

    final Path path;
    final Surface surface;
    final Pace pace;
    final Timeline timeline;
    final double seconds;
    private final List<Player> players = new ArrayList<>();

    private Moment(Path path, Surface surface, Pace pace, Timeline timeline, double seconds) {
        this.path = path;
        this.surface = surface;
        this.pace = pace;
        this.timeline = timeline;
        this.seconds = Math.max(0, Math.min(timeline.seconds(), seconds));
        for (Role role : path.roles()) {
            Pose pose = timeline.poseAt(role.id(), this.seconds);
            players.add(new Player(
                    role,
                    team(role),
                    pose.at(),
                    velocity(role.id()),
                    pose.facingDegrees(),
                    Dash.of(pace, role.pace())));
        }
    }

    public static Moment of(Path path, Surface surface, Pace pace, Timeline timeline, double seconds) {
        return new Moment(path, surface, pace, timeline, seconds);
    }

    /** The keeper who starts nearest to where the last shot goes defends; one who minds another goal plays with the attack. */
    private Side team(Role role) {
        if (role.side() != Side.KEEPER) {
            return role.side();
        }
        Optional<Point> shotAt = path.moves().stream()
                .filter(Shot.class::isInstance)
                .reduce((a, b) -> b)
                .flatMap(m -> Goals.find(path, surface, ((Shot) m).goal()))
                .map(GoalMouth::centre);
        boolean nearest = shotAt.isEmpty()
                || path.roles().stream()
                        .filter(r -> r.side() == Side.KEEPER)
                        .min(Comparator.comparingDouble(
                                r -> path.startOf(r.id()).distanceTo(shotAt.get())))
                        .filter(role::equals)
                        .isPresent();
        return nearest ? Side.DEFENCE : Side.ATTACK;
    }

    private Point velocity(RoleId role) {
        double before = Math.max(0, seconds - STEP_SECONDS);
        double after = Math.min(timeline.seconds(), seconds + STEP_SECONDS);
        return after <= before
                ? Point.ORIGIN
                : timeline.placeAt(role, after)
                        .minus(timeline.placeAt(role, before))
                        .times(1 / (after - before));
    }

    public List<Player> players() {
        return List.copyOf(players);
    }

    /** Those who play, coaches left out. */
    List<Player> field() {
        return players.stream().filter(p -> p.role().side() != Side.COACH).toList();
    }

    Player player(RoleId role) {
        return players.stream()
                .filter(p -> p.role().id().equals(role))
                .findFirst()
                .orElseThrow();
    }

    /** Whoever has the first ball that somebody has. */
    Optional<Player> carrier() {
        for (BallId ball : timeline.ballIds()) {
            Optional<RoleId> holder = timeline.ballStateAt(ball, seconds).holder();
            if (holder.isPresent()) {
                return holder.map(this::player);
            }
        }
        return Optional.empty();
    }

    /** Where the first ball lies, or comes down, that nobody has. */
    Optional<Point> freeBall() {
        return timeline.ballIds().stream()
                .flatMap(b -> timeline
                        .ballStateAt(b, seconds)
                        .match(
                                held -> Optional.<Point>empty(),
                                loose -> Optional.of(loose.at()),
                                flight -> Optional.of(flight.flight().to()),
                                dead -> Optional.<Point>empty())
                        .stream())
                .findFirst();
    }

    /** Where the first ball is that is still in play. */
    Optional<Point> ball() {
        return timeline.ballIds().stream()
                .filter(b -> timeline.ballStateAt(b, seconds).match(h -> true, l -> true, f -> true, d -> false))
                .findFirst()
                .map(b -> timeline.ballAt(b, seconds));
    }
}
