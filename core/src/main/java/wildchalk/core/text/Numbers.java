package wildchalk.core.text;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as a coach reads them: a point, no grouping, no needless zeros where asked for. */
public final class Numbers {

    private Numbers() {}

    /** Always so many decimals: {@code 3.0}. */
    public static String fixed(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** At most so many decimals: {@code 3}, {@code 2.5}. */
    public static String brief(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }

    /** {@code 8.3 m}. */
    public static String metres(double metres) {
        return Texts.CORE.get("unit.metres", fixed(metres, 1));
    }

    /** {@code 1.6 s}. */
    public static String seconds(double seconds) {
        return Texts.CORE.get("unit.seconds", fixed(seconds, 1));
    }
}
