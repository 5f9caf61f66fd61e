package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Verdict;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * A progression worked out to the second: everybody's place, every ball's state, what happens when, and what cannot.
 * Immutable; every lookup of a moment costs O(log n).
 */
public final class Timeline {

    /** Time between two looks at a way that nobody drew, s. */
    private static final double WAY_SECONDS = 0.2;

    /** Time between two points of a way that hangs on others, s. */
    private static final double LOOK_SECONDS = 0.1;

    private final Surface surface;
    private final Map<RoleId, Trajectory> trajectories;
    private final Map<BallId, List<BallState>> balls;
    private final Map<MoveId, MoveSpan> moves;
    private final List<StepSpan> steps;
    private final List<Happening> happenings;
    private final List<Finding> findings;
    private final Map<Rule.Hold, Double> holdsOver;
    private final Optional<Double> launchAt;
    private final Map<MoveId, Move> workedOut;
    private final Map<MoveId, Challenges.Came> verdicts;
    private final double seconds;
    /** For each step when it or one behind it starts first: a move with a trigger may start before the step before. */
    private final double[] earliestFrom;
    /** When passes are caught. */
    private final Map<MoveId, Double> caught = new HashMap<>();

    Timeline(
            Surface surface,
            Map<RoleId, Trajectory> trajectories,
            Map<BallId, List<BallState>> balls,
            Map<MoveId, MoveSpan> moves,
            List<StepSpan> steps,
            List<Happening> happenings,
            List<Finding> findings,
            Map<Rule.Hold, Double> holdsOver,
            Optional<Double> launchAt,
            Map<MoveId, Move> workedOut,
            Map<MoveId, Challenges.Came> verdicts) {
        this.surface = surface;
        this.trajectories = trajectories;
        this.balls = balls;
        this.moves = moves;
        this.steps = List.copyOf(steps);
        this.happenings = List.copyOf(happenings);
        this.findings = List.copyOf(findings);
        this.holdsOver = Map.copyOf(holdsOver);
        this.launchAt = launchAt;
        this.workedOut = Map.copyOf(workedOut);
        this.verdicts = Map.copyOf(verdicts);
        double last = 0;
        for (MoveSpan m : moves.values()) {
            last = Math.max(last, m.end());
        }
        for (StepSpan s : steps) {
            last = Math.max(last, s.end());
        }
        this.seconds = last;
        this.earliestFrom = new double[steps.size()];
        for (int i = steps.size() - 1; i >= 0; i--) {
            double later = i + 1 < steps.size() ? earliestFrom[i + 1] : Double.POSITIVE_INFINITY;
            earliestFrom[i] = Math.min(steps.get(i).start(), later);
        }
        for (Happening h : happenings) {
            if (h.kind() == Happening.Kind.CAUGHT) {
                h.move().ifPresent(m -> caught.putIfAbsent(m, h.seconds()));
            }
        }
    }

    /** Works out one path through a drill at the pace of its audience. */
    public static Timeline of(Drill drill, Path path) {
        return of(path, drill.surface(), Pace.of(drill));
    }

    /** Works out one path at somebody's pace. */
    public static Timeline of(Path path, Surface surface, Pace pace) {
        return new Simulation(path, surface, pace).run();
    }

    /** On which it all takes place. */
    public Surface surface() {
        return surface;
    }

    /** Where the ball is that zones go with: the first. */
    public Optional<Point> firstBallAt(double t) {
        return ballIds().stream().findFirst().map(b -> ballAt(b, t));
    }

    /** Seconds from the whistle until everything is over. */
    public double seconds() {
        return seconds;
    }

    public List<StepSpan> steps() {
        return steps;
    }

    public StepSpan step(StepId id) {
        return steps.stream().filter(s -> s.step().equals(id)).findFirst().orElseThrow();
    }

