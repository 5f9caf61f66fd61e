package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Makes a progression of parts that may point at things that are not there: whatever cannot be without what is missing
 * goes too, the rest stays without it.
 */
public final class Pruning {

    private final List<WaitingLine> lines;
    private final List<Role> roles;
    private final List<Ball> balls;
    private List<Step> steps;
    private Course course;
    private final Set<RoleId> knownRoles;
    private final Set<BallId> knownBalls;
    private final Set<GearId> carriable;

    private Pruning(Parts parts) {
        this(parts.gear(), parts.lines(), parts.roles(), parts.balls(), parts.steps(), parts.course());
    }

    private Pruning(
            List<Gear> gear,
            List<WaitingLine> lines,
            List<Role> roles,
            List<Ball> balls,
            List<Step> steps,
            Course course) {
        this.carriable = HandlingGear.carriable(gear);
        Set<RoleId> fed = lines.stream().flatMap(l -> l.feeds().stream()).collect(Collectors.toSet());
        this.roles = roles.stream()
                .filter(r -> r.at().isPresent() || fed.contains(r.id()))
                .toList();
        this.knownRoles = this.roles.stream().map(Role::id).collect(Collectors.toSet());
        this.lines = lines.stream()
                .map(l -> l.withFeeds(
                        l.feeds().stream().filter(knownRoles::contains).toList()))
                .toList();
        this.balls = balls.stream()
                .filter(b -> b.start().match(w -> knownRoles.contains(w.role()), l -> true))
                .toList();
        this.knownBalls = this.balls.stream().map(Ball::id).collect(Collectors.toSet());
        this.steps = steps;
        this.course = course;
    }

    /** Parts without what points at nothing. */
    static Parts of(Parts parts) {
        Pruning p = new Pruning(parts);
        p.run();
        return new Parts(parts.gear(), p.lines, p.roles, p.balls, p.steps, parts.layout(), p.course);
    }

    /** The progression with other steps, of which what points at nothing goes. */
    public static Progression withSteps(Progression p, List<Step> steps, Course course) {
        return Parts.of(p).withSteps(steps).withCourse(course).prunedAs(p);
    }

    private void run() {
        List<Step> before;
        Course courseBefore;
        do {
            before = steps;
            courseBefore = course;
            once();
        } while (!steps.equals(before) || !course.equals(courseBefore));
        if (steps.isEmpty()) {
            steps = List.of(new Step(new StepId("s1"), List.of(), List.of()));
        }
    }

    private void once() {
        steps = steps.stream()
                .map(s -> s.withMoves(s.moves().stream()
                        .map(this::people)
                        .flatMap(Optional::stream)
                        .toList()))
                .toList();
        Set<MoveId> moves =
                steps.stream().flatMap(s -> s.moves().stream()).map(Move::id).collect(Collectors.toSet());
        steps = steps.stream()
                .map(s -> s.withMoves(
                                s.moves().stream().map(m -> pointed(m, moves)).toList())
                        .withQuestion(s.question()
                                .map(q -> q.at().isPresent() && !moves.contains(q.at().get())
                                        ? new Question(Optional.empty(), q.ask(), q.answer())
                                        : q)))
                .toList();
        forks(moves);
        rest(moves);
    }

    private Optional<Move> people(Move move) {
        if (!knownRoles.contains(move.role())) {
            return Optional.empty();
        }
        return move.<Optional<Move>>match(
                travel -> Optional.of(marks(travel)
                        .withPath(travel.path().stream()
                                .map(w -> w.called().isPresent()
                                                && course.call(w.called().get().call())
                                                        .isEmpty()
                                        ? w.withCalled(Optional.empty())
                                        : w)
                                .toList())),
                pass -> pass.to()
                        .<Optional<Move>>match(
                                role -> target(role).map(pass::withTo),
                                place -> Optional.of(pass.withTo(
                                        place.withRunner(place.runner().filter(knownRoles::contains))))),
                shot -> Optional.<Move>of(shot)
                        .filter(m -> shot.at().map(knownRoles::contains).orElse(true)),
                pickUp -> Optional.of(pickUp),
                act -> deed(act.deed()).map(act::withDeed));
    }

