package wildchalk.core.binder;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Board;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Joining;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Stroke;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trick;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Verdict;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;

/** Reads one move. The counterpart of {@link MoveWriter}. */
final class MoveReader {

    private static final String KINDS =
            "travel, pass, shot, pick-up, put-down, wait, turn, screen, contact, contest, challenge, play, skill, look, drop-out, take-gear, put-gear, call";

    private MoveReader() {}

    static Move move(Fields f) throws FormatProblem {
        MoveId id = new MoveId(f.slug("id"));
        RoleId role = new RoleId(f.slug("role"));
        Optional<Trigger> when =
                f.has("when") ? Optional.of(f.object("when").readAll(EventReader::trigger)) : Optional.empty();
        boolean runsOn = f.flagOr("runsOn", false);
        String kind = f.text("do", 60);
        return switch (kind) {
            case "travel" ->
                new Travel(
                        id,
                        role,
                        when,
                        runsOn,
                        f.choiceOr("manner", Manner.class, Manner.FORWARD),
                        f.choiceOr("effort", Effort.class, Effort.STEADY),
                        path(f),
                        f.has("until") ? Optional.of(f.object("until").readAll(EventReader::event)) : Optional.empty(),
                        f.has("seeks") ? Optional.of(f.choice("seeks", Seeks.class)) : Optional.empty(),
                        f.has("follows")
                                ? Optional.of(f.object("follows").readAll(MoveReader::following))
                                : Optional.empty(),
                        f.has("faces") ? Optional.of(f.object("faces").readAll(MoveReader::mark)) : Optional.empty());
            case "pass" ->
                new Pass(
                        id,
                        role,
                        when,
                        runsOn,
                        f.object("to").readAll(MoveReader::target),
                        f.choice("kind", PassKind.class),
                        f.choiceOr("weight", Weight.class, Weight.FIRM),
                        f.flagOr("oneTouch", false),
                        f.has("bank") ? Optional.of(f.choice("bank", Board.class)) : Optional.empty(),
                        f.has("stroke") ? Optional.of(f.choice("stroke", Stroke.class)) : Optional.empty());
            case "shot" ->
                new Shot(
                        id,
                        role,
                        when,
                        runsOn,
                        f.has("at") ? f.slug("at") : f.slug("goal"),
                        f.has("at") ? Optional.of(new RoleId(f.slug("at"))) : Optional.empty(),
                        f.choiceOr("aim", Aim.class, Aim.MIDDLE),
                        f.choiceOr("weight", Weight.class, Weight.FIRM),
                        f.flagOr("oneTouch", false),
                        f.choiceOr("end", ShotEnd.class, ShotEnd.GOAL),
                        f.pointIfAny("rebound"),
                        f.has("stroke") ? Optional.of(f.choice("stroke", Stroke.class)) : Optional.empty());
            case "pick-up" ->
                new PickUp(id, role, when, runsOn, f.choiceOr("how", PickUpKind.class, PickUpKind.GROUND));
            default -> new Act(id, role, when, runsOn, deed(f, kind));
        };
    }

    private static Following following(Fields f) throws FormatProblem {
        Following.How how = f.choice("how", Following.How.class);
        return new Following(
                how,
                f.object("of").readAll(MoveReader::mark),
                f.has("to") ? Optional.of(f.object("to").readAll(MoveReader::mark)) : Optional.empty(),
                f.numberOr("metres", how.usualMetres()));
    }

    private static Mark mark(Fields f) throws FormatProblem {
        List<Mark> found = new ArrayList<>();
        if (f.has("role")) {
            found.add(new Mark.Somebody(new RoleId(f.slug("role"))));
        }
        if (f.has("ball")) {
            found.add(new Mark.TheBall(new BallId(f.slug("ball"))));
        }
        if (f.has("goal")) {
            found.add(new Mark.TheGoal(f.slug("goal")));
        }
        if (f.has("at")) {
            found.add(new Mark.Spot(f.point("at")));
        }
        if (found.size() != 1) {
            throw f.problem("What is gone by needs exactly one of \"role\", \"ball\", \"goal\" or \"at\" (a place).");
        }
        return found.get(0);
    }

    private static Deed deed(Fields f, String kind) throws FormatProblem {
        return switch (kind) {
            case "wait" -> new Deed.Waiting(seconds(f));
            case "turn" ->
                new Deed.Turning(
                        f.choiceOr("turn", Deed.Turn.class, Deed.Turn.PIVOT),
                        f.choice("hand", Hand.class),
                        f.number("degrees"));
            case "screen" ->
                new Deed.Screening(
                        f.has("against") ? Optional.of(new RoleId(f.slug("against"))) : Optional.empty(), seconds(f));
            case "contact" ->
                new Deed.Contact(new RoleId(f.slug("with")), f.choice("level", Deed.Level.class), seconds(f));
            case "contest" ->
                new Deed.Contest(
                        f.choiceOr("kind", Deed.Kind.class, Deed.Kind.LOOSE_BALL),
                        f.texts("rivals", 60).stream().map(RoleId::new).toList(),
                        f.has("winner") ? Optional.of(new RoleId(f.slug("winner"))) : Optional.empty());
            case "challenge" -> challenge(f);
            case "play" -> openPlay(f);
            case "skill" ->
                new Skill(
                        f.choice("trick", Trick.class),
                        f.textOr("name", "", Limits.WORD),
                        f.choiceOr("hand", Hand.class, Hand.NONE));
            case "call" ->
                new Deed.Calling(
                        f.text("words", Deed.Calling.MAX_LENGTH),
                        f.has("set") ? Optional.of(new CallId(f.slug("set"))) : Optional.empty());
            case "look" ->
                new Looking(f.object("at").readAll(MoveReader::mark), f.choiceOr("over", Hand.class, Hand.NONE));
            case "drop-out" -> new DroppingOut();
            case "take-gear" -> new HandlingGear(new GearId(f.slug("gear")), HandlingGear.Way.TAKE);
            case "put-gear" -> new HandlingGear(new GearId(f.slug("gear")), HandlingGear.Way.PUT);
            case "put-down" -> new Deed.PuttingDown();
            default -> throw f.problem(f.raw("do"), "\"do\" should be one of %s; found \"%s\".".formatted(KINDS, kind));
        };
    }

