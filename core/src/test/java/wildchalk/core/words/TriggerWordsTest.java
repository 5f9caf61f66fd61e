package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Trigger;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** Every moment that a move can wait for reads as a coach would say it. */
class TriggerWordsTest {

    private static final MoveId RUN = new MoveId("m1");
    private static final MoveId PASS = new MoveId("m2");
    private static final MoveId WAIT = new MoveId("m3");

    static Stream<Arguments> triggers() {
        return Stream.of(
                Arguments.of(Trigger.onWhistle(0), "C runs %s on the whistle."),
                Arguments.of(Trigger.onWhistle(2.5), "C runs %s 2.5 seconds after the whistle."),
                Arguments.of(Trigger.withStartOf(RUN, 0), "C runs %s as B sets off."),
                Arguments.of(Trigger.withStartOf(RUN, 0.6), "C runs %s just after B sets off."),
                Arguments.of(Trigger.afterEndOf(RUN, 0), "C runs %s when B arrives."),
                Arguments.of(Trigger.afterEndOf(RUN, 1), "C runs %s just after B arrives."),
                Arguments.of(Trigger.withStartOf(PASS, 0), "C runs %s as A passes."),
                Arguments.of(Trigger.afterEndOf(PASS, 0), "C runs %s when the pass of A arrives."),
                Arguments.of(Trigger.whenCaught(PASS, 0), "C runs %s when B catches."),
                Arguments.of(Trigger.whenCaught(PASS, 0.25), "C runs %s when B catches."),
                Arguments.of(Trigger.afterEndOf(WAIT, 0), "C runs %s when D has waited."));
    }

    private static Progression drill(Optional<Trigger> trigger) {
        Drills drill = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 8)
                .role("c", Side.ATTACK, 0, -8)
                .role("d", Side.COACH, -5, 0)
                .ballWith("a")
                .run("m1", "b", 6, 8)
                .pass("m2", "a", "b")
                .move(Act.waiting(WAIT, new RoleId("d"), Optional.empty(), false, 1));
        return trigger.map(t -> drill.run("m4", "c", t, 13, 0))
                .orElseGet(() -> drill.run("m4", "c", 13, 0))
                .progression();
    }

    private static TalkThrough talk(Progression p) {
        Drill drill = Drill.blank("T", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(p);
        return Words.of(drill, Path.usual(p), Timeline.of(drill, Path.usual(p)));
    }

    @ParameterizedTest
    @MethodSource("triggers")
    void aTriggerReadsAsASentence(Trigger trigger, String expected) {
        String text = talk(drill(Optional.of(trigger)))
                .sentence(new MoveId("m4"))
                .orElseThrow()
                .text();
        assertEquals(expected.formatted("to the 7 m mark"), text);
    }

    @Test
    void withoutOneNothingIsSaidButItCanBeChosen() {
        TalkThrough talk = talk(drill(Optional.empty()));
        Sentence sentence = talk.sentence(new MoveId("m4")).orElseThrow();
        assertEquals("C runs to the 7 m mark.", sentence.text());
        Phrase.Slot slot = sentence.phrases().stream()
                .filter(p -> p instanceof Phrase.Slot s && s.what() == SlotKind.WHEN)
                .map(p -> (Phrase.Slot) p)
                .findFirst()
                .orElseThrow();
        List<String> labels = slot.choices().stream().map(Phrase.Choice::label).toList();
        for (String wanted :
                List.of("with the step", "on the whistle", "as B sets off", "when B catches", "when D has waited")) {
            assertTrue(labels.contains(wanted), labels.toString());
        }
    }

    @Test
    void whoCatchesReadsOnTheCatch() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 8)
                .ballWith("a")
                .pass("m1", "a", "b")
                .shot("m2", "b", Optional.of(Trigger.whenCaught(new MoveId("m1"), 0)))
                .progression();
        assertEquals(
                "B shoots down the middle on the catch.",
                talk(p).sentence(new MoveId("m2")).orElseThrow().text());
    }

    private static Phrase.Slot slot(Sentence sentence, SlotKind kind) {
        return sentence.phrases().stream()
                .filter(p -> p instanceof Phrase.Slot s && s.what() == kind)
                .map(p -> (Phrase.Slot) p)
                .findFirst()
                .orElseThrow();
    }

    /** Everything that a run can be told to go on until reads as it was offered, compiles, and can be taken back. */
    @Test
    void whatARunGoesOnUntilCanBeSaid() {
        Progression drill = drill(Optional.empty());
        MoveId run = new MoveId("m4");
        Phrase.Slot way = slot(talk(drill).sentence(run).orElseThrow(), SlotKind.VIA);
        List<Phrase.Choice> offers = way.choices().stream()
                .filter(c -> c.group().equals("until something happens"))
                .toList();
        assertTrue(offers.stream().anyMatch(c -> c.label().equals("until A passes")), offers.toString());
        for (Phrase.Choice offer : offers) {
            Progression told =
                    drill.withMove(offer.change().apply(drill.move(run).orElseThrow()));
            Sentence sentence = talk(told).sentence(run).orElseThrow();
            assertTrue(sentence.text().contains(" " + offer.label()), sentence.text() + " for " + offer.label());
            Phrase.Slot until = slot(sentence, SlotKind.UNTIL);
            assertEquals(offer.label(), until.text());
            Phrase.Choice none = until.choices().get(0);
            assertEquals("to the end of the path", none.label());
            assertEquals(drill, told.withMove(none.change().apply(told.move(run).orElseThrow())));
        }
    }
}
