package wildchalk.desktop.document;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.arrange.Alignments;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.PatternKind;
import wildchalk.core.check.Remedy;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.EditKind;
import wildchalk.core.edit.Placements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.edit.Versions;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Setting;
import wildchalk.core.telling.CourseOffers;
import wildchalk.core.telling.NewMoves;
import wildchalk.core.telling.Repeating;
import wildchalk.core.turns.MoreTurns;
import wildchalk.core.turns.Proposal;
import wildchalk.core.words.RaceGoals;

/** One edit of every kind on a drill, made as a hand makes it on a path, with the names of what it says it is about. */
final class EditSamples {

    /**
     * An edit and what it names.
     *
     * @param named which of the names of {@link wildchalk.core.ladder.Keys} it is about; what is new is about itself
     */
    record Sample(Edit edit, Predicate<String> named) {}

    @FunctionalInterface
    interface Maker {
        Optional<Sample> make();
    }

    private static final Predicate<String> NOTHING = k -> false;

    private final Drill drill;
    private final Path path;
    private final Progression version;
    private final Random random;
    private final Map<EditKind, List<Maker>> makers = new EnumMap<>(EditKind.class);

    EditSamples(Drill drill, Path path, Random random) {
        this.drill = drill;
        this.path = path;
        this.version = path.version();
        this.random = random;
        arrangements();
        elements();
        placements();
        tellings();
        ways();
        courses();
        versions();
        wholes();
    }

    Map<EditKind, List<Maker>> makers() {
        return makers;
    }

    private void with(EditKind kind, Maker maker) {
        makers.computeIfAbsent(kind, k -> new ArrayList<>()).add(maker);
    }

    // ---- what there is to choose from ----

    private static boolean ofTeams(String key) {
        return key.startsWith("team") || key.equals("groups");
    }

    private <T> Optional<T> one(List<T> list) {
        return list.isEmpty() ? Optional.empty() : Optional.of(list.get(random.nextInt(list.size())));
    }

    private Set<ElementId> some(int most) {
        List<ElementId> all = new ArrayList<>(Elements.all(path));
        all.removeIf(i -> i instanceof MoveId);
        Set<ElementId> chosen = new LinkedHashSet<>();
        for (int i = 0; i < most && !all.isEmpty(); i++) {
            chosen.add(all.remove(random.nextInt(all.size())));
        }
        return chosen;
    }

    private Point place() {
        return new Point(random.nextInt(200) / 10.0 - 10, random.nextInt(120) / 10.0 - 6);
    }

    private Optional<Step> step() {
        return one(path.steps());
    }

    private Optional<Fork> fork() {
        return one(version.course().forks());
    }

    static String key(ElementId id) {
        String kind = id.getClass().getSimpleName().replace("Id", "").toLowerCase(java.util.Locale.ROOT);
        return kind + " " + id.text();
    }

    /** The things themselves; a player who stands in a line takes the line along. */
    private Set<String> things(Set<ElementId> ids) {
        Set<String> keys = new HashSet<>();
        for (ElementId id : ids) {
            keys.add(key(id));
            keys.add("label " + id.text());
            if (id instanceof RoleId role
                    && version.role(role).orElseThrow().at().isEmpty()) {
                keys.add(key(version.lineFeeding(role).orElseThrow().id()));
            }
        }
        return keys;
    }

    /** And all that the players among them do, on every way. */
    private Set<String> withMoves(Set<ElementId> ids) {
        Set<String> keys = things(ids);
        if (ids.size() > 1) {
            for (Move move : version.moves()) {
                boolean own = ids.contains(move.role());
                boolean fed = version.role(move.role()).orElseThrow().at().isEmpty()
                        && version.lineFeeding(move.role())
                                .filter(l -> ids.contains(l.id()))
                                .isPresent();
                if (own || fed) {
                    keys.add(key(move.id()));
                    keys.add("label " + move.id().text());
                }
            }
        }
        return keys;
    }

    // ---- the kinds ----

