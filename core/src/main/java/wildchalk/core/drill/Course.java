package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * How reps may go and how they follow each other.
 *
 * @param forks where a rep can go several ways
 * @param calls what may be called
 * @param rules limits, and what somebody may not do until something happens
 * @param repeats steps that are done again
 * @param launch when the next rep starts; empty where nobody has said
 * @param rotation where everybody goes after the rep
 * @param stint how long everybody stays before that
 * @param scoring what counts, where the score is kept
 */
public record Course(
        List<Fork> forks,
        List<CallSet> calls,
        List<Rule> rules,
        List<Repeat> repeats,
        Optional<Launch> launch,
        List<Rotation> rotation,
        Stint stint,
        Scoring scoring,
        Suits suits) {

    public static final Course PLAIN = new Course(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            List.of(),
            Stint.ONE_REP,
            Scoring.NONE,
            Suits.EVERYBODY);

    public Course {
        forks = List.copyOf(forks);
        calls = List.copyOf(calls);
        rules = List.copyOf(rules);
        repeats = List.copyOf(repeats);
        rotation = List.copyOf(rotation);
        Objects.requireNonNull(launch, "launch");
        Objects.requireNonNull(stint, "stint");
        Objects.requireNonNull(scoring, "scoring");
        Objects.requireNonNull(suits, "suits");
        Uniqueness.check("fork", forks.stream().map(Fork::id));
        Uniqueness.check("set of calls", calls.stream().map(CallSet::id));
        Uniqueness.check("repeat", repeats.stream().map(Repeat::id));
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

    public List<Rule.Hold> holds() {
        return rules.stream()
                .filter(Rule.Hold.class::isInstance)
                .map(Rule.Hold.class::cast)
                .toList();
    }

    public Course withForks(List<Fork> list) {
        return new Course(list, calls, rules, repeats, launch, rotation, stint, scoring, suits);
    }

    public Course withCalls(List<CallSet> list) {
        return new Course(forks, list, rules, repeats, launch, rotation, stint, scoring, suits);
    }

    public Course withRules(List<Rule> list) {
        return new Course(forks, calls, list, repeats, launch, rotation, stint, scoring, suits);
    }

    public Course withRepeats(List<Repeat> list) {
        return new Course(forks, calls, rules, list, launch, rotation, stint, scoring, suits);
    }

    public Course with(Repeat repeat) {
        return withRepeats(Layout.put(repeats, repeat, r -> r.id().equals(repeat.id())));
    }

    public Course withLaunch(Optional<Launch> next) {
        return new Course(forks, calls, rules, repeats, next, rotation, stint, scoring, suits);
    }

    public Course withRotation(List<Rotation> list) {
        return new Course(forks, calls, rules, repeats, launch, list, stint, scoring, suits);
    }

    public Course withStint(Stint lasts) {
        return new Course(forks, calls, rules, repeats, launch, rotation, lasts, scoring, suits);
    }

    public Course withScoring(Scoring kept) {
        return new Course(forks, calls, rules, repeats, launch, rotation, stint, kept, suits);
    }

    public Course withSuits(Suits whom) {
        return new Course(forks, calls, rules, repeats, launch, rotation, stint, scoring, whom);
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
}
