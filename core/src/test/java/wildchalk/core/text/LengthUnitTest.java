package wildchalk.core.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths as they are typed and read. */
class LengthUnitTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "10 yd | 9.144",
                "10yards | 9.144",
                "3.5 | 3.5",
                "3,5 m | 3.5",
                "5 ft 6 in | 1.6764",
                "5' 6\" | 1.6764",
                "1 m 20 cm | 1.2",
                "85 ft | 25.908",
                ".5 m | 0.5",
                "2 Meters | 2",
                "0 | 0"
            })
    void freelyTypedLengthsAreUnderstood(String typed, double metres) {
        assertEquals(metres, LengthUnit.METRES.parse(typed).orElseThrow(), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "ten", "10 furlongs", "-3", "3 m m", "4 4x", "m"})
    void othersAreNot(String typed) {
        assertTrue(LengthUnit.METRES.parse(typed).isEmpty(), typed);
    }

    @Test
    void aNumberAloneIsInTheReadersUnit() {
        assertEquals(3.048, LengthUnit.FEET.parse("10").orElseThrow(), 1e-9);
        assertEquals(9.144, LengthUnit.YARDS.parse("10").orElseThrow(), 1e-9);
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void whatIsWrittenExactlyIsReadAsTheSame(LengthUnit unit) {
        for (double metres = 0; metres < 70; metres += 0.37) {
            double again = unit.parse(unit.exact(metres)).orElseThrow();
            assertEquals(metres, again, 0.005 * unit.metres() + 1e-9, unit.exact(metres));
        }
    }
}
