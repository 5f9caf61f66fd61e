package wildchalk.core.binder;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.drill.Verdict;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;

/** Reads forks, calls, rules, launch and rotation. The counterpart of {@link CourseWriter}. */
final class CourseReader {

    private CourseReader() {}

    static Fork fork(Fields f) throws FormatProblem {
        if (f.list("branches").size() < 2) {
            throw f.problem("A fork needs two \"branches\" or more.");
        }
        return new Fork(
                new ForkId(f.slug("id")),
                new StepId(f.slug("after")),
                f.choice("by", Fork.By.class),
                f.has("decider") ? Optional.of(new MoveId(f.slug("decider"))) : Optional.empty(),
                f.has("calls") ? Optional.of(new CallId(f.slug("calls"))) : Optional.empty(),
                f.has("race") ? Optional.of(f.object("race").readAll(CourseReader::race)) : Optional.empty(),
                f.elements("branches", CourseReader::branch));
    }

    private static Race race(Fields f) throws FormatProblem {
        boolean ball = f.has("ball");
        return new Race(
                f.texts("runners", 60).stream().map(RoleId::new).toList(),
                ball ? Optional.of(new BallId(f.slug("ball"))) : Optional.empty(),
                ball ? Optional.empty() : Optional.of(f.object("where").readAll(EventReader::region)),
                f.numberOr("close", Race.CLOSE_SECONDS));
    }

    private static Branch branch(Fields f) throws FormatProblem {
        return new Branch(
                new BranchId(f.slug("id")),
                f.text("label", Limits.WORD),
                f.numberOr("weight", 1),
                f.flagOr("ends", false),
                f.has("winner") ? Optional.of(new RoleId(f.slug("winner"))) : Optional.empty(),
                f.has("result") ? Optional.of(f.choice("result", ShotEnd.class)) : Optional.empty(),
                f.has("word") ? Optional.of(f.text("word", Limits.WORD)) : Optional.empty(),
                f.has("verdict") ? Optional.of(f.choice("verdict", Verdict.class)) : Optional.empty(),
                f.has("ending") ? Optional.of(f.choice("ending", PlayEnd.class)) : Optional.empty(),
                f.has("zone") ? Optional.of(f.slug("zone")) : Optional.empty());
    }

    static CallSet calls(Fields f) throws FormatProblem {
        return new CallSet(
                new CallId(f.slug("id")),
                f.texts("options", Limits.WORD),
                f.has("picks") ? f.whole("picks", 1, CallSet.MAX_PICKS) : 1,
                f.flagOr("repeats", false),
                f.has("within") ? f.whole("within", 0, CallSet.MAX_OPTIONS) : 0);
    }

    static Rule rule(Fields f) throws FormatProblem {
        RuleId id = new RuleId(f.slug("id"));
        long kinds = Stream.of("limit", "hold", "heads").filter(f::has).count();
        if (kinds != 1) {
            throw f.problem("A rule needs one of \"limit\", \"hold\" and \"heads\".");
        }
        if (f.has("heads")) {
            return new Rule.Duty(
                    id,
                    f.choiceOr("bound", Rule.Bound.class, Rule.Bound.AT_LEAST),
                    f.whole("heads", 0, Limits.ROLES),
                    f.slug("zone"),
                    f.has("side") ? Optional.of(f.choice("side", Side.class)) : Optional.empty(),
                    f.has("team") ? Optional.of(new TeamId(f.slug("team"))) : Optional.empty());
        }
        if (f.has("limit")) {
            Rule.Kind kind = f.choice("limit", Rule.Kind.class);
            return new Rule.Limit(
                    id,
                    kind,
                    f.choiceOr("bound", Rule.Bound.class, kind.usual()),
                    f.whole("number", 1, 999),
                    f.has("zone") ? Optional.of(f.slug("zone")) : Optional.empty(),
                    f.has("side") ? Optional.of(f.choice("side", Side.class)) : Optional.empty(),
                    f.has("team") ? Optional.of(new TeamId(f.slug("team"))) : Optional.empty());
        }
        Optional<Region> where =
                f.has("where") ? Optional.of(f.object("where").readAll(EventReader::region)) : Optional.empty();
        return new Rule.Hold(
                id,
                new RoleId(f.slug("role")),
                f.choice("hold", Rule.What.class),
                where,
                f.has("until") ? Optional.of(f.object("until").readAll(EventReader::event)) : Optional.empty());
    }

