package wildchalk.core.reps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.runthrough.RunThrough;

/** Reps that change sides, and teams that change tasks, against what is counted by hand. */
class SidesAndTeamsTest {

    private static final RoleId L = new RoleId("l");
    private static final RoleId R = new RoleId("r");
    private static final LineId LEFT = new LineId("left");
    private static final LineId RIGHT = new LineId("right");
    private static final TeamId BLUE = new TeamId("blue");
    private static final TeamId WHITE = new TeamId("white");

    private static Role fed(RoleId id) {
        return new Role(id, id.text(), Side.ATTACK, Optional.empty(), 0, 1);
    }

    /** L runs 10 m out of his line and goes back to it; R of the line across does it every other rep. */
    private static Progression wings(int each, Stint after) {
        Progression plain = Drills.blank()
                .role("l", Side.ATTACK, 0, 6)
                .role("r", Side.ATTACK, 0, -6)
                .run("m1", "l", 10, 4)
                .progression();
        return plain.withPeople(
                        List.of(
                                new WaitingLine(LEFT, "L", new Point(0, 6), 0, List.of(L), each),
                                new WaitingLine(RIGHT, "R", new Point(0, -6), 0, List.of(R), each)),
                        List.of(fed(L), fed(R)),
                        plain.balls(),
                        plain.steps())
                .withCourse(plain.course()
                        .with(Rotation.toLine(L, LEFT))
                        .withLaunch(Optional.of(new Launch(Optional.of(new Event.Whistle()), 10)))
                        .withAlternation(Optional.of(
                                new Alternation(Repeat.How.OTHER_SIDE, after, Map.of(L, R, R, L), Map.of()))));
    }

    private static RepScript script(Progression p) {
        Drill drill = Drills.drill(p, AgeBand.U16);
        RunThrough run = RunThrough.of(drill, p);
        return RepScript.of(run.path(), run.timeline(), Pace.of(drill));
    }

    private static Block block(Progression p, double minutes) {
        return Block.of(script(p), Conditions.AS_DRAWN, minutes);
    }

    /** A whistle every 10 s for 4 minutes is 24 reps: 12 for each side, so 4 for each of three. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void eachSideGetsHalfOfTheRepsAndWhoWaitsKeepsHisPlace(int each) {
        Block block = block(wings(3, Stint.ofReps(each)), 4);
        assertEquals(24, block.reps());
        block.people().forEach(p -> assertEquals(4, p.turns().size(), "each of three in " + p.line()));
        double left = metres(block, LEFT);
        assertTrue(left > 60 && Math.abs(left - metres(block, RIGHT)) < 1e-6, "both run the same way, mirrored");
    }

    private static double metres(Block block, LineId line) {
        return block.people().stream()
                .filter(p -> p.line().equals(Optional.of(line)))
                .mapToDouble(Block.Share::metres)
                .sum();
    }

    /** Two minutes on one side, then two on the other. */
    @Test
    void sidesChangeByTheMinuteToo() {
        RepFlow flow = RepFlow.of(script(wings(2, Stint.ofMinutes(2))), Conditions.AS_DRAWN);
        for (int rep = 0; rep < 24; rep++) {
            double at = flow.startOf(rep) + 1.5;
            long left = flow.at(at).stream()
                    .filter(s -> s.doing() == Somebody.Doing.PLAYS && s.at().y() > 0)
                    .count();
            long right = flow.at(at).stream()
                    .filter(s -> s.doing() == Somebody.Doing.PLAYS && s.at().y() < 0)
                    .count();
            assertEquals(rep < 12 ? List.of(1L, 0L) : List.of(0L, 1L), List.of(left, right), "rep " + rep);
        }
    }

    /** Pass and follow between two lines: the ball is never fetched, and nobody waits for one. */
    @Test
    void whatGoesOnWithTheSameBallTakesOne() {
        Progression plain = Drills.blank()
                .role("l", Side.ATTACK, -7, 0)
                .role("r", Side.ATTACK, 7, 0)
                .ballWith("l")
                .pass("m1", "l", "r")
                .run("m2", "l", 5, 1)
                .progression();
        Progression p = plain.withPeople(
                        List.of(
                                new WaitingLine(LEFT, "L", new Point(-7, 0), 0, List.of(L), 3),
                                new WaitingLine(RIGHT, "R", new Point(7, 0), 180, List.of(R), 3)),
                        List.of(fed(L), fed(R)),
                        plain.balls(),
                        plain.steps())
                .withCourse(plain.course()
                        .with(Rotation.toLine(L, RIGHT))
                        .with(Rotation.stay(R))
                        .withAlternation(Optional.of(
                                new Alternation(Repeat.How.OTHER_END, Stint.ONE_REP, Map.of(L, R, R, L), Map.of())))
                        .withLaunch(Optional.of(new Launch(Optional.of(new Event.Caught(new MoveId("m1"))), 1, true))));
        Block block = block(p, 3);
        assertEquals(1, block.ballsForAll());
        // everybody passes as often as the others, but for the one whose turn the end cuts off
        assertTrue(block.mostTurns() - block.fewestTurns() <= 2, block.fewestTurns() + " to " + block.mostTurns());
        assertTrue(block(own(p), 3).ballsForAll() > 1, "with a ball of its own each rep takes another");
    }

