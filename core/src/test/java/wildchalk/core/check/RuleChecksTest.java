package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Zones, lines and limits: what is found agrees with a look at every hundredth of a second. */
class RuleChecksTest {

    private static final RoleId A = new RoleId("a");
    private static final RuleId RULE = new RuleId("r");
    private static final MarkedZone BOX = new MarkedZone(
            new ZoneId("z1"),
            "box",
            ZoneKind.BOX,
            List.of(new Point(0, -3), new Point(6, -3), new Point(6, 3), new Point(0, 3)));

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static RunThrough run(Progression version, Rule rule) {
        return Drills.run(
                version.withLayout(version.layout().with(BOX)).withCourse(Course.PLAIN.with(rule)), AgeBand.ADULT);
    }

    private static List<String> found(RunThrough run, String rule) {
        return Checks.of(run).stream()
                .map(Finding::rule)
                .filter(r -> r.equals(rule))
                .toList();
    }

    private static boolean inBox(Point p) {
        return p.x() > 0 && p.x() < 6 && Math.abs(p.y()) < 3;
    }

    /** A wanders over the floor, here and there into the box and out again. */
    private static Progression wandering(long seed) {
        Random random = new Random(seed);
        Drills drill = Drills.blank()
                .role("a", Side.ATTACK, random.nextInt(4) * 4 - 5.5, random.nextInt(3) * 4 - 4.5)
                .role("b", Side.ATTACK, -10, 8);
        int runs = 1 + random.nextInt(3);
        for (int i = 0; i < runs; i++) {
            drill.run("m" + i, "a", random.nextInt(4) * 4 - 4.5, random.nextInt(3) * 4 - 4.5);
        }
        return drill.run("wait", "b", -10, 4).progression();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoMayNotEnterOrLeaveIsFoundWhenHeDoes(long seed) {
        Progression drill = wandering(seed);
        for (Rule.What what : List.of(Rule.What.ENTER, Rule.What.LEAVE)) {
            Rule hold = new Rule.Hold(RULE, A, what, Optional.of(new Region.In("z1")), Optional.empty());
            RunThrough run = run(drill, hold);
            Timeline t = run.timeline();
            boolean ever = false;
            boolean plainly = false;
            boolean before = what == Rule.What.LEAVE && !inBox(t.poseAt(A, 0).at());
            int inARow = 0;
            for (double s = 0; s < t.seconds(); s += 0.01) {
                boolean is = inBox(t.poseAt(A, s).at()) == (what == Rule.What.ENTER);
                // what is over within a blink is not looked for
                inARow = is && !before ? inARow + 1 : 0;
                before = is && before;
                ever |= inARow > 0;
                plainly |= inARow > 6;
            }
            String rule = "hold-" + what.name().toLowerCase();
            if (plainly || !ever) {
                assertEquals(plainly ? List.of(rule) : List.of(), found(run, rule), "seed " + seed);
            }
        }
    }

    @Test
    void aHoldEndsWithItsEvent() {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, -4, 0)
                .role("b", Side.ATTACK, -4, 6)
                .run("first", "b", -2, 6)
                .run("in", "a", Trigger.afterEndOf(new MoveId("first"), 0), 3, 0)
                .progression();
        for (boolean late : new boolean[] {false, true}) {
            Event until = late ? new Event.Ends(new MoveId("in")) : new Event.Ends(new MoveId("first"));
            Rule hold = new Rule.Hold(RULE, A, Rule.What.ENTER, Optional.of(new Region.In("z1")), Optional.of(until));
            RunThrough run = run(drill, hold);
            assertEquals(late ? 1 : 0, found(run, "hold-enter").size());
            if (late) {
                Finding f = Checks.of(run).get(0);
                assertEquals(0, f.where().orElseThrow().x(), 0.5, "where he comes in");
            }
        }
    }

    @Test
    void aZoneThatIsNotThereIsSaid() {
        Rule hold = new Rule.Hold(RULE, A, Rule.What.ENTER, Optional.of(new Region.In("gone")), Optional.empty());
        assertEquals(1, Checks.of(run(wandering(1), hold)).size());
    }

