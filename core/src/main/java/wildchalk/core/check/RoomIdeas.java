package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Edits that might give room where two, or somebody and something, are in one place: later, aside, over it, or not so far. */
final class RoomIdeas {

    private static final List<Double> WAITS_SECONDS = List.of(0.5, 1.0, 1.5, 2.5);
    private static final List<Double> ASIDE_METRES = List.of(1.5, 3.0, 5.0);
    private static final List<Double> ROUND_METRES = List.of(1.5, 2.5, 4.0);
    /** Between the middles of two who meet, m. */
    private static final double BODIES_METRES = 0.6;

    private static final List<Double> SHORTER_METRES = List.of(1.0, 2.0, 4.0);

    private final RunThrough run;
    private final Finding finding;
    private final List<Remedy> ideas = new ArrayList<>();

    private RoomIdeas(RunThrough run, Finding finding) {
        this.run = run;
        this.finding = finding;
    }

    /** For the rules about room; nothing for others. */
    static List<Remedy> of(RunThrough run, Finding finding) {
        RoomIdeas room = new RoomIdeas(run, finding);
        room.think();
        return room.ideas;
    }

    private void think() {
        switch (finding.rule()) {
            case "traffic" -> finding.moves().forEach(this::waitBefore);
            case "runs-into" -> {
                aside(finding.roles().get(1));
                finding.moves().forEach(this::waitBefore);
            }
            case "shot-lane", "behind-goal" -> {
                aside(finding.roles().get(1));
                waitBefore(finding.moves().get(0));
                otherGoal();
            }
            case "shot-lane-line", "behind-goal-line" -> {
                lineAside();
                otherGoal();
            }
            case "pass-blocked" -> {
                overHeads();
                waitBefore(finding.moves().get(0));
                aside(finding.roles().get(1));
            }
            case "pass-blocked-line" -> {
                lineAside();
                overHeads();
            }
            case "forward-pass" -> receiverDeeper();
            case "no-angle" -> otherGoal();
            case "contact-far" -> comeNearer();
            case "keeper-screened" -> aside(finding.roles().get(0));
            case "keeper-twice" -> waitBefore(finding.moves().get(0));
            case "keeper-away" -> {
                turnKeeper();
                waitBefore(finding.moves().get(0));
            }
            case "reps-traffic", "reps-lane", "walk-lane" -> laterLaunch();
            case "whose-ball" -> aside(finding.roles().get(1));
            case "shot-drifting" -> waitBefore(finding.moves().get(0));
            case "blind-side" -> finding.moves().forEach(this::waitBefore);
            case "cue-late" -> waitForTheCall();
            case "into-boards", "into-goal", "run-off" -> brake();
            case "through-gear" -> {
                wayRound();
                gearAside();
            }
            case "through-goal" -> wayRound();
            case "ball-through-gear" -> {
                gearAside();
                overHeads();
            }
            case "ball-through-goal" -> overHeads();
            default -> {}
        }
    }

    private void add(
            String kind,
            List<? extends ElementId> about,
            Map<Quantity, Double> figures,
            UnaryOperator<Progression> change) {
        ideas.add(new Remedy(kind, List.copyOf(about), figures, "", change));
    }

    /** Whoever does a move waits first, in its step. */
    private void waitBefore(MoveId id) {
        Optional<Move> move = run.path().move(id);
        for (double seconds : WAITS_SECONDS) {
            move.ifPresent(m -> add(
                    "wait-first",
                    List.of(m.role(), id),
                    Map.of(Quantity.SECONDS, seconds),
                    v -> Retellings.later(v, id, seconds)));
        }
    }

    /** Away from the way of the leading move, to either side; only somebody who stands where he starts. */
    private void aside(RoleId role) {
        Timeline timeline = run.timeline();
        double t = finding.atSeconds().orElse(0.0);
        Point at = run.path().startOf(role);
        if (!timeline.poseAt(role, t).at().isWithin(0.5, at)) {
            return;
        }
        aside(
                "stand-aside",
                role,
                at,
                to -> v -> v.role(role)
                        .filter(r -> r.at().isPresent())
                        .map(r -> v.with(r.withAt(to)))
                        .orElse(v));
    }

