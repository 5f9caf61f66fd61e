package wildchalk.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Goals;
import wildchalk.core.runthrough.RunThrough;

/** Edits that might mend a finding, by its rule, the gentlest first. Whether they do is for {@link Remedies} to try. */
final class RemedyIdeas {

    /** Who is to be in time is given so much (s) more than he is late by, since he is timed to tenths. */
    private static final double SPARE_SECONDS = 0.1;

    private final RunThrough run;
    private final Finding finding;
    private final List<Remedy> candidates = new ArrayList<>();

    private RemedyIdeas(RunThrough run, Finding finding) {
        this.run = run;
        this.finding = finding;
    }

    static List<Remedy> of(RunThrough run, Finding finding) {
        RemedyIdeas ideas = new RemedyIdeas(run, finding);
        ideas.think();
        return ideas.candidates;
    }

    private void think() {
        switch (finding.rule()) {
            case "no-ball" -> giveBall();
            case "no-goal" -> goals();
            case "pass-not-caught", "pass-too-soft", "pass-no-way" -> playOtherwise();
            case "area-pass-late" -> late();
            case "area-pass-early", "area-pass-missed" -> missed();
            case "contest-far" -> winner();
            case "circle", "event-never", "waits-for-never", "across-paths" -> otherStart();
            case "never-caught", "not-a-pass" -> {
                atItsEnd();
                otherStart();
            }
            case "nothing-in-reach" -> {
                runToTheBall();
                putBall();
            }
            case "nothing-to-pick-up" -> putBall();
            case "until-early", "until-before", "until-never" ->
                add("to-the-end", moves(), travels(t -> t.withUntil(Optional.empty())));
            case "hold-leave", "hold-enter", "hold-cross" -> holdBack();
            case "hold-touch", "hold-shoot", "hold-tackle", "hold-look" -> dropRules();
            case "duty-broken" -> dropRules();
            case "hard-at-body" -> softBall();
            case "gear-too-far", "gear-not-in-hand", "gear-left" -> candidates.addAll(CarryIdeas.of(run, finding));
            case "plant-inside" -> add("outer-foot", moves(), travels(t -> FootCheck.outerFoot(run, t)));
            case "time-up" -> {
                int seconds = (int) Math.ceil(finding.figures().get(Quantity.SECONDS));
                add(
                        "more-time",
                        List.of(),
                        v -> v.withCourse(v.course()
                                .withConduct(v.course()
                                        .conduct()
                                        .withSituation(v.course()
                                                .conduct()
                                                .situation()
                                                .map(s -> new Conduct.Situation(s.ours(), s.theirs(), seconds))))));
            }
            case "limit-seconds", "limit-passes", "limit-entries", "limit-touches", "limit-dribbles" -> otherLimit();
            case "no-zone" -> {
                anywhere();
                dropRules();
            }
            case "other-age" -> suitToo();
            case "touch-held" -> notAtATouch();
            case "rotation-twice", "rotation-empty" -> rotation();
            case "line-empties" -> sendSomebodyTo();
            case "same-part" -> oneMoreInLine();
            case "own-rival" -> notItsOwnRival();
            case "step-unreachable" ->
                add("take-out-step", List.of(), v -> Removals.step(v, new StepId(finding.name())));
            case "label-twice" -> otherLabel();
            case "launch-never" ->
                add("launch-over", List.of(), v -> v.withCourse(v.course().withLaunch(Optional.of(Launch.WHEN_OVER))));
            case "goes-on-elsewhere" ->
                add(
                        "own-ball",
                        List.of(),
                        v -> v.withCourse(
                                v.course().withLaunch(v.course().launch().map(l -> l.withGoesOn(false)))));
            case "repeat-cut" -> {
                int times = (int) Math.round(finding.figures().get(Quantity.COUNT));
                add(
                        "fewer-times",
                        List.of(),
                        v -> v.withCourse(v.course()
                                .withRepeats(v.course().repeats().stream()
                                        .filter(r -> times > 1 || !r.id().text().equals(finding.name()))
                                        .map(r -> r.id().text().equals(finding.name()) ? r.withTimes(times) : r)
                                        .toList())));
            }
            case "station-shot", "station-paths", "station-off", "station-goal" ->
                candidates.addAll(StationIdeas.of(run, finding));
            default -> {
                candidates.addAll(RoomIdeas.of(run, finding));
                candidates.addAll(PlayIdeas.of(run, finding));
                candidates.addAll(ChallengeIdeas.of(run, finding));
                candidates.addAll(FollowIdeas.of(run, finding));
            }
        }
        // a station in the way is no reason to do without what is drilled
        if (finding.severity() != Severity.NOTE && !finding.rule().startsWith("station-")) {
            moves().forEach(m -> add("take-out", List.of(m), v -> Removals.move(v, m)));
        }
    }

