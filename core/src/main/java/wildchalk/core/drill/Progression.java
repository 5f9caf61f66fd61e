package wildchalk.core.drill;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.geometry.Point;

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
        Layout layout) {

    public Progression {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(title, "title");
        gear = List.copyOf(gear);
        lines = List.copyOf(lines);
        roles = List.copyOf(roles);
        balls = List.copyOf(balls);
        steps = List.copyOf(steps);
        Uniqueness.check("piece of gear", gear.stream().map(Gear::id));
        Uniqueness.check("line", lines.stream().map(WaitingLine::id));
        Uniqueness.check("role", roles.stream().map(Role::id));
        Uniqueness.check("ball", balls.stream().map(Ball::id));
        Uniqueness.check("step", steps.stream().map(Step::id));
        Uniqueness.check("move", steps.stream().flatMap(s -> s.moves().stream()).map(Move::id));
        References.check(lines, roles, balls, steps);
        layout = layout.keeping(Elements.among(gear, lines, roles, balls, steps, layout));
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

    public boolean isEmpty() {
        return gear.isEmpty() && lines.isEmpty() && roles.isEmpty() && balls.isEmpty() && layout.isEmpty();
    }

    public List<Move> moves() {
        return steps.stream().flatMap(s -> s.moves().stream()).toList();
    }

    public Optional<Role> role(RoleId wanted) {
        return roles.stream().filter(r -> r.id().equals(wanted)).findFirst();
    }

    public Optional<Gear> gear(GearId wanted) {
        return gear.stream().filter(g -> g.id().equals(wanted)).findFirst();
    }

    public Optional<WaitingLine> line(LineId wanted) {
        return lines.stream().filter(l -> l.id().equals(wanted)).findFirst();
    }

    public Optional<Ball> ball(BallId wanted) {
        return balls.stream().filter(b -> b.id().equals(wanted)).findFirst();
    }

    public Optional<Move> move(MoveId wanted) {
        return steps.stream()
                .flatMap(s -> s.moves().stream())
                .filter(m -> m.id().equals(wanted))
                .findFirst();
    }

    public Optional<Step> stepOf(MoveId move) {
        return steps.stream()
                .filter(s -> s.moves().stream().anyMatch(m -> m.id().equals(move)))
                .findFirst();
    }

    public Optional<WaitingLine> lineFeeding(RoleId role) {
        return lines.stream().filter(l -> l.feeds().contains(role)).findFirst();
    }

    /** Where a role stands at the whistle. */
    public Point startOf(RoleId wanted) {
        Role role = role(wanted).orElseThrow(() -> new IllegalArgumentException("There is no role " + wanted + "."));
        return role.at().orElseGet(() -> lineFeeding(wanted).orElseThrow().at());
    }

    /** Where a role looks at the whistle, degrees. */
    public double startFacingOf(RoleId wanted) {
        Role role = role(wanted).orElseThrow();
        return role.at().isPresent()
                ? role.facingDegrees()
                : lineFeeding(wanted).orElseThrow().facingDegrees();
    }

    public Progression withGear(List<Gear> list) {
        return new Progression(id, title, list, lines, roles, balls, steps, layout);
    }

    public Progression withLines(List<WaitingLine> list) {
        return new Progression(id, title, gear, list, roles, balls, steps, layout);
    }

    public Progression withRoles(List<Role> list) {
        return new Progression(id, title, gear, lines, list, balls, steps, layout);
    }

    public Progression withBalls(List<Ball> list) {
        return new Progression(id, title, gear, lines, roles, list, steps, layout);
    }

    public Progression withSteps(List<Step> list) {
        return new Progression(id, title, gear, lines, roles, balls, list, layout);
    }

    public Progression withLayout(Layout other) {
        return new Progression(id, title, gear, lines, roles, balls, steps, other);
    }

    public Progression withTitle(String text) {
        return new Progression(id, text, gear, lines, roles, balls, steps, layout);
    }

    /** Several lists at once, for changes that would not hold together one by one. */
    public Progression withPeople(List<WaitingLine> queues, List<Role> people, List<Ball> ballList, List<Step> told) {
        return new Progression(id, title, gear, queues, people, ballList, told, layout);
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

    /** An id text that no move uses yet: m1, m2… */
    public MoveId nextMoveId() {
        return new MoveId(Slugs.next("m", texts(moves().stream().map(m -> m.id().text()))));
    }

    public StepId nextStepId() {
        return new StepId(Slugs.next("s", texts(steps.stream().map(s -> s.id().text()))));
    }

    public RoleId nextRoleId() {
        return new RoleId(Slugs.next("r", texts(roles.stream().map(r -> r.id().text()))));
    }

    public GearId nextGearId() {
        return new GearId(Slugs.next("g", texts(gear.stream().map(g -> g.id().text()))));
    }

    public LineId nextLineId() {
        return new LineId(Slugs.next("line", texts(lines.stream().map(l -> l.id().text()))));
    }

    public BallId nextBallId() {
        return new BallId(Slugs.next("b", texts(balls.stream().map(b -> b.id().text()))));
    }

    public ZoneId nextZoneId() {
        return new ZoneId(Slugs.next("z", texts(layout.zones().stream().map(z -> z.id().text()))));
    }

    public NoteId nextNoteId() {
        return new NoteId(Slugs.next("n", texts(layout.notes().stream().map(n -> n.id().text()))));
    }

    public GapId nextGapId() {
        return new GapId(Slugs.next("gap", texts(layout.gaps().stream().map(g -> g.id().text()))));
    }

    private static Set<String> texts(Stream<String> ids) {
        return ids.collect(Collectors.toSet());
    }

    /** Numbers in the order of the steps, for letters and tables. */
    public Map<MoveId, Integer> moveOrder() {
        Map<MoveId, Integer> order = new LinkedHashMap<>();
        for (Move m : moves()) {
            order.put(m.id(), order.size());
        }
        return order;
    }

    /** What points at what; all of it must exist. */
    private static final class References {

        static void check(List<WaitingLine> lines, List<Role> roles, List<Ball> balls, List<Step> steps) {
            Set<RoleId> known = roles.stream().map(Role::id).collect(Collectors.toCollection(HashSet::new));
            Set<RoleId> fed = new HashSet<>();
            for (WaitingLine line : lines) {
                for (RoleId role : line.feeds()) {
                    need(known.contains(role), "line " + line.id(), "role", role);
                    fed.add(role);
                }
            }
            for (Role role : roles) {
                if (role.at().isEmpty() && !fed.contains(role.id())) {
                    throw new IllegalArgumentException(
                            "The role %s has no place: give it \"at\" or a line that feeds it.".formatted(role.id()));
                }
            }
            for (Ball ball : balls) {
                ball.start()
                        .match(
                                with -> need(known.contains(with.role()), "ball " + ball.id(), "role", with.role()),
                                l -> null);
            }
            Set<MoveId> moves = steps.stream()
                    .flatMap(s -> s.moves().stream())
                    .map(Move::id)
                    .collect(Collectors.toCollection(HashSet::new));
            steps.stream().flatMap(s -> s.moves().stream()).forEach(m -> checkMove(m, known, moves));
        }

        private static void checkMove(Move move, Set<RoleId> roles, Set<MoveId> moves) {
            String what = "move " + move.id();
            need(roles.contains(move.role()), what, "role", move.role());
            move.trigger().flatMap(Trigger::move).ifPresent(m -> need(moves.contains(m), what, "move", m));
            if (move instanceof Pass pass) {
                pass.to().match(r -> need(roles.contains(r.role()), what, "role", r.role()), p -> null);
            }
        }

        private static Void need(boolean known, String who, String kind, Object id) {
            if (!known) {
                throw new IllegalArgumentException(
                        "The %s names the %s \"%s\", which is not in this progression.".formatted(who, kind, id));
            }
            return null;
        }
    }
}
