package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Board;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Joining;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Stroke;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trick;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;

/** Drills of any size from a seed: many are nonsense to a coach, all are well-formed. */
public final class RandomDrills {

    private final Random random;
    private final List<MoveId> told = new ArrayList<>();

    private RandomDrills(long seed) {
        this.random = new Random(seed);
    }

    public static Progression of(long seed, int roles, int steps, int moves) {
        return new RandomDrills(seed).make(roles, steps, moves);
    }

    /** A drill that makes sense: everybody keeps moving, and one ball goes from hand to hand. Nothing in it is stuck. */
    public static Progression sensible(long seed, int roles, int steps, int moves) {
        return new RandomDrills(seed).makeSensible(roles, steps, moves);
    }

    private Progression makeSensible(int roles, int steps, int moves) {
        List<Role> people = new ArrayList<>();
        for (int i = 0; i < roles; i++) {
            people.add(new Role(
                    new RoleId("r" + i), "R" + i, i % 2 == 0 ? Side.ATTACK : Side.DEFENCE, Optional.of(place()), 0, 1));
        }
        int holder = 0;
        int told = 0;
        List<Step> list = new ArrayList<>();
        for (int s = 0; s < steps; s++) {
            List<Move> own = new ArrayList<>();
            int until = moves * (s + 1) / steps;
            for (int k = 0; told < until; k++, told++) {
                MoveId id = new MoveId("m" + told);
                int role = told % roles;
                if (k % 10 == 5 && role != holder) {
                    own.add(new Pass(
                            id,
                            new RoleId("r" + holder),
                            Optional.empty(),
                            false,
                            new Target.ToRole(new RoleId("r" + role)),
                            PassKind.AIR,
                            Weight.FIRM));
                    holder = role;
                } else {
                    own.add(new Travel(
                            id, new RoleId("r" + role), Optional.empty(), false, Manner.FORWARD, Effort.HARD, path()));
                }
            }
            list.add(new Step(new StepId("s" + s), own, List.of()));
        }
        Ball ball = new Ball(new BallId("b0"), new Ball.With(new RoleId("r0")));
        return new Progression(
                new ProgressionId("base"), "Sensible", List.of(), List.of(), people, List.of(ball), list);
    }

    private Progression make(int roles, int steps, int moves) {
        List<Role> people = new ArrayList<>();
        for (int i = 0; i < roles; i++) {
            Optional<Point> at = i == 0 ? Optional.empty() : Optional.of(place());
            people.add(
                    new Role(new RoleId("r" + i), "R" + i, pick(Side.values()), at, random.nextInt(360) - 180, pace())
                            .withLater(i == 4));
        }
        List<Ball> balls = new ArrayList<>();
        for (int i = 0; i < Math.max(1, roles / 4); i++) {
            Ball.Start start = random.nextBoolean()
                    ? new Ball.With(new RoleId("r" + random.nextInt(roles)))
                    : new Ball.Loose(place());
            balls.add(new Ball(new BallId("b" + i), start, BallKind.values()[i % BallKind.values().length]));
        }
        List<Step> list = new ArrayList<>();
        for (int s = 0; s < steps; s++) {
            List<Move> own = new ArrayList<>();
            for (int m = moves * s / steps; m < moves * (s + 1) / steps; m++) {
                Move move = move(new MoveId("m" + m), roles);
                own.add(move);
                told.add(move.id());
            }
            list.add(new Step(new StepId("s" + s), own, List.of()));
        }
        WaitingLine line = new WaitingLine(
                new LineId("line"), "L", place(), random.nextInt(360) - 180, List.of(new RoleId("r0")), 3);
        Gear gear = new Gear(new GearId("g0"), pick(GearKind.values()), pick(Chalk.values()), place(), 90);
        Progression bare =
                new Progression(new ProgressionId("base"), "Random", List.of(gear), List.of(line), people, balls, list);
        return repeated(carrying(laidOut(bare), gear));
    }

