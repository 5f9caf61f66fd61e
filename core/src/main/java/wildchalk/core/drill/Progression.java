package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.text.Slugs;

/**
 * One version of a drill: what stands on the surface, and what happens.
 *
 * <p>Holds together by itself: ids are unique per kind, every role named by a line, a ball or a move exists, every move
 * named by a trigger exists, and every role has a place of its own or a line that feeds it.
 */
public record Progression(
        ProgressionId id,
        String title,
        List<Gear> gear,
        List<WaitingLine> lines,
        List<Role> roles,
        List<Ball> balls,
        List<Step> steps,
        Layout layout,
        Course course,
        Optional<ProgressionId> basedOn)
        implements Scene {

    public Progression {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(course, "course");
        Objects.requireNonNull(basedOn, "basedOn");
        gear = List.copyOf(gear);
        lines = List.copyOf(lines);
        roles = List.copyOf(roles);
        balls = List.copyOf(balls);
        steps = List.copyOf(steps);
        within(title, gear, roles, steps, course);
        Uniqueness.check("piece of gear", gear.stream().map(Gear::id));
        Uniqueness.check("line", lines.stream().map(WaitingLine::id));
        Uniqueness.check("role", roles.stream().map(Role::id));
        Uniqueness.check("ball", balls.stream().map(Ball::id));
        Uniqueness.check("step", steps.stream().map(Step::id));
        Uniqueness.check("move", steps.stream().flatMap(s -> s.moves().stream()).map(Move::id));
        new References(gear, lines, roles, balls, steps, course).check();
        layout = layout.keeping(Elements.among(new Parts(gear, lines, roles, balls, steps, layout, course)));
    }

    private static void within(String title, List<Gear> gear, List<Role> roles, List<Step> steps, Course course) {
        Limits.text("title of the version", title, Limits.LINE);
        Limits.count("pieces of gear", gear.size(), Limits.GEAR);
        Limits.count("players", roles.size(), Limits.ROLES);
        Limits.count("steps", steps.size(), Limits.STEPS);
        Limits.count("forks", course.forks().size(), Limits.FORKS);
        steps.forEach(s -> Limits.count("moves in a step", s.moves().size(), Limits.STEP_MOVES));
        Limits.count("moves", moves(steps), Limits.MOVES);
        Limits.count("points of paths", points(steps), Limits.POINTS);
    }

    private static int moves(List<Step> steps) {
        return steps.stream().mapToInt(s -> s.moves().size()).sum();
    }

    private static int points(List<Step> steps) {
        return steps.stream()
                .flatMap(s -> s.moves().stream())
                .mapToInt(m -> m instanceof Travel t ? t.path().size() : 0)
                .sum();
    }

    /** How much there is to work out: moves, and points of their paths. */
    public int size() {
        return moves(steps) + points(steps);
    }

    /** A version with nothing on the surface but gear and people. */
    public Progression(
            ProgressionId id,
            String title,
            List<Gear> gear,
            List<WaitingLine> lines,
            List<Role> roles,
            List<Ball> balls,
            List<Step> steps) {
        this(id, title, gear, lines, roles, balls, steps, Layout.NONE);
    }

    /** A version that goes one way only and stands by itself. */
    public Progression(
            ProgressionId id,
            String title,
            List<Gear> gear,
            List<WaitingLine> lines,
            List<Role> roles,
            List<Ball> balls,
            List<Step> steps,
            Layout layout) {
        this(id, title, gear, lines, roles, balls, steps, layout, Course.PLAIN, Optional.empty());
    }

    public static Progression blank() {
        return new Progression(
                new ProgressionId("base"),
                "Base",
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(new Step(new StepId("s1"), List.of(), List.of())));
    }

    public Progression withGear(List<Gear> list) {
        return new Progression(id, title, list, lines, roles, balls, steps, layout, course, basedOn);
    }

    public Progression withLines(List<WaitingLine> list) {
        return new Progression(id, title, gear, list, roles, balls, steps, layout, course, basedOn);
    }

    public Progression withRoles(List<Role> list) {
        return new Progression(id, title, gear, lines, list, balls, steps, layout, course, basedOn);
    }

    public Progression withBalls(List<Ball> list) {
        return new Progression(id, title, gear, lines, roles, list, steps, layout, course, basedOn);
    }

    public Progression withSteps(List<Step> list) {
        return new Progression(id, title, gear, lines, roles, balls, list, layout, course, basedOn);
    }

    public Progression withLayout(Layout other) {
        return new Progression(id, title, gear, lines, roles, balls, steps, other, course, basedOn);
    }

    public Progression withTitle(String text) {
        return new Progression(id, text, gear, lines, roles, balls, steps, layout, course, basedOn);
    }

    public Progression withId(ProgressionId name) {
        return new Progression(name, title, gear, lines, roles, balls, steps, layout, course, basedOn);
    }

    public Progression withCourse(Course other) {
        return new Progression(id, title, gear, lines, roles, balls, steps, layout, other, basedOn);
    }

    /** Based on another version, or standing by itself. */
    public Progression withBasedOn(Optional<ProgressionId> other) {
        return new Progression(id, title, gear, lines, roles, balls, steps, layout, course, other);
    }

    /** Steps and what may follow on them, which point at each other. */
    public Progression withSteps(List<Step> list, Course other) {
        return new Progression(id, title, gear, lines, roles, balls, list, layout, other, basedOn);
    }

    /** Several lists at once, for changes that would not hold together one by one. */
    public Progression withPeople(List<WaitingLine> queues, List<Role> people, List<Ball> ballList, List<Step> told) {
        return new Progression(id, title, gear, queues, people, ballList, told, layout, course, basedOn);
    }

    /** Adds an element, or replaces the one of its id in place. */
    public Progression with(Gear piece) {
        return withGear(Layout.put(gear, piece, g -> g.id().equals(piece.id())));
    }

    public Progression with(WaitingLine line) {
        return withLines(Layout.put(lines, line, l -> l.id().equals(line.id())));
    }

    public Progression with(Role role) {
        return withRoles(Layout.put(roles, role, r -> r.id().equals(role.id())));
    }

    public Progression with(Ball ball) {
        return withBalls(Layout.put(balls, ball, b -> b.id().equals(ball.id())));
    }

    public Progression with(Step step) {
        return withSteps(Layout.put(steps, step, s -> s.id().equals(step.id())));
    }

    /** Replaces the move of the same id where it stands. */
    public Progression withMove(Move changed) {
        return withSteps(steps.stream()
                .map(s -> s.withMoves(s.moves().stream()
                        .map(m -> m.id().equals(changed.id()) ? changed : m)
                        .toList()))
                .toList());
    }

    public ForkId nextForkId() {
        return new ForkId(Slugs.next(stem("f"), texts(course.forks().stream().map(f -> f.id().text()))));
    }

    public RuleId nextRuleId() {
        return new RuleId(Slugs.next(stem("rule"), texts(course.rules().stream().map(r -> r.id().text()))));
    }

    public RepeatId nextRepeatId() {
        return new RepeatId(
                Slugs.next(stem("again"), texts(course.repeats().stream().map(r -> r.id().text()))));
    }

    public TeamId nextTeamId() {
        return new TeamId(Slugs.next(stem("team"), texts(course.teams().stream().map(t -> t.id().text()))));
    }

    public CallId nextCallId() {
        return new CallId(Slugs.next(stem("call"), texts(course.calls().stream().map(c -> c.id().text()))));
    }

    /** An id text that no move uses yet: m1, m2… */
    public MoveId nextMoveId() {
        return new MoveId(Slugs.next(stem("m"), texts(moves().stream().map(m -> m.id().text()))));
    }

    public StepId nextStepId() {
        return new StepId(Slugs.next(stem("s"), texts(steps.stream().map(s -> s.id().text()))));
    }

    /** An id that no element of a kind has yet: g1, g2… */
    public <I extends ElementId> I next(Lying<?, I> kind) {
        return kind.next(this);
    }

    /** The id that goes with a label where it is free: "CB" gives "cb", and "p2-cb" in a version based on another. */
    public RoleId freeRoleId(String label) {
        RoleId id = new RoleId(shortened(stem(Slugs.of(label))));
        return role(id).isEmpty() ? id : next(Kinds.ROLES);
    }

    private static String shortened(String slug) {
        return slug.length() > 60 ? slug.substring(0, 60).replaceAll("-$", "") : slug;
    }

    /**
     * What new ids begin with: in a version that is based on another its own id, so that the base can never use them too.
     */
    public String stem(String plain) {
        return (basedOn.isPresent() ? id.text() + "-" : "") + plain;
    }

    private static Set<String> texts(Stream<String> ids) {
        return ids.collect(Collectors.toSet());
    }
}