    private void add(String kind, List<? extends ElementId> about, UnaryOperator<Progression> change) {
        add(kind, about, Map.of(), "", change);
    }

    private void add(
            String kind,
            List<? extends ElementId> about,
            Map<Quantity, Double> figures,
            String name,
            UnaryOperator<Progression> change) {
        candidates.add(new Remedy(kind, List.copyOf(about), figures, name, change));
    }

    private List<MoveId> moves() {
        return finding.moves();
    }

    private MoveId move() {
        return moves().get(0);
    }

    /** Changes the leading move, if it is there and of a kind. */
    private <M extends Move> UnaryOperator<Progression> change(Class<M> kind, Function<M, Move> change) {
        MoveId id = move();
        return v -> v.move(id)
                .filter(kind::isInstance)
                .map(m -> v.withMove(change.apply(kind.cast(m))))
                .orElse(v);
    }

    private UnaryOperator<Progression> travels(Function<Travel, Move> change) {
        return change(Travel.class, change);
    }

    private void giveBall() {
        RoleId role = finding.roles().get(0);
        add("give-ball", List.of(role), v -> v.with(new Ball(v.next(Kinds.BALLS), new Ball.With(role))));
    }

    /** Whatever is thrown at somebody is soft. */
    private void softBall() {
        List<BallId> thrown = finding.about().stream()
                .filter(BallId.class::isInstance)
                .map(BallId.class::cast)
                .toList();
        add(
                "soft-ball",
                List.of(),
                v -> v.withBalls(v.balls().stream()
                        .map(b -> thrown.contains(b.id()) ? b.withKind(BallKind.SOFT) : b)
                        .toList()));
    }

    private void goals() {
        Point from = finding.where().orElse(Point.ORIGIN);
        Goals.all(run.version(), run.drill().surface()).stream()
                .sorted(Comparator.comparingDouble(g -> g.centre().distanceTo(from)))
                .forEach(g -> add("shoot-at", moves(), Map.of(), g.id(), change(Shot.class, s -> s.withGoal(g.id()))));
    }

    private void playOtherwise() {
        for (Weight weight : Weight.values()) {
            add("play-weight", moves(), Map.of(), weight.name(), change(Pass.class, p -> p.withWeight(weight)));
        }
        for (PassKind kind : List.of(PassKind.AIR, PassKind.LOFTED, PassKind.GROUND)) {
            add(
                    "play-kind",
                    moves(),
                    Map.of(),
                    kind.name(),
                    change(Pass.class, p -> p.withKind(kind).withBank(Optional.empty())));
        }
        passTo();
    }

    /** To a spot: to whoever was meant to be there. */
    private void passTo() {
        finding.roles().stream()
                .findFirst()
                .ifPresent(r ->
                        add("pass-to", List.of(move(), r), change(Pass.class, p -> p.withTo(new Target.ToRole(r)))));
    }

    private void late() {
        double late = Math.ceil(10 * (finding.figures().getOrDefault(Quantity.SECONDS, 0.0) + SPARE_SECONDS)) / 10;
        add(
                "later",
                moves(),
                Map.of(Quantity.SECONDS, late),
                "",
                change(
                        Pass.class,
                        p -> p.trigger()
                                .map(t -> (Move) p.withTrigger(Optional.of(t.withPlus(t.plusSeconds() + late))))
                                .orElse(p)));
        harder();
        missed();
    }

