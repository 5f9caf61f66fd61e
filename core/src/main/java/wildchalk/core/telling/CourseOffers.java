package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.Texts;

/** Rules, launches and rotations that a coach may want, to choose from. */
public final class CourseOffers {

    private static final List<Integer> TOUCHES = List.of(1, 2, 3);
    private static final List<Integer> DRIBBLES = List.of(1, 2, 3);
    private static final List<Integer> PASSES = List.of(1, 2, 3, 4, 5);
    private static final List<Integer> SECONDS = List.of(5, 8, 10, 15, 20, 30);
    private static final List<Integer> ENTRIES = List.of(1, 2, 3);
    private static final List<Double> WHISTLES = List.of(3.0, 5.0, 8.0, 10.0, 15.0, 20.0);
    private static final List<Double> AFTER = List.of(0.0, 2.0, 5.0);
    private static final List<Integer> STINT_REPS = List.of(1, 2, 3, 4, 5, 8, 10);
    private static final List<Double> STINT_MINUTES = List.of(1.0, 1.5, 2.0, 3.0, 4.0, 5.0);
    private static final List<Integer> SIDES_REPS = List.of(1, 2, 3, 4, 5);
    private static final List<Double> SIDES_MINUTES = List.of(1.0, 2.0, 3.0, 4.0, 5.0);
    private static final List<Double> TEMPOS = List.of(0.35, 0.5, 0.75, 1.0);
    private static final int MOST_IN_PART = 3;
    private static final int MOST_ZONES = 8;

    private CourseOffers() {}

    /** Limits on touches, dribbles, passes, seconds and entries. */
    public static List<Rule> limits(Progression version, Surface surface) {
        List<Rule> list = new ArrayList<>();
        TOUCHES.forEach(n -> list.add(limit(version, Rule.Kind.TOUCHES, n)));
        DRIBBLES.forEach(n -> list.add(limit(version, Rule.Kind.DRIBBLES, n)));
        PASSES.forEach(n -> list.add(limit(version, Rule.Kind.PASSES, n)));
        SECONDS.forEach(n -> list.add(limit(version, Rule.Kind.SECONDS, n)));
        for (String zone : zones(version, surface)) {
            ENTRIES.forEach(
                    n -> list.add(new Rule.Limit(version.nextRuleId(), Rule.Kind.ENTRIES, n, Optional.of(zone))));
        }
        return list;
    }

    private static Rule limit(Progression version, Rule.Kind kind, int number) {
        return new Rule.Limit(version.nextRuleId(), kind, number, Optional.empty());
    }

    /** Who is always in a part: one at least, nobody, one or two at most; of everybody, of a team or of a side. */
    public static List<Rule> duties(Progression version, Surface surface) {
        List<Rule> list = new ArrayList<>();
        RuleId id = version.nextRuleId();
        List<Rule.Duty> who = new ArrayList<>();
        for (String zone : zones(version, surface)) {
            Rule.Duty one = new Rule.Duty(id, Rule.Bound.AT_LEAST, 1, zone, Optional.empty(), Optional.empty());
            version.course()
                    .teams()
                    .forEach(t -> who.add(
                            new Rule.Duty(id, one.bound(), one.number(), zone, Optional.empty(), Optional.of(t.id()))));
            for (Side side : List.of(Side.ATTACK, Side.DEFENCE)) {
                who.add(new Rule.Duty(id, one.bound(), one.number(), zone, Optional.of(side), Optional.empty()));
            }
            who.add(one);
        }
        for (Rule.Duty d : who) {
            list.add(d);
            for (int most = 0; most <= MOST_IN_PART; most++) {
                list.add(new Rule.Duty(id, Rule.Bound.AT_MOST, most, d.zone(), d.side(), d.team()));
            }
        }
        return list;
    }

    /** Ids of zones that a rule may be about. */
    public static List<String> zones(Scene scene, Surface surface) {
        return Stream.concat(
                        scene.layout().zones().stream().map(z -> z.id().text()),
                        surface.zones().stream().map(Zone::id))
                .distinct()
                .limit(MOST_ZONES)
                .collect(Collectors.collectingAndThen(Collectors.toList(), l -> withSides(scene, l)));
    }

    /** Where there is a ball, the side on which it is and the other. */
    private static List<String> withSides(Scene scene, List<String> zones) {
        if (!scene.balls().isEmpty()) {
            zones.add(Zones.BALL_SIDE);
            zones.add(Zones.FAR_SIDE);
        }
        return zones;
    }

