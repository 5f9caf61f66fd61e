package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.motion.Drills;
import wildchalk.core.text.LengthUnit;

/** How the sentences of a step are put together when it is read to the players. */
class ReadOutTest {

    private static List<String> lines(Progression version) {
        return Words.of(Drills.run(version, AgeBand.U16), LengthUnit.METRES).steps().stream()
                .flatMap(s -> s.lines().stream())
                .map(Line::text)
                .toList();
    }

    private static Drills two() {
        return Drills.blank().role("a", Side.ATTACK, 0, 4).role("b", Side.ATTACK, 0, -4);
    }

    @Test
    void whoGoToEachOthersPlaceSwap() {
        assertEquals(
                List.of("A and B swap places."),
                lines(two().run("m1", "a", 0, -4).run("m2", "b", 0, 4).progression()));
    }

    @Test
    void whoDoTheSameAreToldOnceAndWhoGoElsewhereInTheSameSentence() {
        assertEquals(
                List.of("A and B run to the 7 m mark."),
                lines(two().run("m1", "a", 13, 0).run("m2", "b", 13, 0).progression()));
        assertEquals(
                List.of("A runs to the 7 m mark and B to the centre."),
                lines(two().run("m1", "a", 13, 0).run("m2", "b", 0, 0).progression()));
    }

    @Test
    void whatOneDoesInOneGoIsOneSentence() {
        Trigger asHePasses = Trigger.withStartOf(new MoveId("m1"), 0);
        assertEquals(
                List.of("A passes to B and runs to the 7 m mark."),
                lines(two().ballWith("a")
                        .pass("m1", "a", "b")
                        .run("m2", "a", asHePasses, 13, 0)
                        .progression()));
        assertEquals(
                List.of("A dribbles to the 7 m mark and passes to B on the way."),
                lines(two().ballWith("a")
                        .run("m1", "a", 13, 0)
                        .pass("m2", "a", Trigger.withStartOf(new MoveId("m1"), 0.5), "b")
                        .progression()));
        assertEquals(
                List.of("A dribbles to the 7 m mark, then passes to B."),
                lines(two().ballWith("a")
                        .run("m1", "a", 13, 0)
                        .pass("m2", "a", Trigger.afterEndOf(new MoveId("m1"), 0), "b")
                        .progression()));
    }

    @Test
    void whatStartsSomebodyComesFirstAndTheSameIsNotSaidTwice() {
        Trigger asAPasses = Trigger.withStartOf(new MoveId("m1"), 0);
        List<String> said = lines(two().role("c", Side.ATTACK, -8, 0)
                .role("d", Side.DEFENCE, 8, 6)
                .ballWith("a")
                .pass("m1", "a", Trigger.onWhistle(0), "b")
                .run("m2", "c", asAPasses, 0, 0)
                .run("m3", "d", asAPasses, 12, -8)
                .progression());
        assertEquals("On the whistle A passes to B.", said.get(0));
        assertEquals("As A passes, C runs to the centre.", said.get(1));
        assertTrue(said.get(2).startsWith("At the same time D runs "), said.toString());
    }
}
