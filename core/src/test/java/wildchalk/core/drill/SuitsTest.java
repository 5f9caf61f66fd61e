package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.check.Checks;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.FindingWriter;

class SuitsTest {

    private static final AgeBand[] ALL = AgeBand.values();

    /** All 128 sets of the seven bands. */
    static Stream<Set<AgeBand>> everySet() {
        return IntStream.range(0, 1 << ALL.length).mapToObj(bits -> {
            Set<AgeBand> set = EnumSet.noneOf(AgeBand.class);
            for (AgeBand band : ALL) {
                if ((bits >> band.ordinal() & 1) == 1) {
                    set.add(band);
                }
            }
            return set;
        });
    }

    @ParameterizedTest
    @MethodSource("everySet")
    void theWordsNameTheSameBandsHoweverTheyAreOrdered(Set<AgeBand> bands) {
        List<AgeBand> backwards = new ArrayList<>(bands);
        Collections.reverse(backwards);
        String words = new Suits(backwards, "").agesInWords();
        assertEquals(bands, read(words));
        assertEquals(words, new Suits(List.copyOf(bands), "").agesInWords());
        assertTrue(words.split(", ").length <= 5, "three neighbours are drawn together: " + words);
    }

    /** Reads "U10–U14, Adult" back. */
    private static Set<AgeBand> read(String words) {
        Set<AgeBand> set = EnumSet.noneOf(AgeBand.class);
        for (String part : words.isEmpty() ? new String[0] : words.split(", ")) {
            String[] ends = part.split("–");
            set.addAll(EnumSet.range(band(ends[0]), band(ends[ends.length - 1])));
        }
        return set;
    }

    private static AgeBand band(String label) {
        return Stream.of(ALL).filter(a -> a.label().equals(label)).findFirst().orElseThrow();
    }

    @Test
    void agesAndWordsStandBesideEachOther() {
        assertEquals(
                "U10–U14 · once they catch on the run",
                new Suits(List.of(AgeBand.U14, AgeBand.U12, AgeBand.U10), "once they catch on the run").inWords());
        assertEquals("beginners", new Suits(List.of(), "beginners").inWords());
        assertEquals("U8, U10", new Suits(List.of(AgeBand.U8, AgeBand.U10), "").inWords());
        assertEquals("", Suits.EVERYBODY.inWords());
    }

    @ParameterizedTest
    @MethodSource("everySet")
    void aVersionIsNotedJustWhenItsTimesAreForAnAgeThatItIsNotFor(Set<AgeBand> bands) {
        Progression any = RandomDrills.sensible(3, 4, 2, 6);
        Progression version = any.withCourse(any.course().withSuits(new Suits(List.copyOf(bands), "")));
        for (AgeBand pace : ALL) {
            RunThrough run = Drills.run(version, pace);
            List<Finding> found = Checks.of(run).stream()
                    .filter(f -> f.rule().equals("other-age"))
                    .toList();
            assertEquals(!bands.isEmpty() && !bands.contains(pace), !found.isEmpty());
            for (Finding f : found) {
                assertEquals(Severity.NOTE, f.severity());
                FindingWriter writer = new FindingWriter(run, LengthUnit.METRES);
                assertTrue(writer.message(f).contains(pace.label()), writer.message(f));
                assertFalse(writer.remedy(f).isBlank());
            }
        }
    }
}