    /** Something to either side of the way of the leading move, no further than helps. */
    private void aside(String kind, ElementId id, Point at, Function<Point, UnaryOperator<Progression>> put) {
        for (double metres : ASIDE_METRES) {
            for (Point to : besides(at, metres)) {
                if (run.drill().surface().contains(to)) {
                    add(kind, List.of(id), Map.of(Quantity.METRES, metres), put.apply(to));
                }
            }
        }
    }

    /** Whoever gets the pass, and stands, stands behind the passer. */
    private void receiverDeeper() {
        MoveId id = finding.moves().get(0);
        double forward = finding.figures().getOrDefault(Quantity.METRES, 0.0);
        Optional<RoleId> receiver =
                run.path().move(id).flatMap(m -> m instanceof Pass p ? p.receiver() : Optional.empty());
        receiver.flatMap(run.path()::role).filter(r -> r.at().isPresent()).ifPresent(role -> {
            Point way =
                    run.timeline().flightOf(id).map(f -> f.to().minus(f.from())).orElse(Point.ORIGIN);
            double back = Math.ceil(forward + 1);
            Point to = role.at().get().minus(new Point(Math.signum(way.x()) * back, 0));
            add(
                    "stand-deeper",
                    List.of(role.id()),
                    Map.of(Quantity.METRES, back),
                    v -> v.role(role.id()).map(r -> v.with(r.withAt(to))).orElse(v));
        });
    }

    private void lineAside() {
        LineId id = of(LineId.class);
        run.path().lines().stream()
                .filter(l -> l.id().equals(id))
                .forEach(line -> aside(
                        "line-aside",
                        id,
                        line.at(),
                        to -> v -> v.lines().stream()
                                .filter(l -> l.id().equals(id))
                                .findFirst()
                                .map(l -> v.with(l.withAt(to)))
                                .orElse(v)));
    }

    private void gearAside() {
        GearId id = of(GearId.class);
        run.path().gear().stream()
                .filter(g -> g.id().equals(id))
                .forEach(gear -> aside(
                        "gear-aside",
                        id,
                        gear.at(),
                        to -> v -> v.gear().stream()
                                .filter(g -> g.id().equals(id))
                                .findFirst()
                                .map(g -> v.with(g.withAt(to)))
                                .orElse(v)));
    }

    private <I extends ElementId> I of(Class<I> kind) {
        return finding.about().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .orElseThrow();
    }

    /** So many metres to either side of the way that the leading move takes at a place. */
    private List<Point> besides(Point at, double metres) {
        MoveId id = finding.moves().get(0);
        double t = finding.atSeconds().orElse(0.0);
        Timeline timeline = run.timeline();
        Point way = timeline.flightOf(id)
                .map(f -> f.to().minus(f.from()))
                .orElseGet(() -> run.path()
                        .move(id)
                        .map(m -> timeline.poseAt(m.role(), t + 0.1)
                                .at()
                                .minus(timeline.poseAt(m.role(), Math.max(0, t - 0.1))
                                        .at()))
                        .orElse(new Point(1, 0)));
        double heading = way.length() < 1e-6 ? 0 : way.headingDegrees();
        return List.of(
                at.plus(Point.polar(metres, heading + 90)).toMillimetres(),
                at.plus(Point.polar(metres, heading - 90)).toMillimetres());
    }

    private void otherGoal() {
        MoveId id = finding.moves().get(0);
        Goals.all(run.version(), run.drill().surface())
                .forEach(g -> ideas.add(new Remedy(
                        "shoot-at",
                        List.of(id),
                        Map.of(),
                        g.id(),
                        v -> v.move(id)
                                .filter(Shot.class::isInstance)
                                .map(m -> v.withMove(((Shot) m).withGoal(g.id())))
                                .orElse(v))));
    }

    private void overHeads() {
        MoveId id = finding.moves().get(0);
        ideas.add(new Remedy(
                "play-kind",
                List.of(id),
                Map.of(),
                PassKind.LOFTED.name(),
                v -> v.move(id)
                        .filter(Pass.class::isInstance)
                        .map(m ->
                                v.withMove(((Pass) m).withKind(PassKind.LOFTED).withBank(Optional.empty())))
                        .orElse(v)));
    }

