package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/**
 * How many play for the side with the ball, how many against, and which way: as each step of a path begins, and as it ends.
 *
 * <p>Somebody who stands on the ground is in play from the whistle; who comes out of a line, or stands at one, from his first
 * move; who has gone to a line after his last move is out of it again. Keepers, coaches and those who only feed balls in do not
 * count; neutral players count for the side with the ball. From one turnover to the next play goes one way: that of the side's
 * next shot, or else that in which the ball goes. Those who defend count once they are in the half that is attacked, level with the ball or
 * goal-side of it, so that somebody who was left behind counts from when he is back. Nothing is counted in net games.
 */
public final class HeadCounts {

    /** Which way the side with the ball plays, looking with +x to the right. */
    public enum Direction {
        RIGHT,
        LEFT,
        NONE
    }

    /**
     * @param withBall of the side with the ball
     * @param ours name of the team that they are; empty where they are of none, or of several
     * @param theirs likewise of those against them
     */
    public record Count(int withBall, int against, Direction direction, String ours, String theirs) {

        /** Of no teams. */
        public Count(int withBall, int against, Direction direction) {
            this(withBall, against, direction, "", "");
        }
    }

    /** Sports with a net between the sides: nobody plays through anybody. */
    private static final Set<String> NET_GAMES =
            Set.of("volleyball", "beach-volleyball", "tennis", "badminton", "table-tennis", "padel");

    /** Whoever stands or ends this near (m) to a line belongs to it. */
    private static final double JOINED_METRES = 2.5;
    /** Whoever sets off so soon (s) after a step begins takes part in it from its start: he has to see it first. */
    private static final double AT_ONCE_SECONDS = 0.6;
    /** A ball that goes less far along the surface (m) goes neither way. */
    private static final double ALONG_METRES = 3;
    /** What starts as a step ends is not in it: rounding noise. */
    private static final double SAME_SECONDS = 1e-6;
    /** Whoever is no further behind the ball than this (m) still defends. */
    private static final double LEVEL_METRES = 3;
    /** Whoever is of the side with the ball and only stands counts no further behind the ball than this, m. */
    private static final double NEAR_METRES = 8;
    /** Time between two looks whether somebody is back, s. */
    private static final double LOOK_SECONDS = 0.5;
    /** Whoever is within so many metres of halfway is on neither half. */
    private static final double HALFWAY_METRES = 1;

    /**
     * One side has the ball, and play goes one way.
     *
     * @param turnovers how many were before
     */
    private record Stretch(double start, double end, Side side, Direction way, int turnovers) {}

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final Map<StepId, Count> atStart = new LinkedHashMap<>();
    private final Map<StepId, Count> atEnd = new LinkedHashMap<>();
    /** When somebody's first move starts and his last one leaves him free. */
    private final Map<RoleId, double[]> busy = new HashMap<>();

    /** Until when somebody is not in it yet, who joins when steps are done again. */
    private final Map<RoleId, Double> joins = new HashMap<>();

    /** From when on somebody is out of it. */
    private final Map<RoleId, Double> out = new HashMap<>();

    /** Those who only feed balls in. */
    private final Set<RoleId> outside = new HashSet<>();

    private final List<Stretch> stretches = new ArrayList<>();
    /** When somebody who defends is level with the ball or goal-side, by stretch; endless if never. */
    private final Map<List<Object>, Double> back = new HashMap<>();
    /** Who takes part, by stretch. */
    private final Map<List<Object>, Boolean> part = new HashMap<>();
    /** Runs and shots of each role. */
    private final Map<RoleId, List<MoveSpan>> running = new HashMap<>();

    private final List<Shot> shots = new ArrayList<>();