    private static final Repeat.How[] FIRST_FOUR = {
        Repeat.How.SAME, Repeat.How.OTHER_SIDE, Repeat.How.OTHER_END, Repeat.How.TURNED
    };

    /** Every fifth drill does some of its steps again. */
    private Progression repeated(Progression p) {
        if (random.nextInt(5) > 0) {
            return p;
        }
        int from = random.nextInt(p.steps().size());
        int to = from + random.nextInt(p.steps().size() - from);
        Repeat.How how = pick(FIRST_FOUR);
        boolean swap = p.roles().size() > 1 && random.nextBoolean();
        RoleId one = new RoleId("r0");
        RoleId other = new RoleId("r1");
        return p.withCourse(p.course()
                .with(grown(
                        new Repeat(
                                new RepeatId("again"),
                                p.steps().get(from).id(),
                                p.steps().get(to).id(),
                                how,
                                2 + random.nextInt(3),
                                how == Repeat.How.TURNED ? (random.nextBoolean() ? Hand.LEFT : Hand.RIGHT) : Hand.NONE,
                                place(),
                                swap ? Map.of(one, other, other, one) : Map.of(),
                                random.nextBoolean() ? Map.of("left", "right", "right", "left") : Map.of(),
                                random.nextBoolean() ? Optional.of("change") : Optional.empty()),
                        p.roles().size() > 1 ? List.of(other) : List.of())));
    }

    /** Where gear can be carried, some who would wait take it or put it down. */
    private static Progression carrying(Progression p, Gear gear) {
        if (!HandlingGear.canBeCarried(gear.kind())) {
            return p;
        }
        return p.withSteps(p.steps().stream()
                .map(s -> s.withMoves(s.moves().stream()
                        .map(m -> m instanceof Act a && a.deed().equals(new Deed.Waiting(0.5))
                                ? a.withDeed(new HandlingGear(
                                        gear.id(), HandlingGear.Way.values()[Math.abs(m.id().hashCode()) % 2]))
                                : m)
                        .toList()))
                .toList());
    }

    /** Some along a row, some with one more each time or a touch fewer: by what was drawn, so that no draw is added. */
    private static Repeat grown(Repeat r, List<RoleId> joining) {
        Repeat along = r.how() == Repeat.How.SAME && r.times() > 2
                ? new Repeat(
                        r.id(),
                        r.from(),
                        r.to(),
                        Repeat.How.ALONG,
                        r.times(),
                        Hand.NONE,
                        new Point(1.5, 0.5),
                        r.instead(),
                        Map.of(),
                        r.until())
                : r;
        return along.withGrowth(
                new Repeat.Growth(r.times() == 3 && r.goals().isEmpty() ? joining : List.of(), r.times() == 4));
    }

    /** A drill that can go several ways, with rules, calls, a launch and a rotation. */
    public static Progression forked(long seed) {
        RandomDrills make = new RandomDrills(seed);
        Progression plain = make.make(4, 2, 9);
        return make.withForks(plain);
    }

