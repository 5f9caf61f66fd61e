package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Pruning;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.path.Path;

/** Rules, calls, and what comes after a rep. What points at something that is no longer there is left out. */
public final class Courses {

    private Courses() {}

    /** @param rule whose id does not count */
    public static Edit addRule(Rule rule) {
        return inVersion(EditKind.RULE_ADD, p -> p.course().with(rule.withId(p.nextRuleId())));
    }

    /** A rule says otherwise. */
    public static Edit rule(Rule rule) {
        return course(EditKind.RULE_CHANGE, c -> c.with(rule));
    }

    public static Edit removeRule(RuleId id) {
        return course(
                EditKind.RULE_REMOVE,
                c -> c.withRules(
                        c.rules().stream().filter(r -> !r.id().equals(id)).toList()));
    }

    /** Steps are done again. @param repeat whose id does not count */
    public static Edit addRepeat(Repeat repeat) {
        return inVersion(EditKind.REPEAT_ADD, p -> p.course().with(repeat.withId(p.nextRepeatId())));
    }

    /** They are done again elsewhere, or more often. */
    public static Edit repeat(Repeat repeat) {
        return course(
                EditKind.REPEAT_CHANGE,
                c -> c.repeats().stream().anyMatch(r -> r.id().equals(repeat.id())) ? c.with(repeat) : c);
    }

    /** What is done again becomes steps of its own, so that each can be changed by itself. */
    public static Edit writeOut(RepeatId id) {
        return Edit.inVersion(EditKind.REPEAT_WRITTEN, (drill, p) -> Edit.Change.of(Path.writtenOut(p, id)));
    }

    public static Edit removeRepeat(RepeatId id) {
        return course(
                EditKind.REPEAT_REMOVE,
                c -> c.withRepeats(
                        c.repeats().stream().filter(r -> !r.id().equals(id)).toList()));
    }

    /**
     * Some become one, are chosen and moved together, and leave the teams that they were in.
     *
     * @param team whose id does not count
     * @param bibs the colour of their bibs; empty to leave them as they are
     */
    public static Edit addTeam(Team team, Optional<Chalk> bibs) {
        return Edit.inVersion(EditKind.TEAM_ADD, (drill, p) -> {
            List<RoleId> there =
                    team.roles().stream().filter(r -> p.role(r).isPresent()).toList();
            return Edit.Change.of(
                    there.isEmpty()
                            ? p
                            : together(p, team.withId(p.nextTeamId()).withRoles(there), bibs));
        });
    }

    private static Progression together(Progression p, Team team, Optional<Chalk> bibs) {
        Set<ElementId> members = new LinkedHashSet<>(team.roles());
        List<Team> others = p.course().teams().stream()
                .flatMap(t -> without(t, team.roles()).stream())
                .toList();
        List<Set<ElementId>> groups = new ArrayList<>(p.layout().groups().stream()
                .filter(g -> g.stream().noneMatch(members::contains))
                .toList());
        groups.add(members);
        Progression dressed = p.withRoles(p.roles().stream()
                        .map(r -> bibs.isPresent() && members.contains(r.id()) ? r.withTeam(bibs) : r)
                        .toList())
                .withLayout(p.layout().withGroups(groups));
        return Pruning.withSteps(
                dressed,
                dressed.steps(),
                pruned(p.course().withTeamTurns(List.of()), others, p.course().teamTurns())
                        .with(team));
    }

    /** A team of those who are left of it. */
    private static Optional<Team> without(Team team, List<RoleId> gone) {
        List<RoleId> left = team.roles().stream().filter(r -> !gone.contains(r)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(team.withRoles(left));
    }

    private static Course pruned(Course course, List<Team> teams, List<TeamTurn> turns) {
        Set<TeamId> there = teams.stream().map(Team::id).collect(Collectors.toSet());
        return course.withTeams(teams)
                .withTeamTurns(turns.stream()
                        .filter(t -> there.contains(t.first()) && there.contains(t.second()))
                        .toList());
    }

    public static Edit teamName(TeamId id, String name) {
        return course(
                EditKind.TEAM_CHANGE,
                c -> c.team(id).map(t -> c.with(t.withName(name))).orElse(c));
    }

    /** They are one no longer; their bibs stay. */
    public static Edit removeTeam(TeamId id) {
        return Edit.inVersion(EditKind.TEAM_REMOVE, (drill, p) -> {
            List<Team> left =
                    p.course().teams().stream().filter(t -> !t.id().equals(id)).toList();
            Set<ElementId> members = p.course()
                    .team(id)
                    .map(t -> Set.<ElementId>copyOf(t.roles()))
                    .orElse(Set.of());
            Progression apart = p.withLayout(p.layout()
                    .withGroups(p.layout().groups().stream()
                            .filter(g -> !g.equals(members))
                            .toList()));
            Course course =
                    pruned(p.course().withTeamTurns(List.of()), left, p.course().teamTurns());
            return Edit.Change.of(Pruning.withSteps(apart, apart.steps(), course));
        });
    }

    /** What becomes of two teams, in place of what became of either. */
    public static Edit teamTurn(TeamTurn turn) {
        return course(
                EditKind.TEAM_TURN,
                c -> c.team(turn.first()).isPresent() && c.team(turn.second()).isPresent() ? c.with(turn) : c);
    }

    public static Edit removeTeamTurn(TeamId first) {
        return course(
                EditKind.TEAM_TURN_REMOVE,
                c -> c.withTeamTurns(c.teamTurns().stream()
                        .filter(t -> !t.first().equals(first))
                        .toList()));
    }

    /** Reps change sides; empty for no longer. */
    public static Edit alternation(Optional<Alternation> sides) {
        return course(EditKind.ALTERNATION, c -> c.withAlternation(sides));
    }

    /** @param set whose id does not count */
    public static Edit addCalls(CallSet set) {
        return inVersion(EditKind.CALLS_ADD, p -> p.course().with(set.withId(p.nextCallId())));
    }

    /** With the forks that go by it. */
    public static Edit removeCalls(CallId id) {
        return course(
                EditKind.CALLS_REMOVE,
                c -> c.withCalls(
                        c.calls().stream().filter(x -> !x.id().equals(id)).toList()));
    }

    public static Edit launch(Optional<Launch> launch) {
        return course(EditKind.LAUNCH, c -> c.withLaunch(launch));
    }

    public static Edit stint(Stint stint) {
        return course(EditKind.STINT, c -> c.withStint(stint));
    }

    /** All of it is run otherwise. */
    public static Edit conduct(UnaryOperator<Conduct> change) {
        return course(EditKind.CONDUCT, c -> c.withConduct(change.apply(c.conduct())));
    }

    public static Edit scoring(Scoring scoring) {
        return course(EditKind.SCORING, c -> c.withScoring(scoring));
    }

    public static Edit rotation(Rotation turn) {
        return course(EditKind.ROTATION_SET, c -> c.with(turn));
    }

    public static Edit removeRotation(RoleId role) {
        return course(
                EditKind.ROTATION_REMOVE,
                c -> c.withRotation(c.rotation().stream()
                        .filter(r -> !r.role().equals(role))
                        .toList()));
    }

    private static Edit course(EditKind kind, UnaryOperator<Course> change) {
        return inVersion(kind, p -> change.apply(p.course()));
    }

    private static Edit inVersion(EditKind kind, Function<Progression, Course> change) {
        return Edit.inVersion(kind, (drill, p) -> Edit.Change.of(Pruning.withSteps(p, p.steps(), change.apply(p))));
    }
}
