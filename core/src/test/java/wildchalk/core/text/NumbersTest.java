package wildchalk.core.text;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumbersTest {

    @ParameterizedTest
    @CsvSource({"3, 1, 3.0", "2.25, 1, 2.3", "-0.04, 1, 0.0", "1234.5, 0, 1235", "0.05, 1, 0.1"})
    void fixed(double value, int decimals, String expected) {
        assertEquals(expected, Numbers.fixed(value, decimals));
    }

    @ParameterizedTest
    @CsvSource({"3, 1, 3", "2.50, 2, 2.5", "100, 0, 100", "0.001, 2, 0", "1200, 1, 1200"})
    void brief(double value, int decimals, String expected) {
        assertEquals(expected, Numbers.brief(value, decimals));
    }

    @ParameterizedTest
    @CsvSource({"0, a", "25, z", "26, aa", "27, ab", "701, zz", "702, aaa"})
    void lettersGoOn(int number, String expected) {
        assertEquals(expected, Letters.of(number));
    }

    @Test
    void aMissingTextShowsItsKey() {
        assertEquals("[no.such.key]", Texts.CORE.get("no.such.key"));
        assertEquals("8.3 m", Numbers.metres(8.26));
    }
}
