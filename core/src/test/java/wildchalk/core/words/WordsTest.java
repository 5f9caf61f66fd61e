package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;

/** The talk-through says what a coach would say. */
class WordsTest {

    static Stream<String> demos() {
        return Demo.files().stream().map(f -> f.getFileName().toString().replace(".drill.json", ""));
    }

    private static TalkThrough talk(Drill drill) {
        return Words.of(drill, Path.usual(drill.base()), Timeline.of(drill, Path.usual(drill.base())));
    }

    private static String sentence(String drill, String move) {
        return talk(Demo.read(drill)).sentence(new MoveId(move)).orElseThrow().text();
    }

    @Test
    void sentencesOfAHandballDrill() {
        String drill = "second-wave-from-the-left";
        assertEquals("LB runs 11 m up the left on the whistle.", sentence(drill, "m1"));
        assertEquals("GK throws it out hard to LB just after LB sets off.", sentence(drill, "m2"));
        assertEquals("LB then passes to CB.", sentence(drill, "m5"));
        assertEquals("RB shoots to the far side just after the catch.", sentence(drill, "m9"));
    }

    @Test
    void theWordsOfASportAreItsOwn() {
        assertTrue(sentence("second-wave-from-the-left", "m3").matches("LB dribbles 8 m towards .*"));
        assertTrue(sentence("breakwater-breakout", "m3").startsWith("D carries the puck past"));
        assertEquals("D then picks up the puck.", sentence("breakwater-breakout", "m2"));
    }

    @Test
    void theSetUpHasDistances() {
        List<String> setUp = talk(Demo.read("second-wave-from-the-left")).setUp();
        assertTrue(
                setUp.contains(
                        "Lines L and R: 4 players each, 2 m out from the left and the right wing at the near end;"
                                + " the first play LB and RB."),
                setUp.toString());
        assertTrue(setUp.contains("GK has the ball."));
        assertEquals(
                List.of("1 orange cone", "1 yellow cone", "1 ball"),
                talk(Demo.read("second-wave-from-the-left")).gear());
    }

    @Test
    void aRoleReadsWhatItDoesAndWhatComesToIt() {
        Drill drill = Demo.read("second-wave-from-the-left");
        List<String> part = Words.partOf(new RoleId("cb"), RunThrough.of(drill, drill.base()), talk(drill));
        assertEquals("You are CB.", part.get(0));
        assertTrue(
                part.stream()
                        .anyMatch(l -> l.matches("Step 2: As LB sets off, you run steadily .*\\. LB passes to you\\.")),
                part.toString());
        assertTrue(part.contains("Step 3: On the catch you pass to RB."), part.toString());
        assertFalse(part.stream().anyMatch(l -> l.contains("RB shoots")), part.toString());
    }

    @ParameterizedTest
    @MethodSource("demos")
    void everySentenceIsWholeAndEveryWordHasAText(String id) {
        TalkThrough talk = talk(Demo.read(id));
        for (StepWords step : talk.steps()) {
            for (Sentence s : step.sentences()) {
                assertTrue(s.text().matches("[A-Z0-9].*[A-Za-z0-9)]\\."), s.text());
                assertFalse(
                        s.text().contains("[")
                                || s.text().contains("{")
                                || s.text().contains("  "),
                        s.text());
                assertFalse(s.measure().contains("["), s.measure());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("demos")
    void everyChoiceOfASlotIsThereSaysWhatItDoesAndChangesTheSentence(String id) {
        Drill drill = Demo.read(id);
        for (StepWords step : talk(drill).steps()) {
            for (Sentence sentence : step.sentences()) {
                if (drill.base().move(sentence.move()).isEmpty()) {
                    continue; // done again: it is told otherwise where it was told
                }
                for (Phrase phrase : sentence.phrases()) {
                    if (phrase instanceof Phrase.Slot slot) {
                        checkChoices(drill, sentence, slot);
                    }
                }
            }
        }
    }

    private static void checkChoices(Drill drill, Sentence sentence, Phrase.Slot slot) {
        Progression base = drill.base();
        Move told = base.move(sentence.move()).orElseThrow();
        for (Phrase.Choice choice : slot.choices()) {
            assertFalse(choice.label().contains("["), choice.label());
            Progression changed = base.withMove(choice.change().apply(told));
            if (comesInLater(changed, sentence.move())) {
                continue; // told where he joins
            }
            Sentence after = Words.of(drill, Path.usual(changed), Timeline.of(drill, Path.usual(changed)))
                    .sentence(sentence.move())
                    .orElseThrow();
            boolean same = choice.change().apply(told).equals(told);
            // a delay that something else outlasts changes nothing that can be seen
            boolean outlasted = slot.what() == SlotKind.WHEN && start(drill, base, told) == start(drill, changed, told);
            if (!same && slot.what() != SlotKind.WHERE && !outlasted) {
                assertNotEquals(
                        sentence.text() + sentence.measure(),
                        after.text() + after.measure(),
                        slot.what() + " " + choice.label());
            }
        }
    }

    private static boolean comesInLater(Progression version, MoveId move) {
        return Path.usual(version).move(move).isEmpty();
    }

    private static double start(Drill drill, Progression version, Move move) {
        return Timeline.of(drill, Path.usual(version)).move(move.id()).start();
    }

    /** Where two have one label, it is said whose it is, each time, and to each that it is he. */
    @Test
    void whoHasTheSameLabelIsToldApart() {
        Drill drill = Demo.read("second-wave-from-the-left");
        Progression base = drill.base();
        Role d1 = base.roles().stream()
                .filter(r -> r.label().equals("D2"))
                .findFirst()
                .orElseThrow();
        Drill clash = drill.withProgression(base.with(d1.withLabel("CB").withTeam(Optional.of(Chalk.BLUE))));
        RunThrough run = RunThrough.of(clash, clash.base());
        TalkThrough talk = Words.of(run, LengthUnit.METRES);
        String all = talk.steps().stream()
                .flatMap(s -> s.lines().stream())
                .map(Line::text)
                .collect(Collectors.joining(" "));
        assertTrue(all.contains("CB in blue side-steps") && all.contains("passes to CB of the attack"), all);
        List<String> part = Words.partOf(d1.id(), run, talk);
        assertEquals("You are CB in blue.", part.get(0));
        assertTrue(
                part.stream().anyMatch(l -> l.contains("As CB of the attack passes, you side-step")), part.toString());
    }

    @Test
    void gearInARowIsSaidOnce() {
        Progression p = Drills.blank().progression();
        for (double x : new double[] {0, 2, 4, 6, 9}) {
            p = p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.YELLOW, new Point(x, 3), 0));
        }
        Drill drill = Drill.blank("Row", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(p);
        List<String> setUp = Words.of(drill, Path.usual(p), Timeline.of(drill, Path.usual(p)))
                .setUp();
        assertTrue(
                setUp.contains("4 yellow cones in a row, 2 m apart: the first 3 m to the left of the centre, "
                        + "the last 2.5 m out from the centre back position and 3 m to the left."),
                setUp.toString());
        assertTrue(setUp.contains("Yellow cone 3 m to the right of the left back position."), setUp.toString());
        assertEquals(2, setUp.size(), setUp.toString());
    }
}