    private static Progression own(Progression p) {
        return p.withCourse(p.course().withLaunch(p.course().launch().map(l -> l.withGoesOn(false))));
    }

    // ---- teams ----

    /** Two of Blue and two of White, who all run. @param line whether White come out of a line of six */
    private static Progression teams(TeamTurn.How how, boolean line) {
        Progression plain = Drills.blank()
                .role("b1", Side.ATTACK, 0, 2)
                .role("b2", Side.ATTACK, 0, 4)
                .role("w1", Side.DEFENCE, 5, 2)
                .role("w2", Side.DEFENCE, 5, 4)
                .run("m1", "b1", 3, 2)
                .run("m2", "b2", 3, 4)
                .run("m3", "w1", 8, 2)
                .run("m4", "w2", 8, 4)
                .progression();
        RoleId w1 = new RoleId("w1");
        RoleId w2 = new RoleId("w2");
        Progression p = line
                ? plain.withPeople(
                        List.of(new WaitingLine(LEFT, "N", new Point(5, 2), 0, List.of(w1, w2), 6)),
                        plain.roles().stream()
                                .map(r -> r.side() == Side.DEFENCE ? fed(r.id()) : r)
                                .toList(),
                        plain.balls(),
                        plain.steps())
                : plain;
        return p.withCourse(p.course()
                .withTeams(List.of(
                        new Team(BLUE, "Blue", List.of(new RoleId("b1"), new RoleId("b2"))),
                        new Team(WHITE, "White", List.of(w1, w2))))
                .withTeamTurns(List.of(new TeamTurn(how, BLUE, WHITE))));
    }

    @ParameterizedTest
    @EnumSource(TeamTurn.How.class)
    void everybodyComesRoundAndGetsBothTasks(TeamTurn.How how) {
        boolean line = how == TeamTurn.How.WINNER_STAYS;
        Rotations.Play play = Rotations.of(teams(how, line)).round();
        Map<TeamTurn.How, Integer> round = Map.of(
                TeamTurn.How.SWAP, 2,
                TeamTurn.How.LOSER_DEFENDS, 4);
        Optional.ofNullable(round.get(how)).ifPresent(n -> assertEquals(OptionalInt.of(n), play.round()));
        assertTrue(play.round().isPresent(), "all come round");
        for (int person = 0; person < play.people(); person++) {
            Set<Character> tasks = new HashSet<>();
            play.rolesOf(person).forEach(r -> tasks.add(r.text().charAt(0)));
            assertEquals(Set.of('b', 'w'), tasks, "person " + person + " of " + how);
        }
        play.reps().forEach(r -> assertEquals(4, Set.copyOf(r.parts().values()).size(), "four different people"));
    }

    /** Who wins is on again; who loses waits for two others. */
    @Test
    void winnersStayAndLosersWaitTheirTurn() {
        List<Rotations.Rep> reps =
                Rotations.of(teams(TeamTurn.How.WINNER_STAYS, true)).first(3);
        Map<RoleId, Integer> first = reps.get(0).parts();
        Map<RoleId, Integer> second = reps.get(1).parts();
        Map<RoleId, Integer> third = reps.get(2).parts();
        RoleId b1 = new RoleId("b1");
        RoleId w1 = new RoleId("w1");
        assertEquals(first.get(b1), second.get(b1), "Blue win first and stay");
        assertTrue(!first.containsValue(second.get(w1)), "the next two come on");
        assertEquals(second.get(w1), third.get(b1), "then White win and have the place of Blue");
        assertTrue(!third.containsValue(second.get(b1)), "and Blue wait");
    }

    /** The block plays what the rotation says: after each change the same people are in the same parts. */
    @ParameterizedTest
    @EnumSource(TeamTurn.How.class)
    void theBlockPlaysWhatTheRotationSays(TeamTurn.How how) {
        Progression p = teams(how, how == TeamTurn.How.WINNER_STAYS);
        p = p.withCourse(p.course().withLaunch(Optional.of(new Launch(Optional.empty(), 30))));
        List<Rotations.Rep> reps = Rotations.of(p).first(8);
        RepFlow flow = RepFlow.of(script(p), Conditions.AS_DRAWN);
        for (int rep = 0; rep < reps.size(); rep++) {
            Map<RoleId, Integer> now = new HashMap<>();
            flow.at(flow.startOf(rep) + 0.6).stream()
                    .filter(s -> s.doing() == Somebody.Doing.PLAYS)
                    .forEach(s -> now.put(s.role(), s.number()));
            assertEquals(reps.get(rep).parts(), now, "rep " + rep);
        }
    }

    @Test
    void whoIsNamedInTheRotationGoesWhereItSays() {
        Progression p = teams(TeamTurn.How.SWAP, false);
        RoleId b1 = new RoleId("b1");
        RoleId w1 = new RoleId("w1");
        Progression stays = p.withCourse(p.course().with(Rotation.stay(b1)).with(Rotation.stay(w1)));
        List<Rotations.Rep> reps = Rotations.of(stays).first(4);
        IntStream.range(1, 4)
                .forEach(i -> assertEquals(
                        reps.get(0).parts().get(b1), reps.get(i).parts().get(b1)));
        assertEquals(
                reps.get(0).parts().get(new RoleId("b2")), reps.get(1).parts().get(new RoleId("w2")));
    }
}