    /** The runner's travel before goes harder. */
    private void harder() {
        RoleId runner = finding.roles().get(0);
        Optional<Move> run = this.run.path().moves().stream()
                .filter(m -> m instanceof Travel && m.role().equals(runner))
                .filter(m -> this.run.timeline().move(m.id()).start()
                        <= finding.atSeconds().orElse(0.0))
                .reduce((a, b) -> b);
        run.ifPresent(r -> {
            for (Effort effort : List.of(Effort.HARD, Effort.FLAT_OUT)) {
                add(
                        "harder",
                        List.of(r.id()),
                        Map.of(),
                        effort.name(),
                        v -> v.move(r.id())
                                .filter(Travel.class::isInstance)
                                .map(m -> v.withMove(((Travel) m).withEffort(effort)))
                                .orElse(v));
            }
        });
    }

    private void missed() {
        passTo();
        RoleId runner = finding.roles().get(0);
        Point there = run.timeline().poseAt(runner, run.timeline().seconds()).at();
        add(
                "spot-to-runner",
                List.of(move(), runner),
                change(Pass.class, p -> p.withTo(new Target.ToPlace(there, Optional.of(runner)))));
    }

    private void winner() {
        add(
                "nearest-wins",
                moves(),
                change(
                        Act.class,
                        a -> a.deed() instanceof Deed.Contest c ? a.withDeed(c.withWinner(Optional.of(a.role()))) : a));
    }

    /** With its step instead. */
    private void otherStart() {
        for (MoveId id : moves()) {
            add(
                    "with-its-step",
                    List.of(id),
                    v -> v.move(id)
                            .map(m -> v.withMove(m.withTrigger(Optional.empty())))
                            .orElse(v));
        }
    }

    private void atItsEnd() {
        add(
                "at-its-end",
                moves(),
                change(
                        Move.class,
                        m -> m.withTrigger(m.trigger()
                                .map(t ->
                                        new Trigger(new Event.Ends(moves().get(1)), t.plusSeconds(), t.reaction())))));
    }

    private void runToTheBall() {
        Optional<RoleId> role = finding.roles().stream().findFirst();
        Optional<Point> at = finding.where();
        double now = finding.atSeconds().orElse(0.0);
        List<BallId> loose = run.timeline().ballIds().stream()
                .filter(b -> run.timeline().ballStateAt(b, now) instanceof BallState.Loose)
                .toList();
        if (role.isEmpty() || at.isEmpty() || loose.isEmpty()) {
            return;
        }
        Point ball = loose.stream()
                .map(b -> run.timeline().ballAt(b, now))
                .min(Comparator.comparingDouble(p -> p.distanceTo(at.get())))
                .orElseThrow();
        add(
                "run-to-ball",
                List.of(role.get()),
                v -> Retellings.before(
                        v,
                        move(),
                        new Travel(
                                v.nextMoveId(),
                                role.get(),
                                Optional.empty(),
                                false,
                                Manner.FORWARD,
                                Effort.STEADY,
                                List.of(new Waypoint(ball, false)))));
    }

    private void putBall() {
        finding.where()
                .ifPresent(p -> add(
                        "put-ball", finding.roles(), v -> v.with(new Ball(v.next(Kinds.BALLS), new Ball.Loose(p)))));
    }

    private void holdBack() {
        RoleId role = finding.roles().get(0);
        for (Rule.Hold hold : run.version().course().holds()) {
            if (hold.role().equals(role) && hold.until().isPresent()) {
                Event until = hold.until().get();
                run.path().moves().stream()
                        .filter(m -> m instanceof Travel && m.role().equals(role))
                        .filter(m -> !until.move().equals(Optional.of(m.id())))
                        .forEach(m -> add(
                                "wait-for-it",
                                List.of(role, m.id()),
                                v -> v.move(m.id())
                                        .map(now -> v.withMove(now.withTrigger(Optional.of(Trigger.when(until)))))
                                        .orElse(v)));
            }
        }
        dropRules();
    }

    private void otherLimit() {
        double figure = finding.figures()
                .getOrDefault(finding.rule().equals("limit-seconds") ? Quantity.SECONDS : Quantity.COUNT, 0.0);
        int number = (int) Math.ceil(figure);
        for (Rule.Limit limit : run.version().course().limits()) {
            if (number >= 1 && limit.id().text().equals(finding.name())) {
                add(
                        "other-limit",
                        List.of(),
                        Map.of(Quantity.COUNT, (double) number),
                        "",
                        v -> v.withCourse(v.course().with(limit.withNumber(number))));
            }
        }
        dropRules();
    }

