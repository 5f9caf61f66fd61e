package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Zones;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Words;

/** The far side and the ball side, which go with the ball. */
class FarSideTest {

    private static final RoleId C = new RoleId("c");

    /** A at the left sends it to B at the right; C stands a little to the left. */
    private static Progression switched(Rule... rules) {
        Course course = Course.PLAIN.withRules(List.of(rules));
        return Drills.blank()
                .role("a", Side.ATTACK, 0, 8)
                .role("b", Side.ATTACK, 0, -8)
                .role("c", Side.ATTACK, 8, 2)
                .ballWith("a")
                .pass("m1", "a", "b")
                .nextStep()
                .run("m3", "b", 9, -8)
                .under(course)
                .progression();
    }

    private static RunThrough run(Progression p) {
        return Drills.run(p, AgeBand.ADULT);
    }

    private static List<Finding> found(Progression p, String rule) {
        return Checks.of(run(p)).stream().filter(f -> f.rule().equals(rule)).toList();
    }

    /** Wherever the ball is, a place off the middle is on one side of it and not on the other. */
    @ParameterizedTest
    @CsvSource({"8, 3, true", "8, -3, false", "-2, -9, true", "-2, 0.1, false", "0.2, 5, true", "0.2, -5, true"})
    void everyPlaceIsOnOneSideOfTheBall(double ball, double y, boolean ballSide) {
        Progression p = switched();
        Optional<Point> at = Optional.of(new Point(3, ball));
        Point place = new Point(-7, y);
        assertEquals(
                ballSide,
                Zones.find(p, Drills.HANDBALL, Zones.BALL_SIDE, at)
                        .orElseThrow()
                        .contains(place));
        assertEquals(
                !ballSide,
                Zones.find(p, Drills.HANDBALL, Zones.FAR_SIDE, at).orElseThrow().contains(place));
    }

    /** Until the ball has crossed the middle B alone is on the far side, then A and C, who has stood still. */
    @Test
    void aDutyOnTheFarSideIsHeldAgainstWhereTheBallIsThen() {
        Rule atMostOne = new Rule.Duty(
                new RuleId("r1"), Rule.Bound.AT_MOST, 1, Zones.FAR_SIDE, Optional.empty(), Optional.empty());
        Rule atMostTwo = new Rule.Duty(
                new RuleId("r1"), Rule.Bound.AT_MOST, 2, Zones.FAR_SIDE, Optional.empty(), Optional.empty());
        assertEquals(1, found(switched(atMostOne), "duty-broken").size());
        assertEquals(0, found(switched(atMostTwo), "duty-broken").size());
        assertEquals(0, found(switched(atMostTwo), "no-zone").size());
    }

    /** He stands still, and is on the far side as soon as the ball is on the other. */
    @Test
    void whoStandsStillComesToTheFarSideAsTheBallLeaves() {
        Rule stays = new Rule.Hold(
                new RuleId("r1"), C, Rule.What.ENTER, Optional.of(new Region.In(Zones.FAR_SIDE)), Optional.empty());
        List<Finding> broken = found(switched(stays), "hold-enter");
        assertEquals(1, broken.size());
        RunThrough run = run(switched(stays));
        double t = broken.get(0).atSeconds().orElseThrow();
        double y = run.timeline().firstBallAt(t).orElseThrow().y();
        assertTrue(y <= -0.5 && y > -2, "as the ball crosses the middle: " + y);
    }

    /** A move may wait for it, and starts when the ball has crossed the middle. */
    @ParameterizedTest
    @EnumSource(Symmetry.class)
    void aMoveStartsAsSomebodyIsOnTheFarSide(Symmetry symmetry) {
        Event far = new Event.Reaches(new Mover.Somebody(C), new Region.In(Zones.FAR_SIDE));
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, 0, 8)
                .role("b", Side.ATTACK, 0, -8)
                .role("c", Side.ATTACK, 8, 2)
                .ballWith("a")
                .pass("m1", "a", "b")
                .run("m2", "c", new Trigger(far, 0, Optional.of(0.0)), 12, 2)
                .progression();
        Progression there = Transforms.all(p, Drills.HANDBALL, symmetry);
        RunThrough run = run(there);
        MoveSpan span = run.timeline().move(new MoveId("m2"));
        assertTrue(span.happens());
        Point ball = run.timeline().firstBallAt(span.start()).orElseThrow();
        assertEquals(0.5, Math.abs(ball.y()), 0.05, "as the ball has left the middle");
    }

    @Test
    void theWordsSayItAsACoachDoes() {
        Rule one = new Rule.Duty(
                new RuleId("r1"), Rule.Bound.AT_LEAST, 1, Zones.FAR_SIDE, Optional.of(Side.ATTACK), Optional.empty());
        assertEquals(
                List.of("Always at least one of the attack on the far side."),
                Words.of(run(switched(one)), LengthUnit.METRES).rules());
    }
}