    private void arrangements() {
        with(EditKind.CARRY, () -> {
            Set<ElementId> ids = some(1 + random.nextInt(3));
            return sample(Arrangements.carry(ids, PlaneMap.shift(place())), withMoves(ids));
        });
        with(EditKind.CARRY, () -> {
            Set<ElementId> ids = some(3);
            return sample(Arrangements.carry(ids, PlaneMap.mirrorAcrossWidth(place())), withMoves(ids));
        });
        with(EditKind.ALIGN, () -> {
            Set<ElementId> ids = some(4);
            return sample(Arrangements.align(ids, Alignments.Axis.LENGTH), things(ids));
        });
        with(EditKind.DISTRIBUTE, () -> {
            Set<ElementId> ids = some(4);
            return sample(Arrangements.distribute(ids, Alignments.Axis.WIDTH), things(ids));
        });
        with(EditKind.GROUP, () -> sample(Arrangements.group(some(3)), Set.of("groups")));
        with(EditKind.UNGROUP, () -> sample(Arrangements.ungroup(some(6)), Set.of("groups")));
        with(EditKind.LOCK, () -> sample(Arrangements.lock(some(2), random.nextBoolean()), Set.of("locked")));
        with(EditKind.ORDER, () -> sample(Arrangements.order(some(2), random.nextBoolean()), Set.of()));
        with(EditKind.COLOUR, () -> {
            Set<ElementId> ids = some(2);
            return sample(Arrangements.nextColour(ids), things(ids));
        });
        with(
                EditKind.LABEL,
                () -> one(List.copyOf(some(1)))
                        .flatMap(id -> sample(
                                Arrangements.label(id, Optional.of(new Point(0.4, 0.6))),
                                Set.of("label " + id.text()))));
        with(EditKind.DELETE, () -> {
            Set<ElementId> ids = some(1 + random.nextInt(2));
            return sample(Arrangements.delete(ids), gone(ids));
        });
        with(
                EditKind.DELETE,
                () -> one(path.moves()).flatMap(m -> sample(Arrangements.delete(Set.of(m.id())), Set.of(key(m.id())))));
    }

    /** With a line its players get places of their own. */
    private Set<String> gone(Set<ElementId> ids) {
        Set<String> keys = new HashSet<>();
        for (ElementId id : ids) {
            keys.add(key(id));
            if (id instanceof LineId line) {
                version.line(line).map(WaitingLine::feeds).orElse(List.of()).forEach(r -> keys.add(key(r)));
            }
        }
        return keys;
    }