    private static Deed challenge(Fields f) throws FormatProblem {
        Challenge usual = Challenge.of(f.choice("bid", Bid.class), new RoleId(f.slug("on")));
        return new Challenge(
                usual.bid(),
                usual.on(),
                f.choiceOr("level", Deed.Level.class, usual.level()),
                f.choiceOr("verdict", Verdict.class, usual.verdict()),
                f.pointIfAny("spill"));
    }

    private static Deed openPlay(Fields f) throws FormatProblem {
        List<RoleId> with = f.texts("with", 60).stream().map(RoleId::new).toList();
        List<PlayEnd> endings = f.choices("until", PlayEnd.class);
        if (endings.isEmpty()) {
            throw f.problem("\"until\" needs at least one of goal, out, won, shot, passes or whistle.");
        }
        double typical = f.number("seconds");
        return new OpenPlay(
                with,
                f.has("in") ? Optional.of(f.slug("in")) : Optional.empty(),
                endings,
                f.has("passes") ? f.whole("passes", 1, OpenPlay.MAX_PASSES) : 0,
                typical,
                f.numberOr("longest", typical),
                f.elements("joining", MoveReader::joining),
                f.choiceOr("ending", PlayEnd.class, endings.get(0)),
                scores(f));
    }

    /** Points for some of what ends it. */
    private static Map<PlayEnd, Integer> scores(Fields f) throws FormatProblem {
        if (!f.has("scores")) {
            return Map.of();
        }
        return f.object("scores").readAll(s -> {
            Map<PlayEnd, Integer> all = new EnumMap<>(PlayEnd.class);
            for (PlayEnd end : PlayEnd.values()) {
                String name = Fields.nameOf(end);
                if (s.has(name)) {
                    all.put(end, s.whole(name, -Scoring.Points.MOST, Scoring.Points.MOST));
                }
            }
            return all;
        });
    }

    private static Joining joining(Fields f) throws FormatProblem {
        return new Joining(new RoleId(f.slug("role")), new RoleId(f.slug("at")));
    }

    private static double seconds(Fields f) throws FormatProblem {
        return f.number("seconds");
    }

    private static List<Waypoint> path(Fields f) throws FormatProblem {
        List<Waypoint> path = new ArrayList<>();
        List<Located> elements = f.list("path");
        for (int i = 0; i < elements.size(); i++) {
            Located element = elements.get(i);
            path.add(
                    element.isArray()
                            ? new Waypoint(f.point(element, "a point of \"path\""), false)
                            : f.inner(element, "path/" + i).readAll(MoveReader::waypoint));
        }
        return path;
    }

    private static Waypoint waypoint(Fields f) throws FormatProblem {
        Passing how = f.flagOr("cut", false) ? Passing.CUT : f.choiceOr("how", Passing.class, Passing.CURVE);
        return new Waypoint(
                f.point("at"),
                how,
                f.choiceOr("foot", Hand.class, Hand.NONE),
                f.numberOr("pause", 0),
                f.has("round") ? Optional.of(f.object("round").readAll(MoveReader::round)) : Optional.empty(),
                f.has("called") ? Optional.of(f.object("called").readAll(MoveReader::called)) : Optional.empty());
    }

    private static Round round(Fields f) throws FormatProblem {
        return new Round(f.point("centre"), f.numberOr("turns", 1), f.choice("side", Hand.class));
    }

    private static Called called(Fields f) throws FormatProblem {
        return new Called(new CallId(f.slug("call")), f.has("pick") ? f.whole("pick", 1, CallSet.MAX_PICKS) : 1);
    }

    private static Target target(Fields f) throws FormatProblem {
        if (f.has("ahead") && !f.has("role") && !f.has("at")) {
            List<RoleId> among = f.texts("ahead", 60).stream().map(RoleId::new).toList();
            if (among.size() < 2) {
                throw f.problem("\"ahead\" needs at least two roles: the one who is further ahead gets it.");
            }
            return Target.ToRole.furthest(among);
        }
        if (f.has("role") == f.has("at")) {
            throw f.problem("\"to\" needs either \"role\" or \"at\" (a place), not both.");
        }
        return f.has("role")
                ? new Target.ToRole(new RoleId(f.slug("role")))
                : new Target.ToPlace(
                        f.point("at"), f.has("runner") ? Optional.of(new RoleId(f.slug("runner"))) : Optional.empty());
    }
}
