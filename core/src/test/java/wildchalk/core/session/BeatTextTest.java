package wildchalk.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shifts as they are typed. */
class BeatTextTest {

    @ParameterizedTest
    @CsvSource({
        "45, 45, 45, 0",
        "20-40, 20, 40, 0",
        "45/15, 45, 45, 15",
        "'20 - 40 / 10 s', 20, 40, 10",
        "'7,5', 7.5, 7.5, 0"
    })
    void thereAndBack(String typed, double least, double most, double rest) {
        Optional<Beat> beat = BeatText.beat(typed);
        assertEquals(Optional.of(new Beat(least, most, rest)), beat);
        assertEquals(beat, BeatText.beat(BeatText.of(beat)));
    }

    @Test
    void nothingIsNoShift() {
        assertEquals(Optional.empty(), BeatText.beat(" "));
    }

    @ParameterizedTest
    @ValueSource(strings = {"soon", "40-20", "2", "45/-3", "9000"})
    void whatIsNoShiftIsRefused(String typed) {
        assertThrows(IllegalArgumentException.class, () -> BeatText.beat(typed));
    }
}