    /** What one role may not do until another has the ball, or a pass is made. */
    public static List<Rule> holds(Progression version, Surface surface, RoleId role) {
        List<Event> untils = new ArrayList<>();
        for (Role other : version.roles()) {
            if (!other.id().equals(role) && other.side() != Side.KEEPER) {
                untils.add(new Event.Handles(other.id(), Event.Handling.GETS));
                untils.add(new Event.Handles(other.id(), Event.Handling.RELEASES));
            }
        }
        RuleId id = version.nextRuleId();
        List<Rule> list = new ArrayList<>();
        untils.forEach(e -> list.add(new Rule.Hold(id, role, Rule.What.MOVE, Optional.empty(), Optional.of(e))));
        for (Rule.What what : List.of(Rule.What.TOUCH, Rule.What.SHOOT, Rule.What.TACKLE, Rule.What.LOOK)) {
            list.add(new Rule.Hold(id, role, what, Optional.empty(), Optional.empty()));
            untils.forEach(e -> list.add(new Rule.Hold(id, role, what, Optional.empty(), Optional.of(e))));
        }
        for (String zone : zones(version, surface)) {
            Optional<Region> in = Optional.of(new Region.In(zone));
            list.add(new Rule.Hold(id, role, Rule.What.LEAVE, in, Optional.empty()));
            list.add(new Rule.Hold(id, role, Rule.What.ENTER, in, Optional.empty()));
            untils.stream()
                    .filter(e -> e instanceof Event.Handles h && h.what() == Event.Handling.RELEASES)
                    .forEach(e -> {
                        list.add(new Rule.Hold(id, role, Rule.What.LEAVE, in, Optional.of(e)));
                        list.add(new Rule.Hold(id, role, Rule.What.ENTER, in, Optional.of(e)));
                    });
        }
        for (Region line : lines(version, surface)) {
            list.add(new Rule.Hold(id, role, Rule.What.CROSS, Optional.of(line), Optional.empty()));
            untils.forEach(e -> list.add(new Rule.Hold(id, role, Rule.What.CROSS, Optional.of(line), Optional.of(e))));
        }
        return list;
    }

    /** After one rep, as is usual, after several, or after minutes. */
    public static List<Stint> stints() {
        return Stream.concat(
                        STINT_REPS.stream().map(Stint::ofReps),
                        STINT_MINUTES.stream().map(Stint::ofMinutes))
                .toList();
    }

    /** Halfway, and every rope or tape that lies on the ground. */
    public static List<Region> lines(Scene scene, Surface surface) {
        List<Region> lines = new ArrayList<>();
        double half = surface.widthMetres() / 2;
        lines.add(new Region.Line(new Point(0, -half), new Point(0, half)));
        for (Gear gear : scene.gear()) {
            if (gear.kind() == GearKind.ROPE) {
                Point along = Point.polar(gear.size().widthMetres() / 2, gear.facingDegrees() + 90);
                lines.add(new Region.Line(gear.at().minus(along), gear.at().plus(along)));
            }
        }
        return lines;
    }

    /** How reps may change sides: those whose people and goals are there are found by where they stand. */
    public static List<Alternation> alternations(Progression version, Surface surface) {
        List<Alternation> list = new ArrayList<>();
        for (Repeat.How how : List.of(Repeat.How.OTHER_SIDE, Repeat.How.OTHER_END)) {
            Alternation plain = Repeating.alternation(version, surface, how);
            SIDES_REPS.forEach(n -> list.add(plain.withAfter(Stint.ofReps(n))));
            SIDES_MINUTES.forEach(m -> list.add(plain.withAfter(Stint.ofMinutes(m))));
        }
        return list;
    }

    /** What a team in bibs of a colour is called. */
    public static String teamName(Chalk bibs) {
        String colour = Texts.CORE.get("chalk." + bibs);
        return Character.toUpperCase(colour.charAt(0)) + colour.substring(1);
    }

    /** Walked, half, three quarters, full. */
    public static List<Double> tempos() {
        return TEMPOS;
    }

    /** Scores and clocks that coaches play out. */
    public static List<Conduct.Situation> situations() {
        List<Conduct.Situation> list = new ArrayList<>();
        for (int theirs = 0; theirs <= 2; theirs++) {
            for (int seconds : List.of(0, 10, 30, 60)) {
                list.add(new Conduct.Situation(1, theirs, seconds));
            }
        }
        return list;
    }

    /** What may become of every two teams. */
    public static List<TeamTurn> teamTurns(Scene scene) {
        List<TeamTurn> list = new ArrayList<>();
        List<Team> teams = scene.course().teams();
        for (Team one : teams) {
            for (Team two : teams) {
                if (!one.equals(two)) {
                    for (TeamTurn.How how : TeamTurn.How.values()) {
                        boolean bothWays = how == TeamTurn.How.SWAP || how == TeamTurn.How.LOSER_DEFENDS;
                        if (!bothWays || teams.indexOf(one) < teams.indexOf(two)) {
                            list.add(new TeamTurn(how, one.id(), two.id()));
                        }
                    }
                }
            }
        }
        return list;
    }

    /** When the next rep may start. */
    public static List<Launch> launches(Scene path) {
        List<Launch> list = new ArrayList<>();
        AFTER.forEach(s -> list.add(new Launch(Optional.empty(), s)));
        WHISTLES.forEach(s -> list.add(new Launch(Optional.of(new Event.Whistle()), s)));
        for (Move move : path.moves()) {
            if (!path.isTold(move.id())) {
                continue;
            }
            if (move instanceof Pass) {
                list.add(new Launch(Optional.of(new Event.Caught(move.id())), 0));
            } else if (move instanceof Shot) {
                list.add(new Launch(Optional.of(new Event.Starts(move.id())), 0));
            }
        }
        return list;
    }

    /** Where a role may go after the rep. */
    public static List<Rotation> rotations(Scene scene, RoleId role) {
        List<Rotation> list = new ArrayList<>();
        for (WaitingLine line : scene.lines()) {
            list.add(Rotation.toLine(role, line.id()));
        }
        scene.roles().stream().filter(r -> !r.id().equals(role)).forEach(r -> list.add(Rotation.toRole(role, r.id())));
        list.add(Rotation.stay(role));
        list.add(Rotation.rest(role));
        return list;
    }
}
