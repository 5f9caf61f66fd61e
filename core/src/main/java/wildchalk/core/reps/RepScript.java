package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/**
 * What one rep asks of everybody and of the balls, read once from its path and its times, so that many reps can be played
 * quickly. Roles and lines are counted from 0 in the order of the drill.
 */
public final class RepScript {

    /** Nobody turns away in the moment of a pass or a shot: so long (s) he looks after it. */
    static final double AFTERWARDS_SECONDS = 0.4;

    /** To get hold of one ball that lies somewhere (s; estimate); children need a second more. */
    private static final double COLLECT_SECONDS = 1.5;

    private static final double CHILDREN_SECONDS = 1;

    /** A ball that ends so near (m) to where it began need not be fetched. */
    private static final double AT_ONCE_METRES = 1;

    /** Where a role goes after the rep. */
    enum Then {
        LINE,
        PLACE,
        REST
    }

    /**
     * One role.
     *
     * @param needed seconds into the rep before which it has nothing to do
     * @param done seconds after which it has nothing more to do
     * @param end where it is then
     * @param touches how often it plays the ball or ends with it
     * @param metres that it runs
     * @param working seconds of its go: from the first that it does to the last, or all that it does if that is more
     * @param hard seconds of them at a hard run or faster
     * @param shotsAt moments at which a shot comes to it, for a keeper
     */
    record Part(
            Role role,
            double needed,
            double done,
            Point end,
            int touches,
            int shots,
            double metres,
            double working,
            double hard,
            double[] shotsAt) {}

    /**
     * Where somebody goes after a stint.
     *
     * @param goes the line or the role, by number; -1 to rest
     */
    record Leaving(Then then, int goes) {}

    /** One line: where it stands and whom it gives, by number. */
    record Queue(WaitingLine line, int[] gives) {}

    /**
     * One ball.
     *
     * @param back seconds into the rep after which it is where the next rep takes it from
     */
    record Spare(BallId id, double back) {}

    final Path path;
    final Timeline timeline;
    final double walkSpeed;
    final List<Part> parts = new ArrayList<>();
    final List<Queue> queues = new ArrayList<>();
    final List<Spare> balls = new ArrayList<>();
    /** Who only waits in this rep, by number. */
    final boolean[] waits;

    private final List<List<Rotation>> rotations = new ArrayList<>();
    /** For each of the ways in which the rotation goes where everybody goes. */
    private final List<List<Leaving>> leavings = new ArrayList<>();
    /** Which line gives a role; -1 for none. */
    final int[] fedBy;
    /** When everybody is done, s. */
    final double over;

    final Stint stint;
    /** Where each role starts. */
    final List<Point> starts;
    /** When passes should be caught. */
    final double[] passes;

    /** Set once, before anybody else sees it. */
    private RepScript other;

    /** Likewise. */
    private RepScript first;

    private final Optional<Launches.Due> due;
    private final Map<RoleId, Integer> numbers = new HashMap<>();

    /** @param whole the path with everybody: who is not in this rep is counted all the same */
    private RepScript(Path whole, Path path, Timeline timeline, Pace pace) {
        this.path = path;
        this.timeline = timeline;
        this.walkSpeed = pace.topSpeed(Manner.FORWARD, Effort.WALK, false);
        this.due = Launches.due(path, timeline);
        whole.roles().forEach(r -> numbers.put(r.id(), numbers.size()));
        starts = whole.roles().stream().map(r -> whole.startOf(r.id())).toList();
        fedBy = new int[numbers.size()];
        java.util.Arrays.fill(fedBy, -1);
        for (WaitingLine line : whole.lines()) {
            int[] gives = line.feeds().stream().mapToInt(numbers::get).toArray();
            for (int role : gives) {
                fedBy[role] = fedBy[role] < 0 ? queues.size() : fedBy[role];
            }
            queues.add(new Queue(line, gives));
        }
        whole.roles()
                .forEach(r -> parts.add(path.role(r.id()).isPresent() ? part(r) : nothing(r, whole.startOf(r.id()))));
        waits = new boolean[numbers.size()];
        AfterRep.waiting(path.version(), path.choices().otherSide()).forEach(r -> {
            if (numbers.containsKey(r)) {
                waits[numbers.get(r)] = true;
            }
        });
        for (int i = 0; i < waits.length; i++) {
            waits[i] |= path.role(whole.roles().get(i).id()).isEmpty();
        }
        for (int way = 0; way < AfterRep.ways(whole); way++) {
            rotations.add(AfterRep.rotation(whole, way));
        }
        for (int way = 0; way < rotations.size(); way++) {
            int each = way;
            leavings.add(
                    whole.roles().stream().map(r -> leaving(whole, r, each)).toList());
        }
        over = parts.stream().mapToDouble(Part::done).max().orElse(0);
        stint = path.course().stint();
        readBalls(pace);
        passes = path.moves().stream()
                .filter(Pass.class::isInstance)
                .map(m -> timeline.move(m.id()))
                .filter(MoveSpan::happens)
                .mapToDouble(MoveSpan::end)
                .sorted()
                .toArray();
    }

