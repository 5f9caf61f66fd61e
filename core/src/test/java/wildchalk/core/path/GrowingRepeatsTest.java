package wildchalk.core.path;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.telling.Repeating;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Line;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** Repeats along a row, and repeats that are not the same each time. */
class GrowingRepeatsTest {

    private static final StepId S1 = new StepId("s1");

    private static Progression cones(Progression p, int count) {
        Progression all = p;
        for (int i = 0; i < count; i++) {
            all = all.with(
                    new Gear(new GearId("c" + i), GearKind.CONE, Chalk.values()[0], new Point(-8 + 3 * i, 4), 0));
        }
        return all;
    }

    private static Progression again(Progression p, Repeat repeat) {
        return p.withCourse(p.course().with(repeat));
    }

    private static List<String> lines(Progression version) {
        Drill drill = Drills.drill(version, AgeBand.ADULT);
        RunThrough run = RunThrough.of(drill, Path.usual(version));
        TalkThrough talk = Words.of(run, LengthUnit.METRES);
        return talk.steps().stream()
                .flatMap(s -> s.lines().stream())
                .map(Line::text)
                .toList();
    }

    /** Whatever was drawn at the first cone of a row is done at each of them, however long the row is. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 8})
    void whatIsDoneAtOneConeIsDoneAtEachOfTheRow(int count) {
        Progression plain = cones(
                Drills.blank()
                        .role("a", Side.ATTACK, -8, 0)
                        .run("m1", "a", -8, 3.6)
                        .progression(),
                count);
        Repeat repeat = Repeating.of(plain, Drills.HANDBALL, S1, S1, Repeat.How.ALONG, 2);
        assertEquals(count, repeat.times());
        assertEquals(new Point(3, 0), repeat.about());
        Path path = Path.usual(again(plain, repeat));
        for (int i = 0; i < count; i++) {
            Travel t = (Travel) path.moves().get(i);
            assertTrue(t.path().get(0).at().isWithin(1e-9, new Point(-8 + 3 * i, 3.6)));
        }
        String said = lines(again(plain, repeat)).get(1);
        assertTrue(said.startsWith("The same at the next orange cone"), said);
        assertTrue(count == 2 || said.contains(count + " times in all"), said);
    }

    /** Where several stand in a row and one acts, each does it in his turn. */
    @Test
    void thoseWhoStandInARowDoItOneAfterTheOther() {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 0, -6)
                .role("b", Side.ATTACK, 0, -2)
                .role("c", Side.ATTACK, 0, 2)
                .role("d", Side.DEFENCE, 0, 6)
                .run("m1", "a", 5, -6)
                .progression();
        Repeat repeat = Repeating.of(plain, Drills.HANDBALL, S1, S1, Repeat.How.ALONG, 2);
        assertEquals(3, repeat.times());
        Path path = Path.usual(again(plain, repeat));
        assertEquals(
                List.of("a", "b", "c"),
                path.moves().stream().map(m -> m.role().text()).toList());
        assertEquals(
                new Point(5, 2), ((Travel) path.moves().get(2)).path().get(0).at());
    }

    private static Progression withDefenders() {
        return Drills.blank()
                .role("a", Side.ATTACK, -10, 0)
                .role("d", Side.DEFENCE, 0, 4)
                .role("e", Side.DEFENCE, 0, -4)
                .run("m1", "a", 2, 0)
                .run("m2", "d", 4, 1)
                .run("m3", "e", 4, -1)
                .progression();
    }

    private static Repeat joining(int times, String... who) {
        Repeat plain = Repeating.of(withDefenders(), Drills.HANDBALL, S1, S1, Repeat.How.SAME, times);
        return plain.withGrowth(
                new Repeat.Growth(List.of(who).stream().map(RoleId::new).toList(), false));
    }

    /** One more each time: who joins does from then on what was drawn for him, and before that nothing. */
    @Test
    void oneMoreComesInEachTime() {
        Progression version = again(withDefenders(), joining(3, "d", "e"));
        Path path = Path.usual(version);
        assertEquals(
                List.of(List.of("a"), List.of("a", "d"), List.of("a", "d", "e")),
                path.steps().stream()
                        .map(s -> s.moves().stream().map(m -> m.role().text()).toList())
                        .toList());
        Move joins = path.steps().get(1).moves().get(1);
        assertEquals(new MoveId("m2"), path.told(joins.id()));
        assertTrue(path.isNewAgain(joins));
        assertTrue(!path.isNewAgain(path.steps().get(2).moves().get(1)));
        List<String> said = lines(version);
        assertTrue(said.contains("The second time D joins in."), said.toString());
        assertTrue(said.contains("The third time E joins in."), said.toString());
        assertEquals(1, said.stream().filter(l -> l.startsWith("D runs")).count(), said.toString());
        assertEquals(1, said.stream().filter(l -> l.startsWith("E runs")).count(), said.toString());
    }

    /** Nothing of the first time waits for somebody who comes in later, and who leaves the drill leaves the repeat. */
    @Test
    void nothingWaitsForWhoIsNotThereYet() {
        Progression plain = withDefenders();
        Move after = plain.move(new MoveId("m1"))
                .orElseThrow()
                .withTrigger(Optional.of(Trigger.afterEndOf(new MoveId("m2"), 0)));
        Progression version = again(plain.withMove(after), joining(2, "d"));
        Path path = Path.usual(version);
        assertEquals(Optional.empty(), path.move(new MoveId("m1")).orElseThrow().trigger());
        assertTrue(path.steps().get(1).moves().get(0).trigger().isPresent());
        assertEquals(
                path.steps(),
                Path.usual(Path.writtenOut(
                                version, version.course().repeats().get(0).id()))
                        .steps());
    }

    /** A limit of two touches is one of one touch the second time, and never none. */
    @Test
    void aTouchFewerEachTimeIsHeldAgainstTheTouchesOfThatTime() {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, -10, 0)
                .role("b", Side.ATTACK, -4, 0)
                .ballWith("a")
                .pass("m1", "a", "b")
                .pass("m2", "b", "a")
                .progression();
        Progression limited = plain.withCourse(
                plain.course().with(new Rule.Limit(new RuleId("l1"), Rule.Kind.TOUCHES, 2, Optional.empty())));
        Repeat repeat = Repeating.of(limited, Drills.HANDBALL, S1, S1, Repeat.How.SAME, 4);
        Progression same = again(limited, repeat);
        Progression fewer = again(limited, repeat.withGrowth(Repeat.Growth.NONE.withTouchFewer(true)));
        assertEquals(0, touches(same));
        assertEquals(1, touches(fewer));
        assertTrue(lines(fewer).stream().anyMatch(l -> l.endsWith("Each time everybody has one touch fewer.")));
    }

    private static long touches(Progression version) {
        return Checks.of(Drills.run(version, AgeBand.ADULT)).stream()
                .filter(f -> f.rule().equals("limit-touches"))
                .count();
    }
}
