package wildchalk.desktop.strip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class BarTextTest {

    /** A narrow i, a wide m, and all else 7 pixels. */
    private static double width(String text) {
        return text.codePoints()
                .mapToDouble(c -> c == 'i' ? 3 : c == 'm' ? 12 : 7)
                .sum();
    }

    private final BarText texts = new BarText(BarTextTest::width);

    @RepeatedTest(200)
    void whatIsWrittenFitsAndNoLongerTextWould(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        StringBuilder b = new StringBuilder();
        for (int i = random.nextInt(24); i >= 0; i--) {
            b.appendCodePoint("imxäé𝄞".codePoints().toArray()[random.nextInt(6)]);
        }
        String text = b.toString();
        double room = random.nextDouble() * 160;
        String written = texts.fitting(text, room);
        assertEquals(best(text, room), written);
        assertTrue(written.isEmpty() || width(written) <= room);
    }

    /** Tries every length. */
    private static String best(String text, double room) {
        if (width(text) <= room) {
            return text;
        }
        int letters = text.codePointCount(0, text.length());
        for (int n = letters - 1; n > 0; n--) {
            String cut = text.substring(0, text.offsetByCodePoints(0, n)) + "…";
            if (width(cut) <= room) {
                return cut;
            }
        }
        return "";
    }

    @Test
    void noBlankStandsBeforeTheDots() {
        assertEquals("run…", texts.fitting("run hard", 35));
    }
}