    private Progression withForks(Progression p) {
        List<Step> steps = new ArrayList<>(p.steps());
        ForkId outer = new ForkId("f1");
        ForkId inner = new ForkId("f2");
        steps.add(branch("t1", outer, "a"));
        steps.add(branch("t2", outer, "b"));
        steps.add(branch("t3", inner, "c"));
        steps.add(new Step(new StepId("t4"), List.of(), List.of("together again"))
                .withQuestion(Optional.of(new Question(Optional.empty(), "Where now?", "Wide"))));
        CallSet calls = new CallSet(
                new CallId("colours"), List.of("red", "blue", "green"), 1 + random.nextInt(2), random.nextBoolean(), 0);
        Course course = p.course()
                .withCalls(List.of(calls))
                .withForks(List.of(
                        new Fork(
                                outer,
                                p.steps().get(1).id(),
                                Fork.By.CHANCE,
                                Optional.empty(),
                                Optional.empty(),
                                List.of(
                                        new Branch(new BranchId("a"), "A", 1 + random.nextInt(5)),
                                        new Branch(new BranchId("b"), "B", 2).withEnds(random.nextBoolean()))),
                        random.nextBoolean() ? byPlace(p, byChance(inner)) : byFirst(inner)))
                .withRules(List.of(
                        new Rule.Limit(new RuleId("l1"), Rule.Kind.TOUCHES, 2, Optional.empty()),
                        new Rule.Hold(
                                new RuleId("h1"),
                                any(4),
                                Rule.What.CROSS,
                                Optional.of(new Region.Line(place(), place())),
                                Optional.of(watched(4)))))
                .withLaunch(Optional.of(new Launch(Optional.of(new Event.Whistle()), 5, random.nextBoolean())))
                .withRotation(List.of(
                        Rotation.toLine(new RoleId("r0"), new LineId("line")),
                        Rotation.toRole(new RoleId("r1"), new RoleId("r2")),
                        Rotation.stay(new RoleId("r2")),
                        Rotation.rest(new RoleId("r3"))))
                .withTeams(List.of(
                        new Team(new TeamId("blue"), "Blue", List.of(new RoleId("r0"), new RoleId("r3"))),
                        new Team(new TeamId("white"), "White", List.of(new RoleId("r1")))))
                .withTeamTurns(
                        List.of(new TeamTurn(pick(TeamTurn.How.values()), new TeamId("blue"), new TeamId("white"))))
                .withAlternation(Optional.of(new Alternation(
                        random.nextBoolean() ? Repeat.How.OTHER_SIDE : Repeat.How.OTHER_END,
                        random.nextBoolean() ? Stint.ofReps(1 + random.nextInt(3)) : Stint.ofMinutes(1.5),
                        Map.of(new RoleId("r0"), new RoleId("r1"), new RoleId("r1"), new RoleId("r0")),
                        Map.of("right", "left", "left", "right"))))
                .withConduct(new Conduct(
                        random.nextBoolean() ? 1 : 0.3 + random.nextInt(8) / 10.0,
                        Optional.of(new Conduct.Situation(random.nextInt(3), 1, random.nextInt(60))),
                        random.nextBoolean() ? Optional.empty() : Optional.of(pick(Conduct.Lost.values()))))
                .withSuits(new Suits(List.of(AgeBand.U12), "once they look up"));
        return p.withSteps(steps, course);
    }

    private Fork byChance(ForkId id) {
        return new Fork(
                id,
                new StepId("t1"),
                Fork.By.CHANCE,
                Optional.empty(),
                Optional.empty(),
                List.of(
                        new Branch(new BranchId("c"), "C", 3),
                        new Branch(new BranchId("d"), "D", 1 + random.nextInt(3))));
    }

    /** Every other one goes by where the ball is, by how many steps there are, so that no draw is added. */
    private static Fork byPlace(Progression p, Fork fork) {
        Optional<String> zone =
                p.layout().zones().stream().map(z -> z.id().text()).findFirst();
        return zone.isEmpty() || p.moves().size() % 2 > 0
                ? fork
                : new Fork(
                        fork.id(),
                        fork.after(),
                        Fork.By.PLACE,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(fork.branches().get(0), fork.branches().get(1).withZone(zone)));
    }

    private Fork byFirst(ForkId id) {
        List<RoleId> runners = List.of(new RoleId("r0"), new RoleId("r1"));
        return new Fork(
                id,
                new StepId("t1"),
                Fork.By.FIRST,
                Optional.empty(),
                Optional.empty(),
                Optional.of(Race.to(new Region.NearPlace(place(), 3), runners).withClose(random.nextInt(3) / 10.0)),
                List.of(
                        new Branch(new BranchId("c"), "C", 3).withWinner(runners.get(0)),
                        new Branch(new BranchId("d"), "D", 1 + random.nextInt(3)).withWinner(runners.get(1))));
    }

