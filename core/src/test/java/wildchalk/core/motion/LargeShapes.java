package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;

/** Drills that are large in one way each: whatever is slow in points, moves, steps, forks or players shows in one of them. */
public enum LargeShapes {
    SMOOTH_PATH(Limits.POINTS, n -> one(path(n, false))),
    CUT_PATH(Limits.POINTS, n -> one(path(n, true))),
    MANY_PATHS(Limits.POINTS / 20, n -> runners(n, 20)),
    CHAIN_OF_RUNS(Limits.MOVES, LargeShapes::chain),
    PASSES(Limits.MOVES, LargeShapes::passes),
    ALL_WAIT_FOR_THE_ONE_BEFORE(Limits.MOVES, LargeShapes::queue),
    ALL_WAIT_FOR_WHAT_NEVER_COMES(Limits.MOVES, LargeShapes::stuck),
    UNTIL_SOMEBODY_COMES(Limits.MOVES / 4, LargeShapes::untils),
    STEPS(Limits.STEPS, LargeShapes::steps),
    PLAYERS(Limits.ROLES, n -> runners(n, 3)),
    GEAR(Limits.GEAR, LargeShapes::gear),
    FORKS(Limits.FORKS, n -> forks(n, false)),
    NESTED_FORKS(Limits.FORKS, n -> forks(n, true)),
    BRANCHES(Limits.BRANCHES, LargeShapes::branches);

    /** So large it may be. */
    private final int most;

    private final IntFunction<Progression> maker;

    LargeShapes(int most, IntFunction<Progression> maker) {
        this.most = most;
        this.maker = maker;
    }

    public int most() {
        return most;
    }

    public Progression of(int n) {
        return maker.apply(n);
    }

    /** As large as it may be. */
    public Drill drill() {
        return Drill.blank(name(), new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(of(most));
    }

    private static Progression one(List<Waypoint> path) {
        return made(roles(1), List.of(), List.of(step(0, List.of(run("m0", 0, path)))), Course.PLAIN);
    }

    private static List<Waypoint> path(int n, boolean cut) {
        return IntStream.range(0, n)
                .mapToObj(i ->
                        new Waypoint(Point.polar(2 + i % 16, i * 37 % 360).plus(new Point(0, (i % 7) / 3.0)), cut))
                .toList();
    }

    private static Progression runners(int n, int points) {
        int roles = Math.min(n, Limits.ROLES);
        List<Move> moves = IntStream.range(0, n)
                .mapToObj(i -> (Move) run("m" + i, i % roles, path(points, i % 2 == 0)))
                .toList();
        return made(roles(roles), List.of(), inSteps(moves), Course.PLAIN);
    }

    private static Progression chain(int n) {
        List<Move> moves = IntStream.range(0, n)
                .mapToObj(i -> (Move) run("m" + i, 0, path(1 + i % 3, false)))
                .toList();
        return made(roles(1), List.of(ball(0)), inSteps(moves), Course.PLAIN);
    }

    private static Progression passes(int n) {
        List<Move> moves = IntStream.range(0, n)
                .mapToObj(i -> (Move) new Pass(
                        new MoveId("m" + i),
                        new RoleId("r" + i % 10),
                        Optional.empty(),
                        false,
                        new Target.ToRole(new RoleId("r" + (i + 1) % 10)),
                        PassKind.AIR,
                        Weight.FIRM))
                .toList();
        return made(roles(10), List.of(ball(0)), inSteps(moves), Course.PLAIN);
    }

    private static Progression queue(int n) {
        int roles = Math.min(n, 60);
        List<Move> moves = IntStream.range(0, n)
                .mapToObj(i -> (Move) new Travel(
                        new MoveId("m" + i),
                        new RoleId("r" + i % roles),
                        i == 0
                                ? Optional.empty()
                                : Optional.of(new Trigger(new Event.Ends(new MoveId("m" + (i - 1))), 0.1)),
                        false,
                        Manner.FORWARD,
                        Effort.HARD,
                        path(1 + i % 2, false)))
                .toList();
        return made(roles(roles), List.of(), inSteps(moves), Course.PLAIN);
    }

    /** The first waits for a call that nobody makes, every other for the one before. */
    private static Progression stuck(int n) {
        Progression queue = queue(n);
        List<Move> moves = new ArrayList<>(queue.moves());
        moves.set(0, moves.get(0).withTrigger(Optional.of(new Trigger(new Event.IsCalled("go"), 0))));
        return queue.withSteps(inSteps(moves));
    }

    private static Progression untils(int n) {
        int roles = Math.min(2 * n, 60);
        List<Move> moves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Event near = new Event.Reaches(
                    new Mover.Somebody(new RoleId("r" + (i + 1) % roles)),
                    new Region.NearPlace(new Point(i % 15, 3), 2));
            moves.add(new Travel(
                    new MoveId("m" + i),
                    new RoleId("r" + i % roles),
                    Optional.empty(),
                    false,
                    Manner.FORWARD,
                    Effort.EASY,
                    path(4, false),
                    Optional.of(near)));
        }
        return made(roles(roles), List.of(), inSteps(moves), Course.PLAIN);
    }

    private static Progression steps(int n) {
        List<Step> steps = IntStream.range(0, n)
                .mapToObj(i -> step(i, List.of(run("m" + i, i % 4, path(2, false)))))
                .toList();
        return made(roles(4), List.of(ball(0)), steps, Course.PLAIN);
    }

    private static Progression gear(int n) {
        List<Gear> things = IntStream.range(0, n)
                .mapToObj(i -> new Gear(
                        new GearId("g" + i), GearKind.CONE, Chalk.ORANGE, new Point(i % 38 - 19, i / 38 - 9), 0))
                .toList();
        return runners(4, 3).withGear(things);
    }

