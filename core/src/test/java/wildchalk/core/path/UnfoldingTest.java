package wildchalk.core.path;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.telling.Repeating;

/** What is done again against the same drill written out by hand, before and after it is changed. */
class UnfoldingTest {

    private static final StepId S1 = new StepId("s1");
    private static final StepId S2 = new StepId("s2");

    /** Two wings who do alike on the two sides: the left one is drawn. */
    private static Drills sides() {
        return Drills.blank()
                .role("l", Side.ATTACK, 0, 8)
                .role("r", Side.ATTACK, 0, -8)
                .role("c", Side.ATTACK, -4, 0)
                .ballWith("c")
                .run("m1", "l", 9, 6)
                .pass("m2", "c", Trigger.withStartOf(new MoveId("m1"), 0.5), "l")
                .nextStep()
                .run("m3", "c", -2, 1)
                .pass("m4", "l", "c");
    }

    private static Progression again(Progression p, Repeat repeat) {
        return p.withCourse(p.course().with(repeat));
    }

    private static Timeline timeline(Progression p) {
        return Timeline.of(Path.usual(p), Drills.HANDBALL, Pace.of(AgeBand.ADULT, Drills.HANDBALL));
    }

    /** The other side, as somebody would write it out. */
    private static Progression writtenOut(Progression p, double goesTo) {
        List<Step> steps = new ArrayList<>(p.steps());
        RoleId r = new RoleId("r");
        RoleId c = new RoleId("c");
        steps.add(new Step(
                new StepId("s3"),
                List.of(
                        run("n1", r, Optional.empty(), 9, -goesTo),
                        new Pass(
                                new MoveId("n2"),
                                c,
                                Optional.of(Trigger.withStartOf(new MoveId("n1"), 0.5)),
                                false,
                                new Target.ToRole(r),
                                PassKind.AIR,
                                Weight.FIRM)),
                List.of()));
        steps.add(new Step(
                new StepId("s4"),
                List.of(
                        run("n3", c, Optional.empty(), -2, -1),
                        new Pass(
                                new MoveId("n4"),
                                r,
                                Optional.empty(),
                                false,
                                new Target.ToRole(c),
                                PassKind.AIR,
                                Weight.FIRM)),
                List.of()));
        return p.withSteps(steps);
    }

