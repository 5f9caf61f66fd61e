package wildchalk.picture.export;

import java.util.Objects;
import wildchalk.core.text.LengthUnit;
import wildchalk.picture.style.StrokeCode;

/**
 * What somebody who reads a drill is used to.
 *
 * @param unit what lengths are said in
 * @param code what strokes mean
 */
public record Reader(LengthUnit unit, StrokeCode code) {

    public static final Reader USUAL = new Reader(LengthUnit.METRES, StrokeCode.CHALK);

    public Reader {
        Objects.requireNonNull(unit, "unit");
        Objects.requireNonNull(code, "code");
    }

    public Reader withUnit(LengthUnit other) {
        return new Reader(other, code);
    }

    public Reader withCode(StrokeCode other) {
        return new Reader(unit, other);
    }
}