    private Step branch(String id, ForkId fork, String branch) {
        Move move =
                new Travel(new MoveId("m-" + id), any(4), Optional.empty(), false, Manner.FORWARD, Effort.HARD, path());
        return new Step(new StepId(id), List.of(move), List.of())
                .withOn(Optional.of(new OnBranch(fork, new BranchId(branch))));
    }

    /** With everything that lies on a surface besides: zones, notes, gaps, bibs, supplies; some grouped, locked, labelled. */
    private Progression laidOut(Progression bare) {
        Progression p = bare;
        for (int i = random.nextInt(4); i > 0; i--) {
            Gear more = new Gear(p.next(Kinds.GEAR), pick(GearKind.values()), pick(Chalk.values()), place(), 45 * i)
                    .withLabel(random.nextBoolean() ? "" : "no. " + i);
            p = p.with(more.kind().isSupply() ? more.withCount(1 + random.nextInt(40)) : more);
        }
        Layout layout = Layout.NONE
                .with(new MarkedZone(
                        p.next(Kinds.ZONES), "zone A", pick(ZoneKind.values()), List.of(place(), place(), place())))
                .with(new Note(
                        p.next(Kinds.NOTES),
                        "words\nin two lines",
                        place(),
                        random.nextBoolean() ? Optional.of(place()) : Optional.empty()))
                .with(new Gap(p.next(Kinds.GAPS), 1 + random.nextInt(9), place(), place()));
        p = p.withLayout(layout);
        p = p.with(p.roles()
                .get(0)
                .withTeam(Optional.of(pick(Chalk.values())))
                .withHand(pick(Hand.values()))
                .withPosture(pick(Posture.values()))
                .withTask(random.nextBoolean() ? "calls" : ""));
        List<ElementId> all = Elements.all(p);
        Set<ElementId> group = new LinkedHashSet<>();
        for (int i = 0; i < 3; i++) {
            group.add(all.get(random.nextInt(all.size())));
        }
        return p.withLayout(p.layout()
                .withGroups(List.of(group))
                .withLocked(Set.of(all.get(random.nextInt(all.size()))))
                .withLabel(p.gear().get(0).id(), Optional.of(place())));
    }

    private double pace() {
        return random.nextInt(3) == 0 ? 0.8 + random.nextInt(5) / 10.0 : 1;
    }

    /** Some have a word of their sport. */
    private static Optional<Stroke> stroke(MoveId id) {
        int n = Math.floorMod(id.text().hashCode(), 3 * Stroke.values().length);
        return n < Stroke.values().length ? Optional.of(Stroke.values()[n]) : Optional.empty();
    }

    /** By somebody else; empty where the draw is himself. */
    private Optional<Following> following(RoleId role, int roles) {
        RoleId other = new RoleId("r" + random.nextInt(roles));
        if (other.equals(role)) {
            return Optional.empty();
        }
        Following.How how = pick(Following.How.values());
        Mark who = new Mark.Somebody(other);
        return Optional.of(how.asksTo() ? Following.between(how, who, still()) : Following.of(how, other));
    }

    private Mark still() {
        return switch (random.nextInt(3)) {
            case 0 -> new Mark.TheBall(new BallId("b0"));
            case 1 -> new Mark.TheGoal("left");
            default -> new Mark.Spot(place());
        };
    }

