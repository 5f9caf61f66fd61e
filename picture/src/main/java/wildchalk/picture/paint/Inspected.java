package wildchalk.picture.paint;

import java.util.Objects;
import wildchalk.core.inspect.Inspection;
import wildchalk.core.text.LengthUnit;

/**
 * What is looked at in a moment, for a reader.
 *
 * @param unit what its lengths are written in
 */
public record Inspected(Inspection what, LengthUnit unit) {

    public Inspected {
        Objects.requireNonNull(what, "what");
        Objects.requireNonNull(unit, "unit");
    }
}