    private HeadCounts(Path path, Surface surface, Timeline timeline) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
    }

    /** Counts every step of a path in which both sides have somebody in play. */
    public static HeadCounts of(Path path, Surface surface, Timeline timeline) {
        HeadCounts all = new HeadCounts(path, surface, timeline);
        boolean twoSides = path.roles().stream().anyMatch(r -> r.side() == Side.ATTACK)
                && path.roles().stream().anyMatch(r -> r.side() == Side.DEFENCE);
        if (twoSides && !NET_GAMES.contains(surface.sport())) {
            all.prepare();
            path.steps().forEach(all::count);
        }
        return all;
    }

    /** As a step begins. */
    public Optional<Count> of(StepId step) {
        return Optional.ofNullable(atStart.get(step));
    }

    /** As a step ends. */
    public Optional<Count> atEndOf(StepId step) {
        return Optional.ofNullable(atEnd.get(step));
    }

    private void prepare() {
        Set<RoleId> active = new HashSet<>();
        Set<RoleId> releases = new HashSet<>();
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (span.happens()) {
                (move.isBallRelease() && !(move instanceof Shot) ? releases : active).add(move.role());
                plays(move.role(), span.start(), span.roleFree());
                boolean hard = move instanceof Travel t && t.effort().compareTo(Effort.STEADY) >= 0;
                if (hard || move instanceof Shot) {
                    running.computeIfAbsent(move.role(), r -> new ArrayList<>()).add(span);
                }
                if (move instanceof Act act && act.deed() instanceof DroppingOut) {
                    out.merge(move.role(), span.start(), Math::min);
                }
                if (move instanceof Shot shot) {
                    shots.add(shot);
                }
                if (move instanceof Pass pass) {
                    // whom the ball goes to is in play as it leaves
                    pass.receiver().ifPresent(r -> plays(r, span.start(), span.end()));
                }
            }
        }
        path.steps()
                .forEach(s -> path.again(s.id()).filter(Path.Again::begins).ifPresent(a -> {
                    List<RoleId> joining = a.repeat().growth().joining();
                    if (a.n() <= joining.size()) {
                        RoleId who = a.repeat().role(joining.get(a.n() - 1), a.n());
                        joins.put(who, timeline.step(s.id()).start());
                    }
                }));
        timeline.happenings().stream()
                .filter(h -> h.kind() != Happening.Kind.RELEASED)
                .forEach(h -> h.role().ifPresent(active::add));
        releases.stream()
                .filter(r -> !active.contains(r) && (sideOf(r) == Side.NEUTRAL || ballsOf(r) > 1))
                .forEach(outside::add);
        possession();
    }

    private long ballsOf(RoleId role) {
        return timeline.happenings().stream()
                .filter(h -> h.role().equals(Optional.of(role)))
                .map(Happening::ball)
                .distinct()
                .count();
    }

    private void plays(RoleId role, double from, double to) {
        double[] own = busy.computeIfAbsent(role, r -> new double[] {from, to});
        own[0] = Math.min(own[0], from);
        own[1] = Math.max(own[1], to);
    }

    /** A ball in somebody's hands. */
    private record Hands(double start, RoleId role) {}

    /** A ball in the hands of a side. */
    private record Hold(double start, Side side) {}

    /** From turnover to turnover; before anybody who plays has a ball nobody goes any way. */
    private void possession() {
        List<Hold> turns = new ArrayList<>();
        for (Hold hold : holds()) {
            if (turns.isEmpty() || turns.get(turns.size() - 1).side() != hold.side()) {
                turns.add(hold);
            }
        }
        Side first = turns.isEmpty() ? Side.ATTACK : turns.get(0).side();
        double ball = turns.isEmpty() ? timeline.seconds() : turns.get(0).start();
        if (turns.isEmpty() || ball > 0) {
            stretches.add(new Stretch(0, ball, first, Direction.NONE, 0));
        }
        for (int i = 0; i < turns.size(); i++) {
            double from = turns.get(i).start();
            double to = i + 1 < turns.size() ? turns.get(i + 1).start() : timeline.seconds();
            Side side = turns.get(i).side();
            stretches.add(new Stretch(from, to, side, direction(side, from, to), i));
        }
    }

    /** In order of time. What a keeper has belongs to the side that gets it from him. */
    private List<Hold> holds() {
        List<Hands> hands = new ArrayList<>();
        timeline.ballIds().stream()
                .flatMap(b -> timeline.ballStates(b).stream())
                .forEach(s -> s.holder().ifPresent(r -> hands.add(new Hands(s.start(), r))));
        // one that leaves with the whistle was in nobody's hands for any time
        timeline.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.RELEASED)
                .forEach(h -> h.role().ifPresent(r -> hands.add(new Hands(h.seconds(), r))));
        hands.sort(Comparator.comparingDouble(Hands::start));
        List<Hold> holds = new ArrayList<>();
        Optional<Side> after = Optional.empty();
        for (int i = hands.size() - 1; i >= 0; i--) {
            Side side = sideOf(hands.get(i).role());
            if (side == Side.ATTACK || side == Side.DEFENCE) {
                after = Optional.of(side);
            }
            if (side != Side.COACH && side != Side.NEUTRAL && after.isPresent()) {
                holds.add(new Hold(hands.get(i).start(), after.get()));
            }
        }
        Collections.reverse(holds);
        return holds;
    }

    private void count(Step step) {
        StepSpan span = timeline.step(step.id());
        Set<RoleId> own = new HashSet<>();
        step.moves().forEach(m -> own.add(m.role()));
        count(span.start(), own, true).ifPresent(c -> atStart.put(step.id(), c));
        count(span.end(), own, false).ifPresent(c -> atEnd.put(step.id(), c));
    }

    /**
     * @param own whose moves the step has
     * @param begins whether those of them who set off right after it count already
     */
    private Optional<Count> count(double t, Set<RoleId> own, boolean begins) {
        Stretch stretch = stretchAt(begins ? t + SAME_SECONDS : t - SAME_SECONDS);
        List<RoleId> with = new ArrayList<>();
        List<RoleId> against = new ArrayList<>();
        for (Role role : path.roles()) {
            double setsOff = !begins ? t - SAME_SECONDS : own.contains(role.id()) ? t + AT_ONCE_SECONDS : t;
            if (isInPlay(role, setsOff, t) && takesPart(role, stretch)) {
                boolean ours = role.side() == stretch.side() || role.side() == Side.NEUTRAL;
                boolean theirs = role.side() == (stretch.side() == Side.ATTACK ? Side.DEFENCE : Side.ATTACK);
                if (ours) {
                    with.add(role.id());
                } else if (theirs && backAt(role, stretch) <= t + 1e-9) {
                    against.add(role.id());
                }
            }
        }
        boolean both = !team(with).equals(team(against));
        return with.isEmpty() || against.isEmpty()
                ? Optional.empty()
                : Optional.of(new Count(
                        with.size(), against.size(), stretch.way(), both ? team(with) : "", both ? team(against) : ""));
    }

    /** The name of the team that all of them are in. */
    private String team(List<RoleId> roles) {
        return path.course().teams().stream()
                .filter(t -> t.roles().containsAll(roles))
                .map(Team::name)
                // "4 of the outer ring" is no side of a match
                .filter(n -> !n.contains(" "))
                .findFirst()
                .orElse("");
    }

    private Stretch stretchAt(double t) {
        int low = 0;
        int high = stretches.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (stretches.get(middle).start() <= t) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return stretches.get(low);
    }

    private Side sideOf(RoleId role) {
        return path.role(role).orElseThrow().side();
    }

    /** @param setsOff until when a first move must have started */
    private boolean isInPlay(Role role, double setsOff, double t) {
        if (out.getOrDefault(role.id(), Double.POSITIVE_INFINITY) <= t || t < joins.getOrDefault(role.id(), 0.0)) {
            return false;
        }
        double[] own = busy.getOrDefault(role.id(), new double[] {Double.POSITIVE_INFINITY, 0});
        boolean waits = role.at().isEmpty() || isInALine(role);
        if (outside.contains(role.id()) || waits && own[0] > setsOff) {
            return false;
        }
        boolean joined = own[1] <= t
                && own[0] < own[1]
                && isAtALine(timeline.poseAt(role.id(), t).at());
        return !joined;
    }

    /** Whether he stands at the line of his own side. */
    private boolean isInALine(Role role) {
        return path.lines().stream()
                .filter(l -> l.feeds().stream().anyMatch(r -> sideOf(r) == role.side()))
                .anyMatch(l -> l.at().isWithin(JOINED_METRES, path.startOf(role.id())));
    }

    /**
     * Whether somebody takes part from a turnover to the next: after the first turnover who then runs or shoots, so that neither who
     * only plays the ball out nor who stays where he lost it counts; before it all but those who do nothing until then; and while
     * nobody has the ball, those who go for it.
     */
    private boolean takesPart(Role role, Stretch stretch) {
        return part.computeIfAbsent(List.of(role.id(), stretch.start()), k -> isPartOf(role, stretch));
    }

    private boolean isPartOf(Role role, Stretch stretch) {
        double[] own = busy.get(role.id());
        boolean nobodyHasIt = stretch == stretches.get(0) && stretch.way() == Direction.NONE && stretches.size() > 1;
        if (nobodyHasIt) {
            return own != null && own[0] < stretch.end();
        } else if (stretch.turnovers() > 0 || own != null && own[0] < stretch.start() - SAME_SECONDS) {
            return runs(role, stretch);
        } else if (own == null) {
            boolean defends = role.side() != stretch.side();
            return defends ? !hasAPartElsewhere(role) : isNear(role, stretch);
        }
        return own[0] < firstTurnover();
    }

    /** Whether he runs, no slower than at a steady pace, or shoots meanwhile. */
    private boolean runs(Role role, Stretch stretch) {
        return running.getOrDefault(role.id(), List.of()).stream()
                .anyMatch(m -> m.end() > stretch.start() && m.start() < stretch.end());
    }

    /** Whether he does something on another way: on this one he only waits. */
    private boolean hasAPartElsewhere(Role role) {
        return path.version().moves().stream().anyMatch(m -> m.role().equals(role.id()));
    }

    /** Whether one of the side with the ball, who only stands, is where play is. */
    private boolean isNear(Role role, Stretch stretch) {
        return stretch.way() == Direction.NONE || isWithin(role, stretch.way(), stretch.start(), NEAR_METRES);
    }

    private double firstTurnover() {
        return stretches.stream()
                .filter(s -> s.turnovers() > 0)
                .mapToDouble(Stretch::start)
                .findFirst()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private boolean isAtALine(Point place) {
        return path.lines().stream().map(WaitingLine::at).anyMatch(l -> l.isWithin(JOINED_METRES, place));
    }

    private double backAt(Role role, Stretch stretch) {
        if (stretch.way() == Direction.NONE) {
            return stretch.start();
        }
        return back.computeIfAbsent(List.of(role.id(), stretch.start()), k -> {
            for (double t = stretch.start(); t <= stretch.end() + LOOK_SECONDS; t += LOOK_SECONDS) {
                if (isWithin(role, stretch.way(), t, LEVEL_METRES)) {
                    return t;
                }
            }
            return Double.POSITIVE_INFINITY;
        });
    }

    /** Whether he is in the half that is attacked, or no further than so many metres behind the rearmost ball that is played. */
    private boolean isWithin(Role role, Direction way, double t, double metres) {
        double sign = way == Direction.RIGHT ? 1 : -1;
        double x = sign * timeline.poseAt(role.id(), t).at().x();
        return timeline.ballIds().stream()
                .filter(b -> !(timeline.ballStateAt(b, t) instanceof BallState.Dead))
                .mapToDouble(b -> sign * timeline.ballAt(b, t).x())
                .min()
                .stream()
                .allMatch(ball -> x >= Math.min(ball - metres, -HALFWAY_METRES));
    }

    private Direction direction(Side side, double from, double to) {
        for (Shot shot : shots) {
            double at = timeline.move(shot.id()).start();
            boolean inTime = at >= from - SAME_SECONDS && at <= to + SAME_SECONDS;
            if (inTime && sideOf(shot.role()) == side) {
                return Goals.find(path, surface, shot.goal())
                        .map(g -> way(g.centre().x()))
                        .orElse(Direction.NONE);
            }
        }
        double along = 0;
        for (BallId ball : timeline.ballIds()) {
            double went =
                    timeline.ballAt(ball, to).x() - timeline.ballAt(ball, from).x();
            along = Math.abs(went) > Math.abs(along) ? went : along;
        }
        return Math.abs(along) < ALONG_METRES ? Direction.NONE : way(along);
    }

    private static Direction way(double x) {
        return x == 0 ? Direction.NONE : x > 0 ? Direction.RIGHT : Direction.LEFT;
    }
}