    private static Move run(String id, RoleId role, Optional<Trigger> when, double x, double y) {
        return new Travel(
                new MoveId(id), role, when, false, Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(x, y)));
    }

    @Test
    void theOtherSideIsAsItWasWrittenOutAndStaysSoWhenItIsChanged() {
        Progression plain = sides().progression();
        Repeat repeat = Repeating.of(plain, Drills.HANDBALL, S1, S2, Repeat.How.OTHER_SIDE, 2);
        assertEquals(Map.of(new RoleId("l"), new RoleId("r"), new RoleId("r"), new RoleId("l")), repeat.instead());
        sameTimes(writtenOut(plain, 6), again(plain, repeat));
        // an edit of what was told shows on both sides
        Travel run = (Travel) plain.move(new MoveId("m1")).orElseThrow();
        Progression changed = plain.withMove(run.withEnd(new Point(9, 7.5)));
        sameTimes(writtenOut(changed, 7.5), again(changed, repeat));
    }

    private static void sameTimes(Progression written, Progression linked) {
        Timeline a = timeline(written);
        Timeline b = timeline(linked);
        assertEquals(a.moves().size(), b.moves().size());
        for (int i = 0; i < a.moves().size(); i++) {
            assertEquals(a.moves().get(i).start(), b.moves().get(i).start(), 1e-9);
            assertEquals(a.moves().get(i).end(), b.moves().get(i).end(), 1e-9);
            assertEquals(a.moves().get(i).metres(), b.moves().get(i).metres(), 1e-9);
        }
        for (double t = 0; t < a.seconds(); t += 0.1) {
            for (RoleId role : a.roles()) {
                assertTrue(a.placeAt(role, t).isWithin(1e-9, b.placeAt(role, t)), role + " at " + t);
            }
        }
    }

    /** Whatever way: each time everything lies where its map takes it, and nothing of the version is changed. */
    @ParameterizedTest
    @EnumSource(Repeat.How.class)
    void eachTimeLiesWhereItsMapTakesIt(Repeat.How how) {
        Progression plain = sides().progression();
        Repeat repeat = new Repeat(
                new RepeatId("x"),
                S1,
                S1,
                how,
                4,
                how == Repeat.How.TURNED ? Hand.RIGHT : Hand.NONE,
                new Point(1, 2),
                Map.of(),
                Map.of(),
                Optional.empty());
        Progression version = again(plain, repeat);
        Path path = Path.usual(version);
        assertEquals(plain.steps().size() + 3, path.steps().size());
        assertEquals(plain.steps(), path.version().steps());
        assertEquals(
                List.of(0, 1, 2, 3, 0),
                path.steps().stream()
                        .map(s -> path.again(s.id()).map(Path.Again::n).orElse(0))
                        .toList());
        for (int n = 1; n < 4; n++) {
            Travel copy = (Travel) path.steps().get(n).moves().get(0);
            Point there = repeat.map(n).apply(new Point(9, 6));
            assertTrue(copy.path().get(0).at().isWithin(1e-9, there), how + " " + n);
            assertEquals(new MoveId("m1"), path.told(copy.id()));
            Move pass = path.steps().get(n).moves().get(1);
            assertEquals(Optional.of(copy.id()), pass.trigger().flatMap(Trigger::move));
        }
        // a whole round is back where it began, and a row never
        assertTrue(how == Repeat.How.ALONG
                || repeat.map(how == Repeat.How.TURNED ? 4 : 2)
                        .apply(new Point(9, 6))
                        .isWithin(1e-9, new Point(9, 6)));
    }

    /** Four at the corners of a square go round, one after the other, each the way that was drawn for the first. */
    @Test
    void roundFourCornersEverybodyDoesOnceWhatWasDrawn() {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, -5, -5)
                .role("b", Side.ATTACK, 5, -5)
                .role("c", Side.ATTACK, 5, 5)
                .role("d", Side.ATTACK, -5, 5)
                .run("m1", "a", 4, -5)
                .progression();
        Repeat repeat = Repeating.of(plain, Drills.HANDBALL, S1, S1, Repeat.How.TURNED, 4);
        assertEquals(Point.ORIGIN, repeat.about());
        Path path = Path.usual(again(plain, repeat));
        assertEquals(
                List.of("a", "b", "c", "d"),
                path.moves().stream().map(m -> m.role().text()).toList());
        Timeline t = timeline(again(plain, repeat));
        assertEquals(List.of(), t.findings());
        double first = t.moves().get(0).metres();
        t.moves().forEach(m -> assertEquals(first, m.metres(), 1e-9));
        assertTrue(t.placeAt(new RoleId("d"), t.seconds()).isWithin(1e-6, new Point(-5, -4)));
    }

    /** Mirrored as a whole it is as if the mirrored drill were done again. */
    @Test
    void aMirroredDrillRepeatsMirrored() {
        for (Repeat.How how : Repeat.How.values()) {
            Progression plain = sides().progression();
            Progression version = again(plain, Repeating.of(plain, Drills.HANDBALL, S1, S2, how, 3));
            for (var symmetry : Symmetry.values()) {
                Path mirrored = Path.usual(Transforms.all(version, Drills.HANDBALL, symmetry));
                Path path = Path.usual(version);
                IntStream.range(0, path.moves().size())
                        .filter(i -> path.moves().get(i) instanceof Travel)
                        .forEach(i -> {
                            Point there =
                                    ((Travel) path.moves().get(i)).path().get(0).at();
                            Point here = ((Travel) mirrored.moves().get(i))
                                    .path()
                                    .get(0)
                                    .at();
                            assertTrue(here.isWithin(1e-9, symmetry.apply(there)), how + " " + symmetry);
                        });
            }
        }
    }

    /** Written out it takes the same time to the same places, and nothing is a link any more. */
    @ParameterizedTest
    @EnumSource(Repeat.How.class)
    void writtenOutItIsTheSame(Repeat.How how) {
        Progression plain = sides().progression();
        Progression version = again(plain, Repeating.of(plain, Drills.HANDBALL, S1, S2, how, 3));
        Progression written =
                Path.writtenOut(version, version.course().repeats().get(0).id());
        assertEquals(List.of(), written.course().repeats());
        assertEquals(6, written.steps().size());
        sameTimes(written, version);
    }

    @Test
    void whoIsTakenOutIsTakenOutOfItsRound() {
        Progression plain = sides().progression();
        Progression version = again(plain, Repeating.of(plain, Drills.HANDBALL, S1, S2, Repeat.How.OTHER_SIDE, 2));
        Progression without = Removals.role(version, new RoleId("r"));
        assertEquals(Map.of(), without.course().repeats().get(0).instead());
        // without its last step what is left is done again, without any nothing is
        Progression one = Removals.step(version, S2);
        assertEquals(S1, one.course().repeats().get(0).to());
        Progression none = Removals.step(
                one.withSteps(List.of(one.steps().get(0), new Step(new StepId("s9"), List.of(), List.of()))), S1);
        assertEquals(List.of(), none.course().repeats());
    }
}