    private Move move(MoveId id, int roles) {
        RoleId role = new RoleId("r" + random.nextInt(roles));
        Optional<Trigger> trigger = trigger(roles);
        boolean runsOn = random.nextInt(6) == 0;
        return switch (random.nextInt(12)) {
            case 0, 1, 2, 3, 4 ->
                new Travel(
                                id,
                                role,
                                trigger,
                                runsOn,
                                pick(Manner.values()),
                                pick(Effort.values()),
                                path(),
                                until(roles))
                        .withSeeks(random.nextInt(8) == 0 ? Optional.of(pick(Seeks.values())) : Optional.empty())
                        .withFollows(random.nextInt(6) == 0 ? following(role, roles) : Optional.empty())
                        .withFaces(random.nextInt(10) == 0 ? Optional.of(still()) : Optional.empty());
            case 5, 6 ->
                new Pass(
                        id,
                        role,
                        trigger,
                        runsOn,
                        target(roles),
                        pick(PassKind.values()),
                        pick(Weight.values()),
                        random.nextInt(4) == 0,
                        random.nextInt(5) == 0 ? Optional.of(pick(Board.values())) : Optional.empty(),
                        stroke(id));
            case 7 ->
                atSomebody(new Shot(
                                id,
                                role,
                                trigger,
                                runsOn,
                                random.nextBoolean() ? "right" : "left",
                                pick(Aim.values()),
                                Weight.FIRM,
                                random.nextInt(4) == 0,
                                pick(ShotEnd.values()),
                                random.nextInt(4) == 0 ? Optional.of(place()) : Optional.empty())
                        .withStroke(stroke(id)));
            case 8 -> new PickUp(id, role, trigger, runsOn, pick(PickUpKind.values()));
            case 9, 10 -> new Act(id, role, trigger, runsOn, deed(roles));
            default -> Act.waiting(id, role, trigger, runsOn, 0.1 + random.nextInt(20) / 10.0);
        };
    }

    /** Every fourth shot is thrown at the first player: by its name, so that no draw is added. */
    private static Shot atSomebody(Shot shot) {
        RoleId first = new RoleId("r0");
        boolean at = !shot.role().equals(first) && shot.id().hashCode() % 4 == 0;
        return at ? shot.withAt(first) : shot;
    }

    private Target target(int roles) {
        return random.nextInt(4) == 0
                ? new Target.ToPlace(place(), random.nextBoolean() ? Optional.of(any(roles)) : Optional.empty())
                : random.nextInt(8) == 0 && roles > 1
                        ? Target.ToRole.furthest(List.of(new RoleId("r0"), new RoleId("r" + (roles - 1))))
                        : new Target.ToRole(new RoleId("r" + random.nextInt(roles)));
    }

    private RoleId any(int roles) {
        return new RoleId("r" + random.nextInt(roles));
    }

    private Deed deed(int roles) {
        Hand hand = random.nextBoolean() ? Hand.LEFT : Hand.RIGHT;
        return switch (random.nextInt(11)) {
            case 0 -> new Deed.Turning(pick(Deed.Turn.values()), hand, 45 * (1 + random.nextInt(8)));
            case 1 -> new Deed.Screening(random.nextBoolean() ? Optional.of(any(roles)) : Optional.empty(), 1.5);
            case 2 -> new Deed.Contact(any(roles), pick(Deed.Level.values()), 0.5);
            case 3 ->
                new Deed.Contest(
                        pick(Deed.Kind.values()),
                        List.of(any(roles)),
                        random.nextBoolean() ? Optional.of(any(roles)) : Optional.empty());
            case 4 -> new Deed.Calling(random.nextBoolean() ? "red" : "blue", Optional.empty());
            case 5 -> new Deed.PuttingDown();
            case 6, 7 -> challenge(roles);
            case 8 -> openPlay(roles);
            case 9 -> skill(hand);
            default -> light(hand);
        };
    }

    /** What needs no time, or little. */
    private Deed light(Hand hand) {
        return switch (told.size() % 3) {
            case 0 -> new Looking(new Mark.TheBall(new BallId("b0")), hand);
            case 1 -> new DroppingOut();
            default -> new Deed.Waiting(0.5);
        };
    }

    private Deed skill(Hand hand) {
        Trick trick = pick(Trick.values());
        return new Skill(trick, trick == Trick.OWN ? "harbour hop" : "", hand);
    }

    private Deed openPlay(int roles) {
        List<RoleId> with = new ArrayList<>(List.of(any(roles)));
        RoleId more = any(roles);
        if (!with.contains(more)) {
            with.add(more);
        }
        PlayEnd end = pick(PlayEnd.values());
        return new OpenPlay(
                with,
                Optional.empty(),
                List.of(end),
                end == PlayEnd.PASSES ? 1 + random.nextInt(6) : 0,
                2 + random.nextInt(6),
                9,
                roles > 1 && random.nextBoolean()
                        ? List.of(new Joining(new RoleId("r0"), new RoleId("r1")))
                        : List.of(),
                end,
                told.size() % 2 == 0 ? Map.of(end, 2) : Map.of());
    }

