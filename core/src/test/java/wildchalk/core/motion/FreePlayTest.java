package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Joining;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.telling.PlayScores;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Words;

/** Open play: who, where, how long, how it ends; what happens in it is nobody's business. */
class FreePlayTest {

    private static final BallId BALL = new BallId("b0");
    private static final MoveId PLAY = new MoveId("m1");
    private static final List<RoleId> OTHERS = List.of(new RoleId("b"), new RoleId("x"), new RoleId("y"));

    private static Timeline compile(Progression version) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
    }

    private static Drills four() {
        return Drills.blank()
                .role("a", Side.ATTACK, -3, 2)
                .role("b", Side.ATTACK, 3, 2)
                .role("x", Side.DEFENCE, -3, -2)
                .role("y", Side.DEFENCE, 3, -2)
                .role("z", Side.DEFENCE, -9, 0)
                .ballWith("a");
    }

    private static OpenPlay play(PlayEnd end) {
        return new OpenPlay(
                OTHERS,
                Optional.of("pool"),
                List.of(end),
                end == PlayEnd.PASSES ? 5 : 0,
                9,
                15,
                List.of(new Joining(new RoleId("z"), new RoleId("b"))),
                end,
                Map.of());
    }

    private static Progression with(OpenPlay play, Course course) {
        Progression version = four().move(new Act(PLAY, new RoleId("a"), Optional.empty(), false, play))
                .nextStep()
                .run("m2", "x", 10, 3)
                .under(course)
                .progression();
        return version.withLayout(Layout.NONE.with(new MarkedZone(
                new ZoneId("pool"),
                "pool",
                ZoneKind.BOX,
                List.of(new Point(-7, -7), new Point(7, -7), new Point(7, 7), new Point(-7, 7)))));
    }

    @ParameterizedTest
    @EnumSource(PlayEnd.class)
    void itLastsAsLongAsItUsuallyDoesAndEndsAsItIsSaidTo(PlayEnd end) {
        Timeline t = compile(with(play(end), Course.PLAIN));
        double over = t.move(PLAY).end();
        assertEquals(9, t.move(PLAY).seconds(), 1e-9);
        assertTrue(t.move(new MoveId("m2")).start() >= over - 1e-9, "nobody does anything else meanwhile");
        BallState ball = t.ballStateAt(BALL, over + 0.01);
        Optional<String> holder = ball.holder().map(RoleId::text);
        switch (end) {
            case GOAL -> assertTrue(ball instanceof BallState.Dead);
            case OUT ->
                assertTrue(ball instanceof BallState.Loose l && (Math.abs(l.at().x()) > 7 || Math.abs(l.at().y()) > 7));
            case SHOT -> assertTrue(ball instanceof BallState.Loose);
            // who goes on with something has it
            case WON -> assertEquals("x", holder.orElse(""));
            case PASSES, WHISTLE -> assertTrue(List.of("a", "b").contains(holder.orElse("")));
        }
        assertEquals(List.of(), t.findings());
    }

    @Test
    void everybodyMovesAndStaysInTheZone() {
        Timeline t = compile(with(play(PlayEnd.WHISTLE), Course.PLAIN));
        List<RoleId> all = new ArrayList<>(OTHERS);
        all.add(new RoleId("a"));
        for (RoleId role : all) {
            double way = 0;
            for (double s = t.move(PLAY).start(); s < t.move(PLAY).end(); s += 0.1) {
                Point p = t.placeAt(role, s);
                assertTrue(Math.abs(p.x()) <= 7.3 && Math.abs(p.y()) <= 7.3, role + " at " + p);
                way += p.distanceTo(t.placeAt(role, s + 0.1));
            }
            assertTrue(way > 1 || role.text().equals("y"), role + " runs " + way);
        }
        // who joins comes in, and not before the touch
        RoleId joins = new RoleId("z");
        assertEquals(new Point(-9, 0), t.placeAt(joins, 0.5));
        assertTrue(t.placeAt(joins, t.move(PLAY).end()).x() > -7.01);
    }

    /** Who may not leave a zone does not. */
    @Test
    void aRuleBindsWhoPlays() {
        Rule.Hold hold = new Rule.Hold(
                new RuleId("r1"),
                new RoleId("b"),
                Rule.What.LEAVE,
                Optional.of(new Region.In("nook")),
                Optional.empty());
        Progression bare = with(play(PlayEnd.WHISTLE), Course.PLAIN.withRules(List.of(hold)));
        Progression version = bare.withLayout(bare.layout()
                .with(new MarkedZone(
                        new ZoneId("nook"),
                        "nook",
                        ZoneKind.BOX,
                        List.of(new Point(1, 0), new Point(5, 0), new Point(5, 4), new Point(1, 4)))));
        Timeline t = compile(version);
        for (double s = 0; s < t.move(PLAY).end(); s += 0.1) {
            Point p = t.placeAt(new RoleId("b"), s);
            assertTrue(p.x() > 0.7 && p.x() < 5.3 && p.y() > -0.3 && p.y() < 4.3, "at " + p);
        }
    }

    @Test
    void itIsTheSameAtEveryLook() {
        Progression version = with(play(PlayEnd.WON), Course.PLAIN);
        Timeline one = compile(version);
        Timeline two = compile(version);
        for (double s = 0; s < 10; s += 0.5) {
            assertEquals(one.placeAt(new RoleId("b"), s), two.placeAt(new RoleId("b"), s));
            assertEquals(one.ballAt(BALL, s), two.ballAt(BALL, s));
        }
    }

    @Test
    void itEndsBySomethingAndNotBeforeItUsuallyDoes() {
        assertThrows(
                IllegalArgumentException.class,
                () -> new OpenPlay(OTHERS, Optional.empty(), List.of(), 0, 5, 9, List.of(), PlayEnd.GOAL, Map.of()));
        assertThrows(IllegalArgumentException.class, () -> play(PlayEnd.GOAL).withSeconds(10, 5));
        assertThrows(IllegalArgumentException.class, () -> play(PlayEnd.GOAL).withPasses(3));
        assertEquals(
                List.of(PlayEnd.GOAL), play(PlayEnd.GOAL).withEndings(List.of()).endings());
    }

    /** What an ending counts is said with it, stands on the score card, and goes with the ending. */
    @Test
    void whatAnEndingCountsIsSaidAndKept() {
        OpenPlay play = OpenPlay.with(OTHERS, Optional.of("pool"))
                .withScore(PlayEnd.GOAL, 2)
                .withScore(PlayEnd.OUT, 1);
        Progression version = with(play, Course.PLAIN);
        RunThrough run = Drills.run(version, AgeBand.ADULT);
        String said =
                Words.of(run, LengthUnit.METRES).steps().get(0).lines().get(1).text();
        assertTrue(said.contains("until somebody scores for 2 points, the ball is out for 1 point or"), said);
        assertEquals(
                List.of(new Scoring.Points("a goal in open play", 2), new Scoring.Points("playing it out", 1)),
                PlayScores.of(version).points());
        assertEquals(
                Map.of(PlayEnd.OUT, 1), play.withEndings(List.of(PlayEnd.OUT)).scores());
        assertThrows(IllegalArgumentException.class, () -> play.withScore(PlayEnd.GOAL, 1000));
        assertEquals(play, play.withScore(PlayEnd.PASSES, 3), "what does not end it counts nothing");
    }
}