    /** Ways for a zone that is not there become ways for anywhere else. */
    private void anywhere() {
        add(
                "anywhere",
                List.of(),
                v -> v.withCourse(v.course()
                        .withForks(v.course().forks().stream()
                                .map(f -> f.withBranches(f.branches().stream()
                                        .map(b -> b.withZone(b.zone().filter(z -> !z.equals(finding.name()))))
                                        .toList()))
                                .toList())));
    }

    /** Takes out one rule after the other: the one that the finding comes from is among them. */
    private void dropRules() {
        for (Rule rule : run.version().course().rules()) {
            boolean concerned = !(rule instanceof Rule.Hold hold)
                    || finding.roles().isEmpty()
                    || finding.roles().contains(hold.role());
            if (concerned) {
                add(
                        "drop-rule",
                        List.of(),
                        v -> v.withCourse(v.course()
                                .withRules(v.course().rules().stream()
                                        .filter(r -> !r.id().equals(rule.id()))
                                        .toList())));
            }
        }
    }

    private void rotation() {
        RoleId role = finding.roles().get(0);
        add("stays", List.of(role), v -> v.withCourse(v.course().with(Rotation.stay(role))));
        for (Rotation turn : run.version().course().rotation()) {
            if (turn.role().equals(role) || turn.next().equals(Optional.of(role))) {
                add(
                        "no-rotation",
                        List.of(turn.role()),
                        v -> v.withCourse(v.course()
                                .withRotation(v.course().rotation().stream()
                                        .filter(t -> !t.role().equals(turn.role()))
                                        .toList())));
            }
        }
    }

    /** Somebody who goes to a line that fills goes to the one that empties instead. */
    private void sendSomebodyTo() {
        LineId empties = line();
        for (Rotation turn : run.version().course().rotation()) {
            add(
                    "send-to",
                    List.of(turn.role(), empties),
                    v -> v.withCourse(v.course().with(Rotation.toLine(turn.role(), empties))));
        }
    }

    private void oneMoreInLine() {
        LineId line = line();
        add(
                "one-more",
                List.of(line),
                v -> v.lines().stream()
                        .filter(l -> l.id().equals(line))
                        .findFirst()
                        .map(l -> v.with(l.withStanding(l.standing() + 1)))
                        .orElse(v));
    }

    private LineId line() {
        return finding.about().stream()
                .filter(LineId.class::isInstance)
                .map(LineId.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private void notItsOwnRival() {
        add(
                "other-rivals",
                moves(),
                change(
                        Act.class,
                        a -> a.deed() instanceof Deed.Contest c
                                ? a.withDeed(new Deed.Contest(
                                        c.kind(),
                                        c.rivals().stream()
                                                .filter(r -> !r.equals(a.role()))
                                                .toList(),
                                        c.winner()))
                                : a));
    }

    private void otherLabel() {
        RoleId second = finding.roles().get(1);
        for (int i = 2; i < 10; i++) {
            String label = finding.name() + i;
            boolean free =
                    run.version().roles().stream().noneMatch(r -> r.label().equalsIgnoreCase(label));
            if (free && label.length() <= Limits.LABEL) {
                add(
                        "label",
                        List.of(),
                        Map.of(),
                        label,
                        v -> v.role(second).map(r -> v.with(r.withLabel(label))).orElse(v));
                return;
            }
        }
    }

    private void notAtATouch() {
        add("when-caught", moves(), change(Move.class, m -> m.withTrigger(Optional.empty())));
        add(
                "after-control",
                moves(),
                change(
                        Move.class,
                        m -> m instanceof Pass p
                                ? p.withOneTouch(false)
                                : m instanceof Shot s ? s.withOneTouch(false) : m));
    }

    private void suitToo() {
        var age = run.drill().audience().paceBand();
        add("suit-too", List.of(), Map.of(), age.label(), v -> {
            Suits suits = v.course().suits();
            return v.withCourse(v.course().withSuits(suits.withAlso(age)));
        });
    }
}