    private Deed challenge(int roles) {
        Bid bid = pick(Bid.values());
        return new Challenge(
                bid,
                any(roles),
                pick(Deed.Level.values()),
                bid.verdicts().get(random.nextInt(bid.verdicts().size())),
                random.nextInt(4) == 0 ? Optional.of(place()) : Optional.empty());
    }

    private Event watched(int roles) {
        return switch (random.nextInt(6)) {
            case 0 -> new Event.IsCalled("red");
            case 1 -> new Event.Handles(any(roles), pick(Event.Handling.values()));
            case 2 -> reaches(roles, new Region.Line(place(), place()));
            case 3 -> reaches(roles, new Region.NearPlace(place(), 1 + random.nextInt(5)));
            case 4 -> reaches(roles, new Region.NearRole(any(roles), 1 + random.nextInt(5)));
            default -> reaches(roles, random.nextBoolean() ? new Region.In("z1") : new Region.Out("z1"));
        };
    }

    private Event reaches(int roles, Region where) {
        Mover who = random.nextBoolean() ? new Mover.Somebody(any(roles)) : new Mover.TheBall(new BallId("b0"));
        return new Event.Reaches(who, where);
    }

    private Optional<Trigger> trigger(int roles) {
        if (random.nextInt(8) == 0) {
            return Optional.of(new Trigger(watched(roles), random.nextInt(3) / 2.0));
        }
        return trigger();
    }

    private Optional<Trigger> trigger() {
        if (told.isEmpty() || random.nextInt(3) > 0) {
            return Optional.empty();
        }
        MoveId earlier = told.get(Math.max(0, told.size() - 1 - random.nextInt(8)));
        double plus = random.nextInt(4) / 4.0;
        return Optional.of(
                switch (random.nextInt(4)) {
                    case 0 -> Trigger.onWhistle(plus);
                    case 1 -> Trigger.withStartOf(earlier, plus);
                    case 2 -> Trigger.afterEndOf(earlier, plus);
                    default -> Trigger.whenCaught(earlier, plus);
                });
    }

    private Optional<Event> until(int roles) {
        if (told.isEmpty() || random.nextInt(4) > 0) {
            return Optional.empty();
        }
        MoveId earlier = told.get(Math.max(0, told.size() - 1 - random.nextInt(8)));
        return Optional.of(
                switch (random.nextInt(4)) {
                    case 0 -> watched(roles);
                    case 1 -> new Event.Starts(earlier);
                    case 2 -> new Event.Ends(earlier);
                    default -> new Event.Caught(earlier);
                });
    }

    private List<Waypoint> path() {
        List<Waypoint> path = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(4); i++) {
            Passing how = random.nextInt(3) == 0 ? pick(Passing.values()) : Passing.CURVE;
            boolean stops = how == Passing.STOP || how == Passing.TOUCH;
            Optional<Round> round = random.nextInt(8) == 0
                    ? Optional.of(new Round(place(), 0.25 * (1 + random.nextInt(6)), Hand.LEFT))
                    : Optional.empty();
            Point at = place();
            // by where it is, so that no draw is added
            Hand foot = stops || how == Passing.CUT ? Hand.values()[(int) Math.abs(at.x() * 10) % 3] : Hand.NONE;
            path.add(new Waypoint(at, how, foot, stops ? random.nextInt(3) / 2.0 : 0, round, Optional.empty()));
        }
        return path;
    }

    private Point place() {
        return new Point(
                Math.round(random.nextDouble() * 360 - 180) / 10.0, Math.round(random.nextDouble() * 180 - 90) / 10.0);
    }

    private <E> E pick(E[] values) {
        return values[random.nextInt(values.length)];
    }
}
