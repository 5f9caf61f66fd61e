package wildchalk.core.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;

class PrintableTest {

    @Test
    void whatCanBeShownIsTheVerySame() {
        String text = "Überlauf 3–2\nzweite Zeile\t\uD83C\uDFD0";
        assertSame(text, Printable.of(text));
    }

    @Test
    void whatWouldSteerATerminalOrBreakXmlIsReplaced() {
        assertEquals("a\uFFFD[2Jb", Printable.of("a\u001b[2Jb"));
        assertEquals("\uFFFD\uFFFD\uFFFD\uFFFD", Printable.of("\u0000\u009b\uD800\uFFFE"));
    }

    @Test
    void noneOfAnyTextIsLeftAndNothingElseIsChanged() {
        Random random = new Random(5);
        for (int i = 0; i < 2_000; i++) {
            String text = random.ints(20, 0, 0x10000)
                    .collect(
                            StringBuilder::new,
                            (b, c) -> b.append((char) (c % 3 == 0 ? c & 0xFF : c)),
                            StringBuilder::append)
                    .toString();
            String shown = Printable.of(text);
            assertTrue(Printable.isPrintable(shown));
            assertEquals(
                    text.codePointCount(0, text.length()), shown.codePointCount(0, shown.length()), "sign for sign");
        }
    }
}
