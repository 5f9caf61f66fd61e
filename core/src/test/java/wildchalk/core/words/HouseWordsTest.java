package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.HouseFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;

/** A club's own words are said wherever the tool would say its own. */
class HouseWordsTest {

    private static final HouseWords KITCHEN =
            new HouseWords(Map.of("the slot", "the kitchen", "slot", "pantry", "sprints", "flies", "cone", "beacon"));

    static Stream<Drill> drills() {
        return Demo.everything();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A skates to the slot. | A skates to the kitchen.",
                "The slot is empty. | The kitchen is empty.",
                "A sprints to the left slot. | A flies to the left pantry.",
                "Two cones. | Two cones.",
                "Round the cone, then the cone. | Round the beacon, then the beacon.",
                "Nothing of it. | Nothing of it."
            })
    void wholeWordsArePutInTheLongestFirst(String tool, String club) {
        assertEquals(club, KITCHEN.said(tool));
    }

    @Test
    void whatIsPutInIsNotLookedAtAgain() {
        HouseWords swapped = new HouseWords(Map.of("left", "right", "right", "left"));
        assertEquals("Up the right, back down the left.", swapped.said("Up the left, back down the right."));
    }

    @Test
    void whatIsTypedInOwnWordsIsUnderstood() {
        HouseWords one = new HouseWords(Map.of("the slot", "the kitchen"));
        assertEquals("A runs to the slot", one.understood("A runs to the kitchen"));
    }

    @ParameterizedTest
    @MethodSource("drills")
    void theyAreUsedEverywhere(Drill drill) {
        TalkThrough talk = Words.of(RunThrough.of(drill, drill.base()), LengthUnit.METRES);
        HouseWords house = new HouseWords(Map.of("runs", "scampers", "cone", "beacon", "passes", "feeds"));
        TalkThrough ours = house.of(talk);
        String all = String.join(" ", ours.setUp())
                + ours.gear()
                + ours.steps().stream()
                        .flatMap(s -> Stream.concat(
                                s.lines().stream().map(Line::text),
                                s.sentences().stream().map(Sentence::text)))
                        .toList();
        assertFalse(all.matches("(?s).*\\b(runs|cone|passes)\\b.*"), all);
        assertEquals(
                talk.steps().stream().mapToInt(s -> s.sentences().size()).sum(),
                ours.steps().stream().mapToInt(s -> s.sentences().size()).sum());
        assertEquals(house.all(talk.setUp()), ours.setUp());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"the slot | Line 1", "' = the kitchen' | Line 1", "'a = b\nthe slot =' | Line 2"})
    void aLineThatCannotBeUsedIsNamed(String text, String line) {
        IllegalArgumentException e = assertThrows(IllegalArgumentException.class, () -> HouseWords.parse(text));
        assertTrue(e.getMessage().startsWith(line), e.getMessage());
    }

    @Test
    void aBinderKeepsThem(@TempDir Path folder) throws IOException {
        Binder binder = new Binder(folder);
        assertEquals(HouseWords.NONE, HouseFile.read(binder));
        String typed = "# ours\n\nthe slot = the kitchen\n  slot=pantry\nsprints = flies\ncone = beacon\n";
        assertEquals(KITCHEN, HouseFile.write(binder, typed));
        assertEquals(KITCHEN, HouseFile.read(binder));
        assertEquals(typed, HouseFile.text(binder), "notes stay");
        Files.writeString(HouseFile.of(binder), "the slot\n");
        IOException e = assertThrows(IOException.class, () -> HouseFile.read(binder));
        assertTrue(e.getMessage().contains("house-words.txt") && e.getMessage().contains("Line 1"), e.getMessage());
        assertEquals("the slot\n", HouseFile.text(binder), "it is there to be mended");
        assertThrows(IllegalArgumentException.class, () -> HouseFile.write(binder, "the net\n"));
        assertEquals("the slot\n", HouseFile.text(binder), "and not written over by what cannot be used");
    }
}