    /** To those of whom it may be who are left. */
    private Optional<Target> target(Target.ToRole to) {
        List<RoleId> left = to.among().stream().filter(knownRoles::contains).toList();
        if (left.isEmpty()) {
            return Optional.<Target>of(to).filter(t -> knownRoles.contains(to.role()));
        }
        return Optional.of(left.size() == 1 ? new Target.ToRole(left.get(0)) : Target.ToRole.furthest(left));
    }

    private Optional<Deed> deed(Deed deed) {
        if (deed instanceof Deed.Screening s) {
            return Optional.of(new Deed.Screening(s.against().filter(knownRoles::contains), s.seconds()));
        } else if (deed instanceof Deed.Contact c) {
            return Optional.of(deed).filter(d -> knownRoles.contains(c.with()));
        } else if (deed instanceof Deed.Contest c) {
            List<RoleId> left = c.rivals().stream().filter(knownRoles::contains).toList();
            return left.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Deed.Contest(c.kind(), left, c.winner().filter(knownRoles::contains)));
        } else if (deed instanceof OpenPlay p) {
            List<RoleId> left = p.with().stream().filter(knownRoles::contains).toList();
            List<Joining> joining = p.joining().stream()
                    .filter(j -> knownRoles.contains(j.who()) && knownRoles.contains(j.at()))
                    .toList();
            return left.isEmpty()
                    ? Optional.empty()
                    : Optional.of(p.withOthers(left).withJoining(joining));
        } else if (deed instanceof Challenge c) {
            return Optional.of(deed).filter(d -> knownRoles.contains(c.on()));
        } else if (deed instanceof HandlingGear h) {
            return Optional.of(deed).filter(d -> carriable.contains(h.gear()));
        } else if (deed instanceof Looking l) {
            return Optional.of(deed).filter(d -> isKnown(l.at()));
        } else if (deed instanceof Deed.Calling c) {
            return Optional.of(new Deed.Calling(
                    c.words(), c.set().filter(s -> course.call(s).isPresent())));
        }
        return Optional.of(deed);
    }

    /** Without a trigger or an end that points at nothing. */
    private Move pointed(Move move, Set<MoveId> moves) {
        Move started =
                move.trigger().isPresent() && dangles(move.trigger().get().event(), moves)
                        ? move.withTrigger(Optional.empty())
                        : move;
        return started instanceof Travel t
                        && t.until().isPresent()
                        && dangles(t.until().get(), moves)
                ? t.withUntil(Optional.empty())
                : started;
    }

    /** A travel that goes by nobody who is not there: it goes where it was drawn then. */
    private Travel marks(Travel travel) {
        return travel.withFollows(
                        travel.follows().filter(f -> f.marks().stream().allMatch(this::isKnown)))
                .withFaces(travel.faces().filter(this::isKnown));
    }

    private boolean isKnown(Mark mark) {
        return mark.role().map(knownRoles::contains).orElse(true)
                && mark.ballId().map(knownBalls::contains).orElse(true);
    }

    private boolean dangles(Event event, Set<MoveId> moves) {
        if (event.move().isPresent()) {
            return !moves.contains(event.move().get());
        } else if (event instanceof Event.Handles h) {
            return !knownRoles.contains(h.role());
        } else if (event instanceof Event.Reaches r) {
            boolean who = r.who().match(s -> knownRoles.contains(s.role()), b -> knownBalls.contains(b.ball()));
            boolean near = !(r.where() instanceof Region.NearRole n) || knownRoles.contains(n.role());
            return !who || !near;
        }
        return false;
    }

    /** A race with those who are left; none where fewer than two are, or where what they went for is gone. */
    private Optional<Race> race(Race race) {
        List<RoleId> left = race.runners().stream().filter(knownRoles::contains).toList();
        boolean goal = race.ball().map(knownBalls::contains).orElse(true)
                && race.where()
                        .map(r -> !(r instanceof Region.NearRole n) || knownRoles.contains(n.role()))
                        .orElse(true);
        return left.size() < 2 || !goal ? Optional.empty() : Optional.of(race.withRunners(left));
    }

    private void forks(Set<MoveId> moves) {
        List<Fork> kept = new ArrayList<>();
        Set<StepId> stepIds = steps.stream().map(Step::id).collect(Collectors.toSet());
        for (Fork fork : course.forks()) {
            boolean lost = !stepIds.contains(fork.after())
                    || fork.call().isPresent() && course.call(fork.call().get()).isEmpty()
                    || fork.race().isPresent() && race(fork.race().get()).isEmpty();
            if (!lost) {
                Fork raced = fork.race().flatMap(this::race).map(fork::withRace).orElse(fork);
                kept.add(raced.withDecider(fork.decider().filter(moves::contains))
                        .withBranches(fork.branches().stream()
                                .map(b -> b.among(knownRoles::contains))
                                .toList()));
            }
        }
        course = course.withForks(kept);
        Set<StepId> before = new HashSet<>();
        List<Step> there = new ArrayList<>();
        for (Step step : steps) {
            boolean stays = step.on().isEmpty()
                    || course.fork(step.on().get().fork())
                            .filter(f -> f.branch(step.on().get().branch()).isPresent() && before.contains(f.after()))
                            .isPresent();
            if (stays) {
                there.add(step);
                before.add(step.id());
            }
        }
        steps = there;
    }

    private Map<RoleId, RoleId> known(Map<RoleId, RoleId> instead) {
        Map<RoleId, RoleId> left = new HashMap<>(instead);
        left.keySet().retainAll(knownRoles);
        return Repeat.rounds(left);
    }

    private void teams() {
        course = course.withTeams(course.teams().stream()
                .filter(t -> !t.left(knownRoles::contains).isEmpty())
                .map(t -> t.withRoles(t.left(knownRoles::contains)))
                .toList());
        course = course.withTeamTurns(course.teamTurns().stream()
                        .filter(t -> course.team(t.first()).isPresent()
                                && course.team(t.second()).isPresent())
                        .toList())
                .withAlternation(course.alternation().map(a -> a.withInstead(known(a.instead()))));
    }

    private void rest(Set<MoveId> moves) {
        List<Rule> rules = new ArrayList<>();
        teams();
        for (Rule rule : course.rules()) {
            if (!(rule instanceof Rule.Hold hold)) {
                // one for a team that is gone binds nobody
                Optional<TeamId> team = rule instanceof Rule.Limit l ? l.team() : ((Rule.Duty) rule).team();
                if (team.filter(t -> course.team(t).isEmpty()).isEmpty()) {
                    rules.add(rule);
                }
                continue;
            }
            Optional<Event> until = hold.until().filter(e -> !dangles(e, moves));
            boolean lost = !knownRoles.contains(hold.role()) || hold.what() == Rule.What.MOVE && until.isEmpty();
            if (!lost) {
                rules.add(new Rule.Hold(hold.id(), hold.role(), hold.what(), hold.where(), until));
            }
        }
        List<StepId> order = steps.stream().map(Step::id).toList();
        course = course.withRepeats(course.repeats().stream()
                .filter(r -> order.contains(r.from()) && order.indexOf(r.to()) >= order.indexOf(r.from()))
                .map(r ->
                        r.withInstead(known(r.instead())).withGrowth(r.growth().among(knownRoles::contains)))
                .toList());
        Set<LineId> lineIds = lines.stream().map(WaitingLine::id).collect(Collectors.toSet());
        course = course.withRules(rules)
                .withLaunch(course.launch()
                        .map(l -> l.at().isPresent() && dangles(l.at().get(), moves) ? Launch.WHEN_OVER : l))
                .withRotation(course.rotation().stream()
                        .filter(r -> knownRoles.contains(r.role())
                                && r.next().map(knownRoles::contains).orElse(true)
                                && r.line().map(lineIds::contains).orElse(true))
                        .toList());
    }
}
