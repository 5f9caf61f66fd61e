package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TwinsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "at the left wing | at the right wing | at the left and the right wing",
                "3 m behind the box and 6 m to the right | 3 m behind the box and 6 m to the left"
                        + " | 3 m behind the box and 6 m to the right and to the left",
                "3 m past halfway, 8 m left of the middle | 3 m past halfway, 8 m right of the middle"
                        + " | 3 m past halfway, 8 m left and right of the middle",
                "at the left wing | at the left wing | -",
                "2 m behind the left wing | 3 m behind the right wing | -",
                "3 m out from the left dot and 2 m to the left | 3 m out from the right dot and 2 m to the right | -"
            })
    void twinsAreSaidOnce(String one, String other, String both) {
        assertEquals(both.equals("-") ? Optional.empty() : Optional.of(both), Twins.of(one, other));
    }
}
