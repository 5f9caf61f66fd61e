package wildchalk.core.turns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Conditions;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.RepScript;
import wildchalk.core.reps.Setting;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.turns.Proposal.Cost;
import wildchalk.core.turns.Proposal.Kind;

/**
 * What gives more turns. Each idea is tried with the people and minutes of the setting; only those are offered with which whoever
 * has fewest gets at least one turn and a tenth more. What they cost is worked out the same way.
 */
public final class MoreTurns {

    /** More are no help to choose from. */
    private static final int MOST = 4;

    /** Less gain than this share is not worth the change. */
    private static final double LEAST_GAIN = 1.1;

    private static final double[] NEARER_METRES = {3, 6, 10};

    /** Reps that follow each other faster than this (s) nobody can watch. */
    private static final double LEAST_PERIOD = 2.5;

    private final OwnFigures own;
    private final Drill drill;
    private final Path path;
    private final Setting setting;
    private final Block before;
    private final Outlook outlook;
    private final RepScript script;
    private Set<Object> grave;
    private final List<Proposal> all = new ArrayList<>();

    private MoreTurns(Drill drill, Outlook outlook, OwnFigures own) {
        this.own = own;
        this.drill = drill.withAudience(
                drill.audience().withPaceBand(outlook.setting().age()));
        this.outlook = outlook;
        this.script = outlook.script();
        this.path = script.path();
        this.setting = outlook.setting();
        this.before = outlook.block();
    }

    /** At most four, of each kind the best, what gains most first; of two that gain alike the one that costs less. */
    public static List<Proposal> of(Drill drill, Outlook outlook) {
        return of(drill, outlook, OwnFigures.NONE);
    }

    /** @param own figures of the second look that a club has set itself */
    public static List<Proposal> of(Drill drill, Outlook outlook, OwnFigures own) {
        if (outlook.isTooFew()) {
            return List.of();
        }
        MoreTurns more = new MoreTurns(drill, outlook, own);
        more.launches();
        more.stations();
        more.lines();
        more.nearer();
        more.balls();
        return more.all.stream()
                .sorted(Comparator.comparingInt((Proposal p) -> p.cost().findings())
                        .thenComparingInt(p -> -p.turns())
                        .thenComparingInt(p -> p.cost().others()
                                + p.cost().keepers()
                                + p.cost().coaches()))
                .limit(MOST)
                .toList();
    }

    // ---- ideas ----