    /** The ball goes in and out of the box so many times before it is shot. */
    private static Progression entering(int times) {
        Drills drill = Drills.blank()
                .role("out", Side.ATTACK, 9, 0)
                .role("in", Side.ATTACK, 3, 0)
                .ballWith("out");
        for (int i = 0; i < times; i++) {
            drill.pass("i" + i, "out", "in")
                    .nextStep()
                    .pass("o" + i, "in", "out")
                    .nextStep();
        }
        return drill.shot("shot", "out", Optional.empty()).progression();
    }

    @Test
    void entriesIntoAZoneAreCountedBeforeAShot() {
        List<Integer> wrong = new ArrayList<>();
        for (int times = 0; times <= 4; times++) {
            for (int asked = 1; asked <= 4; asked++) {
                Rule limit = new Rule.Limit(RULE, Rule.Kind.ENTRIES, asked, Optional.of("z1"));
                int findings = Checks.of(run(entering(times), limit)).size();
                if (findings != (times < asked ? 1 : 0)) {
                    wrong.add(times * 10 + asked);
                }
            }
        }
        assertEquals(List.of(), wrong, "times in, then how many were asked for");
    }

    @Test
    void aNumberBindsAsItSays() {
        for (int times = 0; times <= 3; times++) {
            for (int number = 1; number <= 4; number++) {
                for (Rule.Bound bound : Rule.Bound.values()) {
                    // each time in is a pass in and a pass out
                    int passes = 2 * times;
                    boolean kept =
                            switch (bound) {
                                case AT_MOST -> passes <= number;
                                case AT_LEAST -> passes >= number;
                                case EXACTLY -> passes == number;
                            };
                    Rule limit =
                            new Rule.Limit(RULE, Rule.Kind.PASSES, bound, number, Optional.empty(), Optional.empty());
                    assertEquals(
                            kept ? 0 : 1,
                            found(run(entering(times), limit), "limit-passes").size(),
                            bound + " " + number + " of " + passes);
                }
            }
        }
    }

    @Test
    void onlyPassesOfItsZoneAndItsSideCount() {
        Rule.Limit exactly =
                new Rule.Limit(RULE, Rule.Kind.PASSES, Rule.Bound.EXACTLY, 2, Optional.of("z1"), Optional.empty());
        assertEquals(List.of(), found(run(entering(2), exactly), "limit-passes"), "two of four are out of the box");
        Rule others = exactly.withSide(Optional.of(Side.DEFENCE));
        assertEquals(List.of(), found(run(entering(3), others), "limit-passes"), "the attack may do as it likes");
        assertEquals(1, found(run(entering(3), exactly), "limit-passes").size());
    }

    @Test
    void nobodyStaysInAZoneLongerThanHeMay() {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, 3, 0)
                .role("b", Side.DEFENCE, -8, 0)
                .run("m1", "b", -8, 9)
                .nextStep()
                .run("m2", "a", 9, 0)
                .progression();
        Rule.Limit three =
                new Rule.Limit(RULE, Rule.Kind.SECONDS, Rule.Bound.AT_MOST, 3, Optional.of("z1"), Optional.empty());
        double stays = Drills.run(drill, AgeBand.ADULT)
                .timeline()
                .step(drill.steps().get(0).id())
                .end();
        assertEquals(
                stays > 2 ? 1 : 0,
                found(run(drill, three.withNumber(2)), "limit-seconds").size());
        assertEquals(0, found(run(drill, three.withNumber(20)), "limit-seconds").size());
        assertEquals(
                0,
                found(run(drill, three.withNumber(2).withSide(Optional.of(Side.DEFENCE))), "limit-seconds")
                        .size());
    }

    @Test
    void passesWithoutAWordAreAtLeastSoMany() {
        assertEquals(Rule.Bound.AT_LEAST, new Rule.Limit(RULE, Rule.Kind.PASSES, 3, Optional.empty()).bound());
        assertEquals(Rule.Bound.AT_MOST, new Rule.Limit(RULE, Rule.Kind.TOUCHES, 3, Optional.empty()).bound());
    }
}
