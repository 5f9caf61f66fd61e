package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;

/** What changes from one version to the next, in words. */
class ChangeWordsTest {

    private static final Drill DRILL = Demo.read("crossing-backs");

    static Stream<Drill> ladders() {
        return Demo.ids().stream().map(Demo::read).filter(d -> d.progressions().size() > 1);
    }

    private static List<String> changes(Progression after) {
        return ChangeWriter.between(DRILL, DRILL.base(), after, LengthUnit.METRES);
    }

    private static String one(Progression after) {
        List<String> lines = changes(after);
        assertEquals(1, lines.size(), lines.toString());
        return lines.get(0);
    }

    private static String said(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }

    @Test
    void whatIsTheSameNeedsNoWords() {
        assertEquals(List.of(), changes(DRILL.base()));
    }

    @Test
    void gearIsCountedByItsKind() {
        Progression p = DRILL.base();
        for (int i = 0; i < 3; i++) {
            p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.BLUE, new Point(1 + i, 1), 0));
        }
        String line = one(p);
        assertTrue(line.contains("3"), line);
        Progression back = DRILL.base();
        assertEquals(
                1,
                ChangeWriter.between(DRILL, p, back, LengthUnit.METRES).stream()
                        .filter(l -> l.contains("3"))
                        .count());
    }

    @Test
    void whoStartsElsewhereIsSaidWithThePlace() {
        Role role = DRILL.base().roles().stream()
                .filter(r -> r.at().isPresent())
                .findFirst()
                .orElseThrow();
        Point at = role.at().orElseThrow();
        Progression moved = DRILL.base().with(role.withAt(new Point(at.x() + 3, at.y() - 4)));
        String line = changes(moved).get(0);
        String place =
                new Places(moved, DRILL.surface(), LengthUnit.METRES).pacedGear(new Point(at.x() + 3, at.y() - 4));
        assertEquals(role.label() + " starts " + place + ".", line);
    }

    @Test
    void aNewPlayerIsAddedAndTakenAway() {
        Progression p = DRILL.base();
        Progression more =
                p.with(new Role(p.next(Kinds.ROLES), "N9", Side.DEFENCE, Optional.of(new Point(3, 3)), 0, 1));
        String who = said("change.role", "N9", said("side.DEFENCE"));
        assertEquals(said("change.joins", who), one(more));
        assertEquals(List.of(said("change.takes", who)), ChangeWriter.between(DRILL, more, p, LengthUnit.METRES));
    }

    @Test
    void movesAreToldInTheirStepAsNewOtherOrGone() {
        Progression p = DRILL.base();
        Step first = p.steps().get(0);
        Travel run = (Travel) first.moves().stream()
                .filter(m -> m instanceof Travel)
                .findFirst()
                .orElseThrow();
        Effort other = run.effort() == Effort.EASY ? Effort.HARD : Effort.EASY;
        String line = one(p.withMove(run.withEffort(other)));
        assertTrue(line.contains(other == Effort.EASY ? "jogs" : "runs"), line);
        assertTrue(line.contains(" " + said("change.now") + " "), line);
        Move last = p.moves().get(p.moves().size() - 1);
        String who = p.role(last.role()).orElseThrow().label() + " ";
        Progression without = Removals.move(p, last.id());
        assertTrue(
                changes(without).stream().anyMatch(l -> l.contains(who + said("change.no-longer") + " ")),
                changes(without).toString());
        List<String> again = ChangeWriter.between(DRILL, without, p, LengthUnit.METRES);
        assertTrue(again.stream().anyMatch(l -> l.contains(who + said("change.also") + " ")), again.toString());
    }

    @Test
    void aRuleIsSaidAsItIsAndThatItIsNoLonger() {
        Rule rule = new Rule.Limit(new RuleId("r1"), Rule.Kind.PASSES, 3, Optional.empty());
        Progression ruled = DRILL.base().withCourse(DRILL.base().course().with(rule));
        String words = new CourseWords(ruled, DRILL.surface()).rule(rule);
        assertEquals(words, one(ruled));
        assertEquals(
                List.of(said("change.rule-gone", words)),
                ChangeWriter.between(DRILL, ruled, DRILL.base(), LengthUnit.METRES));
    }

    @Test
    void aPointIsSaidAndWhoPlaysComesFirst() {
        Progression p = DRILL.base();
        Step step = p.steps().get(0);
        Progression pointed = p.with(new Step(step.id(), step.moves(), List.of("Look up twice")));
        assertEquals("Point: Look up twice.", one(pointed));
        Role role = p.roles().get(0);
        Progression both = pointed.with(role.withTask("plays live"));
        assertEquals(List.of(role.label() + " plays live now.", "Point: Look up twice."), changes(both));
    }

    @ParameterizedTest
    @MethodSource("ladders")
    void everyVersionOfTheDemoSaysWhatItChanges(Drill drill) {
        for (Progression version : drill.progressions()) {
            if (version.basedOn().isPresent()) {
                Progression base = drill.progression(version.basedOn().get()).orElseThrow();
                List<String> there = ChangeWriter.between(drill, base, version, LengthUnit.METRES);
                List<String> back = ChangeWriter.between(drill, version, base, LengthUnit.METRES);
                assertFalse(there.isEmpty() || back.isEmpty(), version.title());
                for (String line : there) {
                    assertTrue(line.endsWith(".") && !line.contains("{") && !line.contains("["), line);
                }
                assertEquals(there.stream().distinct().toList(), there, "nothing is said twice");
            }
        }
    }
}