    /** @param pace of those who walk back and fetch balls */
    public static RepScript of(Path path, Timeline timeline, Pace pace) {
        RepScript script = new RepScript(path, path, timeline, pace);
        path.otherSide().ifPresent(o -> {
            RepScript turned = new RepScript(o, o, Timeline.of(o, timeline.surface(), pace), pace);
            script.other = turned;
            turned.other = script;
        });
        path.firstRep()
                .filter(f -> f.roles().size() < path.roles().size())
                .ifPresent(f -> script.first = new RepScript(path, f, Timeline.of(f, timeline.surface(), pace), pace));
        return script;
    }

    public Path path() {
        return path;
    }

    /** How many balls one rep takes. */
    public int ballsOfOneRep() {
        return balls.size();
    }

    /** Seconds from one start to the next, if nobody has to be waited for. */
    public double period() {
        return period(Conditions.AS_DRAWN, Hitches.NONE);
    }

    /** A drill in which nothing happens yet has reps all the same, so far (s) apart. */
    private static final double LEAST_SECONDS = 1;

    /** The same where a rep stood still, or somebody wants it otherwise. */
    double period(Conditions conditions, Hitches hitches) {
        if (conditions.every().isPresent()) {
            return Math.max(LEAST_SECONDS, conditions.every().getAsDouble());
        }
        Launches.Due next = due.orElse(new Launches.Due(timeline.seconds(), 0));
        return Math.max(LEAST_SECONDS, new Launches.Due(hitches.real(next.moment()), next.plus()).seconds());
    }

    // ---- people ----

    private Part part(Role role) {
        double done = doneAfter(role.id());
        Point end = timeline.placeAt(role.id(), Math.min(timeline.seconds(), done));
        double[] sums = new double[3];
        sum(role.id(), sums);
        double needed = neededAfter(role.id());
        sums[1] = Math.max(sums[1], done - AFTERWARDS_SECONDS - needed);
        return new Part(
                role,
                needed,
                done,
                end,
                touches(role.id()),
                (int) spans(role.id(), Shot.class).count(),
                sums[0],
                sums[1],
                sums[2],
                role.side() == Side.KEEPER ? shotsAt(role.id()) : new double[0]);
    }

    /** One who is not in it. */
    private static Part nothing(Role role, Point at) {
        return new Part(role, 0, 0, at, 0, 0, 0, 0, 0, new double[0]);
    }

    /** @param way which of the ways in which the rotation goes */
    private Leaving leaving(Path whole, Role role, int way) {
        Optional<Rotation> turn = rotations.get(way).stream()
                .filter(r -> r.role().equals(role.id()))
                .findFirst();
        Optional<LineId> line = turn.flatMap(Rotation::line)
                .or(() ->
                        turn.flatMap(Rotation::next).flatMap(whole::lineFeeding).map(WaitingLine::id))
                .or(() -> turn.isPresent()
                        ? Optional.empty()
                        : whole.lineFeeding(role.id()).map(WaitingLine::id));
        boolean rests = turn.filter(r -> r.how() == Rotation.How.REST).isPresent();
        RoleId becomes = turn.flatMap(Rotation::next).orElse(role.id());
        Then then = line.isPresent() ? Then.LINE : rests ? Then.REST : Then.PLACE;
        int goes = then == Then.LINE ? queue(line.get()) : then == Then.PLACE ? numbers.get(becomes) : -1;
        return new Leaving(then, goes);
    }

    /** Where somebody goes after a stint, counted from 0. */
    Leaving leaving(int role, int stint) {
        return leavings.get(stint % leavings.size()).get(role);
    }

    /** Whether somebody does the same whatever comes. */
    boolean stays(int role) {
        return leavings.stream().allMatch(l -> l.get(role).equals(new Leaving(Then.PLACE, role)));
    }

    /** The rep the other way round where reps change sides, else this one. */
    RepScript other() {
        return other == null ? this : other;
    }

    /** The first rep where some come in later, else this one. */
    RepScript first() {
        return first == null ? this : first;
    }

