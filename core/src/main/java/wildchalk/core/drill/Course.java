package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How reps may go and how they follow each other.
 *
 * @param forks where a rep can go several ways
 * @param calls what may be called
 * @param rules limits, and what somebody may not do until something happens
 * @param repeats steps that are done again
 * @param teams some who are one
 * @param teamTurns what becomes of them after a stint
 * @param alternation that reps change sides
 * @param launch when the next rep starts; empty where nobody has said
 * @param rotation where everybody goes after the rep
 * @param stint how long everybody stays before that
 * @param scoring what counts, where the score is kept
 * @param suits whom it is for
 * @param conduct how all of it is run
 */
public record Course(
        List<Fork> forks,
        List<CallSet> calls,
        List<Rule> rules,
        List<Repeat> repeats,
        List<Team> teams,
        List<TeamTurn> teamTurns,
        Optional<Alternation> alternation,
        Optional<Launch> launch,
        List<Rotation> rotation,
        Stint stint,
        Scoring scoring,
        Suits suits,
        Conduct conduct) {

    public static final Course PLAIN = new Course(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            Stint.ONE_REP,
            Scoring.NONE,
            Suits.EVERYBODY,
            Conduct.PLAIN);

    public Course {
        forks = List.copyOf(forks);
        calls = List.copyOf(calls);
        rules = List.copyOf(rules);
        repeats = List.copyOf(repeats);
        teams = List.copyOf(teams);
        teamTurns = List.copyOf(teamTurns);
        Objects.requireNonNull(alternation, "alternation");
        rotation = List.copyOf(rotation);
        Objects.requireNonNull(launch, "launch");
        Objects.requireNonNull(stint, "stint");
        Objects.requireNonNull(scoring, "scoring");
        Objects.requireNonNull(suits, "suits");
        Objects.requireNonNull(conduct, "conduct");
        Uniqueness.check("fork", forks.stream().map(Fork::id));
        Uniqueness.check("set of calls", calls.stream().map(CallSet::id));
        Uniqueness.check("repeat", repeats.stream().map(Repeat::id));
        Uniqueness.check("team", teams.stream().map(Team::id));
        Uniqueness.check("player of a team", teams.stream().flatMap(t -> t.roles().stream()));
        Uniqueness.check("team that changes", teamTurns.stream().flatMap(t -> Stream.of(t.first(), t.second())));
        Uniqueness.check("rule", rules.stream().map(Rule::id));
        Uniqueness.check("rotating role", rotation.stream().map(Rotation::role));
    }

    public Optional<Fork> fork(ForkId wanted) {
        return forks.stream().filter(f -> f.id().equals(wanted)).findFirst();
    }

    public Optional<CallSet> call(CallId wanted) {
        return calls.stream().filter(c -> c.id().equals(wanted)).findFirst();
    }

    public List<Rule.Limit> limits() {
        return rules.stream()
                .filter(Rule.Limit.class::isInstance)
                .map(Rule.Limit.class::cast)
                .toList();
    }

    public List<Rule.Duty> duties() {
        return rules.stream()
                .filter(Rule.Duty.class::isInstance)
                .map(Rule.Duty.class::cast)
                .toList();
    }

    public List<Rule.Hold> holds() {
        return rules.stream()
                .filter(Rule.Hold.class::isInstance)
                .map(Rule.Hold.class::cast)
                .toList();
    }

    public Course withForks(List<Fork> list) {
        return new Course(
                list,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course withCalls(List<CallSet> list) {
        return new Course(
                forks,
                list,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course withRules(List<Rule> list) {
        return new Course(
                forks,
                calls,
                list,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course withRepeats(List<Repeat> list) {
        return new Course(
                forks,
                calls,
                rules,
                list,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course with(Repeat repeat) {
        return withRepeats(Layout.put(repeats, repeat, r -> r.id().equals(repeat.id())));
    }

    public Course withLaunch(Optional<Launch> next) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                next,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course withRotation(List<Rotation> list) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                list,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course withStint(Stint lasts) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                lasts,
                scoring,
                suits,
                conduct);
    }

    public Course withScoring(Scoring kept) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                kept,
                suits,
                conduct);
    }

    public Course withSuits(Suits whom) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                whom,
                conduct);
    }

    public Course with(Fork fork) {
        return withForks(Layout.put(forks, fork, f -> f.id().equals(fork.id())));
    }

    public Course with(Rule rule) {
        return withRules(Layout.put(rules, rule, r -> r.id().equals(rule.id())));
    }

    public Course with(CallSet set) {
        return withCalls(Layout.put(calls, set, c -> c.id().equals(set.id())));
    }

    public Course with(Rotation turn) {
        return withRotation(Layout.put(rotation, turn, r -> r.role().equals(turn.role())));
    }

    public Course withTeams(List<Team> list) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                list,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    public Course with(Team team) {
        return withTeams(Layout.put(teams, team, t -> t.id().equals(team.id())));
    }

    public Course withTeamTurns(List<TeamTurn> list) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                list,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                conduct);
    }

    /** With what becomes of two teams, in place of what became of either. */
    public Course with(TeamTurn turn) {
        List<TeamTurn> left = new ArrayList<>(without(turn.first(), turn.second()));
        left.add(turn);
        return withTeamTurns(left);
    }

    private List<TeamTurn> without(TeamId one, TeamId two) {
        Set<TeamId> these = Set.of(one, two);
        return teamTurns.stream()
                .filter(t -> !these.contains(t.first()) && !these.contains(t.second()))
                .toList();
    }

    public Course withAlternation(Optional<Alternation> sides) {
        return new Course(
                forks, calls, rules, repeats, teams, teamTurns, sides, launch, rotation, stint, scoring, suits,
                conduct);
    }

    public Optional<Team> team(TeamId wanted) {
        return teams.stream().filter(t -> t.id().equals(wanted)).findFirst();
    }

    /** The team that somebody is in. */
    public Optional<Team> teamOf(RoleId role) {
        return teams.stream().filter(t -> t.roles().contains(role)).findFirst();
    }

    public Course withConduct(Conduct how) {
        return new Course(
                forks,
                calls,
                rules,
                repeats,
                teams,
                teamTurns,
                alternation,
                launch,
                rotation,
                stint,
                scoring,
                suits,
                how);
    }
}