    /** Forks one after the other, or each on the first branch of the one before. */
    private static Progression forks(int n, boolean nested) {
        List<Step> steps = new ArrayList<>(List.of(step(0, List.of(run("m0", 0, path(1, false))))));
        List<Fork> forks = new ArrayList<>();
        for (int f = 0; f < n; f++) {
            ForkId id = new ForkId("f" + f);
            StepId after = steps.get(steps.size() - (f > 0 && nested ? 2 : 1)).id();
            forks.add(new Fork(
                    id, after, Fork.By.CHANCE, Optional.empty(), Optional.empty(), List.of(branch("a"), branch("b"))));
            for (String b : List.of("a", "b")) {
                int s = steps.size();
                steps.add(step(s, List.of(run("m" + s, s % 4, path(1, false))))
                        .withOn(Optional.of(new OnBranch(id, new BranchId(b)))));
            }
            if (!nested) {
                int s = steps.size();
                steps.add(step(s, List.of(run("m" + s, s % 4, path(1, false)))));
            }
        }
        return made(roles(4), List.of(ball(0)), steps, Course.PLAIN.withForks(forks));
    }

    private static Progression branches(int n) {
        List<Step> steps = new ArrayList<>(List.of(step(0, List.of(run("m0", 0, path(1, false))))));
        ForkId id = new ForkId("f");
        List<Branch> list = new ArrayList<>();
        for (int b = 0; b < n; b++) {
            list.add(branch("b" + b));
            steps.add(step(b + 1, List.of(run("m" + (b + 1), b % 4, path(2, false))))
                    .withOn(Optional.of(new OnBranch(id, new BranchId("b" + b)))));
        }
        Fork fork = new Fork(id, new StepId("s0"), Fork.By.CHANCE, Optional.empty(), Optional.empty(), list);
        List<String> options =
                IntStream.rangeClosed(1, 20).mapToObj(String::valueOf).toList();
        Course course = Course.PLAIN
                .withForks(List.of(fork))
                .withCalls(List.of(new CallSet(new CallId("c"), options, 3, true, 0)));
        return made(roles(4), List.of(ball(0)), steps, course);
    }

    /** Everything at once, as much as there may be in one version and in as many versions as there is room for. */
    public static Drill largest() {
        List<Move> moves = new ArrayList<>();
        for (int i = 0; i < Limits.MOVES; i++) {
            moves.add(run("m" + i, i % Limits.ROLES, path(Limits.POINTS / Limits.MOVES, i % 3 == 0)));
        }
        List<Step> steps = new ArrayList<>();
        List<Fork> forks = new ArrayList<>();
        int each = Limits.MOVES / Limits.STEPS;
        for (int s = 0; s < Limits.STEPS; s++) {
            Step step = step(s, moves.subList(s * each, (s + 1) * each));
            boolean second = s % 5 == 2;
            if (s % 5 == 1) {
                forks.add(new Fork(
                        new ForkId("f" + s),
                        new StepId("s" + (s - 1)),
                        Fork.By.CHANCE,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(branch("a"), branch("b"))));
            }
            ForkId last = forks.isEmpty() ? null : forks.get(forks.size() - 1).id();
            steps.add(
                    s % 5 == 1 || second
                            ? step.withOn(Optional.of(new OnBranch(last, new BranchId(second ? "b" : "a"))))
                            : step);
        }
        Progression base = made(roles(Limits.ROLES), List.of(ball(0)), steps, Course.PLAIN.withForks(forks))
                .withGear(gear(Limits.GEAR).gear());
        List<Progression> versions = new ArrayList<>(List.of(base));
        for (int v = 1; v < Limits.SIZE / base.size(); v++) {
            versions.add(base.withId(new ProgressionId("v" + v))
                    .withTitle("Version " + v)
                    .withBasedOn(v % 2 == 0 ? Optional.of(base.id()) : Optional.empty()));
        }
        return Drill.blank("Largest", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgressions(versions);
    }

    private static Branch branch(String id) {
        return new Branch(new BranchId(id), id, 1);
    }

    /** As few steps as hold them. */
    private static List<Step> inSteps(List<Move> moves) {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < moves.size(); i += Limits.STEP_MOVES) {
            steps.add(step(steps.size(), moves.subList(i, Math.min(moves.size(), i + Limits.STEP_MOVES))));
        }
        return steps;
    }

    private static Step step(int i, List<Move> moves) {
        return new Step(new StepId("s" + i), moves, List.of());
    }

    private static Travel run(String id, int role, List<Waypoint> path) {
        return new Travel(
                new MoveId(id), new RoleId("r" + role), Optional.empty(), false, Manner.FORWARD, Effort.HARD, path);
    }

    private static List<Role> roles(int n) {
        return IntStream.range(0, n)
                .mapToObj(i -> new Role(
                        new RoleId("r" + i),
                        "R" + i,
                        i % 2 == 0 ? Side.ATTACK : Side.DEFENCE,
                        Optional.of(new Point(i % 19 * 2 - 18, i / 19 - 8)),
                        0,
                        1))
                .toList();
    }

    private static Ball ball(int holder) {
        return new Ball(new BallId("b0"), new Ball.With(new RoleId("r" + holder)));
    }

    private static Progression made(List<Role> roles, List<Ball> balls, List<Step> steps, Course course) {
        return new Progression(
                new ProgressionId("base"),
                "Base",
                List.of(),
                List.of(),
                roles,
                balls,
                steps,
                Layout.NONE,
                course,
                Optional.empty());
    }
}