    /** The last step that has started by a second; the first before anything has. */
    public int stepIndexAt(double t) {
        int low = 0;
        int high = Math.max(0, steps.size() - 1);
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (earliestFrom[middle] <= t) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** All moves in the order in which they were told. */
    public List<MoveSpan> moves() {
        return List.copyOf(moves.values());
    }

    public MoveSpan move(MoveId id) {
        MoveSpan span = moves.get(id);
        if (span == null) {
            throw new IllegalArgumentException("There is no move " + id + " in this timeline.");
        }
        return span;
    }

    public List<Happening> happenings() {
        return happenings;
    }

    /** About how far somebody comes between two moments, m, whatever he does. */
    public double metres(RoleId role, double from, double to) {
        double sum = 0;
        for (double t = from; t < to; t += WAY_SECONDS) {
            sum += placeAt(role, t).distanceTo(placeAt(role, Math.min(to, t + WAY_SECONDS)));
        }
        return sum;
    }

    /** What cannot happen as drawn, in the order in which it came to light. */
    public List<Finding> findings() {
        return findings;
    }

    /** Where moves go whose goal is not drawn but worked out: to a ball, into its lane, to its carrier. */
    public Map<MoveId, Move> workedOut() {
        return workedOut;
    }

    /** What became of a challenge; empty for one that never came to it, and for other moves. */
    public Optional<Verdict> verdict(MoveId challenge) {
        return Optional.ofNullable(verdicts.get(challenge)).map(Challenges.Came::verdict);
    }

    /** When those who are in a challenge meet, seconds from the whistle; empty where it never came to it. */
    public Optional<Double> metAt(MoveId challenge) {
        return Optional.ofNullable(verdicts.get(challenge)).map(Challenges.Came::seconds);
    }

    /** When a hold ended by what is no moment of a move; empty where that never came. */
    public Optional<Double> overAt(Rule.Hold hold) {
        return Optional.ofNullable(holdsOver.get(hold));
    }

    /** When what the next rep waits for came, if that is no moment of a move; empty where it never came. */
    public Optional<Double> launchAt() {
        return launchAt;
    }

    /** Where a role is, for whoever does not ask how it looks or how fast it is. */
    public Point placeAt(RoleId role, double t) {
        Trajectory trajectory = trajectories.get(role);
        if (trajectory == null) {
            throw new IllegalArgumentException("There is no role " + role + " in this timeline.");
        }
        return trajectory.pieceAt(t).at(t);
    }

    public Pose poseAt(RoleId role, double t) {
        Trajectory trajectory = trajectories.get(role);
        if (trajectory == null) {
            throw new IllegalArgumentException("There is no role " + role + " in this timeline.");
        }
        Trajectory.Piece piece = trajectory.pieceAt(t);
        Point at = piece.at(t);
        double facing = trajectory.isTurning(t)
                ? trajectory.facingAt(t)
                : piece.faces()
                        .flatMap(m -> towards(m, at, t))
                        .or(() -> piece.manner()
                                .filter(m -> m == Manner.SHUFFLE)
                                .flatMap(m -> facingTheBall(role, at, t)))
                        .orElseGet(() -> piece.facing(t));
        return new Pose(at, piece.speed(t), facing);
    }

    /** Where a player or a ball is, or a spot; empty for a goal, which a surface knows. */
    public Optional<Point> placeOf(Mark mark, double t) {
        return mark.role()
                .map(r -> placeAt(r, t))
                .or(() -> mark.ballId().map(b -> ballAt(b, t)))
                .or(() -> mark instanceof Mark.Spot s ? Optional.of(s.at()) : Optional.empty());
    }

    /** The way to a mark; empty for whoever stands on it. */
    private Optional<Double> towards(Mark mark, Point from, double t) {
        return placeOf(mark, t)
                .filter(p -> !p.isWithin(1e-6, from))
                .map(p -> p.minus(from).headingDegrees());
    }

    /** How far (m) somebody who goes by others is from where he should be; empty where he does not go by others. */
    public Optional<Double> metresOff(RoleId role, double t) {
        return trajectories.get(role).pieceAt(t) instanceof Tracked way ? Optional.of(way.gap(t)) : Optional.empty();
    }

    /** How far (m) he runs behind where he should be, below zero where he is ahead of it; empty where he does not go by others. */
    public Optional<Double> metresBehind(RoleId role, double t) {
        return trajectories.get(role).pieceAt(t) instanceof Tracked way ? Optional.of(way.behind(t)) : Optional.empty();
    }

    /** Somebody who moves sideways looks at the nearest ball that he does not hold. */
    private Optional<Double> facingTheBall(RoleId role, Point at, double t) {
        Point nearest = null;
        for (BallId ball : balls.keySet()) {
            if (ballStateAt(ball, t).holder().equals(Optional.of(role))) {
                continue;
            }
            Point place = ballAt(ball, t);
            if (nearest == null || place.distanceTo(at) < nearest.distanceTo(at)) {
                nearest = place;
            }
        }
        return nearest == null || nearest.isWithin(1e-6, at)
                ? Optional.empty()
                : Optional.of(nearest.minus(at).headingDegrees());
    }

    public List<BallState> ballStates(BallId ball) {
        List<BallState> states = balls.get(ball);
        if (states == null) {
            throw new IllegalArgumentException("There is no ball " + ball + " in this timeline.");
        }
        return states;
    }

    public BallState ballStateAt(BallId ball, double t) {
        List<BallState> states = ballStates(ball);
        int low = 0;
        int high = states.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (states.get(middle).start() <= t) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return states.get(low);
    }

    /** Where a ball is; a held ball is where its holder is. */
    public Point ballAt(BallId ball, double t) {
        return ballStateAt(ball, t)
                .match(
                        held -> trajectories.get(held.role()).pieceAt(t).at(t),
                        BallState.Loose::at,
                        inFlight -> inFlight.flight().at(t),
                        BallState.Dead::at);
    }

    /** The line that a role's move follows, finely cut; empty for moves that are no travel or never happen. */
    public Optional<List<Point>> pathOf(RoleId role, MoveId move) {
        MoveSpan span = move(move);
        if (!span.happens()) {
            return Optional.empty();
        }
        Trajectory trajectory = trajectories.get(role);
        if (trajectory.pieceAt(span.start()) instanceof Tracked) {
            List<Point> way = new ArrayList<>();
            int looks = (int) Math.ceil((span.end() - span.start()) / LOOK_SECONDS);
            for (int i = 0; i <= looks; i++) {
                way.add(placeAt(role, Math.min(span.end(), span.start() + i * LOOK_SECONDS)));
            }
            return way.size() < 2 ? Optional.empty() : Optional.of(way);
        }
        if (!(trajectory.pieceAt(span.start()) instanceof Trajectory.Under first)) {
            return Optional.empty();
        }
        double from = first.profile().metresAt(span.start() - first.clock());
        double to = from + span.metres();
        List<Point> path = new ArrayList<>(List.of(first.line().at(from)));
        for (int i = 0; i < first.line().size(); i++) {
            double s = first.line().metresAt(i);
            if (s > from + 1e-9 && s < to - 1e-9) {
                path.add(first.line().point(i));
            }
        }
        path.add(first.line().at(to));
        return Optional.of(path);
    }

    /** From the end of a travel straight on to where its role stands; empty where it stands at the end. */
    public Optional<List<Point>> runOutOf(RoleId role, MoveId move) {
        MoveSpan span = move(move);
        if (!span.happens() || span.runOutMetres() <= 0) {
            return Optional.empty();
        }
        Trajectory trajectory = trajectories.get(role);
        if (trajectory.pieceAt(span.start()) instanceof Tracked) {
            Point from = placeAt(role, span.end());
            return trajectory.pieceAt(span.end()) instanceof Trajectory.Under braking
                    ? Optional.of(List.of(from, braking.at(braking.restsAt())))
                    : Optional.empty();
        }
        if (!(trajectory.pieceAt(span.start()) instanceof Trajectory.Under run)) {
            return Optional.empty();
        }
        double end = run.profile().metresAt(span.start() - run.clock()) + span.metres();
        return Optional.of(List.of(run.line().at(end), run.line().at(end + span.runOutMetres())));
    }

    /** When a pass is in somebody's hands, seconds from the whistle; empty for one that nobody catches. */
    public Optional<Double> caughtAt(MoveId pass) {
        return Optional.ofNullable(caught.get(pass));
    }

    /** When a moment of a move comes, seconds from the whistle; empty for one that never does, or of no move. */
    public Optional<Double> comesAt(Event event) {
        return event.move()
                .map(this::move)
                .filter(MoveSpan::happens)
                .flatMap(m -> event instanceof Event.Caught
                        ? caughtAt(m.move())
                        : Optional.of(event instanceof Event.Starts ? m.start() : m.end()));
    }

    /** The flight of a pass or a shot, if it happened. */
    public Optional<Flight> flightOf(MoveId move) {
        Optional<BallId> ball = happenings.stream()
                .filter(h -> h.kind() == Happening.Kind.RELEASED && h.move().equals(Optional.of(move)))
                .map(Happening::ball)
                .findFirst();
        double start = ball.isPresent() ? move(move).start() : 0;
        return ball.flatMap(b -> ballStateAt(b, start)
                .match(
                        h -> Optional.empty(),
                        l -> Optional.empty(),
                        f -> Optional.of(f.flight()),
                        d -> Optional.empty()));
    }

    /** Where the ball lay that a contest was for; empty where nobody won one. */
    public Optional<Point> wonFrom(MoveId contest) {
        return happenings.stream()
                .filter(h -> h.kind() == Happening.Kind.WON && h.move().equals(Optional.of(contest)))
                .findFirst()
                .map(h -> ballAt(h.ball(), move(contest).start()));
    }

    /** Roles in the drill's order. */
    public List<RoleId> roles() {
        return List.copyOf(trajectories.keySet());
    }

    /** Balls in the drill's order. */
    public List<BallId> ballIds() {
        return List.copyOf(balls.keySet());
    }
}