    private int queue(LineId id) {
        for (int i = 0; i < queues.size(); i++) {
            if (queues.get(i).line().id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("There is no line " + id + ".");
    }

    private java.util.stream.Stream<MoveSpan> spans(RoleId role, Class<? extends Move> kind) {
        return path.moves().stream()
                .filter(m -> kind.isInstance(m) && (m.role().equals(role) || isInPlay(m, role)))
                .map(m -> timeline.move(m.id()))
                .filter(MoveSpan::happens);
    }

    /** Whether it is open play in which somebody else takes part too. */
    private static boolean isInPlay(Move move, RoleId role) {
        return move instanceof Act act
                && act.deed() instanceof OpenPlay
                && move.others().contains(role);
    }

    /** Metres, seconds of work and hard seconds; what is done at the same time counts once. */
    private void sum(RoleId role, double[] sums) {
        double until = 0;
        List<MoveSpan> own = spans(role, Move.class)
                .sorted(java.util.Comparator.comparingDouble(MoveSpan::start))
                .toList();
        for (MoveSpan span : own) {
            double from = Math.max(until, span.start());
            double to = Math.max(from, span.roleFree());
            sums[1] += to - from;
            until = Math.max(until, to);
            Move move = path.move(span.move()).orElseThrow();
            if (move instanceof Act act && act.deed() instanceof OpenPlay) {
                sums[0] += timeline.metres(role, span.start(), span.end());
            }
            if (move instanceof Travel t) {
                sums[0] += span.metres() + span.runOutMetres();
                sums[2] += t.effort().compareTo(Effort.HARD) >= 0 ? to - from : 0;
            }
        }
    }

    /** Balls that leave his hands, and one that stays there. */
    private int touches(RoleId role) {
        Set<MoveId> released = new HashSet<>();
        for (Happening h : timeline.happenings()) {
            if (h.kind() == Happening.Kind.RELEASED) {
                h.move()
                        .filter(m ->
                                path.move(m).filter(x -> x.role().equals(role)).isPresent())
                        .ifPresent(released::add);
            }
        }
        long kept = timeline.ballIds().stream()
                .filter(b ->
                        timeline.ballStateAt(b, timeline.seconds()).holder().equals(Optional.of(role)))
                .count();
        return released.size() + (int) kept;
    }

    /** When shots are at the goal that this keeper is nearest to of all keepers as they are shot. */
    private double[] shotsAt(RoleId keeper) {
        List<RoleId> keepers = path.roles().stream()
                .filter(r -> r.side() == Side.KEEPER)
                .map(Role::id)
                .toList();
        return path.moves().stream()
                .filter(m -> m instanceof Shot)
                .map(m -> timeline.move(m.id()))
                .filter(MoveSpan::happens)
                .filter(s -> keepers.stream()
                        .min(java.util.Comparator.comparingDouble(k -> fromGoal(k, s)))
                        .equals(Optional.of(keeper)))
                .mapToDouble(MoveSpan::end)
                .sorted()
                .toArray();
    }

    private double fromGoal(RoleId keeper, MoveSpan shot) {
        return timeline.flightOf(shot.move())
                .map(f -> f.to().distanceTo(timeline.placeAt(keeper, shot.end())))
                .orElse(Double.MAX_VALUE);
    }

    /** Seconds into a rep after which a role has nothing more to do in it. */
    private double doneAfter(RoleId role) {
        double last = spans(role, Move.class).mapToDouble(MoveSpan::roleFree).reduce(0, Math::max);
        last = timeline.happenings().stream()
                .filter(h -> h.role().equals(Optional.of(role)))
                .mapToDouble(Happening::seconds)
                .reduce(last, Math::max);
        return last > 0 ? last + AFTERWARDS_SECONDS : timeline.seconds(); // who only stands is there to the end
    }

    /** Seconds into a rep before which a role has nothing to do in it; the whole rep for one who only stands. */
    private double neededAfter(RoleId role) {
        double first = spans(role, Move.class)
                .mapToDouble(s -> s.start() - s.reactionSeconds())
                .reduce(timeline.seconds(), Math::min);
        double handled = timeline.happenings().stream()
                .filter(h -> h.role().equals(Optional.of(role)))
                .mapToDouble(Happening::seconds)
                .reduce(first, Math::min);
        boolean holds = timeline.ballIds().stream()
                .anyMatch(b -> timeline.ballStateAt(b, 0).holder().equals(Optional.of(role)));
        return holds ? 0 : Math.max(0, handled);
    }

    // ---- balls ----

    private void readBalls(Pace pace) {
        double jog = pace.topSpeed(Manner.FORWARD, Effort.EASY, false);
        boolean children = pace.age() == AgeBand.U8 || pace.age() == AgeBand.U10;
        double over = timeline.seconds();
        boolean goesOn = path.course().launch().filter(Launch::goesOn).isPresent();
        for (BallId ball : timeline.ballIds()) {
            Point start = timeline.ballAt(ball, 0);
            Point end = timeline.ballAt(ball, over);
            double metres = end.distanceTo(start);
            BallState state = timeline.ballStateAt(ball, over);
            double fetch = metres <= AT_ONCE_METRES
                    ? 0
                    : state.holder().isPresent()
                            ? metres / walkSpeed
                            : COLLECT_SECONDS + (children ? CHILDREN_SECONDS : 0) + 2 * metres / jog;
            balls.add(new Spare(ball, goesOn ? due.map(Launches.Due::seconds).orElse(over) : over + fetch));
        }
    }
}