    /** The next starts as a pass or a shot is made, a pass is caught, or as soon as the rep is over. */
    private void launches() {
        if (setting.every().isPresent()) {
            return; // somebody tries a whistle
        }
        Timeline timeline = Timeline.of(path, drill.surface(), Pace.of(drill));
        List<Launch> ideas = new ArrayList<>(List.of(Launch.WHEN_OVER));
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (span.happens() && (move instanceof Pass || move instanceof Shot)) {
                ideas.add(new Launch(Optional.of(new Event.Starts(move.id())), 0));
                if (move instanceof Pass) {
                    ideas.add(new Launch(Optional.of(new Event.Caught(move.id())), 0));
                }
            }
        }
        List<Proposal> found = new ArrayList<>();
        for (Launch launch : ideas) {
            double period = Launches.due(launch, timeline).seconds();
            if (period < script.period() - 0.3 && period >= LEAST_PERIOD) {
                tried(
                                Kind.LAUNCH,
                                List.of(),
                                v -> v.withCourse(v.course().withLaunch(Optional.of(launch))),
                                OptionalInt.empty())
                        .ifPresent(p -> found.add(p.withLaunch(launch)));
            }
        }
        best(found);
    }

    private void stations() {
        List<Proposal> found = new ArrayList<>();
        if (setting.people() < (Setting.count(path) + 1) * Filling.fewest(path)) {
            return;
        }
        for (Station station : SecondStations.of(path, drill.surface())) {
            tried(Kind.STATION, List.of(), v -> SecondStations.with(v, station), OptionalInt.empty())
                    .ifPresent(p -> found.add(p.withStation(station)));
        }
        best(found);
    }

    /** Where reps wait for somebody on his way back to his place, two take it in turns. */
    private void lines() {
        List<Proposal> found = new ArrayList<>();
        for (Role role : path.roles()) {
            boolean alone = role.at().isPresent() && role.side() != Side.COACH && staysOrComesBack(role.id());
            if (alone) {
                tried(Kind.LINE, List.of(role.id()), v -> withLine(v, role.id()), OptionalInt.empty())
                        .ifPresent(found::add);
            }
        }
        best(found);
    }

    private boolean staysOrComesBack(RoleId role) {
        return path.course().rotation().stream()
                .filter(r -> r.role().equals(role))
                .findFirst()
                .map(r -> r.how() == Rotation.How.STAY)
                .orElse(true);
    }

    /** A line at somebody's place that gives his part, and to which he goes back. */
    private static Progression withLine(Progression v, RoleId id) {
        Role role = v.role(id).orElseThrow();
        LineId line = v.next(Kinds.LINES);
        List<WaitingLine> lines = new ArrayList<>(v.lines());
        lines.add(new WaitingLine(line, role.label(), role.at().orElseThrow(), role.facingDegrees(), List.of(id), 2));
        List<Role> roles =
                v.roles().stream().map(r -> r.id().equals(id) ? fed(r) : r).toList();
        return v.withPeople(lines, roles, v.balls(), v.steps())
                .withCourse(v.course().with(Rotation.toLine(id, line)));
    }

    private static Role fed(Role r) {
        return new Role(
                r.id(),
                r.label(),
                r.side(),
                Optional.empty(),
                r.facingDegrees(),
                r.pace(),
                r.team(),
                r.hand(),
                r.task(),
                r.posture(),
                r.later());
    }

    /** Each line nearer to where those end who come to it. */
    private void nearer() {
        List<Proposal> found = new ArrayList<>();
        Timeline timeline = Timeline.of(path, drill.surface(), Pace.of(drill));
        for (WaitingLine line : path.lines()) {
            for (Rotation turn : path.course().rotation()) {
                if (turn.line().equals(Optional.of(line.id()))) {
                    Point end = timeline.placeAt(turn.role(), timeline.seconds());
                    for (double metres : NEARER_METRES) {
                        if (end.distanceTo(line.at()) > metres + 3) {
                            Point to = line.at()
                                    .towards(end, metres / end.distanceTo(line.at()))
                                    .toMillimetres();
                            tried(
                                            Kind.NEARER,
                                            List.of(line.id()),
                                            v -> v.with(v.line(line.id())
                                                    .orElseThrow()
                                                    .withAt(to)),
                                            OptionalInt.empty())
                                    .ifPresent(p -> found.add(p.withMetres(metres)));
                        }
                    }
                }
            }
        }
        best(found);
    }

    private void balls() {
        if (setting.balls().isPresent() && setting.balls().getAsInt() < outlook.ballsForAll() + 4) {
            Setting enough = setting.withBalls(OptionalInt.empty());
            int needed = Outlook.of(path, script, enough).ballsForAll();
            if (needed > setting.balls().getAsInt()) {
                tried(Kind.BALLS, List.of(), v -> v, OptionalInt.of(needed)).ifPresent(all::add);
            }
        }
    }

    private void best(List<Proposal> found) {
        found.stream()
                .min(Comparator.comparingInt((Proposal p) -> p.cost().findings())
                        .thenComparingInt(p -> -p.turns())
                        .thenComparingDouble(Proposal::metres))
                .ifPresent(all::add);
    }

    // ---- trying ----

    private Optional<Proposal> tried(
            Kind kind, List<ElementId> about, UnaryOperator<Progression> change, OptionalInt balls) {
        Progression changed;
        try {
            changed = change.apply(path.version());
        } catch (IllegalArgumentException impossible) {
            return Optional.empty(); // as the version is, this cannot be done: it is not offered
        }
        Drill after = drill.withProgression(changed);
        RunThrough run = RunThrough.of(after, Path.of(changed, path.choices()), own);
        Path way = run.path();
        RepScript then = RepScript.of(way, run.timeline(), Pace.of(after));
        Setting with = balls.isPresent() ? setting.withBalls(balls) : setting;
        if (setting.people() < Setting.count(way) * Filling.fewest(way)) {
            return Optional.empty();
        }
        // what it costs in balls is seen where there are enough of them
        Setting enough = kind == Kind.BALLS ? with : with.withBalls(OptionalInt.empty());
        Conditions first = enough.stations(way).get(0);
        Block block = Block.of(then, first, setting.minutes());
        if (block.fewestTurns() < LEAST_GAIN * before.fewestTurns() || block.fewestTurns() <= before.fewestTurns()) {
            return Optional.empty();
        }
        int stations = Setting.count(way);
        int keepers = keepers(way) * stations - keepers(path) * Setting.count(path);
        Cost cost = new Cost(
                Math.max(0, stations * block.ballsForAll() - setting.balls().orElse(outlook.ballsForAll())),
                kind == Kind.STATION ? 1 : 0,
                keepers,
                Filling.fewest(way) * stations - Filling.fewest(path) * Setting.count(path) - keepers,
                block.restPerWork(),
                (int) graveKeys(run).stream().filter(k -> !grave().contains(k)).count());
        return Optional.of(new Proposal(
                kind, about, Optional.empty(), Optional.empty(), 0, balls, change, block.fewestTurns(), cost));
    }

    private static int keepers(Path path) {
        return (int) path.roles().stream().filter(r -> r.side() == Side.KEEPER).count();
    }

    private Set<Object> grave() {
        if (grave == null) {
            grave = graveKeys(RunThrough.of(drill, path, own));
        }
        return grave;
    }

    private static Set<Object> graveKeys(RunThrough run) {
        Set<Object> keys = new HashSet<>();
        Checks.of(run).stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .forEach(f -> keys.add(List.of(f.rule(), f.about())));
        return keys;
    }
}