    private void laterLaunch() {
        run.version().course().launch().ifPresent(launch -> {
            for (double seconds : WAITS_SECONDS) {
                Launch later = new Launch(launch.at(), launch.seconds() + seconds);
                add(
                        "launch-later",
                        List.of(),
                        Map.of(Quantity.SECONDS, seconds),
                        v -> v.withCourse(v.course().withLaunch(Optional.of(later))));
            }
            add(
                    "launch-over",
                    List.of(),
                    Map.of(),
                    v -> v.withCourse(v.course().withLaunch(Optional.of(Launch.WHEN_OVER))));
        });
    }

    /** Nobody sets off before he has heard where to. */
    private void waitForTheCall() {
        MoveId run = finding.moves().get(0);
        MoveId call = finding.moves().get(1);
        boolean callsOnIt = this.run
                .path()
                .move(call)
                .flatMap(Move::trigger)
                .flatMap(Trigger::move)
                .equals(Optional.of(run));
        add("wait-for-call", List.of(run), Map.of(), v -> {
            Progression free = callsOnIt
                    ? v.move(call)
                            .map(c -> v.withMove(c.withTrigger(Optional.empty())))
                            .orElse(v)
                    : v;
            return free.move(run)
                    .map(m -> free.withMove(m.withTrigger(Optional.of(Trigger.when(new Event.Starts(call))))))
                    .orElse(free);
        });
    }

    /** A run to whoever is met, right before. */
    private void comeNearer() {
        MoveId id = finding.moves().get(0);
        RoleId who = finding.roles().get(0);
        double t = finding.atSeconds().orElse(0.0);
        Point from = run.timeline().placeAt(who, t);
        Point other = run.timeline().placeAt(finding.roles().get(1), t);
        double metres = from.distanceTo(other);
        Point to = from.towards(other, (metres - BODIES_METRES) / metres).toMillimetres();
        add(
                "come-nearer",
                List.of(who, id),
                Map.of(Quantity.METRES, metres - BODIES_METRES),
                v -> Retellings.before(
                        v,
                        id,
                        new Travel(
                                v.nextMoveId(),
                                who,
                                Optional.empty(),
                                false,
                                Manner.FORWARD,
                                Effort.STEADY,
                                List.of(new Waypoint(to, Passing.STOP)))));
    }

    private void turnKeeper() {
        RoleId keeper = finding.roles().get(0);
        RoleId shooter = finding.roles().get(1);
        double t = finding.atSeconds().orElse(0.0);
        Point to = run.timeline()
                .poseAt(shooter, t)
                .at()
                .minus(run.timeline().poseAt(keeper, t).at());
        add(
                "face",
                List.of(shooter, keeper),
                Map.of(),
                v -> v.role(keeper)
                        .map(r -> v.with(r.withFacing(Math.round(to.headingDegrees()))))
                        .orElse(v));
    }

    /** To a stop at the end of the way, not so hard, or not so far. */
    private void brake() {
        MoveId id = finding.moves().get(0);
        add("to-a-stop", List.of(id), Map.of(), travel(id, Retellings::stopping));
        for (double metres : SHORTER_METRES) {
            add(
                    "shorter",
                    List.of(id),
                    Map.of(Quantity.METRES, metres),
                    travel(id, t -> Retellings.shorter(t, startOf(t), metres)));
        }
        add("easier", List.of(id), Map.of(), travel(id, t -> t.withEffort(Effort.STEADY)));
    }

    /** One point more, beside what is in the way. */
    private void wayRound() {
        MoveId id = finding.moves().get(0);
        finding.where().ifPresent(spot -> {
            for (double metres : ROUND_METRES) {
                for (Point beside : besides(spot, metres)) {
                    add(
                            "way-round",
                            List.of(id),
                            Map.of(Quantity.METRES, metres),
                            travel(id, t -> Retellings.round(t, startOf(t), spot, beside)));
                }
            }
        });
    }

    private static UnaryOperator<Progression> travel(MoveId id, UnaryOperator<Travel> change) {
        return v -> v.move(id)
                .filter(Travel.class::isInstance)
                .map(m -> v.withMove(change.apply((Travel) m)))
                .orElse(v);
    }

    private Point startOf(Travel travel) {
        return run.timeline()
                .placeAt(travel.role(), run.timeline().move(travel.id()).start());
    }
}