    private void elements() {
        with(
                EditKind.ELEMENT,
                () -> one(path.roles())
                        .flatMap(r -> sample(Arrangements.role(r.id(), x -> x.withLabel("Ä9")), Set.of(key(r.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.gear())
                        .flatMap(g -> sample(Arrangements.gear(g.id(), x -> x.withLabel("g")), Set.of(key(g.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.balls())
                        .flatMap(b ->
                                sample(Arrangements.ball(b.id(), x -> x.withKind(BallKind.BIG)), Set.of(key(b.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.lines())
                        .flatMap(l -> sample(Arrangements.line(l.id(), x -> x.withStanding(7)), Set.of(key(l.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.layout().zones())
                        .flatMap(z ->
                                sample(Arrangements.zone(z.id(), x -> x.withName("The deep")), Set.of(key(z.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.layout().notes())
                        .flatMap(n ->
                                sample(Arrangements.note(n.id(), x -> x.withText("Eyes up")), Set.of(key(n.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.layout().gaps())
                        .flatMap(g -> sample(Arrangements.gap(g.id(), x -> x.withNumber(42)), Set.of(key(g.id())))));
        with(
                EditKind.ELEMENT,
                () -> one(path.roles())
                        .flatMap(r -> sample(
                                Edit.all(
                                        EditKind.ELEMENT,
                                        List.of(
                                                Arrangements.role(r.id(), x -> x.withTask("leads")),
                                                Arrangements.carry(Set.of(r.id()), PlaneMap.shift(new Point(1, 0))))),
                                things(Set.of(r.id())))));
    }

    private void placements() {
        with(EditKind.PLACE_ROLE, () -> fresh(Placements.role(Side.DEFENCE, "D", place(), 180)));
        with(EditKind.PLACE_LINE, () -> fresh(Placements.line(place())));
        with(EditKind.PLACE_BALL, () -> fresh(Placements.ball(one(path.roles()).map(Role::id), place())));
        with(
                EditKind.PLACE_GEAR,
                () -> fresh(Placements.gear(new Gear(new GearId("new"), GearKind.CONE, Chalk.ORANGE, place(), 0))));
        with(
                EditKind.PATTERN,
                () -> fresh(Placements.pattern(
                        Pattern.usual(one(List.of(PatternKind.values())).orElseThrow()), place(), 30)));
        with(
                EditKind.ZONE,
                () -> fresh(Placements.zone(
                        n -> "Zone " + n, ZoneKind.BOX, List.of(place(), place(), place().plus(new Point(1, 2))))));
        with(EditKind.NOTE, () -> fresh(Placements.note("Mind the gap", place(), Optional.of(place()))));
        with(
                EditKind.STATION,
                () -> fresh(Placements.station(new Station(new StationId("s"), place(), place(), 90, true))));
        with(EditKind.PASTE, () -> fresh(Placements.paste(path, some(3), PlaneMap.shift(new Point(1, -1)))));
        with(EditKind.PASTE, () -> fresh(Placements.duplicate(some(3), PlaneMap.shift(new Point(1, -1)))));
        with(EditKind.PASTE, () -> fresh(Placements.atOtherEnd(some(3))));
    }

    private void tellings() {
        with(EditKind.TELL, () -> {
            Optional<Role> role = one(path.roles());
            Optional<Step> step = step();
            if (role.isEmpty() || step.isEmpty()) {
                return Optional.empty();
            }
            Timeline timeline = Timeline.of(drill, path);
            Move move = one(NewMoves.offers(
                            path,
                            timeline,
                            drill.surface(),
                            step.get().id(),
                            role.get().id()))
                    .orElseThrow();
            return fresh(Tellings.tell(step.get().id(), List.of(move)));
        });
        with(
                EditKind.RETELL,
                () -> one(path.moves())
                        .flatMap(m -> sample(
                                Tellings.retell(
                                        m.id(),
                                        x -> x instanceof Travel t
                                                ? t.withPath(t.path().stream()
                                                        .map(w -> w.withAt(w.at().plus(new Point(0.5, 0))))
                                                        .toList())
                                                : x.withRunsOn(!x.runsOn())),
                                Set.of(key(m.id())))));
        with(EditKind.NEW_STEP, () -> step().flatMap(s -> fresh(Tellings.newStep(s.id()))));
        with(
                EditKind.DELETE_STEP,
                () -> step().flatMap(s -> sample(
                        Tellings.deleteStep(s.id()),
                        k -> k.equals("step " + s.id().text())
                                || s.moves().stream().anyMatch(m -> k.equals(key(m.id()))))));
        with(
                EditKind.COACHING_POINT,
                () -> step().flatMap(s -> ofStep(
                        s,
                        Tellings.coachingPoint(
                                s.id(), random.nextInt(2) - 1, random.nextBoolean() ? "Low hips" : ""))));
        with(
                EditKind.QUESTION,
                () -> step().flatMap(s -> ofStep(
                        s, Tellings.question(s.id(), random.nextBoolean() ? "Where is the space?" : "", "Behind"))));
    }

    private Optional<Sample> ofStep(Step step, Edit edit) {
        return sample(edit, Set.of("step " + step.id().text()));
    }

    private void ways() {
        with(
                EditKind.STEP_ON,
                () -> step().flatMap(s -> {
                    Optional<OnBranch> on = path.course().forks().stream()
                            .filter(f ->
                                    path.steps().indexOf(path.step(f.after()).orElseThrow())
                                            < path.steps().indexOf(s))
                            .findFirst()
                            .map(f -> new OnBranch(f.id(), f.branches().get(0).id()));
                    return ofStep(s, Tellings.stepOn(s.id(), random.nextBoolean() ? on : Optional.empty()));
                }));
        with(
                EditKind.FORK,
                () -> step().flatMap(s -> fresh(
                        Tellings.fork(s.id(), one(List.of(Fork.By.values())).orElseThrow()))));
        with(
                EditKind.FORK_REMOVE,
                () -> fork().flatMap(f -> sample(Tellings.removeFork(f.id()), Set.of("fork " + f.id().text()))));
        with(
                EditKind.BRANCH_ADD,
                () -> fork().flatMap(
                                f -> sample(Tellings.addBranch(f.id(), "Third way"), Set.of("fork " + f.id().text()))));
        with(
                EditKind.BRANCH_CHANGE,
                () -> fork().flatMap(f -> sample(
                        Tellings.branch(f.id(), f.branches().get(0).id(), b -> b.withWeight(7)),
                        Set.of("fork " + f.id().text()))));
        with(
                EditKind.BRANCH_REMOVE,
                () -> fork().flatMap(f -> {
                    Branch branch = one(f.branches()).orElseThrow();
                    Set<String> keys = new HashSet<>(Set.of("fork " + f.id().text()));
                    version.steps().stream()
                            .filter(s -> s.on().equals(Optional.of(new OnBranch(f.id(), branch.id()))))
                            .forEach(s -> keys.add("step " + s.id().text()));
                    return sample(Tellings.removeBranch(f.id(), branch.id()), keys);
                }));
    }

    private void courses() {
        with(
                EditKind.RULE_ADD,
                () -> fresh(Courses.addRule(
                        one(CourseOffers.limits(version, drill.surface())).orElseThrow())));
        with(
                EditKind.RULE_CHANGE,
                () -> one(version.course().limits())
                        .flatMap(r ->
                                sample(Courses.rule(r.withNumber(r.number() + 1)), Set.of("rule " + r.id().text()))));
        with(
                EditKind.RULE_REMOVE,
                () -> one(version.course().rules())
                        .flatMap(r -> sample(Courses.removeRule(r.id()), Set.of("rule " + r.id().text()))));
        with(
                EditKind.RACE,
                () -> one(version.course().forks().stream()
                                .filter(f -> f.race().isPresent())
                                .toList())
                        .flatMap(f -> one(RaceGoals.of(
                                        path, drill.surface(), f.race().get()))
                                .flatMap(g ->
                                        sample(Tellings.race(f.id(), g.race()), Set.of("fork " + f.id().text())))));
        with(
                EditKind.REPEAT_ADD,
                () -> one(version.steps())
                        .flatMap(s -> fresh(Courses.addRepeat(Repeating.of(
                                version,
                                drill.surface(),
                                s.id(),
                                s.id(),
                                one(List.of(Repeat.How.values())).orElseThrow(),
                                2)))));
        with(
                EditKind.REPEAT_CHANGE,
                () -> one(version.course().repeats())
                        .flatMap(r -> sample(
                                Courses.repeat(r.withTimes(r.times() == 2 ? 3 : 2)),
                                Set.of("repeat " + r.id().text()))));
        with(
                EditKind.REPEAT_WRITTEN,
                () -> one(version.course().repeats())
                        .filter(r -> Path.canBeWrittenOut(version, r))
                        .flatMap(r -> sample(Courses.writeOut(r.id()), written(r))));
        with(
                EditKind.REPEAT_REMOVE,
                () -> one(version.course().repeats())
                        .flatMap(r -> sample(Courses.removeRepeat(r.id()), Set.of("repeat " + r.id().text()))));
        with(
                EditKind.TEAM_ADD,
                () -> one(version.roles())
                        .map(r -> new Sample(
                                Courses.addTeam(
                                        new Team(new TeamId("new"), "Green", List.of(r.id())),
                                        Optional.of(Chalk.GREEN)),
                                k -> ofTeams(k) || k.equals("role " + r.id().text()))));
        with(
                EditKind.TEAM_CHANGE,
                () -> one(version.course().teams())
                        .flatMap(t ->
                                sample(Courses.teamName(t.id(), "the outer ring"), Set.of("team " + t.id().text()))));
        with(
                EditKind.TEAM_REMOVE,
                () -> one(version.course().teams())
                        .flatMap(t -> Optional.of(new Sample(Courses.removeTeam(t.id()), EditSamples::ofTeams))));
        with(
                EditKind.TEAM_TURN,
                () -> one(CourseOffers.teamTurns(version).stream()
                                .filter(t -> !version.course().teamTurns().contains(t))
                                .toList())
                        .map(t -> new Sample(Courses.teamTurn(t), EditSamples::ofTeams)));
        with(
                EditKind.TEAM_TURN_REMOVE,
                () -> one(version.course().teamTurns())
                        .flatMap(t -> sample(
                                Courses.removeTeamTurn(t.first()),
                                Set.of("team-turn " + t.first().text()))));
        with(
                EditKind.ALTERNATION,
                () -> one(CourseOffers.alternations(version, drill.surface()))
                        .flatMap(a -> sample(Courses.alternation(Optional.of(a)), Set.of("alternation"))));
        with(
                EditKind.CALLS_ADD,
                () -> fresh(Courses.addCalls(new CallSet(new CallId("new"), List.of("red", "blue"), 1, false, 0))));
        with(
                EditKind.CALLS_REMOVE,
                () -> one(version.course().calls())
                        .flatMap(c -> sample(Courses.removeCalls(c.id()), Set.of("calls " + c.id().text()))));
        with(EditKind.LAUNCH, () -> sample(Courses.launch(one(CourseOffers.launches(path))), Set.of("launch")));
        with(EditKind.STINT, () -> sample(Courses.stint(Stint.ofReps(4)), Set.of("stint")));
        with(
                EditKind.CONDUCT,
                () -> sample(
                        Courses.conduct(c -> c.withTempo(0.5)
                                .withSituation(Optional.of(new Conduct.Situation(1, 2, 30)))
                                .withLost(Optional.of(Conduct.Lost.SPARE_BALL))),
                        Set.of("conduct")));
        with(
                EditKind.SCORING,
                () -> sample(
                        Courses.scoring(new Scoring(
                                List.of(new Scoring.Points("goal", 2), new Scoring.Points("off a cross", 3)),
                                Scoring.Tally.IN_A_ROW,
                                true,
                                5,
                                3,
                                "carry the goals back")),
                        Set.of("scoring")));
        with(
                EditKind.ROTATION_SET,
                () -> one(version.roles())
                        .flatMap(r -> one(CourseOffers.rotations(version, r.id()))
                                .flatMap(t -> sample(Courses.rotation(t), Set.of("rotation " + r.id().text())))));
        with(
                EditKind.ROTATION_REMOVE,
                () -> one(version.course().rotation())
                        .flatMap(t -> sample(
                                Courses.removeRotation(t.role()),
                                Set.of("rotation " + t.role().text()))));
    }

    private void versions() {
        with(EditKind.VERSION_ADD, () -> fresh(Versions.add("One more")));
        with(EditKind.VERSION_TITLE, () -> sample(Versions.title("Called otherwise"), Set.of("title")));
        with(
                EditKind.VERSION_SUITS,
                () -> sample(Versions.suits(new Suits(List.of(AgeBand.U12), "once they catch")), Set.of("suits")));
        with(EditKind.VERSION_DETACH, () -> sample(Versions.detach(), Set.of("basedOn")));
        with(EditKind.VERSION_REMOVE, () -> sample(Versions.remove(), Set.of("basedOn")));
        with(EditKind.VERSION_ORDER, () -> sample(Versions.move(random.nextBoolean() ? 1 : -1), Set.of()));
    }

    private void wholes() {
        with(
                EditKind.ACCEPT,
                () -> fresh(Wholes.accept(new Accepted(
                        version.id(), "no-ball", List.of("m1"), "", Map.of("metres", 1.5), "it is meant so"))));
        with(
                EditKind.ACCEPT,
                () -> fresh(
                        Wholes.withdraw(new Accepted(version.id(), "no-ball", List.of(), "", Map.of(), "no more"))));
        with(EditKind.MEND, () -> {
            Point place = place();
            return fresh(Wholes.mend(new Remedy(
                    "put-ball",
                    List.of(),
                    Map.of(),
                    "",
                    v -> v.with(new Ball(v.next(Kinds.BALLS), new Ball.Loose(place))))));
        });
        with(EditKind.TITLE, () -> fresh(Wholes.title("Another title")));
        with(EditKind.TITLE, () -> fresh(Wholes.renamed("Another title", new DrillId("another-title"))));
        with(EditKind.AGE, () -> fresh(Wholes.age(AgeBand.U10)));
        with(
                EditKind.PACE,
                () -> one(version.roles())
                        .flatMap(r -> sample(Wholes.pace(Optional.of(r.id()), 0.9), Set.of("role " + r.id().text()))));
        with(EditKind.MORE_TURNS, () -> {
            Outlook outlook = Outlook.of(drill, path, Setting.drawn(drill, path).withPeople(12 + random.nextInt(12)));
            return one(MoreTurns.of(drill, outlook))
                    .flatMap(p -> sample(
                            Wholes.moreTurns(p),
                            k -> p.kind() == Proposal.Kind.LAUNCH && k.equals("launch")
                                    || p.about().stream().anyMatch(id -> k.endsWith(" " + id.text()))));
        });
        with(
                EditKind.RUN_WITH,
                () -> sample(
                        Wholes.runWith(new Setting(
                                7 + random.nextInt(9),
                                12,
                                AgeBand.U12,
                                OptionalInt.empty(),
                                OptionalDouble.of(9),
                                OptionalInt.empty(),
                                Optional.empty())),
                        k -> k.startsWith("line ") || k.equals("launch")));
        with(EditKind.SURFACE, () -> fresh(Wholes.surface(drill.surfaceUse().withStanding(true))));
        with(
                EditKind.GOAL,
                () -> one(drill.surface().goals())
                        .flatMap(g -> fresh(Wholes.goal(new MovedGoal(g.id(), place(), 45)))));
        with(
                EditKind.BACKDROP,
                () -> fresh(Wholes.backdrop(Optional.of(new Backdrop("AAAA", new Point(0, 0), 20, 0.5)))));
        with(EditKind.MIRROR, () -> sample(Wholes.mirror(Symmetry.ACROSS_WIDTH), k -> true));
        with(EditKind.BRING_BACK, () -> sample(Wholes.bringBack(version.withTitle("As it was")), Set.of("title")));
        with(EditKind.BRING_BACK, () -> fresh(Wholes.bringBack(drill.withTitle("As it was"))));
    }

    private static Optional<Sample> sample(Edit edit, Set<String> named) {
        return sample(edit, named::contains);
    }

    private static Optional<Sample> sample(Edit edit, Predicate<String> named) {
        return Optional.of(new Sample(edit, named));
    }

    /** What only puts something there, or is about nothing of a version. */
    private static Optional<Sample> fresh(Edit edit) {
        return sample(edit, NOTHING);
    }

    /** The repeat, and what is done by those who join it: from then on it is done where they join. */
    private Set<String> written(Repeat repeat) {
        Set<String> named = version.moves().stream()
                .filter(m -> repeat.growth().joining().contains(m.role()))
                .map(m -> key(m.id()))
                .collect(Collectors.toSet());
        named.add("repeat " + repeat.id().text());
        return named;
    }
}
