package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every kind of thing that a version is made of, once. Reading, writing, comparing, flowing down, copying, moving, taking
 * out and naming loop over these; what a kind needs beyond that stands where it is needed (a role takes its moves along).
 */
public final class Kinds {

    public static final Lying<Gear, GearId> GEAR = new Lying<>(
            new Kind<>("gear", "gear", g -> g.id().text(), Parts::gear, Parts::withGear),
            GearId.class,
            GearId::new,
            "g",
            Gear::id,
            Gear::withId,
            Gear::carried,
            (scene, g) -> Optional.of(g.at()));

    public static final Lying<WaitingLine, LineId> LINES = new Lying<>(
            new Kind<>("line", "lines", l -> l.id().text(), Parts::lines, Parts::withLines),
            LineId.class,
            LineId::new,
            "line",
            WaitingLine::id,
            WaitingLine::withId,
            WaitingLine::carried,
            (scene, l) -> Optional.of(l.at()));

    public static final Lying<Role, RoleId> ROLES = new Lying<>(
            new Kind<>("role", "roles", r -> r.id().text(), Parts::roles, Parts::withRoles),
            RoleId.class,
            RoleId::new,
            "r",
            Role::id,
            Role::withId,
            Role::carried,
            (scene, r) -> Optional.of(scene.startOf(r.id())));

    public static final Lying<Ball, BallId> BALLS = new Lying<>(
            new Kind<>("ball", "balls", b -> b.id().text(), Parts::balls, Parts::withBalls),
            BallId.class,
            BallId::new,
            "b",
            Ball::id,
            Ball::withId,
            Ball::carried,
            (scene, b) -> b.start().match(with -> Optional.empty(), loose -> Optional.of(loose.at())));

    public static final Lying<MarkedZone, ZoneId> ZONES =
            Lying.laid("zone", MarkedZone.class, ZoneId.class, ZoneId::new, "z");
    public static final Lying<Note, NoteId> NOTES = Lying.laid("note", Note.class, NoteId.class, NoteId::new, "n");
    public static final Lying<Gap, GapId> GAPS = Lying.laid("gap", Gap.class, GapId.class, GapId::new, "gap");
    public static final Lying<Station, StationId> STATIONS =
            Lying.laid("station", Station.class, StationId.class, StationId::new, "station");

    /** What is kept in the layout, in the order in which it is drawn and written. */
    static final List<Lying<? extends Laid, ?>> LAID = List.of(ZONES, NOTES, GAPS, STATIONS);

    public static final Kind<Step> STEPS =
            new Kind<>("step", "steps", s -> s.id().text(), Parts::steps, Parts::withSteps);
    public static final Kind<Fork> FORKS = new Kind<>(
            "fork",
            "forks",
            f -> f.id().text(),
            p -> p.course().forks(),
            (p, l) -> p.withCourse(p.course().withForks(l)));
    public static final Kind<CallSet> CALLS = new Kind<>(
            "calls",
            "calls",
            c -> c.id().text(),
            p -> p.course().calls(),
            (p, l) -> p.withCourse(p.course().withCalls(l)));
    public static final Kind<Rule> RULES = new Kind<>(
            "rule",
            "rules",
            r -> r.id().text(),
            p -> p.course().rules(),
            (p, l) -> p.withCourse(p.course().withRules(l)));
    public static final Kind<Repeat> REPEATS = new Kind<>(
            "repeat",
            "repeats",
            r -> r.id().text(),
            p -> p.course().repeats(),
            (p, l) -> p.withCourse(p.course().withRepeats(l)));
    public static final Kind<Team> TEAMS = new Kind<>(
            "team",
            "teams",
            t -> t.id().text(),
            p -> p.course().teams(),
            (p, l) -> p.withCourse(p.course().withTeams(l)));
    public static final Kind<TeamTurn> TEAM_TURNS = new Kind<>(
            "team-turn",
            "teamTurns",
            t -> t.first().text(),
            p -> p.course().teamTurns(),
            (p, l) -> p.withCourse(p.course().withTeamTurns(l)));
    public static final Kind<Rotation> ROTATION = new Kind<>(
            "rotation",
            "rotation",
            r -> r.role().text(),
            p -> p.course().rotation(),
            (p, l) -> p.withCourse(p.course().withRotation(l)));

    /** What has a place, in the order in which the tab key visits it. */
    public static final List<Lying<?, ?>> LYING = Stream.<Lying<?, ?>>concat(
                    Stream.of(ROLES, BALLS, LINES, GEAR), LAID.stream())
            .toList();

    /** All lists of a version, in the order of the file. */
    public static final List<Kind<?>> ALL = Stream.of(
                    Stream.<Kind<?>>of(GEAR.kind(), LINES.kind(), ROLES.kind(), BALLS.kind()),
                    LAID.stream().<Kind<?>>map(Lying::kind),
                    Stream.<Kind<?>>of(STEPS, FORKS, CALLS, RULES, REPEATS, TEAMS, TEAM_TURNS, ROTATION))
            .flatMap(s -> s)
            .toList();

    private Kinds() {}

    /** The kind that an id names one of; empty for a move. */
    public static Optional<Lying<?, ?>> of(ElementId id) {
        for (Lying<?, ?> kind : LYING) {
            if (kind.ids().isInstance(id)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
