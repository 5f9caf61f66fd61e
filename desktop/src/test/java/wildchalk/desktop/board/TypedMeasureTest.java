package wildchalk.desktop.board;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;

/** Lengths and angles typed while something is pulled. */
class TypedMeasureTest {

    private static final Point START = new Point(2, 1);
    private static final Point POINTER = new Point(6, 4); // 5 m away at 36.87°

    private static Optional<Point> typed(LengthUnit unit, String text) {
        TypedMeasure measure = new TypedMeasure(unit);
        for (char c : text.toCharArray()) {
            measure.type(String.valueOf(c));
        }
        return measure.end(START, POINTER);
    }

    @ParameterizedTest
    @CsvSource({
        "10, 10, 36.87",
        "10 yd, 9.144, 36.87",
        "5 ft 6 in, 1.6764, 36.87",
        "@90, 5, 90",
        "@-45, 5, -45",
        "3@180, 3, 180",
        "10 yd@45°, 9.144, 45"
    })
    void whatIsNotTypedStaysAsThePointerHasIt(String text, double metres, double degrees) {
        Point end = typed(LengthUnit.METRES, text).orElseThrow();
        assertEquals(metres, end.distanceTo(START), 0.001);
        assertEquals(0, Headings.between(degrees, end.minus(START).headingDegrees()), 0.05);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "@", "abc", "10 furlongs", "1000 yd"})
    void whatMakesNoMeasureIsNone(String text) {
        Optional<Point> end = typed(LengthUnit.METRES, text);
        // a lone @ is the beginning of an angle: the pointer still says all
        assertTrue(end.isEmpty() || text.equals("@"), text);
    }

    @Test
    void aNumberAloneIsInTheReadersUnit() {
        assertEquals(9.144, typed(LengthUnit.YARDS, "10").orElseThrow().distanceTo(START), 0.001);
    }

    @Test
    void lettersBeginNoMeasureSoThatKeysKeepTheirMeaning() {
        TypedMeasure measure = new TypedMeasure(LengthUnit.METRES);
        assertFalse(measure.type("b"));
        assertTrue(measure.type("1"));
        assertTrue(measure.type("y"), "a unit goes on");
        assertTrue(measure.type("\b"));
        assertTrue(measure.type("\b"));
        assertFalse(measure.type("\b"), "nothing is left to take back");
        assertTrue(measure.isEmpty());
    }
}
