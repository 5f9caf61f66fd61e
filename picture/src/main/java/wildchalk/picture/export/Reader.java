package wildchalk.picture.export;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.HouseWords;
import wildchalk.picture.style.StrokeCode;

/**
 * What somebody who reads a drill is used to.
 *
 * @param chosen what lengths are said in; empty for what the sport speaks
 * @param code what strokes mean
 * @param house the club's own words
 * @param figures the club's own figures of the second look
 */
public record Reader(Optional<LengthUnit> chosen, StrokeCode code, HouseWords house, OwnFigures figures) {

    public static final Reader USUAL = new Reader(Optional.empty(), StrokeCode.CHALK, HouseWords.NONE, OwnFigures.NONE);

    public Reader {
        Objects.requireNonNull(chosen, "chosen");
        Objects.requireNonNull(code, "code");
        Objects.requireNonNull(house, "house");
        Objects.requireNonNull(figures, "figures");
    }

    /** What lengths are said in where no sport is known that speaks otherwise. */
    public LengthUnit unit() {
        return chosen.orElse(LengthUnit.METRES);
    }

    /** The same with the unit of a sport where none was chosen. */
    public Reader forSport(String sport) {
        return chosen.isPresent() ? this : withUnit(Optional.of(LengthUnit.spokenIn(sport)));
    }

    public Reader withUnit(Optional<LengthUnit> other) {
        return new Reader(other, code, house, figures);
    }

    public Reader withCode(StrokeCode other) {
        return new Reader(chosen, other, house, figures);
    }

    public Reader withHouse(HouseWords words) {
        return new Reader(chosen, code, words, figures);
    }

    public Reader withFigures(OwnFigures own) {
        return new Reader(chosen, code, house, own);
    }
}