    static Repeat repeat(Fields f) throws FormatProblem {
        StepId from = new StepId(f.slug("from"));
        Repeat.How how = f.choice("how", Repeat.How.class);
        return new Repeat(
                new RepeatId(f.slug("id")),
                from,
                f.has("to") ? new StepId(f.slug("to")) : from,
                how,
                f.whole("times", 2, Repeat.MOST_TIMES),
                how == Repeat.How.TURNED ? f.choiceOr("side", Hand.class, Hand.LEFT) : Hand.NONE,
                f.has(how == Repeat.How.ALONG ? "by" : "about")
                        ? f.point(how == Repeat.How.ALONG ? "by" : "about")
                        : Point.ORIGIN,
                instead(f),
                goals(f),
                f.has("until") ? Optional.of(f.text("until", Limits.WORD)) : Optional.empty(),
                new Repeat.Growth(
                        f.texts("joining", 60).stream().map(RoleId::new).toList(), f.flagOr("touchFewer", false)));
    }

    private static Map<RoleId, RoleId> instead(Fields f) throws FormatProblem {
        Map<RoleId, RoleId> instead = new LinkedHashMap<>();
        f.elements("instead", CourseReader::pair).forEach(p -> instead.put(new RoleId(p.of()), new RoleId(p.by())));
        return instead;
    }

    private static Map<String, String> goals(Fields f) throws FormatProblem {
        Map<String, String> goals = new LinkedHashMap<>();
        f.elements("goals", CourseReader::pair).forEach(p -> goals.put(p.of(), p.by()));
        return goals;
    }

    static Team team(Fields f) throws FormatProblem {
        return new Team(
                new TeamId(f.slug("id")),
                f.text("name", Limits.WORD),
                f.texts("roles", 60).stream().map(RoleId::new).toList());
    }

    static TeamTurn teamTurn(Fields f) throws FormatProblem {
        return new TeamTurn(
                f.choice("how", TeamTurn.How.class), new TeamId(f.slug("first")), new TeamId(f.slug("second")));
    }

    static Alternation alternation(Fields f) throws FormatProblem {
        return new Alternation(f.choice("how", Repeat.How.class), stint(f), instead(f), goals(f));
    }

    /** Of whom or what, and by whom or what. */
    private record Pair(String of, String by) {}

    private static Pair pair(Fields f) throws FormatProblem {
        return new Pair(f.slug("of"), f.slug("by"));
    }

    /** {@code "over"} or an event; with seconds. */
    static Launch launch(Fields f) throws FormatProblem {
        return new Launch(
                f.has("when") ? Optional.of(f.object("when").readAll(EventReader::event)) : Optional.empty(),
                f.numberOr("seconds", 0),
                f.flagOr("goesOn", false));
    }

    static Rotation rotation(Fields f) throws FormatProblem {
        RoleId role = new RoleId(f.slug("role"));
        Rotation.How how = f.choice("to", Rotation.How.class);
        return new Rotation(
                role,
                how,
                f.has("line") ? Optional.of(new LineId(f.slug("line"))) : Optional.empty(),
                f.has("next") ? Optional.of(new RoleId(f.slug("next"))) : Optional.empty());
    }

    /** {@code reps} or {@code minutes}. */
    static Stint stint(Fields f) throws FormatProblem {
        return f.has("minutes")
                ? Stint.ofMinutes(f.number("minutes"))
                : new Stint(f.numberOr("reps", 1), Stint.Unit.REPS);
    }

    static Conduct conduct(Fields f) throws FormatProblem {
        return new Conduct(
                f.numberOr("tempo", 1),
                f.has("situation")
                        ? Optional.of(f.object("situation").readAll(CourseReader::situation))
                        : Optional.empty(),
                f.has("lost") ? Optional.of(f.choice("lost", Conduct.Lost.class)) : Optional.empty());
    }

    private static Conduct.Situation situation(Fields f) throws FormatProblem {
        return new Conduct.Situation(
                f.whole("ours", 0, Conduct.Situation.MOST_POINTS),
                f.whole("theirs", 0, Conduct.Situation.MOST_POINTS),
                f.has("seconds") ? f.whole("seconds", 0, Conduct.Situation.MOST_SECONDS) : 0);
    }

    static Scoring scoring(Fields f) throws FormatProblem {
        return new Scoring(
                f.elements(
                        "points",
                        g -> new Scoring.Points(
                                g.text("what", Limits.WORD),
                                g.has("worth") ? g.whole("worth", -Scoring.Points.MOST, Scoring.Points.MOST) : 1)),
                f.choiceOr("tally", Scoring.Tally.class, Scoring.Tally.TOTAL),
                f.flagOr("against", false),
                f.has("target") ? f.whole("target", 0, 1000) : 0,
                f.has("rounds") ? f.whole("rounds", 0, 100) : 0,
                f.textOr("others", "", Limits.LINE));
    }

    static Suits suits(Fields f) throws FormatProblem {
        List<AgeBand> ages = new ArrayList<>();
        for (Located age : f.list("ages")) {
            ages.add(DrillReader.ageBand(f, age));
        }
        return new Suits(ages, f.textOr("level", "", Limits.LINE));
    }
}
